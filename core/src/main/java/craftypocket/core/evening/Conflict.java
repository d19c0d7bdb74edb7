package craftypocket.core.evening;

import java.util.List;

/**
 * Something in a set that does not go together.
 *
 * @param kind what is wrong
 * @param acts the indexes of the acts concerned, the earlier first
 * @param sentence what is wrong, and what to do
 */
public record Conflict(Kind kind, List<Integer> acts, String sentence) {

    /** What can be wrong with a set. */
    public enum Kind {
        /** One pocket for two things. */
        POCKET,
        /** Something is used twice and lies otherwise, or elsewhere, the second time. */
        PROP_TWICE,
        /** A deck with special or marked cards gets into other hands. */
        SPECIAL_HANDED_OUT,
        /** An order that is needed is lost in the routine before. */
        ORDER_LOST,
        /** The same card is forced twice on the same people. */
        SAME_FORCE,
        /** A card that was signed is gone. */
        SIGNED_GONE,
        NO_TABLE,
        ANGLES,
        LIGHT,
        TOO_FEW_PEOPLE,
        /** Two secrets of the same kind in a row. */
        SAME_METHOD,
        /** Two that end in the same way in a row. */
        SAME_ENDING,
        /** These people have seen it, or how it is done. */
        SEEN,
        TOO_LONG
    }

    public Conflict {
        acts = List.copyOf(acts);
    }
}
