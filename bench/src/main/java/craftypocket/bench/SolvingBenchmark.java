package craftypocket.bench;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.World;
import craftypocket.core.invent.Bridge;
import craftypocket.core.invent.BridgeFinder;
import craftypocket.core.solve.SlipDiagnosis;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** 100,000 sampled worlds of 20 steps with two real riffles: under 300 ms. A bridge over the whole catalogue: under 200 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SolvingBenchmark {

    private final Plan riffled = Routines.keyCardWithRiffles(20);
    private final Routine withBreak = new Routine(
            SetUp.of("52", List.of(new Placement("AS", 27, false))),
            List.of(new Role("A", RoleKind.KEY, "", "AS")),
            List.of(Step.of("hold", "hold-break", "depth", "26")),
            List.of());

    private static final List<ClaimSpec> SEEN = List.of(
            ClaimSpec.of("position", "role", "A", "nth", "17"), ClaimSpec.of("position", "role", "K", "nth", "16"));

    private final Plan thirtySteps = Routines.keyCard(30, "26", "20", "30");

    @Benchmark
    public Survey surveyWithTwoRiffles() {
        return Surveyor.survey(riffled, SurveyOptions.withDefaults());
    }

    @Benchmark
    public Bridge bridgeFromBreakToTop() {
        return new BridgeFinder(
                        withBreak,
                        AllMoves.CATALOGUE,
                        "hold",
                        ClaimSpec.of("position", "role", "A", "nth", "1"),
                        move -> true)
                .find(() -> false);
    }

    /** Thirty steps, the key and the selection seen elsewhere: every slip and every pair of slips is tried. */
    @Benchmark
    public SlipDiagnosis slipDiagnosisOfThirtySteps() {
        Plan plan = SlipDiagnosis.read(thirtySteps.routine(), AllMoves.CATALOGUE, SEEN);
        return SlipDiagnosis.of(plan, SEEN.size(), World.USUAL, Map.of(), () -> false);
    }
}
