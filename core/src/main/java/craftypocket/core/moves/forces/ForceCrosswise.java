package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** They cut, the lower packet is set across, and after a while the card under it is taken for the one they cut to. */
final class ForceCrosswise extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "They cut", "deck"));
    private final PlaceSetting below = has(Setting.place("below", "Cut-off packet to", "table:below"));
    private final PlaceSetting across = has(Setting.place("across", "The rest across, as", "table:across"));
    private final AmountSetting at = has(Setting.amount("at", "Cards they cut off", "any")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they cut off #"));

    ForceCrosswise() {
        super(
                "force-crosswise",
                Family.FORCES,
                "Force by a crosswise cut",
                Profile.open(1).onTable(),
                new Words(
                        "They lift off the top of {pile} {at at} to {below}, the rest is set across it as {across}. After a while lift it: {role} is the card they cut to.",
                        "The old top card is taken for the card at the cut. Two packets stay on the table.",
                        "Talk for a while between the cut and the lift: time is what hides it.",
                        List.of("Set it squarely across.", "Point at the card, do not touch it.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.apart(pile, below, values),
                Needs.apart(pile, across, values),
                Needs.apart(below, across, values),
                Needs.chosen(role, values),
                Needs.empty(below, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onTop(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.transfer(place, 0, values.of(at), values.of(below), 0);
        hands.gather(place, values.of(across), 0);
        Forces.take(hands, values, role, values.of(below), 1);
    }
}
