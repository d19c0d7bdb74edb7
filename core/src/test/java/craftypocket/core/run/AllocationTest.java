package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Values;
import java.lang.management.ManagementFactory;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A survey does moves millions of times: none of them makes anything that has to be cleared away. */
class AllocationTest {

    private static final int TIMES = 500;

    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

    static List<Move> moves() {
        return AllMoves.CATALOGUE.moves();
    }

    @ParameterizedTest
    @MethodSource("moves")
    void doing_a_move_allocates_nothing(Move move) {
        Plan plan = PlanReader.read(Playground.of(move), AllMoves.CATALOGUE);
        Walk walk = Tracer.walk(plan, World.USUAL);
        Hands before = plan.freshHands();
        int last = plan.steps().size() - 1;
        for (int step = 0; step < last; step++) {
            walk.perform(step, walk.values(step), before);
        }
        PlannedStep step = plan.steps().get(last);
        Values values = walk.values(last);
        Hands hands = before.another();
        repeat(step, values, before, hands);

        long allocated = THREADS.getCurrentThreadAllocatedBytes();
        repeat(step, values, before, hands);

        // Measuring itself may take a few bytes; an object for each time would take thousands.
        assertThat(THREADS.getCurrentThreadAllocatedBytes() - allocated).isLessThan(TIMES * 8L);
    }

    private static void repeat(PlannedStep step, Values values, Hands before, Hands hands) {
        for (int i = 0; i < TIMES; i++) {
            hands.copyFrom(before);
            if (step.ready(hands, values)) {
                step.perform(hands, values);
            }
        }
    }
}
