package craftypocket.core.seem;

import craftypocket.core.Demos;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.List;
import org.junit.jupiter.api.Test;

class DumpTest {
    @Test
    void dump() throws Exception {
        for (Demos.Demo demo : Demos.all()) {
            var plan = demo.script().plan();
            Trace trace = Tracer.trace(plan, World.USUAL);
            var seeming = Seeming.of(plan, trace);
            List<Seen> seen = seeming.moments();
            System.out.println("#### " + demo.title() + " UNCLEAN " + seeming.unclean());
            System.out.println("ACCOUNT " + String.join(" ", seeming.account()));
            Method.of(plan, World.USUAL, seeming, craftypocket.core.moves.AllMoves.CATALOGUE)
                    .forEach(m -> System.out.println("  METHOD " + m));
            for (int i = 0; i < seen.size(); i++) {
                Seen at = seen.get(i);
                System.out.println("  " + i + " ["
                        + (i == 0
                                ? ""
                                : plan.steps().get(i - 1).move().id() + "/"
                                        + plan.steps().get(i - 1).move().seems())
                        + "] told=" + at.told() + " thinks=" + at.thinks());
                at.effects().forEach(w -> System.out.println("      EFFECT " + w));
                at.flaws().forEach(w -> System.out.println("      FLAW " + w));
            }
        }
    }
}
