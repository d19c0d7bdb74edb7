package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[d+1..n] + D[1..d]}: the order is kept as a circle. */
final class CompleteCut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards cut off", "20-32")
            .between(always(1), sizeLess(pile, 1))
            .told("you cut off #"));

    CompleteCut() {
        super(
                "complete-cut",
                Family.CUTS,
                "Complete cut",
                Profile.open(1),
                new Words(
                        "Cut {pile} {at depth} and complete the cut.",
                        "The cut-off packet goes to the bottom. The order stays the same, taken as a circle.",
                        "Talk across the cut; it is nothing to look at.",
                        List.of("Square the deck as the packets meet.", "Same pace as a cut without a purpose.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.cut(values.of(pile), values.of(depth));
    }
}
