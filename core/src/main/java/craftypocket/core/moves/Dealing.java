package craftypocket.core.moves;

import craftypocket.core.layout.Hands;

/** What all deals share. */
public final class Dealing {

    public static final String UP = "up";

    private Dealing() {}

    /** The top cards change their order as pulls of one size, the last of them smaller, land one on another. */
    public static void drawOff(Hands hands, int place, int count, int pull) {
        for (int drawn = 0; drawn < count; drawn += pull) {
            hands.transfer(place, drawn, Math.min(pull, count - drawn), place, 0);
        }
    }

    /** Deals cards singly from one pile onto another; face up, each of them is seen as it lands. */
    public static void deal(Hands hands, int from, int count, int to, boolean faceUp) {
        hands.deal(from, count, to, faceUp);
        if (faceUp) {
            hands.showDealt(to, count);
        }
    }
}
