package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Caution;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Words;
import craftypocket.core.moves.handling.BrushOff;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Grains of salt on the card below make the deck open by itself under the force card. */
final class ForceSalt extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Flick", "deck"));

    ForceSalt() {
        super(
                "force-salt",
                Family.FORCES,
                "Force with salt",
                Profile.secret(2, "").onTable(),
                new Words(
                        "Flick the edge of {pile} on the table: it opens below {role}, whose face is shown.",
                        "The deck opens at the grains; no card moves.",
                        "Brush the salt off the table with the hand that takes the packet.",
                        List.of("Four or five grains are enough.", "Near the middle, so that it looks like a cut.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        return List.of(
                Needs.isIn(pile, role, values),
                new Need(
                        hands -> hands.isIn(place, card)
                                && salted(hands, place, hands.positionIn(place, hands.cardOf(card))),
                        "There is no salt below " + values.roleLabel(role) + ".",
                        "Mark the card below it in the set-up with salt, and do not part the two."));
    }

    private static boolean salted(Hands hands, int place, int position) {
        return position < hands.size(place) && BrushOff.salted(hands, hands.card(place, position + 1));
    }

    @Override
    public List<Caution> cautions() {
        return List.of(Caution.SALT);
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        return List.of(Forces.nearMiddle("the salt", place, hands -> hands.positionOf(place, card)));
    }

    @Override
    public List<Remark> remarks(Values values) {
        return List.of(
                new Remark(
                        false,
                        "The deck opens within a card or two of the grains. Salted cards cannot be handed out: brush it off first."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        Forces.show(hands, values, role, place, hands.positionIn(place, hands.cardOf(values.of(role))));
    }
}
