package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** All cards but one are turned over: 51 of 52. It is the only one that lies the other way. */
final class OnlyReversed extends Move {

    private final RoleSetting role = has(Setting.role("role", "Stays", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "Turn over", "deck"));
    private final AmountSetting at =
            has(Setting.amount("at", "It lies below", "25").between(always(0), sizeLess(pile, 1)));

    OnlyReversed() {
        super(
                "only-reversed",
                Family.REVEALS,
                "The only one reversed",
                Profile.secret(3, "from behind"),
                new Words(
                        "Turn over all of {pile} but {role}, which lies below {at} cards.",
                        "Every card but one shows its other side, in reverse order.",
                        "The turn looks like squaring up. Then spread slowly.",
                        List.of("One card stays, not two.", "Spread until they see it, and stop.")));
        is(Trait.BY_PLACE);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isIn(pile, role, values), Needs.placeKnown(role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        return List.of(new Expectation(
                hands -> {
                    int its = hands.positionOf(place, card);
                    for (int position = 1; its > 0 && position <= hands.size(place); position++) {
                        boolean alike =
                                Reveals.showsFace(hands, place, position) == Reveals.showsFace(hands, place, its);
                        if (alike != (position == its)) {
                            return false;
                        }
                    }
                    return its > 0;
                },
                values.roleLabel(role) + " is the only card the other way up",
                false));
    }

    @Override
    public Seems seems() {
        return Seems.NOTHING;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        int position = hands.positionIn(place, hands.cardOf(card));
        hands.turnCard(place, position);
        hands.turn(place, 1, hands.size(place));
        hands.single(place, hands.size(place) - position, place, values.of(at));
    }
}
