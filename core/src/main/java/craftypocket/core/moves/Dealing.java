package craftypocket.core.moves;

import craftypocket.core.layout.Hands;

/** What all deals share. */
public final class Dealing {

    public static final String UP = "up";

    private Dealing() {}

    /** Deals cards singly from one pile onto another; face up, each of them is seen as it lands. */
    public static void deal(Hands hands, int from, int count, int to, boolean faceUp) {
        hands.deal(from, count, to, faceUp);
        if (faceUp) {
            hands.showDealt(to, count);
        }
    }
}
