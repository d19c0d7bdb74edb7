package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;

/** {@code S + D[d+1..n]} and {@code D[1..e] + D[d] + D[e+1..d−1]}: a card of the upper packet hides the selection and is buried in its place. */
final class ReturnCoverCard extends Move {

    private static final Option UPPER = new Option("upper", "the bottom card of the upper packet");
    private static final Option BOTTOM = new Option("bottom", "the bottom one, from a break");

    private static final Need NO_ROOM = new Need(
            hands -> false,
            "The cards below the break do not fit below that many cards of the lower packet.",
            "Hold the break above the bottom card, or let the cover card go in higher.");

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Upper packet in", "other-hand"));
    private final AmountSetting at = has(Setting.amount("at", "Cards in the upper packet", "15-37")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop at #"));
    private final OptionSetting cover = has(Setting.option("cover", "Covered by", UPPER, BOTTOM));
    private final AmountSetting depth = has(Setting.amount("depth", "The cover card goes below", "6")
            .between(
                    always(0),
                    (hands, values) -> values.of(cover) == UPPER
                            ? values.of(at) - 1
                            : hands.size(values.of(pile)) - values.of(at) - 1));
    private final AmountSetting bury = has(Setting.amount("bury", "The lower packet goes below", "8")
            .between(always(1), (hands, values) -> values.of(cover) == UPPER ? Amount.MOST : values.of(at) + 1));

    ReturnCoverCard() {
        super(
                "return-cover-card",
                Family.SELECTIONS,
                "Return under a cover card",
                Profile.secret(4, "from the left"),
                new Words(
                        "{role} goes back at a cut of {pile} {at at}; {cover}, is added on it, then pushed into the other packet below {depth} cards as if it were the selection ({bury} above the lower packet at the end).",
                        "The selection is the top card of its packet, and everybody believes it lost in the other one. With the bottom card of the deck, the lower packet is buried in the upper one below some cards, and the selection is on top of all.",
                        "Follow the cover card with your eyes as it goes in.",
                        List.of("The break under one card shows nowhere.", "The packets touch only for a moment.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        int deck = values.of(pile);
        return List.of(
                Needs.apart(pile, to, values),
                Needs.isAwayFrom(pile, role, values),
                Needs.isAwayFrom(to, role, values),
                Needs.empty(to, values),
                new Need(
                        hands -> values.of(cover) == UPPER || hands.breakDepth(deck) >= 1,
                        "No break is held above the bottom card of " + values.placeLabel(pile) + ".",
                        "Hold a break above one card from the bottom before this step."));
    }

    @Override
    public Optional<Need> unmet(Hands hands, Values world) {
        int deck = world.of(pile);
        int covering = hands.size(deck) - hands.breakDepth(deck);
        boolean fits = world.of(cover) == UPPER || world.of(at) + world.of(depth) + covering <= hands.size(deck);
        return fits ? Optional.empty() : Optional.of(NO_ROOM);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int lower = values.of(pile);
        int upper = values.of(to);
        int chosen = values.of(role);
        int cards = values.of(at);
        if (values.of(cover) == UPPER) {
            hands.transfer(lower, 0, cards, upper, 0);
            hands.single(upper, cards - 1, upper, values.of(depth));
            hands.bring(chosen, lower, 0);
        } else {
            int held = hands.size(lower) - hands.useBreak(lower);
            hands.transfer(lower, 0, cards, upper, 0);
            hands.bring(chosen, upper, 0);
            // What lies below the break, meant to be one card, is added on the selection and pushed into the other
            // packet.
            hands.transfer(lower, hands.size(lower) - held, held, lower, values.of(depth));
            hands.gather(lower, upper, values.of(bury));
            hands.gather(upper, lower, 0);
        }
    }
}
