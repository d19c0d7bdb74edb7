package craftypocket.core.moves.counts;

import craftypocket.core.claims.Check;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** What a count or a display promises: a claim that is made without asking, and can be put aside with a word. */
final class Promise {

    private static final Option KEPT = new Option("kept", "must be kept");
    private static final Option ASIDE = new Option("aside", "put aside");

    private Promise() {}

    static OptionSetting setting() {
        return Setting.option("promise", "What it promises", KEPT, ASIDE);
    }

    /** The promise, judged before the move by what the move will show; nothing when it is put aside. */
    static List<Expectation> unlessPutAside(OptionSetting promise, Values values, Check kept, String sentence) {
        return values.of(promise) == KEPT ? List.of(new Expectation(kept, sentence, true)) : List.of();
    }

    /** Whether these cards lie with backs up. */
    static boolean backsUp(Hands hands, int place, int first, int last) {
        for (int position = first; position <= last; position++) {
            if (!hands.showsBack(hands.card(place, position), hands.faceUp(place, position))) {
                return false;
            }
        }
        return true;
    }
}
