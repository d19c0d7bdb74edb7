package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[1..t] without S, then S, then D[t+1..n]}: a card is drawn under the spread and stays there until it is stopped. */
final class SpreadCull extends Move {

    private final RoleSetting role = has(Setting.role("role", "The card drawn under", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "Spread", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Where they stop", "any")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop at #"));

    SpreadCull() {
        super(
                "spread-cull",
                Family.CONTROLS,
                "Cull under the spread",
                Profile.secret(4, "from below"),
                new Words(
                        "Spread {pile}; draw {role} under the spread and stop {at at}: it lies undermost of the cards in the right hand.",
                        "The culled card lies directly above the break; all others keep their order.",
                        "Look at the person who is to stop you.",
                        List.of("The spread never stops at the culled card.", "Its corner stays under the others.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.inYourHands(pile, values), Needs.isIn(pile, role, values), Needs.findable(role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        int culled = values.of(role);
        return List.of(new Expectation(
                hands -> hands.isIn(place, culled)
                        && hands.positionIn(place, hands.cardOf(culled)) == hands.breakDepth(place),
                "They do not stop before " + values.roleLabel(role) + " is drawn under",
                false));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int culled = values.of(role);
        int from = hands.positionIn(place, hands.cardOf(culled));
        if (from <= values.of(at)) {
            hands.single(place, from - 1, place, values.of(at) - 1);
        }
        hands.hold(place, Hold.Kind.BREAK, values.of(at));
    }
}
