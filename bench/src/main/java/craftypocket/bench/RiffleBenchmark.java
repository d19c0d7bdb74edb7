package craftypocket.bench;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Kit;
import craftypocket.core.layout.Places;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One riffle of 52 on the surface, beside a shuffle of a list of 52: must be at least five times as fast. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class RiffleBenchmark {

    private static final int CARDS = 52;
    private static final long SEED = 1;

    private final Hands hands = new Hands(Kit.plain(CARDS, 0), new Places(), 0);
    private final List<Integer> list =
            new ArrayList<>(IntStream.range(0, CARDS).boxed().toList());
    private final Random random = new Random(SEED);
    private int number;

    public RiffleBenchmark() {
        for (int card = 0; card < CARDS; card++) {
            hands.lay(0, card, false);
        }
    }

    @Benchmark
    public int riffle() {
        hands.shuffles().riffle(0, 1, hands.chance(++number));
        return hands.card(0, 1);
    }

    @Benchmark
    public int listShuffled() {
        Collections.shuffle(list, random);
        return list.get(0);
    }
}
