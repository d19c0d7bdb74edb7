package craftypocket.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Steps become one step; whatever spoke of them speaks of it. */
class WrappingTest {

    private static final OwnMove TWO_CUTS = new OwnMove(
            "own-two-cuts",
            "Two cuts",
            "Cut twice.",
            2,
            List.of(),
            List.of(
                    new OwnMove.Part("complete-cut", Map.of("depth", "10")),
                    new OwnMove.Part("complete-cut", Map.of("depth", "20"))));

    private static Step cut(String id, String depth) {
        return Step.of(id, "complete-cut", "depth", depth);
    }

    private static Routine routine(Step last, List<Out> outs) {
        return new Routine(
                SetUp.of("52", List.of()),
                List.of(),
                List.of(cut("a", "10"), cut("b", "20"), last),
                List.of(
                        new RoutineClaim("c", "b", ClaimSpec.of("pile-size", "cards", "52")),
                        new RoutineClaim("d", "", ClaimSpec.of("only-backs", "since", "a"))),
                List.of(),
                outs);
    }

    @Test
    void covers_claims_outs_and_what_counts_since_a_step_follow_it() {
        Step covered = cut("last", "5").with(new Attention(Look.AS_TAUGHT, Look.AS_TAUGHT, Look.AS_TAUGHT, "b"));
        Routine before = routine(covered, List.of(new Out("x", Occasion.OTHER, "a", List.of(cut("p", "3")), "b")));

        Edited wrapped = Wrapping.of(
                routine(covered, List.of(new Out("x", Occasion.OTHER, "b", List.of(cut("p", "3")), "last"))),
                TWO_CUTS,
                List.of("a", "b"),
                AllMoves.CATALOGUE);

        assertThat(wrapped.routine().steps()).extracting(Step::id).containsExactly("s1", "last");
        assertThat(wrapped.routine().steps().get(1).attention().cover()).isEqualTo("s1");
        assertThat(wrapped.routine().outs().get(0).after()).isEqualTo("s1");
        assertThat(wrapped.routine().claims().get(0).after()).isEqualTo("s1");
        assertThat(wrapped.routine().claims().get(1).claim().settings()).containsEntry("since", "s1");
        assertThat(wrapped.routine().ownMoves()).containsExactly(TWO_CUTS);
        assertThat(end(wrapped.routine())).isEqualTo(end(before));
    }

    @Test
    void in_an_out_too() {
        Routine before = routine(
                cut("last", "5"),
                List.of(new Out("x", Occasion.OTHER, "b", List.of(cut("p", "10"), cut("q", "20")), "last")));

        Edited wrapped = Wrapping.of(before, TWO_CUTS, List.of("p", "q"), AllMoves.CATALOGUE);

        assertThat(wrapped.routine().outs().get(0).steps()).extracting(Step::id).containsExactly("s1");
        assertThat(wrapped.routine().steps()).isEqualTo(before.steps());
    }

    @Test
    void what_would_be_lost_is_refused() {
        Routine numbered = routine(cut("last", "as b.depth"), List.of());

        assertThatThrownBy(() -> Wrapping.of(numbered, TWO_CUTS, List.of("a", "b"), AllMoves.CATALOGUE))
                .isInstanceOf(ProblemsFound.class);
        assertThatThrownBy(() -> Wrapping.of(numbered, TWO_CUTS, List.of("a", "last"), AllMoves.CATALOGUE))
                .isInstanceOf(ProblemsFound.class)
                .hasMessageContaining("do not stand one after another");
        assertThatThrownBy(() -> Wrapping.of(numbered, TWO_CUTS, List.of(), AllMoves.CATALOGUE))
                .isInstanceOf(ProblemsFound.class);
    }

    private static List<?> end(Routine routine) {
        var moments = Tracer.trace(PlanReader.read(routine, AllMoves.CATALOGUE), World.USUAL)
                .moments();
        return moments.get(moments.size() - 1).layout().piles().stream()
                .map(pile -> Arrays.toString(pile.slots()))
                .toList();
    }
}
