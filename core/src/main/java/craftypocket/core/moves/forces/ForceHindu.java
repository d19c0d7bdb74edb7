package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Hindu shuffle with the force card on the bottom: its face is the one shown, wherever they stop. */
final class ForceHindu extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards drawn off when they stop", "any")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop after #"));
    private final AmountSetting pull =
            has(Setting.amount("pull", "Cards to a pull", "6").between(always(1), always(Amount.MOST)));

    ForceHindu() {
        super(
                "force-hindu",
                Family.FORCES,
                "Force by a Hindu shuffle",
                Profile.secret(2, "from below"),
                new Words(
                        "Hindu shuffle {pile} with {role} on the bottom until they stop ({at} drawn off): show the face in your right hand, then drop the packet on the rest.",
                        "The bottom card is shown wherever they stop. It ends at the bottom of the packet that is dropped.",
                        "Look at them while you shuffle; turn your head away as you show it.",
                        List.of("Stop on their word, not on yours.", "The face stays down until it is shown.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.chosen(role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onBottom(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int drawn = values.of(at);
        Forces.show(hands, values, role, place, hands.size(place));
        Dealing.drawOff(hands, place, drawn, values.of(pull));
        hands.cut(place, drawn);
    }
}
