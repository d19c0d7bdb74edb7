package craftypocket.core.seem;

/**
 * People see something else than they thought.
 *
 * @param kind what surprises them
 * @param sentence it in words, as somebody would tell it who was there
 */
public record Wonder(Kind kind, String sentence) {

    /** What can surprise. */
    public enum Kind {
        /** Another face than the one that lay there. */
        CHANGED,
        /** A card is at one place that they thought at another. */
        TRAVELLED,
        /** There are more cards than there were. */
        CAME,
        /** There are fewer. */
        VANISHED,
        /** A card lies the other way round than it did. */
        TURNED,
        /** Somebody’s card, lost in a pile, is brought out. */
        FOUND,
        /** What was written or laid down before is what came. */
        FORETOLD,
        /** One face is seen at two places. */
        TWICE
    }

    /** Whether nobody minds it: it is what a routine is done for, whatever step it comes in. */
    boolean alwaysMeant() {
        return kind == Kind.FOUND || kind == Kind.FORETOLD;
    }
}
