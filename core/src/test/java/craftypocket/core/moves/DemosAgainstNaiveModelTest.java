package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Demos;
import craftypocket.core.Script;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Setting;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * The demo routines, step by step, against the naive model: wherever it knows the move, it is told what lies on the table
 * beforehand and the numbers of this world, and must come to the same piles.
 */
class DemosAgainstNaiveModelTest {

    /** Steps that the model must have been asked about at least, over all demos. */
    private static final int ASKED = 75;

    /** Of these settings the model knows only these values. */
    private static final Map<String, List<String>> FORMS = Map.of(
            "way", List.of("table"),
            "then", List.of("leave", "show", "cut"),
            "from", List.of("top", "bottom"),
            "how", List.of("whole"));

    @Test
    void every_step_that_the_model_knows_leaves_the_same_piles() throws IOException {
        Map<String, Integer> asked = new TreeMap<>();
        for (Demos.Demo demo : Demos.all()) {
            // Whoever owns the selection is called Ines in the model.
            Script script = Demos.script(demo.json(), "Ines");
            List<Trace.Moment> moments = script.trace().moments();
            for (int i = 0; i < script.routine().steps().size(); i++) {
                Trace.Moment before = moments.get(i);
                Trace.Moment after = moments.get(i + 1);
                Step step = script.routine().steps().get(i);
                boolean done = after.broken().isEmpty() && !after.skipped();
                if (done && NaiveModelTest.MOVES.contains(step.move()) && plain(step, after)) {
                    NaiveTable table = NaiveModelTest.tableOf(before);
                    int a = script.plan().cast().roleOf("A");
                    if (a >= 0 && before.roles().get(a).chosen()) {
                        table.selected(before.roles().get(a).card() + 1);
                    }
                    String told = demo.file() + ", " + step.id() + ": " + step.move();
                    assertThat(table.does(step.move(), numbers(step, after)))
                            .as(told)
                            .isTrue();
                    assertThat(NaiveModelTest.layout(after)).as(told).isEqualTo(table.layout());
                    asked.merge(step.move(), 1, Integer::sum);
                }
            }
        }
        assertThat(asked.values().stream().mapToInt(n -> n).sum())
                .as("%s", asked)
                .isGreaterThan(ASKED);
    }

    /** Whether the model can be told this step: roles other than the first, and numbers that follow from others, it does not know. */
    private static boolean plain(Step step, Trace.Moment after) {
        boolean known = after.choices().stream().allMatch(c -> c.choice().setting() instanceof AmountSetting);
        Set<String> roles = Set.of("B", "C", "L");
        Map<String, String> numbers = numbers(step, after);
        boolean form = FORMS.entrySet().stream()
                .allMatch(f -> f.getValue()
                        .contains(numbers.getOrDefault(f.getKey(), f.getValue().get(0))));
        return known
                && form
                && step.settings().values().stream()
                        .noneMatch(text -> text.contains("at ")
                                || text.startsWith("as ")
                                || text.contains("break")
                                || roles.contains(text));
    }

    /** The settings of a step, the usual ones too, with the numbers of this world. */
    private static Map<String, String> numbers(Step step, Trace.Moment after) {
        Map<String, String> numbers = new HashMap<>();
        for (Setting setting :
                AllMoves.CATALOGUE.find(step.move()).orElseThrow().settings().all()) {
            numbers.put(setting.name(), step.settings().getOrDefault(setting.name(), setting.usual()));
        }
        after.choices().forEach(c -> numbers.put(c.choice().setting().name(), String.valueOf(c.number())));
        return numbers;
    }
}
