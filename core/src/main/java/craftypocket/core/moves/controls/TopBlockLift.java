package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Before riffled packets are squared, the wanted card is seen to have been covered and is lifted to the top. */
final class TopBlockLift extends Move {

    private final Setting role = has(Setting.role("role", "Wanted on top", "A"));
    private final Setting pile = has(Setting.place("pile", "In", "deck"));

    TopBlockLift() {
        super(
                "top-block-lift",
                Family.CONTROLS,
                "Lift the wanted card to the top",
                Profile.secret(3, "from in front").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Before {pile} is squared, lift {role} out of the larger packet to the top.",
                        "The cards that fell on it end below it; all others keep their order.",
                        "As you reach out to square the deck, speaking to somebody else.",
                        List.of("One movement, with the squaring.", "See beforehand how many cards fell on top.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.isIn(pile, role, values),
                Needs.held(
                        pile,
                        Hold.Kind.STEP,
                        values,
                        "The packets are squared already, or were not riffled just now.",
                        "Put “They riffle unequal packets” directly before this step, and square the deck yourself."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int wanted = values.of(role);
        hands.use(place, Hold.Kind.STEP);
        hands.transfer(place, hands.positionIn(place, hands.cardOf(wanted)) - 1, 1, place, 0);
        hands.knowPlace(wanted, PlaceKnowledge.EXACT);
    }
}
