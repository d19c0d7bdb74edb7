package craftypocket.core.claims;

import craftypocket.core.layout.Hold;

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
        return hands -> hands.depthOf(place, Hold.Kind.BREAK) >= 0;
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

    /**
     * The lower card lies directly below the upper one in the same pile.
     *
     * @param circle whether the bottom card of the pile counts as lying directly above its top card
     */
    public static Check directlyBelow(int lower, int upper, boolean circle) {
        return hands -> {
            if (hands.cardOf(lower) < 0 || hands.cardOf(upper) < 0 || hands.cardOf(lower) == hands.cardOf(upper)) {
                return false;
            }
            int place = hands.placeOf(hands.cardOf(upper));
            int upperAt = hands.positionIn(place, hands.cardOf(upper));
            int lowerAt = hands.positionIn(place, hands.cardOf(lower));
            return lowerAt > 0 && (lowerAt == upperAt + 1 || (circle && lowerAt == 1 && upperAt == hands.size(place)));
        };
    }

    /** Below the key, and on from the top after the bottom, the first card of the slug that comes is the wanted one. */
    public static Check nextOfOrder(int key, int slug, int wanted) {
        return hands -> {
            if (hands.cardOf(key) < 0 || hands.cardOf(wanted) < 0) {
                return false;
            }
            int place = hands.placeOf(hands.cardOf(key));
            int size = hands.size(place);
            int at = hands.positionIn(place, hands.cardOf(key));
            for (int below = 1; below < size; below++) {
                int card = hands.card(place, 1 + (at - 1 + below) % size);
                if (isOneOf(hands.slug(slug), card)) {
                    return card == hands.cardOf(wanted);
                }
            }
            return false;
        };
    }

    private static boolean isOneOf(int[] cards, int card) {
        for (int each : cards) {
            if (each == card) {
                return true;
            }
        }
        return false;
    }

    public static Check nameKnown(int knower, int role) {
        return hands -> hands.cardOf(role) >= 0 && hands.knowsName(knower, role);
    }
}
