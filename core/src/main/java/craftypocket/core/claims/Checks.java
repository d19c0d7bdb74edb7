package craftypocket.core.claims;

import craftypocket.core.cards.Pack;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Order;

/** Checks that claims and the needs of moves share. Roles and places are indices. */
public final class Checks {

    private Checks() {}

    public static Check chosen(int role) {
        return hands -> hands.cardOf(role) >= 0;
    }

    /** The role's card is not chosen yet. */
    public static Check open(int role) {
        return hands -> hands.cardOf(role) < 0;
    }

    public static Check atLeast(int place, int cards) {
        return hands -> hands.size(place) >= cards;
    }

    public static Check breakHeld(int place) {
        return hands -> hands.breakDepth(place) >= 0;
    }

    public static Check isIn(int place, int role) {
        return hands -> hands.isIn(place, role);
    }

    /** The role's card lies somewhere, but not in this pile. */
    public static Check isAwayFrom(int place, int role) {
        return hands -> hands.cardOf(role) >= 0 && !hands.isIn(place, role);
    }

    /** The role's card is the nth of this pile, from the top or from the bottom. */
    public static Check position(int place, int role, int nth, boolean fromTop) {
        return hands -> {
            int size = hands.size(place);
            int position = fromTop ? nth : size + 1 - nth;
            return position >= 1 && position <= size && hands.card(place, position) == hands.cardOf(role);
        };
    }

    /** The role's card lies from the first to the last of these places of a pile, counted from the top or from the bottom. */
    public static Check among(int place, int role, int first, int last, boolean fromTop) {
        return hands -> {
            int card = hands.cardOf(role);
            int position = card < 0 ? 0 : hands.positionIn(place, card);
            int counted = fromTop ? position : hands.size(place) + 1 - position;
            return position > 0 && counted >= first && counted <= last;
        };
    }

    /**
     * The lower card lies directly below the upper one in the same pile.
     *
     * @param circle whether the bottom card of the pile counts as lying directly above its top card
     */
    public static Check directlyBelow(int lower, int upper, boolean circle) {
        return hands -> liesDirectlyBelow(hands, lower, upper, circle);
    }

    /** The same, asked at once. */
    public static boolean liesDirectlyBelow(Hands hands, int lower, int upper, boolean circle) {
        if (hands.cardOf(lower) < 0 || hands.cardOf(upper) < 0 || hands.cardOf(lower) == hands.cardOf(upper)) {
            return false;
        }
        int place = hands.placeOf(hands.cardOf(upper));
        int upperAt = hands.positionIn(place, hands.cardOf(upper));
        int lowerAt = hands.positionIn(place, hands.cardOf(lower));
        return lowerAt > 0 && (lowerAt == upperAt + 1 || (circle && lowerAt == 1 && upperAt == hands.size(place)));
    }

    /** The same for the very next card. */
    public static Check nextOfOrder(int key, int slug, int wanted) {
        return nextOfOrder(key, slug, wanted, 1);
    }

    /**
     * Below the key, and on from the top after the bottom, the wanted card is one of the first cards of the slug that come.
     *
     * @param within how many of them may be looked at
     */
    public static Check nextOfOrder(int key, int slug, int wanted, int within) {
        // No pack has more cards that could come between.
        Order order = new Order(key, slug, wanted, Math.min(within, Pack.MOST_CARDS));
        return hands -> hands.between(order) < order.most();
    }

    /** The card that the performer takes for a role's is the role's; where he takes none for it, he knows its name. */
    public static Check namedIsTheirs(int role) {
        return hands -> hands.cardOf(role) >= 0
                && (hands.takenFor(role) < 0
                        ? hands.knowsName(Knower.PERFORMER, role)
                        : hands.takenFor(role) == hands.cardOf(role));
    }

    public static Check nameKnown(int knower, int role) {
        return hands -> hands.cardOf(role) >= 0 && hands.knowsName(knower, role);
    }
}
