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
 */
public final class Wrapping {

    private Wrapping() {}

    /**
     * Wraps steps. The routine carries the own move then.
     *
     * @param ids the steps, one after another on the main line or in one out
     * @throws ProblemsFound when they do not stand one after another, or a number elsewhere comes from one of them
     */
    public static Edited of(Routine routine, OwnMove own, List<String> ids, Catalogue catalogue) {
        String id = Own.freshId(routine, "s");
        Map<String, String> settings = new HashMap<>();
        own.settings().forEach(setting -> settings.put(setting.name(), setting.usual()));
        Step step = new Step(id, own.id(), settings, Optional.empty(), Attention.AS_TAUGHT);

        List<Step> main = replaced(routine.steps(), ids, step);
        List<Out> outs = routine.outs().stream()
                .map(out -> out.with(replaced(out.steps(), ids, step)))
                .toList();
        boolean found = !main.equals(routine.steps()) || !outs.equals(routine.outs());
        if (!found) {
            throw Edited.refused(
                    "steps",
                    String.join(", ", ids),
                    "these steps do not stand one after another",
                    "Choose steps that follow each other");
        }
        List<OwnMove> ownMoves = new ArrayList<>(routine.ownMoves());
        ownMoves.removeIf(other -> other.id().equals(own.id()));
        ownMoves.add(own);
        Routine wrapped = routine.withSteps(main).withOuts(outs).withOwnMoves(ownMoves);
        for (String old : ids) {
            wrapped = Renaming.follow(wrapped, new Renamed(Renamed.Kind.STEP, old, id), catalogue);
        }
        refuseWhatIsLost(routine, wrapped, catalogue);
        return new Edited(wrapped, id, Edited.steps(ids.size()) + " are one now: “" + own.name() + "”.");
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
