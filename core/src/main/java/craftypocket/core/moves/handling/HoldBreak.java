package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;

/** A finger holds a gap between two cards. */
final class HoldBreak extends Move {

    private static final Option TOP = new Option("top", "below {depth} cards");
    private static final Option BOTTOM = new Option("bottom", "above the bottom {depth} cards");
    private static final Option ABOVE = new Option("above", "directly above {role}");
    private static final Option BELOW = new Option("below", "directly below {role}");
    private static final Option SEPARATION = new Option("separation", "where it opens by itself");

    private static final Need NO_GAP = new Need(
            hands -> false,
            "There is no gap between two cards there.",
            "Hold the break somewhere between the top card and the bottom card.");

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting from = has(Setting.option("from", "Where", TOP, BOTTOM, ABOVE, BELOW, SEPARATION));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards above it, or below it", "26")
            .between(
                    (hands, values) -> counted(values) ? 1 : 0,
                    (hands, values) -> counted(values) ? hands.size(values.of(pile)) - 1 : Amount.MOST));
    private final RoleSetting role = has(Setting.maybeRole("role", "The card, when it is one"));
    private final OptionSetting finger = has(Fingers.taking("finger", "Held by"));

    HoldBreak() {
        super(
                "hold-break",
                Family.HANDLING,
                "Hold a break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Hold {finger} in {pile} {from}.",
                        "A gap is kept until a move uses it or loses it. No card moves.",
                        "While you square the deck.",
                        List.of("Nothing to be seen at the front.", "As little flesh as will hold it.")));
        is(Trait.BY_PLACE);
    }

    private boolean counted(Values values) {
        return values.of(from) == TOP || values.of(from) == BOTTOM;
    }

    private boolean atCard(Values values) {
        return values.of(from) == ABOVE || values.of(from) == BELOW;
    }

    private int gap(Hands hands, Values values) {
        int place = values.of(pile);
        if (atCard(values)) {
            int position = hands.positionIn(place, hands.cardOf(values.of(role)));
            return values.of(from) == ABOVE ? position - 1 : position;
        }
        if (values.of(from) == SEPARATION) {
            return hands.depthOf(place, Hold.Kind.SEPARATION);
        }
        return values.of(from) == BOTTOM ? hands.size(place) - values.of(depth) : values.of(depth);
    }

    @Override
    public List<Need> needs(Values values) {
        if (atCard(values)) {
            return values.of(role) == Cast.NOBODY
                    ? List.of(new Need(
                            hands -> false,
                            "No card is named for the break.",
                            "Choose the card beside which it is held."))
                    : List.of(
                            Needs.inYourHands(pile, values),
                            Needs.isIn(pile, role, values),
                            Needs.placeKnown(role, values));
        }
        return List.of(Needs.inYourHands(pile, values));
    }

    @Override
    public Optional<Need> unmet(Hands hands, Values world) {
        int gap = gap(hands, world);
        return gap >= 1 && gap < hands.size(world.of(pile)) ? Optional.empty() : Optional.of(NO_GAP);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        Hold.Kind held = Fingers.kind(hands, place, values.of(finger));
        if (values.of(from) == BOTTOM) {
            hands.hold(place, held, hands.size(place) - values.of(depth));
        } else {
            hands.hold(place, held, gap(hands, values));
        }
    }
}
