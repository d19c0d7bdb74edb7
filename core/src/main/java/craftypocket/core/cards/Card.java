package craftypocket.core.cards;

/**
 * One physical card with its two sides. A regular card has a face and a back; a double-faced card two faces; a
 * double-backed card two backs.
 *
 * @param front the side seen when the card lies face up
 * @param back the side seen when it lies face down
 */
public record Card(Side front, Side back) {

    /** A regular card with the usual back. */
    public static Card of(int rank, Suit suit) {
        return new Card(Side.face(rank, suit), Side.USUAL_BACK);
    }

    /** Whether the card has a face or joker and the usual back, so that anybody may look it over. */
    public boolean regular() {
        boolean printed = front.kind() == Side.Kind.FACE || front.kind() == Side.Kind.JOKER;
        return printed && back.equals(Side.USUAL_BACK);
    }

    /** Whether anybody may look it over and finds nothing: a regular card, or a plain blank one. */
    public boolean examinable() {
        return regular() || (front.equals(Side.BLANK) && back.equals(Side.USUAL_BACK));
    }

    /** The side that is seen when the card lies face up, or face down. */
    public Side side(boolean faceUp) {
        return faceUp ? front : back;
    }
}
