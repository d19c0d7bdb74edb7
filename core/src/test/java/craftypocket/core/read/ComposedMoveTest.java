package craftypocket.core.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Playground;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ComposedMoveTest {

    private static final OwnMove SWELL = new OwnMove(
            "own-swell",
            "Swell",
            "Lift {some} and let them fall.",
            2,
            List.of(new OwnMove.OwnSetting("depth", "How deep", "any")),
            List.of(
                    new OwnMove.Part("hold-break", Map.of("depth", "=depth")),
                    new OwnMove.Part("cut-to-break", Map.of()),
                    new OwnMove.Part("overhand", Map.of("chunks", "1 rest"))));

    private static Plan plan(OwnMove own, Step... steps) {
        Routine routine = new Routine(SetUp.of("6", List.of()), List.of(), List.of(steps), List.of(), List.of(own));
        return PlanReader.read(routine, AllMoves.CATALOGUE);
    }

    private static List<Integer> deck(Plan plan, Map<String, Integer> world) {
        return Script.cards(Tracer.trace(plan, new World(world)), "deck");
    }

    @Test
    void its_parts_are_done_one_after_another() {
        assertThat(deck(plan(SWELL, Step.of("a", "own-swell", "depth", "2")), Map.of()))
                .containsExactly(4, 5, 6, 1, 2, 3);
    }

    @Test
    void an_open_setting_is_a_choice_within_what_its_part_allows() {
        Plan plan = plan(SWELL, Step.of("a", "own-swell"));
        Survey survey = Surveyor.survey(plan, SurveyOptions.withDefaults());

        assertThat(survey.worlds()).isEqualTo(5);
        assertThat(survey.allHold()).isTrue();
        assertThat(deck(plan, Map.of("a.depth", 5))).containsExactly(1, 2, 3, 4, 5, 6);
    }

    @Test
    void a_part_that_cannot_be_done_is_named() {
        OwnMove bad = new OwnMove(
                "own-bad",
                "Bad",
                "",
                1,
                List.of(),
                List.of(new OwnMove.Part("false-cut", Map.of()), new OwnMove.Part("pass", Map.of())));
        Trace trace = Tracer.trace(plan(bad, Step.of("a", "own-bad")), World.USUAL);

        assertThat(trace.end().broken().orElseThrow().reason())
                .isEqualTo("Part 2, “Pass at the break”, cannot be done here.");
    }

    @Test
    void real_shuffles_within_are_drawn_together() {
        OwnMove wild = new OwnMove(
                "own-wild",
                "Wild",
                "",
                1,
                List.of(),
                List.of(new OwnMove.Part("spectator-riffle", Map.of()), new OwnMove.Part("wash", Map.of())));
        Plan plan = plan(wild, Step.of("a", "own-wild"));

        assertThat(plan.choices()).extracting(Choice::key).containsExactly("a.shuffle");
        assertThat(deck(plan, Map.of("a.shuffle", 3))).isNotEqualTo(deck(plan, Map.of("a.shuffle", 4)));
    }

    @Test
    void what_is_no_move_is_refused_in_words() {
        assertThatThrownBy(() -> ComposedMove.check(own(new OwnMove.Part("fly", Map.of())), AllMoves.CATALOGUE))
                .hasMessageContaining("an own move is made of moves of the catalogue");
        assertThatThrownBy(() -> ComposedMove.check(
                        own(new OwnMove.Part("complete-cut", Map.of("depth", "=deep"))), AllMoves.CATALOGUE))
                .hasMessageContaining("a setting that the own move does not have");
        assertThatThrownBy(() -> ComposedMove.check(
                        own(new OwnMove.Part("complete-cut", Map.of("depth", "any"))), AllMoves.CATALOGUE))
                .hasMessageContaining("a number that is open must be a setting");
        assertThatThrownBy(() -> ComposedMove.check(own(), AllMoves.CATALOGUE)).hasMessageContaining("no moves");
    }

    private static OwnMove own(OwnMove.Part... parts) {
        return new OwnMove("own-x", "X", "", 1, List.of(), List.of(parts));
    }

    @Test
    void it_is_listed_with_its_settings_and_can_be_played_with() {
        assertThat(ComposedMove.listed(SWELL, AllMoves.CATALOGUE).settings().all())
                .singleElement()
                .matches(s -> s.name().equals("depth") && s.label().equals("How deep"));
        assertThat(Playground.of(SWELL, AllMoves.CATALOGUE).ownMoves()).containsExactly(SWELL);
    }
}
