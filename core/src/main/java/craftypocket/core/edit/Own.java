package craftypocket.core.edit;

import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.routine.Line;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The steps that are written on one line and are edited there: those of the main line, or those of one out. A line goes through steps
 * of other lines too, before an out begins and after it rejoins.
 *
 * @param out the out; empty for the main line
 */
record Own(Routine whole, Optional<Out> out) {

    /** @param line the id of an out; empty for the main line */
    static Own of(Routine whole, String line) {
        if (line.isEmpty()) {
            return new Own(whole, Optional.empty());
        }
        return whole.outs().stream()
                .filter(each -> each.id().equals(line))
                .findFirst()
                .map(each -> new Own(whole, Optional.of(each)))
                .orElseThrow(() -> Edited.refused(
                        "line", line, "there is no such out any more", "Choose another line, or make it anew"));
    }

    /** Where a step is written. */
    static Own of(Step step, Routine whole) {
        return new Own(
                whole,
                whole.outs().stream().filter(out -> out.steps().contains(step)).findFirst());
    }

    List<Step> steps() {
        return out.map(Out::steps).orElse(whole.steps());
    }

    /** The routine with other steps here. */
    Routine with(List<Step> steps) {
        return out.map(mine -> whole.withOuts(whole.outs().stream()
                        .map(each -> each == mine ? each.with(steps) : each)
                        .toList()))
                .orElseGet(() -> whole.withSteps(steps));
    }

    /** The routine with steps put in where a line has just done a step; those of another line stay before and after it. */
    Routine with(String after, List<Step> more) {
        List<String> passed = new ArrayList<>();
        if (!after.isEmpty()) {
            List<String> line = routine().steps().stream().map(Step::id).toList();
            int at = line.indexOf(after);
            if (at < 0) {
                throw Edited.refused("after", after, "there is no such step on this line", "Choose one of its steps");
            }
            passed.addAll(line.subList(0, at + 1));
        }
        List<Step> steps = new ArrayList<>(steps());
        int before =
                (int) steps.stream().filter(step -> passed.contains(step.id())).count();
        steps.addAll(before, more);
        if (steps.size() > Routine.MOST_STEPS) {
            throw Edited.refused(
                    "steps",
                    Edited.steps(steps.size()),
                    "a routine has at most " + Edited.steps(Routine.MOST_STEPS),
                    "Make two routines of it, or one move of several");
        }
        return with(steps);
    }

    /** The line as a routine of its own. One that cannot be gone through has the steps that are written here. */
    Routine routine() {
        if (out.isEmpty()) {
            return Line.main(whole).routine();
        }
        try {
            return Line.along(whole, out.get()).routine();
        } catch (ProblemsFound nowhere) {
            return whole.withSteps(steps()).withClaims(List.of()).withOuts(List.of());
        }
    }

    /** A step by its number and move: Step 5 (Deal cards), or that of an out. */
    static String called(Routine routine, Step step, Catalogue catalogue) {
        return of(step, routine).number(step) + " (" + moveName(routine, step, catalogue) + ")";
    }

    /** A step that is written here, by its number: Step 5, or Step 1 of an out. */
    String number(Step step) {
        return "Step " + (steps().indexOf(step) + 1) + (out.isPresent() ? " of an out" : "");
    }

    /** What the move of a step is called. */
    static String moveName(Routine routine, Step step, Catalogue catalogue) {
        return routine.ownMoves().stream()
                .filter(own -> own.id().equals(step.move()))
                .map(OwnMove::name)
                .findFirst()
                .or(() -> catalogue.find(step.move()).map(Move::name))
                .orElse(step.move());
    }

    /** The first of {@code s1}, {@code s2} … that no step, claim or out of a routine is called by. */
    static String freshId(Routine routine, String prefix) {
        Set<String> taken = Stream.of(
                        routine.allSteps().map(Step::id),
                        routine.claims().stream().map(claim -> claim.id()),
                        routine.outs().stream().map(Out::id))
                .flatMap(ids -> ids)
                .collect(Collectors.toCollection(HashSet::new));
        int number = 1;
        while (taken.contains(prefix + number)) {
            number++;
        }
        return prefix + number;
    }
}
