package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Before riffled packets are squared, the wanted card is seen to have been covered and is lifted to the top. */
final class TopBlockLift extends Move {

    private static final Option CARD = new Option("card", "it alone");
    private static final Option UPPER = new Option("upper", "the uppermost cards of the upper packet");
    private static final Option LOWER = new Option("lower", "the uppermost cards of the lower packet");

    private final RoleSetting role = has(Setting.role("role", "Wanted on top", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting what = has(Setting.option("what", "Lifted out", CARD, UPPER, LOWER));
    private final AmountSetting count =
            has(Setting.amount("count", "How many of them", "5±1").between(always(1), sizeLess(pile, 0)));

    TopBlockLift() {
        super(
                "top-block-lift",
                Family.CONTROLS,
                "Lift the wanted card to the top",
                Profile.secret(3, "from in front").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Before {pile} is squared, draw {what} out to the top, {role} with it.",
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
        int drawn = 0;
        // The first card of the upper packet comes to the top with whatever is drawn out of that.
        boolean first = values.of(what) != LOWER && hands.firstOfUpper(wanted);
        if (values.of(what) == CARD) {
            hands.single(place, hands.positionIn(place, hands.cardOf(wanted)) - 1, place, 0);
        } else {
            boolean upper = values.of(what) == UPPER;
            for (int position = 1; position <= hands.size(place) && drawn < values.of(count); position++) {
                if (hands.ofUpperPacket(hands.card(place, position)) == upper) {
                    hands.single(place, position - 1, place, drawn++);
                }
            }
        }
        boolean lifted = values.of(what) == CARD || hands.positionIn(place, hands.cardOf(wanted)) <= drawn;
        hands.use(place, Hold.Kind.STEP);
        if (lifted && first) {
            hands.knowOnTop(wanted);
        }
    }
}
