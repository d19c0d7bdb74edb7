package craftypocket.bench;

import craftypocket.core.read.Plan;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.seem.Seeming;
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

/** A trace of 30 steps. Must stay under 100 µs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class TraceBenchmark {

    private final Plan plan = Routines.keyCard(30, "any", "any", "any");

    @Benchmark
    public Trace thirtySteps() {
        return Tracer.trace(plan, World.USUAL);
    }

    /** The same with the deck in people's heads beside it. At most 2.2 times as long. */
    @Benchmark
    public Seeming thirtyStepsWithWhatTheySee() {
        return Seeming.of(plan, Tracer.trace(plan, World.USUAL));
    }
}
