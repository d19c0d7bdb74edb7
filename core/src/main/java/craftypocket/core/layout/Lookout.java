package craftypocket.core.layout;

/**
 * What a claim waits to see, from a step to a step, in one byte that a surface carries along. Lookouts have no state of their
 * own: all worlds share them.
 *
 * @param from the index of the first step whose sights count; -1 for the set-up
 * @param to the index of the last one
 * @param eye what it makes of a sight
 */
public record Lookout(int from, int to, Eye eye) {

    /** Makes something of a sight. Must not allocate. */
    @FunctionalInterface
    public interface Eye {

        /**
         * A side is seen.
         *
         * @param soFar what was made of the sights before, 0 at first
         * @param place where the card lies
         * @param card its number
         * @param front whether its front is seen
         * @param turnedTo a {@link Knower}, or everybody
         * @return what to keep
         */
        byte seen(byte soFar, Hands hands, int place, int card, boolean front, int turnedTo);
    }
}
