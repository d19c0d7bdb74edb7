package craftypocket.app.rehearsal;

import craftypocket.app.http.Constants;
import craftypocket.app.rehearsal.PracticeController.DrillSetDocument;
import craftypocket.app.rehearsal.PracticeController.GuessDocument;
import craftypocket.app.rehearsal.PracticeController.TryDocument;
import craftypocket.app.rehearsal.PracticeNotes.Kind;
import craftypocket.app.rehearsal.RehearsalDocument.StepRun;
import craftypocket.app.routines.FirstStart;
import craftypocket.app.routines.RoutineDocument.StepDocument;
import craftypocket.app.routines.RoutineService;
import craftypocket.core.moves.AllMoves;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** A made-up year of practice aboard, so that every view has something to show: runs, counts, packets, drills, each getting better. */
@Component
class DemoPractice implements FirstStart {

    private static final int WEEKS = 52;
    private static final List<String> REHEARSED =
            List.of("Four lighthouses", "The loose plank", "Man overboard", "Three berths");
    private static final List<String> COUNTS = List.of("block-push", "bottom-bottom-top-top");
    private static final int BEATS = 4;
    private static final double SLOWEST_BEAT_MILLIS = 1200;
    private static final double FASTEST_BEAT_MILLIS = 620;

    private final Runs runs;
    private final PracticeNotes notes;
    private final RoutineService routines;
    private final Clock clock;
    private final boolean wanted;

    /** Drawn alike at every first start. */
    private final Random random = new Random(24);

    DemoPractice(
            Runs runs,
            PracticeNotes notes,
            RoutineService routines,
            Clock clock,
            @Value("${crafty.demo-practice}") boolean wanted) {
        this.runs = runs;
        this.notes = notes;
        this.routines = routines;
        this.clock = clock;
        this.wanted = wanted;
    }

    @Override
    public void fill(Map<String, UUID> shelf) {
        if (!wanted) {
            return;
        }
        for (int week = WEEKS; week >= 1; week--) {
            // From 1, a beginner, to 0: fast at first, and slower later.
            double left = Math.pow((double) week / WEEKS, 1.6);
            Instant evening = clock.instant().minus(Duration.ofDays(7L * week - 6));
            for (int second = 0; second <= 1; second++) {
                UUID routine = shelf.get(REHEARSED.get((week + 2 * second) % REHEARSED.size()));
                if (routine != null) {
                    runs.keep(UUID.randomUUID(), routine, run(routine, evening.plusSeconds(900L * second), left));
                }
            }
            keep(Kind.BEATS, COUNTS.get(week % COUNTS.size()), evening, beats(left));
            for (int guess = 0; guess < 2; guess++) {
                keep(Kind.JUDGED, "", evening.plusSeconds(60L * guess), guess(left));
            }
            if (week % 3 == 1) {
                int errors = drawn(6 * left);
                keep(Kind.DRILL, "controls", evening, new DrillSetDocument(20, errors, 20 - 2 * errors, 400_000));
            }
        }
    }

    private void keep(Kind kind, String subject, Instant at, Object what) {
        notes.restore(UUID.randomUUID(), Constants.word(kind), subject, at, what);
    }

    /** About so many. */
    private int drawn(double mean) {
        return (int) Math.max(0, Math.round(mean * (0.5 + random.nextDouble())));
    }

    private RehearsalDocument run(UUID routine, Instant at, double left) {
        List<StepRun> steps = new ArrayList<>();
        for (StepDocument step : routines.onShelf(routine).orElseThrow().steps()) {
            double seconds = Math.max(4, step.seconds() > 0 ? step.seconds() : 6)
                    * (1 + left)
                    * (0.85 + 0.3 * random.nextDouble());
            int slips = random.nextDouble() < 0.22 * left ? 1 : 0;
            steps.add(new StepRun(
                    step.id(), Math.round(1000 * seconds), slips, slips > 0 ? List.of(why(step)) : List.of()));
        }
        long total = steps.stream().mapToLong(StepRun::millis).sum();
        boolean cameOut = random.nextDouble() > 0.35 * left;
        return new RehearsalDocument(at, total, cameOut, steps, "", null);
    }

    private String why(StepDocument step) {
        List<String> faults =
                AllMoves.CATALOGUE.find(step.move()).map(move -> move.faults()).orElse(List.of());
        return faults.isEmpty() ? "froze" : faults.get(random.nextInt(faults.size()));
    }

    private TryDocument beats(double left) {
        double beat = FASTEST_BEAT_MILLIS + (SLOWEST_BEAT_MILLIS - FASTEST_BEAT_MILLIS) * left;
        List<Double> times = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < BEATS; i++) {
            times.add((double) Math.round(at));
            at += beat * (1 + (0.04 + 0.16 * left) * random.nextGaussian());
            at = Math.max(at, times.get(i) + beat / 2);
        }
        return new TryDocument(times);
    }

    private GuessDocument guess(double left) {
        int cards = 8 + random.nextInt(30);
        int said = (int) Math.round(cards + (1 + 4 * left) * random.nextGaussian());
        return new GuessDocument(cards, Math.max(1, said));
    }
}
