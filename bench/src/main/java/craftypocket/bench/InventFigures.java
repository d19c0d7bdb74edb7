package craftypocket.bench;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.invent.Invention;
import craftypocket.core.invent.Inventor;
import craftypocket.core.invent.Question;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Prints how fast procedures are found: nodes a minute, the first and the best answer, memory. Each question is asked in a fresh search. */
public final class InventFigures {

    private static final Comparator<Invention> FREEST =
            Comparator.comparingInt(Invention::choices).thenComparingLong(Invention::ways);

    private InventFigures() {}

    public static void main(String[] args) {
        // The first one warms up.
        secretNumber("warming up", 3, 1);
        secretNumber("a card at a secret number, 3 steps, a free choice", 3, 1);
        secretNumber("the same, 4 steps, 2 free choices", 4, 2);
        manyLayouts();
    }

    private static void secretNumber(String what, int steps, int choices) {
        Step think = new Step("think", "deal-to-number", Map.of("at", "1-12"), Optional.empty());
        ask(what, List.of(think), steps, choices);
    }

    /** A card at one of twelve places, and two packets that are lifted off in many ways: of each number five are taken in the search. */
    private static void manyLayouts() {
        Step think = new Step("think", "deal-to-number", Map.of("at", "1-12"), Optional.empty());
        Step lift = new Step("lift", "lift-packet", Map.of("count", "13-29", "to", "table:packet"), Optional.empty());
        Step again = new Step("again", "lift-packet", Map.of("count", "1-9", "to", "table:other"), Optional.empty());
        List<Step> before = List.of(think, lift, again);
        ask("a card at a secret number, two packets are lifted off, 3 steps", before, 3, 0);
        // Few of these come out: nearly all of the time is search.
        ask("the same, 3 steps, 2 free choices", before, 3, 2);
    }

    private static void ask(String what, List<Step> before, int steps, int choices) {
        Routine routine = new Routine(
                SetUp.of("52", List.of()), List.of(new Role("A", RoleKind.SELECTION, "Ines", "")), before, List.of());
        String after = before.get(before.size() - 1).id();
        ClaimSpec goal = ClaimSpec.of("place-known", "role", "A");
        Inventor inventor = new Inventor(
                new Question(routine, after, goal, steps, choices, true, 0, 2, List.of(), 1), AllMoves.CATALOGUE);
        long begun = System.nanoTime();
        double[] first = {-1};
        double[] best = {-1};
        Invention[] freest = {null};
        long[] memory = {0};
        int[] seen = {0};
        inventor.search(() -> {
            List<Invention> found = inventor.found();
            double now = (System.nanoTime() - begun) / 1e9;
            if (found.size() > seen[0]) {
                first[0] = first[0] < 0 ? now : first[0];
                Invention freer = found.stream().max(FREEST).orElseThrow();
                if (freest[0] == null || FREEST.compare(freer, freest[0]) > 0) {
                    freest[0] = freer;
                    best[0] = now;
                }
                seen[0] = found.size();
            }
            Runtime runtime = Runtime.getRuntime();
            memory[0] = Math.max(memory[0], runtime.totalMemory() - runtime.freeMemory());
            return now > 180;
        });
        double took = (System.nanoTime() - begun) / 1e9;
        System.out.printf(
                "FIGURE | %s | %d layouts | %,d tried in %.1f s: %,.0f a minute | first after %.1f s, the freest after %.1f s of %d | %d MB%n",
                what,
                inventor.states(),
                inventor.tried(),
                took,
                60 * inventor.tried() / took,
                first[0],
                best[0],
                inventor.found().size(),
                memory[0] >> 20);
    }
}
