package craftypocket.core.claims;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.PlaceKnowledge;

/** How the performer can tell whether something is so. */
public final class Noticing {

    public static final Check ALWAYS = hands -> true;
    public static final Check NEVER = hands -> false;

    /** So many cards are told from others at a glance. */
    private static final int AT_A_GLANCE = 2;

    private Noticing() {}

    /** He knows where each of these cards lies, or sees it. */
    public static Check places(int... roles) {
        return hands -> {
            for (int role : roles) {
                if (!place(hands, role)) {
                    return false;
                }
            }
            return true;
        };
    }

    /** Whether he knows where a card lies, or sees it face up and knows which it is; a card that is not chosen lies nowhere. */
    public static boolean place(Hands hands, int role) {
        int card = hands.cardOf(role);
        if (card < 0 || hands.placeKnown(role) == PlaceKnowledge.EXACT) {
            return true;
        }
        int place = hands.placeOf(card);
        return place >= 0
                && hands.inTheOpen(place)
                && hands.faceUp(place, hands.positionIn(place, card))
                && hands.knowsName(Knower.PERFORMER, role);
    }

    /** He knows the names of both cards. */
    public static Check names(int one, int other) {
        return hands -> knowsName(hands, one) && knowsName(hands, other);
    }

    private static boolean knowsName(Hands hands, int role) {
        return hands.cardOf(role) < 0 || hands.knowsName(Knower.PERFORMER, role);
    }

    /** He knows the name of a card. */
    public static Check name(int role) {
        return hands -> knowsName(hands, role);
    }

    /** He sees the pile, and can spread it. */
    public static Check inTheOpen(int place) {
        return hands -> hands.inTheOpen(place);
    }

    /** He can tell whether a pile has so many cards: he has counted it, or they are so few that he sees it. */
    public static Check size(int place, int cards) {
        return hands -> hands.sizeKnown(place) || (hands.inTheOpen(place) && cards <= AT_A_GLANCE);
    }

    /** Whether he can glance at the face of a pile, which is in his own hand. */
    public static boolean glance(Hands hands, int place) {
        return hands.places().at(place).kind().ownHand();
    }
}
