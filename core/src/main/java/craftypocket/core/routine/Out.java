package craftypocket.core.routine;

import java.util.List;

/**
 * An alternative line that is taken when something happens, and rejoins the routine later.
 *
 * @param id told apart by it from the other outs
 * @param occasion what happens
 * @param after the step after which it begins, of the main line or of another out; empty right after the set-up
 * @param steps what is done instead; none when steps are only left out
 * @param rejoin the step at which it rejoins the line it left; empty when the routine ends with it
 */
public record Out(String id, Occasion occasion, String after, List<Step> steps, String rejoin) {

    /** More than anybody can keep ready. */
    public static final int MOST_OUTS = 12;

    public Out {
        steps = List.copyOf(steps);
    }

    /** The same with other steps. */
    public Out with(List<Step> others) {
        return new Out(id, occasion, after, others, rejoin);
    }

    /** The same, rejoining at another step; empty when the routine ends with it. */
    public Out rejoins(String step) {
        return new Out(id, occasion, after, steps, step);
    }
}
