package craftypocket.core.moves.controls;

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

/** Before riffled packets are squared, the wanted card is seen to have been covered and is lifted to the top. */
final class TopBlockLift extends Move {

    private static final Option CARD = new Option("card", "it alone");
    private static final Option UPPER = new Option("upper", "the top {count} of the upper packet");
    private static final Option LOWER = new Option("lower", "the top {count} of the lower packet");

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
        is(Trait.HOLDS_BREAK);
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
                        "Put {lopsided-riffle} directly before this step, and square the deck yourself."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int wanted = values.of(role);
        if (values.of(what) == CARD) {
            hands.single(place, hands.positionIn(place, hands.cardOf(wanted)) - 1, place, 0);
        } else {
            draw(hands, place, values.of(what) == UPPER, values.of(count));
        }
        hands.use(place, Hold.Kind.STEP);
    }

    /**
     * Draws the uppermost cards of one packet to the top, in their order. Where they lie is seen beforehand: with the first that is
     * drawn out the packets can be told apart no longer. What lies below a card that was drawn out stays where it is.
     */
    private static void draw(Hands hands, int place, boolean upper, int most) {
        long first = ofPacket(hands, place, 0, upper);
        long second = ofPacket(hands, place, Long.SIZE, upper);
        int drawn = 0;
        for (int depth = 0; depth < hands.size(place) && drawn < most; depth++) {
            long of = depth < Long.SIZE ? first : second;
            if ((of >>> depth & 1) != 0) {
                hands.single(place, depth, place, drawn++);
            }
        }
    }

    /** A bit for each card below a depth, set where it is of this packet. */
    private static long ofPacket(Hands hands, int place, int below, boolean upper) {
        long bits = 0;
        for (int depth = below; depth < Math.min(hands.size(place), below + Long.SIZE); depth++) {
            if (hands.ofUpperPacket(hands.card(place, depth + 1)) == upper) {
                bits |= 1L << depth;
            }
        }
        return bits;
    }
}
