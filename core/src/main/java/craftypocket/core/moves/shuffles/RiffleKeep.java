package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[1..t]} stays on top and {@code D[n−b+1..n]} at the bottom; what lies between is really riffled. */
final class RiffleKeep extends Move {

    private static final Option BENT = new Option("bent", "left bent, not squared");

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting top =
            has(Setting.amount("top", "Cards kept on top", "4").between(always(0), sizeLess(pile, 0)));
    private final AmountSetting bottom = has(Setting.amount("bottom", "Cards kept at the bottom", "0")
            .between(always(0), (hands, values) -> hands.size(values.of(pile)) - values.of(top)));
    private final AmountSetting cut = has(Setting.amount("cut", "Cut for the shuffle", "22-30")
            .between(
                    (hands, values) -> values.of(top),
                    (hands, values) -> hands.size(values.of(pile)) - values.of(bottom))
            .told("you cut off #"));
    private final ChanceSetting shuffle = has(Setting.chance());
    private final OptionSetting left =
            has(Setting.option("left", "Its halves", new Option("flat", "squared, no new bend"), BENT));

    RiffleKeep() {
        super(
                "riffle-keep",
                Family.SHUFFLES,
                "Riffle shuffle keeping top or bottom",
                Profile.secret(3, "").onTable(),
                new Words(
                        "Riffle {pile}, keeping {top} cards on top and {bottom} at the bottom.",
                        "The kept cards stay where they are, in order; the others fall into each other.",
                        "Look up while the last cards fall.",
                        List.of(
                                "The kept block falls last, without a louder sound.",
                                "Same shuffle as when nothing is kept.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int kept = values.of(top);
        int mixed = hands.size(place) - kept - values.of(bottom);
        hands.shuffles().riffleAt(place, kept, mixed, values.of(cut) - kept, hands.chance(values.of(shuffle)));
        if (values.of(left) == BENT) {
            hands.hold(place, Hold.Kind.BEND, hands.size(place));
        }
    }
}
