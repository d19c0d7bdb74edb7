package craftypocket.core.edit;

import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import java.util.List;
import java.util.stream.Stream;

/** Keeps an out ready after a step, in which nothing is done yet. */
public final class KeepingAnOut {

    private KeepingAnOut() {}

    /**
     * The routine with an out that begins after a step of a line and rejoins it at the next one.
     *
     * @param line the id of an out; empty for the main line
     * @param after the id of a step; empty for the set-up
     * @throws craftypocket.core.settings.ProblemsFound when there is no such line, or there are too many outs then
     */
    public static Edited of(Routine routine, String line, String after) {
        Out out =
                new Out(Own.freshId(routine, "o"), Occasion.SHUFFLING, after, List.of(), behind(routine, line, after));
        return new Edited(with(routine, out), after, "An out is kept ready.");
    }

    /** The step of a line that comes after another; empty at its end. */
    static String behind(Routine routine, String line, String step) {
        List<String> steps =
                Own.of(routine, line).routine().steps().stream().map(Step::id).toList();
        int next = steps.indexOf(step) + 1;
        return next < steps.size() ? steps.get(next) : "";
    }

    /** The routine with an out more. */
    static Routine with(Routine routine, Out out) {
        List<Out> outs = Stream.concat(routine.outs().stream(), Stream.of(out)).toList();
        if (outs.size() > Out.MOST_OUTS) {
            throw Edited.refused(
                    "outs",
                    String.valueOf(outs.size()),
                    "nobody can keep more than " + Out.MOST_OUTS + " outs ready",
                    "Take out one that never comes up");
        }
        return routine.withOuts(outs);
    }
}
