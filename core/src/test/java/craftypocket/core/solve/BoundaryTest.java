package craftypocket.core.solve;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Where a hand can take hold of a step. The depths are those of the definitions of the moves. */
class BoundaryTest {

    private static final int CARDS = 52;

    private static List<Boundary> of(Script script, World world) {
        return Boundary.of(PlanReader.read(script.routine(), AllMoves.CATALOGUE), world, "s1", AllMoves.CATALOGUE);
    }

    @Test
    void a_cut_that_somebody_chooses_lies_where_they_cut() {
        List<Boundary> found =
                of(Script.deck(CARDS).step("complete-cut", "depth", "15-37"), new World(Map.of("s1.depth", 20)));

        assertThat(found).hasSize(1);
        Boundary cut = found.get(0);
        assertThat(cut.place().text()).isEqualTo("deck");
        assertThat(cut.depth()).isEqualTo(20);
        assertThat(cut.choice()).isEqualTo("s1.depth");
        assertThat(cut.setting()).isEmpty();
        assertThat(cut.least()).isEqualTo(15);
        assertThat(cut.texts()).hasSize(37 - 15 + 1).startsWith("15", "16").endsWith("37");
    }

    @Test
    void a_cut_that_is_stated_is_a_setting_and_leaves_a_card_on_either_side() {
        Boundary cut = of(Script.deck(CARDS).step("complete-cut", "depth", "20"), World.USUAL)
                .get(0);

        assertThat(cut.setting()).isEqualTo("depth");
        assertThat(cut.depth()).isEqualTo(20);
        assertThat(cut.least()).isEqualTo(1);
        assertThat(cut.texts()).hasSize(CARDS - 1);
    }

    @Test
    void each_chunk_ends_somewhere_and_keeps_the_others() {
        List<Boundary> found = of(Script.deck(CARDS).step("overhand", "chunks", "10 12 rest"), World.USUAL);

        assertThat(found).extracting(Boundary::depth).containsExactly(10, 22);
        assertThat(found.get(0).texts().get(7 - 1)).isEqualTo("7 12 rest");
        assertThat(found.get(1).texts().get(23 - found.get(1).least())).isEqualTo("10 13 rest");
        assertThat(found.get(1).least()).isEqualTo(11);
    }

    @Test
    void a_step_that_moves_nothing_cannot_be_done_or_is_not_there_has_none() {
        assertThat(of(Script.deck(CARDS).step("false-cut"), World.USUAL)).isEmpty();
        assertThat(of(Script.deck(CARDS).step("complete-cut", "depth", "60"), World.USUAL))
                .isEmpty();
        Plan plan = PlanReader.read(
                Script.deck(CARDS).step("complete-cut", "depth", "20").routine(), AllMoves.CATALOGUE);
        assertThat(Boundary.of(plan, World.USUAL, "gone", AllMoves.CATALOGUE)).isEmpty();
    }

    /** The law: whatever move it is, what is taken for a depth parts the pile at that depth. */
    @Test
    void what_is_taken_for_a_depth_parts_the_pile_there() {
        int held = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            Routine routine = Script.deck(CARDS)
                    .selection("A", "Ines")
                    .key("K", "KC", 7)
                    .step(move.id())
                    .routine();
            Plan plan;
            try {
                plan = PlanReader.read(routine, AllMoves.CATALOGUE);
            } catch (craftypocket.core.settings.ProblemsFound needsMore) {
                continue;
            }
            for (Boundary boundary : Boundary.of(plan, World.USUAL, "s1", AllMoves.CATALOGUE)) {
                held++;
                for (int i = 0; i < boundary.texts().size(); i++) {
                    Trace.Moment moved = taken(plan, boundary, boundary.texts().get(i));
                    int depth = boundary.least() + i;
                    assertThat(moved.ribbons())
                            .as("%s, %s at %d", move.id(), boundary.label(), depth)
                            .anyMatch(ribbon ->
                                    ribbon.from().equals(boundary.place()) && ribbon.fromPosition() == depth + 1);
                }
            }
        }
        assertThat(held).isGreaterThan(30);
    }

    private static Trace.Moment taken(Plan plan, Boundary boundary, String text) {
        if (!boundary.choice().isEmpty()) {
            return Tracer.trace(plan, new World(Map.of(boundary.choice(), Integer.valueOf(text))))
                    .end();
        }
        Step step = plan.routine().steps().get(0);
        Map<String, String> settings = new HashMap<>(step.settings());
        settings.put(boundary.setting(), text);
        Routine other = new Routine(
                plan.routine().setUp(), plan.routine().roles(), List.of(step.with(settings)), List.of(), List.of());
        return Tracer.trace(PlanReader.read(other, AllMoves.CATALOGUE), World.USUAL)
                .end();
    }
}
