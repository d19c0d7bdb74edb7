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

/** The cut-off packet is tabled and the rest set across it: {@code D[1..d]} below, {@code D[d+1..n]} across. */
final class Crosswise extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final PlaceSetting below = has(Setting.place("below", "Cut-off packet to", "table:below"));
    private final PlaceSetting across = has(Setting.place("across", "The rest to", "table:across"));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards they cut off", "any")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they cut off #"));

    Crosswise() {
        super(
                "crosswise",
                Family.CUTS,
                "Cut and mark crosswise",
                Profile.bySpectator().onTable(),
                new Words(
                        "They lift off the top of {pile} {at depth} to {below}; the rest is set across it as {across}.",
                        "Two piles. The card that seems cut to is the old top card, on the lower pile.",
                        "Talk for a while before anybody lifts the upper packet.",
                        List.of("Set it squarely across.", "Let time pass: what was cut is soon forgotten.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.apart(pile, below, values),
                Needs.apart(pile, across, values),
                Needs.apart(below, across, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int from = values.of(pile);
        hands.transfer(from, 0, values.of(depth), values.of(below), 0);
        hands.gather(from, values.of(across), 0);
    }
}
