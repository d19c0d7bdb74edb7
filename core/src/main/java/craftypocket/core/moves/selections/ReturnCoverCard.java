package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
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

/** {@code S + D[d+1..n]} and {@code D[1..e] + D[d] + D[e+1..d−1]}: a card of the upper packet hides the selection and is buried in its place. */
final class ReturnCoverCard extends Move {

    private final Setting role = has(Setting.role("role", "Goes back", "A"));
    private final Setting pile = has(Setting.place("pile", "Into", "deck"));
    private final Setting to = has(Setting.place("to", "Upper packet in", "other-hand"));
    private final Setting at = has(Setting.amount("at", "Cards in the upper packet", "15-37")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop at #"));
    private final Setting depth = has(Setting.amount("depth", "The cover card goes below", "6")
            .between(always(0), (hands, values) -> values.of(at) - 1));

    ReturnCoverCard() {
        super(
                "return-cover-card",
                Family.SELECTIONS,
                "Return under a cover card",
                Profile.secret(4, "from the left"),
                new Words(
                        "{role} goes on the lower packet of {pile}, cut {at at}; the bottom card of the upper packet is added on it, then pushed into {to} below {depth} cards as if it were the selection.",
                        "The selection is the top card of its packet, and everybody believes it lost in the other one.",
                        "Follow the cover card with your eyes as it goes in.",
                        List.of("The break under one card shows nowhere.", "The packets touch only for a moment.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.apart(pile, to, values),
                Needs.isAwayFrom(pile, role, values),
                Needs.isAwayFrom(to, role, values),
                Needs.empty(to, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int lower = values.of(pile);
        int upper = values.of(to);
        int chosen = values.of(role);
        int cards = values.of(at);
        hands.transfer(lower, 0, cards, upper, 0);
        hands.transfer(upper, cards - 1, 1, upper, values.of(depth));
        hands.bring(chosen, lower, 0);
        hands.knowPlace(chosen, PlaceKnowledge.EXACT);
    }
}
