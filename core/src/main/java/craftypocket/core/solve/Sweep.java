package craftypocket.core.solve;

import craftypocket.core.claims.Claim;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.reckon.Wilson;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A survey for each value of one unknown: the one way of solving backwards.
 *
 * @param unknown what was solved for
 * @param points one a value, in order
 * @param best the value with which most holds; of several the smallest
 * @param stopped whether it was ended early; the points are then the first ones
 * @param left the claims that were left out, in words: what people have seen decides them
 */
public record Sweep(Unknown unknown, List<Point> points, OptionalInt best, boolean stopped, List<String> left) {

    /**
     * How the routine stands with one value.
     *
     * @param value the value
     * @param text the value in words; empty for a number
     * @param share in which part of the worlds everything holds: all claims, all that moves expect, and every step can be done
     * @param low the lower end of its 95 % interval; the share itself when every world was visited
     * @param high the upper end of it
     * @param worlds how many worlds were looked at
     * @param exhaustive whether these were all
     * @param because when it fails, in words; empty when it never does
     */
    public record Point(
            int value,
            String text,
            double share,
            double low,
            double high,
            long worlds,
            boolean exhaustive,
            String because) {}

    /** A value's survey visits every world up to this many, else samples: a sweep has to answer while one waits. */
    private static final long EXHAUSTIVE = 20_000;

    private static final int SAMPLE = 4_000;

    public Sweep {
        points = List.copyOf(points);
        left = List.copyOf(left);
    }

    /**
     * Tries every value from 1 on. A value whose survey was not brought to an end is no point of the curve.
     *
     * @param most the last value to try
     * @param effort asked before each value and within whether to stop
     * @throws craftypocket.core.settings.ProblemsFound when the routine cannot be read
     */
    public static Sweep over(Routine asked, Unknown unknown, int most, Catalogue catalogue, Effort effort) {
        List<String> left = PlanReader.read(asked, catalogue).conditions().stream()
                .filter(condition -> condition.check() instanceof Claim claim && claim.bySight())
                .map(Condition::sentence)
                .toList();
        Routine routine = unknown.stated(withoutEyes(asked), catalogue);
        SurveyOptions options = SurveyOptions.withDefaults()
                .with(effort::stopped)
                .withExhaustiveUpTo(EXHAUSTIVE)
                .withSample(SAMPLE, 1);
        List<Point> points = new ArrayList<>();
        boolean stopped = false;
        int values = unknown.values(routine, most);
        for (int value = 1; value <= values && !stopped; value++) {
            Optional<Routine> changed = unknown.with(routine, value);
            Optional<Point> point = changed.isEmpty()
                    ? Optional.empty()
                    : point(changed.get(), value, unknown.text(routine, value), catalogue, options);
            stopped = effort.stopped();
            if (!stopped) {
                // Of hundreds of ways to count, those that never do it are not told.
                point.filter(p -> p.text().isEmpty() || p.share() > 0).ifPresent(points::add);
                effort.reached((double) value / values);
            }
        }
        OptionalInt best = points.stream()
                .filter(p -> p.share() > 0)
                .max(Comparator.comparingDouble(Point::share).thenComparing(p -> -p.value()))
                .map(p -> OptionalInt.of(p.value()))
                .orElse(OptionalInt.empty());
        return new Sweep(unknown, points, best, stopped, left);
    }

    private static Routine withoutEyes(Routine routine) {
        return new Routine(
                routine.setUp(),
                routine.roles(),
                routine.steps(),
                routine.claims().stream()
                        .filter(stated -> stated.believed() || !stated.claim().bySight())
                        .toList(),
                routine.ownMoves(),
                routine.outs());
    }

    /** How often everything holds together: where each claim had to be judged by itself, a sample says it. */
    static Survey together(Plan plan, SurveyOptions options) {
        Survey survey = Surveyor.survey(plan, options);
        boolean known = survey.allHeld() == survey.allHeldAtMost();
        return known ? survey : Surveyor.survey(plan, options.visiting());
    }

    private static Optional<Point> point(
            Routine routine, int value, String text, Catalogue catalogue, SurveyOptions options) {
        Survey survey;
        try {
            survey = together(PlanReader.read(routine, catalogue), options);
        } catch (ProblemsFound outside) {
            // A value that the routine cannot have, such as a place below the deck, is no point of the curve.
            return Optional.empty();
        }
        if (survey.worlds() == 0) {
            // Nothing was looked at before it was ended: that is no share of nothing.
            return Optional.empty();
        }
        double share = (double) survey.allHeld() / survey.worlds();
        String because = survey.findings().stream()
                .filter(f -> f.verdict() == Survey.Verdict.SOMETIMES || f.verdict() == Survey.Verdict.NEVER)
                .min(Comparator.comparingLong(Survey.Finding::held))
                .map(f -> f.condition().sentence() + ": " + f.because())
                .orElse("");
        return Optional.of(new Point(
                value,
                text,
                share,
                survey.exhaustive() ? share : Wilson.low(survey.allHeld(), survey.worlds()),
                survey.exhaustive() ? share : Wilson.high(survey.allHeld(), survey.worlds()),
                survey.worlds(),
                survey.exhaustive(),
                because));
    }
}
