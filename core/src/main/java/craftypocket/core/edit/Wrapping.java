package craftypocket.core.edit;

import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Renamed;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Puts one of the performer's own moves in the place of the steps that it was made of. Whatever spoke of one of these steps speaks of the
 * new one: claims that stand after it, outs, covers, conditions.
 *
 * @param routine the routine with the new step, carrying the own move
 * @param step the id of the new step
 */
public record Wrapping(Routine routine, String step) {

    /**
     * Wraps steps.
     *
     * @param ids the steps, one after another on the main line or in one out
     * @throws ProblemsFound when they do not stand one after another, or a number elsewhere comes from one of them
     */
    public static Wrapping of(Routine routine, OwnMove own, List<String> ids, Catalogue catalogue) {
        String id = freshId(routine);
        Map<String, String> settings = new HashMap<>();
        own.settings().forEach(setting -> settings.put(setting.name(), setting.usual()));
        Step step = new Step(id, own.id(), settings, Optional.empty(), Attention.AS_TAUGHT);

        List<Step> main = replaced(routine.steps(), ids, step);
        List<Out> outs = routine.outs().stream()
                .map(out ->
                        new Out(out.id(), out.occasion(), out.after(), replaced(out.steps(), ids, step), out.rejoin()))
                .toList();
        boolean found = !main.equals(routine.steps()) || !outs.equals(routine.outs());
        if (!found) {
            throw new ProblemsFound(List.of(new Problem(
                    "steps",
                    String.join(", ", ids),
                    "these steps do not stand one after another",
                    "Choose steps that follow each other")));
        }
        List<OwnMove> ownMoves = new ArrayList<>(routine.ownMoves());
        ownMoves.removeIf(other -> other.id().equals(own.id()));
        ownMoves.add(own);
        Routine wrapped = new Routine(routine.setUp(), routine.roles(), main, routine.claims(), ownMoves, outs);
        for (String old : ids) {
            wrapped = Renaming.follow(wrapped, new Renamed(Renamed.Kind.STEP, old, id), catalogue);
        }
        refuseWhatIsLost(routine, wrapped, catalogue);
        return new Wrapping(wrapped, id);
    }

    /** The steps with one in the place of those with these ids, where all of these follow each other. */
    private static List<Step> replaced(List<Step> steps, List<String> ids, Step by) {
        int first = Collections.indexOfSubList(steps.stream().map(Step::id).toList(), ids);
        if (first < 0 || ids.isEmpty()) {
            return steps;
        }
        List<Step> changed = new ArrayList<>(steps.subList(0, first));
        changed.add(by);
        changed.addAll(steps.subList(first + ids.size(), steps.size()));
        return changed;
    }

    private static String freshId(Routine routine) {
        List<String> taken = Renaming.steps(routine).map(Step::id).toList();
        int number = 1;
        while (taken.contains("s" + number)) {
            number++;
        }
        return "s" + number;
    }

    /** A number that came from one of the steps may be gone with it. */
    private static void refuseWhatIsLost(Routine before, Routine after, Catalogue catalogue) {
        List<String> known =
                problems(before, catalogue).stream().map(Problem::rule).toList();
        List<Problem> lost = problems(after, catalogue).stream()
                .filter(problem -> !known.contains(problem.rule()))
                .toList();
        if (!lost.isEmpty()) {
            throw new ProblemsFound(lost);
        }
    }

    private static List<Problem> problems(Routine routine, Catalogue catalogue) {
        try {
            PlanReader.read(routine, catalogue);
            return List.of();
        } catch (ProblemsFound found) {
            return found.problems();
        }
    }
}
