package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** An out is read, traced and judged like the main line. */
class OutsTest {

    /** The selection lies under the key; then it is claimed to do so still. */
    private static Routine withOut(Step... instead) {
        Routine main = Script.deck(52)
                .selection("A", "Ines")
                .key("K", "KS", 52)
                .step("spread-pick", "role", "A", "not", "bottom", "at", "any")
                .step("return-drop-key", "role", "A", "key", "K")
                .step("false-cut")
                .claim("directly-below", "role", "A", "of", "K")
                .routine();
        return with(main, new Out("insist", Occasion.SHUFFLING, "s2", List.of(instead), "s3"));
    }

    private static Routine with(Routine main, Out... outs) {
        return new Routine(main.setUp(), main.roles(), main.steps(), main.claims(), main.ownMoves(), List.of(outs));
    }

    private static Survey survey(Routine routine) {
        Plan plan = PlanReader.readAlong(routine, routine.outs().get(0), AllMoves.CATALOGUE);
        return Surveyor.survey(plan, SurveyOptions.withDefaults().withSample(5_000, 1));
    }

    @Test
    void a_harmless_out_holds_and_one_that_destroys_does_not() {
        assertThat(survey(withOut(Step.of("o1", "false-cut"))).allHold()).isTrue();
        // A cut at the key parts the two: the selection is then on top, the key at the bottom.
        assertThat(survey(withOut(Step.of("o1", "complete-cut", "depth", "any")))
                        .findings())
                .extracting(Survey.Finding::verdict)
                .contains(Survey.Verdict.SOMETIMES)
                .doesNotContain(Survey.Verdict.NEVER);
        assertThat(survey(withOut(Step.of("o1", "spectator-overhand", "times", "3")))
                        .allHold())
                .isFalse();
    }

    @Test
    void the_main_line_is_judged_without_its_outs() {
        Routine routine = withOut(Step.of("o1", "spectator-overhand", "times", "3"));
        Plan main = PlanReader.read(routine, AllMoves.CATALOGUE);

        assertThat(main.routine().outs()).isEmpty();
        assertThat(Surveyor.survey(main, SurveyOptions.withDefaults()).allHold())
                .isTrue();
    }

    @Test
    void what_cannot_be_read_in_an_out_is_told_with_its_place() {
        assertThatThrownBy(() ->
                        PlanReader.read(withOut(Step.of("o1", "complete-cut", "depth", "deep")), AllMoves.CATALOGUE))
                .hasMessageContaining("outs[0].steps[0].settings.depth is “deep”: it must be an amount");
        assertThatThrownBy(() -> PlanReader.read(withOut(Step.of("s1", "false-cut")), AllMoves.CATALOGUE))
                .hasMessageContaining("outs[0].steps[0] is “s1”: this name is used twice");
    }

    @Test
    void a_routine_has_only_so_many_outs_and_each_its_own_name() {
        Routine main = Script.deck(52).step("false-cut").routine();
        Out[] many = IntStream.rangeClosed(0, Out.MOST_OUTS)
                .mapToObj(i -> new Out("o" + i, Occasion.CUTTING, "", List.of(), "s1"))
                .toArray(Out[]::new);

        assertThatThrownBy(() -> PlanReader.read(with(main, many), AllMoves.CATALOGUE))
                .hasMessageContaining("a routine has at most 12 outs");
        assertThatThrownBy(() -> PlanReader.read(with(main, many[0], many[0]), AllMoves.CATALOGUE))
                .hasMessageContaining("outs[1] is “o0”: this name is used twice");
    }
}
