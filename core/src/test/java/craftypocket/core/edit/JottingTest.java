package craftypocket.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.jot.Jotted;
import craftypocket.core.jot.Jotted.Reading;
import craftypocket.core.jot.Notes;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.World;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Lines that were jotted down become steps, notes and outs; what they become was worked out by hand. */
class JottingTest {

    private static final Routine EMPTY =
            new Routine(SetUp.of("52", List.of()), List.of(), List.of(), List.of(), List.of(), List.of());
    private static final Notes NOTES = new Notes(AllMoves.CATALOGUE, Map.of(), 52);

    /** The lines of a text, each as its first reading has it. */
    private static List<Jotting.Line> read(String text) {
        return NOTES.read(text).stream()
                .map(line -> new Jotting.Line(
                        line,
                        line.readings().isEmpty()
                                ? new Jotting.AsNote()
                                : new Jotting.AsMove(line.readings().get(0))))
                .toList();
    }

    private static Edited put(Routine routine, String after, List<Jotting.Line> lines) {
        Edited put = Jotting.of(routine, "", after, lines, List.of(), World.USUAL, AllMoves.CATALOGUE);
        PlanReader.read(put.routine(), AllMoves.CATALOGUE);
        return put;
    }

    private static Edited put(String text) {
        return put(EMPTY, "", read(text));
    }

    @Test
    void lines_keep_their_order_and_what_they_state() {
        Edited put = put("Anselm: spread, free pick “Any berth.”\ncut 9 cards\nfalse cut");

        assertThat(put.routine().roles()).extracting(Role::owner).containsExactly("Anselm");
        assertThat(put.routine().steps()).extracting(Step::id).containsExactly("s1", "s2", "s3");
        assertThat(put.routine().steps().get(0).settings()).containsEntry("role", "A");
        assertThat(put.words()).containsEntry("s1", "Any berth.");
        assertThat(put.selected()).isEqualTo("s3");
        assertThat(put.says()).isEqualTo("3 steps added.");
    }

    @Test
    void each_person_has_a_card_and_gets_their_own_back() {
        Edited put = put("""
                Anselm: spread, free pick
                Tove: spread, free pick
                Anselm’s card is returned to the middle
                Tove’s card is returned to the middle
                Tove: spread, free pick""");

        assertThat(put.routine().steps().stream().map(step -> step.settings().get("role")))
                .containsExactly("A", "B", "A", "B", "C");
        assertThat(put.routine().roles()).extracting(Role::owner).containsExactly("Anselm", "Tove", "Tove");
    }

    @Test
    void notes_are_of_the_step_before() {
        Edited put = put("remember: lights down\nfalse cut\nnote: the captain coughs\nnote: twice");

        assertThat(put.words())
                .containsEntry("", "remember: lights down")
                .containsEntry("s1", "note: the captain coughs\nnote: twice");
    }

    @Test
    void lines_that_wait_together_are_one_out_that_goes_on_at_the_next_step() {
        Edited put = put("""
                false cut
                if they insist on shuffling, overhand shuffle then false cut
                spread, free pick
                if they cut, false cut""");

        assertThat(put.routine().steps()).extracting(Step::move).containsExactly("false-cut", "spread-pick");
        List<Out> outs = put.routine().outs();
        assertThat(outs).extracting(Out::occasion).containsExactly(Occasion.SHUFFLING, Occasion.CUTTING);
        assertThat(outs.get(0).after()).isEqualTo("s1");
        assertThat(outs.get(0).steps()).hasSize(2);
        String pick = put.routine().steps().get(1).id();
        assertThat(outs.get(0).rejoin()).isEqualTo(pick);
        assertThat(outs.get(1).after()).isEqualTo(pick);
        assertThat(outs.get(1).rejoin()).isEmpty();
        assertThat(put.words()).containsEntry(outs.get(0).id(), "they insist on shuffling");
    }

    @Test
    void a_line_goes_in_behind_the_selected_step() {
        Routine there = EMPTY.withSteps(List.of(Step.of("x", "false-cut"), Step.of("y", "false-cut")));
        Edited put = put(there, "x", read("false shuffle\nif they cut, false cut"));

        assertThat(put.routine().steps()).extracting(Step::id).containsExactly("x", "s1", "y");
        assertThat(put.routine().outs().get(0).after()).isEqualTo("s1");
        assertThat(put.routine().outs().get(0).rejoin()).isEqualTo("y");
    }

    @Test
    void a_step_can_depend_on_where_a_card_lies() {
        Edited put = put("Ines: spread, free pick\nreturned to the middle\nif her card is on top, false cut");

        assertThat(put.routine().outs()).isEmpty();
        assertThat(put.routine().steps().get(2).onlyIf().orElseThrow().settings())
                .containsEntry("role", "A")
                .containsEntry("nth", "1")
                .containsEntry("from", "top");
    }

    @Test
    void what_is_done_several_times_is_as_many_steps() {
        Reading twice = new Reading("false-cut", Map.of(), 2, "", "", Jotted.Sureness.SURE, List.of());
        Jotted line = new Jotted(0, 1, "x", List.of(twice), Optional.empty());
        Edited put = put(EMPTY, "", List.of(new Jotting.Line(line, new Jotting.AsMove(twice))));

        assertThat(put.routine().steps()).extracting(Step::id).containsExactly("s1", "s2");
    }

    /** As many lines as are read at most, with as many outs as there can be, or words of what is too much. */
    @Test
    void many_lines_are_put_in() {
        Routine many = put("false cut\n".repeat(Notes.MOST_LINES)).routine();

        assertThat(many.steps()).hasSize(Notes.MOST_LINES);
        assertThat(Stream.of(put("").routine())).containsExactly(EMPTY);
    }
}
