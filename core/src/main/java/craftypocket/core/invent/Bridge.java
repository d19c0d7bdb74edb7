package craftypocket.core.invent;

import craftypocket.core.routine.Step;
import java.util.Comparator;
import java.util.List;

/**
 * What a {@link BridgeFinder} found.
 *
 * @param outcome how the search ended
 * @param ways the ways that lead there, in the {@linkplain Way#ORDER order of ways}
 * @param tried how many layouts were looked at
 * @param within the most moves that were allowed
 * @param moves how many different moves were tried
 * @param leftOut how many more there would have been, had all been allowed
 */
public record Bridge(Outcome outcome, List<Way> ways, int tried, int within, int moves, int leftOut) {

    /** How a search ended. */
    public enum Outcome {
        /** At least one way leads there. */
        FOUND,
        /** No way of so few moves leads there. */
        NONE,
        /** It was stopped, or ran into its limit, before any way was found. */
        STOPPED
    }

    /**
     * Moves that lead from the layout to the claim.
     *
     * @param steps the moves in order
     * @param difficulty of the hardest of them
     * @param secret how many of them must not be noticed
     * @param oddity how far they are from what everybody does with cards: 0 looks natural
     * @param share in which part of the worlds of the routine the claim then holds, and each move is what it should be
     * @param atLeast whether the share may be more: not all worlds were gone through, or several things fail, each in some of them
     */
    public record Way(List<Step> steps, int difficulty, int secret, int oddity, double share, boolean atLeast) {

        /** The shortest first; of these the one that works most often, then the easiest, then the most natural. */
        public static final Comparator<Way> ORDER = Comparator.comparingInt((Way way) -> way.steps.size())
                .thenComparingDouble(way -> -way.share)
                .thenComparingInt(Way::difficulty)
                .thenComparingInt(Way::oddity);
    }

    public Bridge {
        ways = List.copyOf(ways);
    }
}
