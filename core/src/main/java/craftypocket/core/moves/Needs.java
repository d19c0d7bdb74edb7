package craftypocket.core.moves;

import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Needs that several moves share, with their words. */
public final class Needs {

    private static final String OPEN_IT = "Open it before this step: {open-thing}.";

    private Needs() {}

    private static final String HOLD_ONE = "Put a move before this one that ends with a break, such as {hold-break}.";
    private static final String HOLD_BETWEEN = "Hold the break between two cards before this step.";

    public static Need breakHeld(PlaceSetting pile, Values values) {
        return Need.held(
                Checks.breakHeld(values.of(pile)),
                "Nothing holds a break in " + values.placeLabel(pile) + ".",
                HOLD_ONE);
    }

    /** A break is held, and a card lies above it. */
    public static List<Need> cardAboveBreak(PlaceSetting pile, Values values) {
        int place = values.of(pile);
        return List.of(
                breakHeld(pile, values),
                new Need(hands -> hands.breakDepth(place) >= 1, "No card lies above the break.", HOLD_BETWEEN));
    }

    /** A break is held, and there are cards on both sides of it: beside a card that was taken there may be none. */
    public static List<Need> breakBetween(PlaceSetting pile, Values values) {
        int place = values.of(pile);
        return Stream.concat(
                        cardAboveBreak(pile, values).stream(),
                        Stream.of(new Need(
                                hands -> hands.breakDepth(place) < hands.size(place),
                                "No card lies below the break.",
                                HOLD_BETWEEN)))
                .toList();
    }

    /** The hold that a step names is held. */
    public static Need held(PlaceSetting pile, OptionSetting hold, Values values) {
        int place = values.of(pile);
        Option which = values.of(hold);
        return Need.held(
                hands -> Fingers.depth(hands, place, which) >= 0,
                "Nothing holds a break in " + values.placeLabel(pile)
                        + (which.name().equals("last") ? "" : ": not " + which.label()) + ".",
                HOLD_ONE);
    }

    /** The hold that a step names is held, and there are cards on both sides of it. */
    public static List<Need> heldBetween(PlaceSetting pile, OptionSetting hold, Values values) {
        int place = values.of(pile);
        Option which = values.of(hold);
        return List.of(
                held(pile, hold, values),
                new Need(
                        hands -> Fingers.depth(hands, place, which) >= 1,
                        "No card lies above " + which.label() + ".",
                        HOLD_BETWEEN),
                new Need(
                        hands -> Fingers.depth(hands, place, which) < hands.size(place),
                        "No card lies below " + which.label() + ".",
                        HOLD_BETWEEN));
    }

    /** The performer can find the card: its place is known, or its name, by which it is found among the faces. */
    public static Need findable(RoleSetting role, Values values) {
        int card = values.of(role);
        return new Need(
                hands -> hands.cardOf(card) < 0
                        || hands.placeKnown(card) == PlaceKnowledge.EXACT
                        || hands.knowsName(Knower.PERFORMER, card)
                        || hands.takenFor(card) == hands.cardOf(card),
                "You know neither the place nor the name of " + values.roleLabel(role) + ".",
                "Find it beside your key, keep a break at it, or glimpse it before this step.",
                new Need.Knowledge(false, card));
    }

    /** The deck opens by itself where its halves lie back to back, or a break is held there. */
    public static Need separation(PlaceSetting pile, Values values) {
        int place = values.of(pile);
        return new Need(
                hands -> Math.max(hands.depthOf(place, Hold.Kind.SEPARATION), hands.breakDepth(place)) >= 1,
                "Nothing in " + values.placeLabel(pile) + " opens by itself, and no break is held.",
                "Put {messy} directly before this step, or bend the deck in the set-up.");
    }

    /** A perfect shuffle needs two equal halves of what is not kept on top in this world. */
    public static Optional<Need> even(PlaceSetting pile, AmountSetting kept, Hands hands, Values world) {
        int stock = world.of(kept);
        int shuffled = hands.size(world.of(pile)) - stock;
        return shuffled >= 2 && shuffled % 2 == 0
                ? Optional.empty()
                : Optional.of(new Need(
                        after -> false,
                        "The cards in " + world.placeLabel(pile) + (stock > 0 ? " below those kept" : "")
                                + " do not part into two equal halves.",
                        "Add or take away one card first."));
    }

    /** One can reach into a place: nothing around it is closed. */
    public static Need open(PlaceSetting part, Values values) {
        int place = values.of(part);
        return new Need(
                hands -> hands.stowing().open(place),
                values.placeLabel(part) + " is closed, or lies in something that is.",
                OPEN_IT);
    }

    /** A thing lies where one can reach it. */
    public static Need reachable(ThingSetting thing, Values values) {
        int what = values.of(thing);
        return new Need(
                hands -> hands.stowing().open(hands.stowing().placeOfThing(what)),
                values.thingLabel(thing) + " lies in something that is closed.",
                OPEN_IT);
    }

    /** A role's card lies where one can reach it. */
    public static Need reachable(RoleSetting role, Values values) {
        int card = values.of(role);
        return new Need(
                hands -> hands.cardOf(card) < 0 || hands.stowing().open(hands.placeOf(hands.cardOf(card))),
                values.roleLabel(role) + " lies in something that is closed.",
                OPEN_IT);
    }

    public static Need cards(PlaceSetting pile, int least, Values values) {
        return new Need(
                Checks.atLeast(values.of(pile), least),
                "This takes at least " + least + (least == 1 ? " card" : " cards") + " in " + values.placeLabel(pile)
                        + ".",
                "Choose another pile, or bring cards there first.");
    }

    /** No card lies there yet. */
    public static Need empty(PlaceSetting pile, Values values) {
        int place = values.of(pile);
        return new Need(
                hands -> hands.size(place) == 0,
                "There are cards in " + values.placeLabel(pile) + " already.",
                "Choose an empty place, or clear this one first.");
    }

    /** The role belongs to a spectator, into whose hand the card can go. */
    public static Need owned(RoleSetting role, Values values) {
        boolean owned = values.owned(role);
        return new Need(
                hands -> owned,
                values.roleLabel(role) + " belongs to nobody.",
                "Give the role an owner in the set-up, or choose a selection.");
    }

    /** The card of a role has still to be chosen. */
    public static Need open(RoleSetting role, Values values) {
        return new Need(
                Checks.open(values.of(role)),
                values.roleLabel(role) + " is chosen already.",
                "Use another role for this card, or remove the earlier choice.");
    }

    public static Need chosen(RoleSetting role, Values values) {
        return new Need(
                Checks.chosen(values.of(role)),
                "Nothing has made a card " + values.roleLabel(role) + " yet.",
                "Put a selection or a glimpse before this step, or name the card in the set-up.");
    }

    public static Need isIn(PlaceSetting pile, RoleSetting role, Values values) {
        return new Need(
                Checks.isIn(values.of(pile), values.of(role)),
                values.roleLabel(role) + " is not in " + values.placeLabel(pile) + ".",
                "Bring it there first, or choose the pile where it is.");
    }

    /** The card of a role is out of the pile and can be put back. */
    public static Need isAwayFrom(PlaceSetting pile, RoleSetting role, Values values) {
        return new Need(
                Checks.isAwayFrom(values.of(pile), values.of(role)),
                values.roleLabel(role) + " is not out of " + values.placeLabel(pile) + ".",
                "Let it be taken first: {spread-pick} does that.");
    }

    public static Need onBottom(PlaceSetting pile, RoleSetting role, Values values) {
        return new Need(
                Checks.position(values.of(pile), values.of(role), 1, false),
                values.roleLabel(role) + " is not on the bottom of " + values.placeLabel(pile) + ".",
                "Bring it to the bottom first: {overhand-top-to-bottom} does that from the top.");
    }

    /** Fingers must find the card. */
    public static Need felt(RoleSetting role, Values values) {
        int card = values.of(role);
        return new Need(
                hands -> hands.cardOf(card) >= 0 && hands.felt(hands.cardOf(card)),
                values.roleLabel(role) + " cannot be felt.",
                "Mark its card in the set-up: short, crimped, thick or with a bent corner.");
    }

    /** What a move needs a held hold for, in words. */
    public static Need held(PlaceSetting pile, Hold.Kind kind, Values values, String reason, String mend) {
        int place = values.of(pile);
        return Need.held(hands -> hands.depthOf(place, kind) >= 0, reason, mend);
    }

    public static Need nameKnown(RoleSetting role, Values values) {
        return new Need(
                Checks.nameKnown(Knower.PERFORMER, values.of(role)),
                "You do not know the name of " + values.roleLabel(role) + " yet.",
                "Glimpse it, or look it up beside your key, before this step.",
                new Need.Knowledge(true, values.of(role)));
    }

    /** The performer can name a card: he knows which it is, or takes one for it. */
    public static Need nameable(RoleSetting role, Values values) {
        int card = values.of(role);
        return new Need(
                hands -> hands.takenFor(card) >= 0 || hands.knowsName(Knower.PERFORMER, card),
                "You do not know the name of " + values.roleLabel(role) + " yet.",
                "Glimpse it, or look it up beside your key, before this step.",
                new Need.Knowledge(true, card));
    }

    /** The performer knows exactly where the card lies. */
    public static Need placeKnown(RoleSetting role, Values values) {
        int card = values.of(role);
        return new Need(
                hands -> hands.cardOf(card) < 0 || hands.placeKnown(card) == PlaceKnowledge.EXACT,
                "You do not know where " + values.roleLabel(role) + " is.",
                "Find it beside your key, or keep a break at it, before this step.",
                new Need.Knowledge(false, card));
    }

    /** What is read of a card: the performer knows its name. */
    public static List<Need> namesRead(Move move, Values values) {
        return move.settings().all().stream()
                .filter(AmountSetting.class::isInstance)
                .map(setting -> values.amount((AmountSetting) setting).source())
                .filter(source -> source != null && source.reads() >= 0)
                .map(source -> new Need(
                        Checks.nameKnown(Knower.PERFORMER, source.reads()),
                        source.missing().reason(),
                        source.missing().mend(),
                        new Need.Knowledge(true, source.reads())))
                .toList();
    }

    /** A finger can hold something there: the cards lie in the performer's hands, or on the table before them. */
    public static Need inYourHands(PlaceSetting pile, Values values) {
        Place.Kind kind = values.placeKind(pile);
        boolean within = kind == Place.Kind.DECK || kind == Place.Kind.OTHER_HAND || kind == Place.Kind.TABLE;
        return new Need(
                hands -> within,
                "Nothing can be held in " + values.placeLabel(pile) + ": it is not in your hands.",
                "Take the cards into your hands first.");
    }

    public static Need apart(PlaceSetting one, PlaceSetting other, Values values) {
        boolean apart = values.of(one) != values.of(other);
        return new Need(
                hands -> apart,
                "“" + one.label() + "” and “" + other.label() + "” are the same place.",
                "Choose two different places.");
    }
}
