package craftypocket.core.invent;

import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.List;

/**
 * What procedures are looked for.
 *
 * @param routine where it begins
 * @param after the step after which it begins; empty for the set-up
 * @param goal what must be so in the end, in all ways; {@code place-known} asks for any one place
 * @param steps how many steps at most
 * @param choices how many free choices people make in them at least
 * @param table whether they may need a table
 * @param secret how many of them may be secret
 * @param difficulty the hardest that may be, from 1 to 5
 * @param numbers the fixed numbers that have a reason at the table; none for the usual ones
 * @param seed tells apart which of many alike are followed first: the same seed gives the same answers
 */
public record Question(
        Routine routine,
        String after,
        ClaimSpec goal,
        int steps,
        int choices,
        boolean table,
        int secret,
        int difficulty,
        List<Integer> numbers,
        long seed) {

    public static final int MOST_STEPS = 8;
    public static final int MOST_CHOICES = 5;
    public static final int MOST_NUMBERS = 20;

    /** Small ones, and those of a pack: values, a suit, half of it. */
    private static final List<Integer> USUAL_NUMBERS = List.of(1, 2, 3, 4, 5, 6, 8, 10, 12, 13, 26);

    /** What one looks for that has no place: any one at which it then is. */
    static final String ANYWHERE = "place-known";

    public Question {
        numbers = numbers.isEmpty()
                ? USUAL_NUMBERS
                : numbers.stream().distinct().sorted().toList();
        List<Problem> problems = new ArrayList<>();
        within("steps", steps, 1, MOST_STEPS, problems);
        within("choices", choices, 0, MOST_CHOICES, problems);
        within("secret", secret, 0, MOST_STEPS, problems);
        within("difficulty", difficulty, 1, 5, problems);
        within("numbers", numbers.size(), 1, MOST_NUMBERS, problems);
        if (choices > steps) {
            problems.add(new Problem(
                    "choices",
                    String.valueOf(choices),
                    "there cannot be more free choices than steps",
                    "Allow more steps, or ask for fewer choices"));
        }
        List<String> ids = routine.steps().stream().map(Step::id).toList();
        if (!after.isEmpty() && !ids.contains(after)) {
            problems.add(new Problem(
                    "after", after, "there is no step of this name", "Name a step, or leave it empty for the set-up"));
        }
        if (ids.indexOf(after) + 1 + steps > Routine.MOST_STEPS) {
            problems.add(new Problem(
                    "steps",
                    String.valueOf(steps),
                    "a routine has at most " + Routine.MOST_STEPS + " steps",
                    "Begin at an earlier step"));
        }
        problems.addAll(goal.unasked("goal"));
        boolean known = ClaimKinds.find(goal.kind()).isPresent();
        if (known && goal.kind().equals(ANYWHERE) && (goal.not() || !goal.or().isEmpty())) {
            problems.add(new Problem(
                    "goal",
                    goal.kind(),
                    "any one place is asked for by itself",
                    "Leave out “not” and the alternatives"));
        }
        ProblemsFound.throwIfAny(problems);
    }

    private static void within(String field, int number, int least, int most, List<Problem> problems) {
        if (number < least || number > most) {
            problems.add(new Problem(
                    field,
                    String.valueOf(number),
                    "it is from " + least + " to " + most,
                    "Write a number from " + least + " to " + most));
        }
    }

    /** The routine up to where the procedures begin, with what is asked for as its only claim. */
    Routine beginning() {
        return with(List.of(), goal);
    }

    /** The routine up to there, with a procedure after it and what is so then as its only claim. */
    public Routine with(List<Step> procedure, ClaimSpec claim) {
        int begins = routine.steps().stream().map(Step::id).toList().indexOf(after) + 1;
        List<Step> all = new ArrayList<>(routine.steps().subList(0, begins));
        all.addAll(procedure);
        return new Routine(
                routine.setUp(),
                routine.roles(),
                all,
                List.of(new RoutineClaim("found", "", claim)),
                routine.ownMoves());
    }

    /** Whether a place is looked for that is the same in all ways, whichever it is. */
    boolean anywhere() {
        return goal.kind().equals(ANYWHERE);
    }
}
