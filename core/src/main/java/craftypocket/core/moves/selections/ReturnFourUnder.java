package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The selection goes on the swung-off packet, the rest on it with a break above its bottom cards: {@code D[n−k+1..n] + S + D[1..d]} lie together. */
final class ReturnFourUnder extends Move {

    private static final Option CUT = new Option("cut", "cut to the break");

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final AmountSetting under =
            has(Setting.amount("under", "Cards under the break", "4").between(always(1), sizeLess(pile, 1)));
    private final AmountSetting at = has(Setting.amount("at", "Cards swung off", "15-37")
            .between(always(1), (hands, values) -> hands.size(values.of(pile)) - values.of(under))
            .bySpectator()
            .told("they stop at #"));
    private final OptionSetting then = has(Setting.option("then", "Then", CUT, new Option("keep", "keep the break")));

    ReturnFourUnder() {
        super(
                "return-four-under",
                Family.SELECTIONS,
                "Return under four cards",
                Profile.secret(3, "from behind"),
                new Words(
                        "Hold a break above the bottom {under} cards of {pile}, swing off {at}, {role} goes on them and the rest on it; {then}.",
                        "So many indifferent cards lie above the selection, which is brought up with them.",
                        "Look at the person as the deck is closed.",
                        List.of("Four cards counted without a glance.", "The cut follows as if it were nothing.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.inYourHands(pile, values), Needs.isAwayFrom(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int chosen = values.of(role);
        int rest = hands.size(place) - values.of(at);
        hands.bring(chosen, place, 0);
        // What was swung off lies below, with the selection on it, and the rest on that.
        hands.cut(place, values.of(at) + 1);
        if (values.of(then) == CUT) {
            hands.cut(place, rest - values.of(under));
        } else {
            hands.hold(place, Hold.Kind.BREAK, rest - values.of(under));
        }
    }
}
