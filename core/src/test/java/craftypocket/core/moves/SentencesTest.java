package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Playground;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every sentence with every form of amount that it can have, read for words that nobody would say. */
class SentencesTest {

    private static final List<String> FORMS = List.of(
            "any",
            "0",
            "1",
            "3",
            "2-4",
            "3±1",
            "at break",
            "at break+1",
            "at thumb-1",
            "at little",
            "from A",
            "from A-2",
            "size",
            "size-3",
            "size of table:packet",
            "a third",
            "a third±4",
            "a half+1",
            "value of K",
            "letters of K");

    private static final Pattern NOBODY_SAYS = Pattern.compile(
            "the as many|[Tt]he (top |next |bottom )?a |\\ba (third|half|quarter)( [+±] \\d)? cards?\\b|[Tt]he any|[Tt]he about|card card|cards cards"
                    + "|\\b1 cards\\b|-\\d|  |[{}]|\\bnull\\b|[Tt]he \\d+–\\d+ card|[Tt]he \\d+ card\\b|at at|any number of[ ,.;)]*($|of|from|on|at)\\b");

    static Stream<Move> moves() {
        return AllMoves.CATALOGUE.moves().stream();
    }

    @ParameterizedTest
    @MethodSource("moves")
    void no_sentence_says_what_nobody_would(Move move) {
        Routine own = Playground.of(move);
        Step last = own.steps().get(own.steps().size() - 1);
        List<Role> roles = new ArrayList<>(own.roles());
        for (String letter : List.of("A", "K")) {
            if (roles.stream().noneMatch(role -> role.letter().equals(letter))) {
                roles.add(new Role(letter, RoleKind.SELECTION, "Ines", letter.equals("K") ? "AS" : ""));
            }
        }
        for (Setting setting : move.settings().all()) {
            if (setting.kind() != Setting.Kind.AMOUNT) {
                continue;
            }
            for (String form : FORMS) {
                Map<String, String> settings = new HashMap<>(last.settings());
                settings.put(setting.name(), form);
                List<Step> steps = new ArrayList<>(own.steps());
                steps.set(steps.size() - 1, new Step(last.id(), last.move(), settings, Optional.empty()));
                Plan plan;
                try {
                    plan = PlanReader.read(new Routine(own.setUp(), roles, steps, List.of()), AllMoves.CATALOGUE);
                } catch (ProblemsFound refused) {
                    continue;
                }
                String told = move.id() + ", " + setting.name() + " " + form;
                assertThat(plan.steps().get(steps.size() - 1).sentence())
                        .as(told)
                        .doesNotContainPattern(NOBODY_SAYS);
                assertThat(Tracer.trace(plan, World.USUAL).end().sentence())
                        .as(told)
                        .doesNotContainPattern(NOBODY_SAYS);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "3, Show the 3rd card of the deck",
        "any, Show any card of the deck",
        "2-4, Show the card at 2–4 of the deck",
        "3±1, Show the card at about 3 ± 1 of the deck",
        "at break, Show the card at the break of the deck",
        "from A+1, Show the card at the place of Ines’s card + 1 of the deck"
    })
    void a_place_is_told_in_each_of_its_forms(String at, String begins) {
        Plan plan = Script.deck(52)
                .selection("A", "Ines")
                .step("show-card", "at", at)
                .plan();

        assertThat(plan.steps().get(0).sentence()).startsWith(begins);
    }

    /** She took the fifth card. By its place that is the card now fifth; four cards lie above it. */
    @Test
    void a_place_takes_the_place_and_a_number_of_cards_the_cards_above_it() {
        Script taken = Script.deck(9).selection("A", "Ines").step("spread-pick", "at", "5");

        assertThat(Script.from(taken.routine())
                        .step("turn-card", "at", "from A")
                        .cards("deck"))
                .containsExactly(1, 2, 3, 4, -6, 7, 8, 9);
        assertThat(Script.from(taken.routine())
                        .step("lift-packet", "count", "from A", "to", "table:above")
                        .cards("table:above"))
                .containsExactly(1, 2, 3, 4);
    }

    @Test
    void two_holds_are_told_apart_in_an_amount() {
        Script held =
                Script.deck(12).step("hold-break", "depth", "3").step("hold-break", "depth", "7", "finger", "thumb");

        for (Map.Entry<String, Integer> form : Map.of("at little", 3, "at thumb", 7, "at break", 7, "at little+1", 4)
                .entrySet()) {
            assertThat(Script.from(held.routine())
                            .step("lift-packet", "count", form.getKey(), "to", "table:above")
                            .cards("table:above"))
                    .as(form.getKey())
                    .hasSize(form.getValue());
        }
    }

    @Test
    void a_hold_that_went_is_said_to_have_gone_and_when() {
        Script used = Script.deck(12)
                .step("hold-break", "depth", "3")
                .step("cut-to-break")
                .step("cut-to-break");
        Script lost =
                Script.deck(12).step("hold-break", "depth", "3").step("wash").step("cut-to-break");

        assertThat(used.trace().end().broken().orElseThrow().reason())
                .isEqualTo("Nothing holds a break in the deck. The break was used in step 2, “Cut at the break”.");
        assertThat(lost.trace().end().broken().orElseThrow().reason()).contains("The break was lost in step 2, “");
    }
}
