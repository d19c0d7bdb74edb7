package craftypocket.core.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.ProblemsFound;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlanReaderTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "fly | | steps[0].move is “fly”: there is no move of this name. Choose one from the catalogue.",
                "complete-cut | speed=3 | steps[0].settings.speed is “3”: there is no setting of this name here. Use one of: pile, depth.",
                "complete-cut | depth=deep | steps[0].settings.depth is “deep”: it must be an amount. Write a number",
                "complete-cut | depth=rest | steps[0].settings.depth is “rest”: it must be an amount",
                "complete-cut | depth=999 | steps[0].settings.depth is “999”: it must be an amount",
                "complete-cut | pile=moon | steps[0].settings.pile is “moon”: it must be a place",
                "overhand | chunks=5_rest_rest | only one chunk can be the rest",
                "overhand | chunks=5_x | steps[0].settings.chunks is “x”: each chunk must be an amount",
                "glimpse | where=middle | steps[0].settings.where is “middle”: it must be one of a few words. Write one of: bottom, top, break"
            })
    void what_cannot_be_read_is_named_with_its_rule_and_cure(String move, String settings, String message) {
        String[] pairs = settings == null ? new String[0] : settings.split("=");
        IntStream.range(0, pairs.length).forEach(i -> pairs[i] = pairs[i].replace('_', ' '));

        assertThatThrownBy(() -> Script.deck(52).step(move, pairs).plan())
                .isInstanceOf(ProblemsFound.class)
                .hasMessageContaining(message);
    }

    @Test
    void all_problems_are_listed_at_once() {
        Routine routine = new Routine(
                SetUp.of("60", List.of(new Placement("ZZ", 1, false), new Placement("AS", 70, false))),
                List.of(new Role("AA", RoleKind.KEY, "", "XX"), new Role("B", RoleKind.SELECTION, "<script>", "")),
                List.of(),
                List.of());

        assertThatThrownBy(() -> PlanReader.read(routine, AllMoves.CATALOGUE))
                .hasMessageContaining("setUp.pack is “60”")
                .hasMessageContaining("setUp.placements[0].card is “ZZ”")
                .hasMessageContaining("setUp.placements[1].nth is “70”")
                .hasMessageContaining("roles[0].letter is “AA”")
                .hasMessageContaining("roles[0].card is “XX”")
                .hasMessageContaining("roles[1].owner is “<script>”");
    }

    @Test
    void a_routine_of_the_largest_size_is_read_and_a_larger_one_refused() {
        Script largest = Script.deck(52);
        IntStream.range(0, Routine.MOST_STEPS).forEach(i -> largest.step("false-cut"));

        assertThat(largest.plan().steps()).hasSize(Routine.MOST_STEPS);
        assertThatThrownBy(() -> largest.step("false-cut").plan())
                .hasMessageContaining("a routine has at most 100 steps");
    }

    @Test
    void names_used_twice_and_cards_placed_twice_are_refused() {
        assertThatThrownBy(
                        () -> Script.deck(5).key("K", "AS", 1).key("K", "AS", 2).plan())
                .hasMessageContaining("roles[1] is “K”: this name is used twice");
        assertThatThrownBy(
                        () -> Script.deck(5).key("K", "AS", 1).key("L", "2S", 1).plan())
                .hasMessageContaining("another card is placed there");
        assertThatThrownBy(
                        () -> Script.deck(5).key("K", "AS", 1).key("L", "AS", 2).plan())
                .hasMessageContaining("this card is placed already");
    }

    @Test
    void a_step_whose_role_is_gone_is_kept_and_says_what_is_missing() {
        Trace.Moment end =
                Script.deck(5).step("spread-pick", "role", "Z").trace().end();

        assertThat(end.broken().orElseThrow().reason())
                .isEqualTo("There is no role Z any more. Choose another for “Becomes”.");
    }

    @Test
    void placed_cards_lie_at_their_places_and_the_others_in_order_between_them() {
        assertThat(Script.deck(5).key("K", "5S", 1).key("L", "AS", 3).cards("deck"))
                .containsExactly(5, 2, 1, 3, 4);
    }

    @Test
    void a_pack_with_jokers_has_them_below_the_others() {
        assertThat(Script.deck(54).key("J", "J2", 1).cards("deck"))
                .startsWith(54, 1)
                .endsWith(52, 53)
                .hasSize(54);
    }
}
