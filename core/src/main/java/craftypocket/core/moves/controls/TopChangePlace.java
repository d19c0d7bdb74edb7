package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[n] + D[1..n−1]}: the top card comes to be second, and survives “lose the top card, lose the bottom card”. */
final class TopChangePlace extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));

    TopChangePlace() {
        super(
                "top-change-place",
                Family.CONTROLS,
                "Bring the top card to second",
                Profile.secret(2, ""),
                new Words(
                        "Bring the bottom card of {pile} to the top: the card that was on top is second.",
                        "One card goes from the bottom to the top; all others move down by one.",
                        "While you square up, with a double undercut of one card.",
                        List.of("Only one card goes over.", "No glance at the deck.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 2, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.cut(values.of(pile), hands.size(values.of(pile)) - 1);
    }
}
