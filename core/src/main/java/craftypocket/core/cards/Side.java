package craftypocket.core.cards;

/**
 * One side of a physical card: a face, a joker, a blank, or a back design.
 *
 * @param kind what is printed on it
 * @param rank 1 (ace) to 13 (king) on a face, 1 or 2 on a joker, otherwise 0
 * @param suit the suit of a face, otherwise null
 * @param design the back's design, such as {@code blue}; empty on anything but a back
 */
public record Side(Kind kind, int rank, Suit suit, String design) {

    /** What is printed on a side. */
    public enum Kind {
        FACE,
        JOKER,
        BLANK,
        BACK
    }

    /** The back that a pack has unless it says otherwise. */
    public static final Side USUAL_BACK = back("blue");

    public static final Side BLANK = new Side(Kind.BLANK, 0, null, "");

    public Side {
        boolean rankFits = switch (kind) {
            case FACE -> rank >= 1 && rank <= 13 && suit != null;
            case JOKER -> rank == 1 || rank == 2;
            default -> rank == 0 && suit == null;
        };
        if (!rankFits) {
            throw new IllegalArgumentException("rank " + rank + " of " + suit + " does not fit a side of kind " + kind);
        }
    }

    /** Whether a back is printed on it. */
    public boolean isBack() {
        return kind == Kind.BACK;
    }

    public static Side face(int rank, Suit suit) {
        return new Side(Kind.FACE, rank, suit, "");
    }

    public static Side joker(int number) {
        return new Side(Kind.JOKER, number, null, "");
    }

    public static Side back(String design) {
        return new Side(Kind.BACK, 0, null, design);
    }
}
