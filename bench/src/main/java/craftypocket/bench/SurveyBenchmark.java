package craftypocket.bench;

import craftypocket.core.read.Plan;
import craftypocket.core.run.Knowledge;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
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

/** Every world of three free choices of 50 in a routine of 20 steps: 125,000 worlds. Must stay under 20 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SurveyBenchmark {

    private static final int WORLDS = 50 * 50 * 50;

    private final Plan plan = Routines.keyCard(20, "1-50", "1-50", "1-50");
    private final Plan people = Routines.threePeople();
    private final Plan rough = Routines.roughHands();
    private final Plan asked = Routines.keyAskedFor();
    private final Plan riffled = Routines.twoRiffles();

    @Benchmark
    public Survey everyWorld() {
        Survey survey = Surveyor.survey(plan, SurveyOptions.withDefaults());
        if (survey.worlds() != WORLDS) {
            throw new IllegalStateException("visited " + survey.worlds() + " worlds");
        }
        return survey;
    }

    /** The same worlds visited one by one. */
    @Benchmark
    public Survey everyWorldVisited() {
        return Surveyor.survey(plan, SurveyOptions.withDefaults().visiting());
    }

    /** Three people take a card anywhere, which come back one after another: five thousand million worlds. */
    @Benchmark
    public Survey threePeople() {
        return Surveyor.survey(people, SurveyOptions.withDefaults());
    }

    /** What is known at each moment of the same, in all ways. */
    @Benchmark
    public Knowledge threePeopleKnown() {
        return Knowledge.of(people, SurveyOptions.withDefaults()).orElseThrow();
    }

    /** Four claims ask what is known of a selection and its key. */
    @Benchmark
    public Survey keyAskedFor() {
        return exactly(Surveyor.survey(asked, SurveyOptions.withDefaults()));
    }

    /** A sample of 100,000 of them. */
    @Benchmark
    public Survey threePeopleSampled() {
        return Surveyor.survey(people, SurveyOptions.withDefaults().visiting());
    }

    /** Shuffles as hands do them, over all ways: must stay under 500 ms. */
    @Benchmark
    public Survey roughHands() {
        return exactly(Surveyor.survey(rough, SurveyOptions.withDefaults()));
    }

    /** A sample of 100,000 ways of the same. */
    @Benchmark
    public Survey roughHandsSampled() {
        return Surveyor.survey(rough, SurveyOptions.withDefaults().visiting());
    }

    /** Two riffles with two cards followed, over all ways: must stay under 300 ms. */
    @Benchmark
    public Survey twoRiffles() {
        return exactly(Surveyor.survey(riffled, SurveyOptions.withDefaults()));
    }

    /** A sample of 100,000 ways of the same. */
    @Benchmark
    public Survey twoRifflesSampled() {
        return Surveyor.survey(riffled, SurveyOptions.withDefaults().visiting());
    }

    private static Survey exactly(Survey survey) {
        if (!survey.exhaustive()) {
            throw new IllegalStateException("only a sample");
        }
        return survey;
    }

    /** What the survey would cost without its tree: each world traced from the set-up. One in a hundred is measured. */
    @Benchmark
    public int everyHundredthWorldTraced() {
        int held = 0;
        for (int world = 0; world < WORLDS; world += 100) {
            Map<String, Integer> numbers =
                    Map.of("pick.at", 1 + world / 2500, "return.at", 1 + world / 50 % 50, "cut.depth", 1 + world % 50);
            held += Tracer.trace(plan, new World(numbers)).outcomes().get(0) ? 1 : 0;
        }
        return held;
    }
}
