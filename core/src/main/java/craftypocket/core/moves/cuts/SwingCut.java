package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[1..d]} goes to the other hand, the lower packet stays. */
final class SwingCut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Upper packet to", "other-hand"));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards cut off", "20-32")
            .between(always(1), sizeLess(pile, 1))
            .told("you cut off #"));

    SwingCut() {
        super(
                "swing-cut",
                Family.CUTS,
                "Swing cut",
                Profile.open(1),
                new Words(
                        "Swing cut {pile} {at depth}: the upper packet goes to {to}.",
                        "The upper packet lies in the other hand, each packet in its order.",
                        "An easy gesture, while you speak.",
                        List.of("The first finger alone swings the packet.", "Both packets stay square.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.transfer(values.of(pile), 0, values.of(depth), values.of(to), 0);
    }
}
