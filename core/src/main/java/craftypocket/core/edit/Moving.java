package craftypocket.core.edit;

import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Line;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Does a step at another moment of its line. */
public final class Moving {

    private static final Pattern STEP = Pattern.compile("(?:outs\\[(\\d+)]\\.)?steps\\[(\\d+)]");

    private Moving() {}

    /**
     * The routine with a step elsewhere on its line. An out that would rejoin before it begins then, rejoins at the next of the steps
     * that it went on with.
     *
     * @param line the id of an out; empty for the main line
     * @param after the id of the step after which it is done; empty for the set-up
     * @throws ProblemsFound when there is no such step, or a step takes a number from another that would come after it then
     */
    public static Edited of(Routine routine, String line, String id, String after, Catalogue catalogue) {
        Own own = Own.of(routine, line);
        Step moved = own.steps().stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow(() ->
                        Edited.refused("step", id, "this line has no such step of its own", "Choose one of its steps"));
        List<Step> others = new ArrayList<>(own.steps());
        others.remove(moved);
        Routine changed = Own.of(own.with(others), line).with(after, List.of(moved));
        // An out that begins in another can be gone through only once that one can.
        for (Out any : routine.outs()) {
            for (Out out : routine.outs()) {
                changed = rejoined(routine, changed, out);
            }
        }
        String name = "“" + Own.moveName(routine, moved, catalogue) + "”";
        Optional<Problem> wrong = wrong(changed, catalogue);
        if (wrong.isPresent() && wrong(routine, catalogue).isEmpty()) {
            String speaks = step(wrong.get(), changed)
                    .map(step -> step.equals(moved) ? "It" : Own.called(routine, step, catalogue))
                    .orElse("A check");
            throw Edited.refused(
                    "after",
                    after,
                    name + " cannot be done there. " + speaks
                            + " speaks of a step that would come later, or that an out would leave out",
                    "Move or change that one first");
        }
        int now = Own.of(changed, line).steps().indexOf(moved) + 1;
        return new Edited(changed, id, name + " is step " + now + (line.isEmpty() ? "." : " of the out."));
    }

    /** The step that cannot be read; nothing of a check. */
    private static Optional<Step> step(Problem problem, Routine routine) {
        Matcher field = STEP.matcher(problem.field());
        if (!field.lookingAt()) {
            return Optional.empty();
        }
        List<Step> steps = field.group(1) == null
                ? routine.steps()
                : routine.outs().get(Integer.parseInt(field.group(1))).steps();
        return Optional.of(steps.get(Integer.parseInt(field.group(2))));
    }

    private static Routine rejoined(Routine before, Routine changed, Out out) {
        if (along(changed, out.id()).isPresent() || along(before, out.id()).isEmpty()) {
            return changed;
        }
        List<Step> line = along(before, out.id()).orElseThrow().routine().steps();
        List<String> ids = line.stream().map(Step::id).toList();
        List<String> goesOnWith = new ArrayList<>(
                out.rejoin().isEmpty() ? List.of() : ids.subList(ids.indexOf(out.rejoin()), ids.size()));
        goesOnWith.add("");
        return goesOnWith.stream()
                .map(step -> rejoins(changed, out, step))
                .filter(tried -> along(tried, out.id()).isPresent())
                .findFirst()
                .orElse(changed);
    }

    private static Routine rejoins(Routine routine, Out out, String step) {
        return routine.withOuts(routine.outs().stream()
                .map(each -> each.id().equals(out.id()) ? each.rejoins(step) : each)
                .toList());
    }

    /** The line of an out; nothing where it cannot be gone through. */
    private static Optional<Line> along(Routine routine, String out) {
        try {
            return routine.outs().stream()
                    .filter(each -> each.id().equals(out))
                    .findFirst()
                    .map(each -> Line.along(routine, each));
        } catch (ProblemsFound nowhere) {
            return Optional.empty();
        }
    }

    /** The first thing of a routine that cannot be read. */
    private static Optional<Problem> wrong(Routine routine, Catalogue catalogue) {
        try {
            PlanReader.read(routine, catalogue);
            return Optional.empty();
        } catch (ProblemsFound wrong) {
            return Optional.of(wrong.problems().get(0));
        }
    }
}
