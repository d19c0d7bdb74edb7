package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Noticing;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.Setting;

/** What the claims about neighbours share. */
final class Neighbours {

    static final Option LINE = new Option("line", "");
    static final Option CIRCLE = new Option("circle", ", the pile taken as a circle");

    private Neighbours() {}

    /** Whether the pile is read from top to bottom only, or as a circle, as cuts leave it. */
    static OptionSetting deckSetting() {
        return Setting.option("deck", "The pile is read", LINE, CIRCLE);
    }

    /** The performer knows where both cards lie, or how they lie to each other. */
    static Check noticed(int role, int of) {
        Check places = Noticing.places(role, of);
        return hands -> places.holds(hands) || together(hands, role, of);
    }

    private static boolean together(Hands hands, int role, int of) {
        int card = hands.cardOf(role);
        return card >= 0 && hands.knownTogether(role, of, hands.placeOf(card));
    }
}
