package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
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

/** {@code D[2..d]} goes to the other hand; the lower packet becomes {@code D[1] + D[d+1..n]}. */
final class SlipCut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Upper packet to", "other-hand"));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards cut off", "20-32")
            .between(always(2), sizeLess(pile, 1))
            .told("you cut off #"));

    SlipCut() {
        super(
                "slip-cut",
                Family.CUTS,
                "Slip cut",
                Profile.secret(2, "from the side of the fingers"),
                new Words(
                        "Slip cut {pile} {at depth}: all above but the top card goes to {to}.",
                        "The top card slips onto the lower packet as the upper one is carried off.",
                        "Look up as the packet leaves.",
                        List.of("The top card does not scrape.", "The packets part as in any cut.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.transfer(values.of(pile), 1, values.of(depth) - 1, values.of(to), 0);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the top card did not slip", (hands, values) -> {
            hands.transfer(values.of(pile), 0, values.of(depth), values.of(to), 0);
        }));
    }
}
