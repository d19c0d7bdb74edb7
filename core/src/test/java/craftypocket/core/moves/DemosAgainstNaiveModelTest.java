package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Setting;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * The demo routines, step by step, against the naive model: wherever it knows the move, it is told what lies on the table
 * beforehand and the numbers of this world, and must come to the same piles.
 */
class DemosAgainstNaiveModelTest {

    private static final Path DEMOS = Path.of("../app/src/main/resources/demo");

    /** Steps that the model must have been asked about at least, over all demos. */
    private static final int ASKED = 75;

    /** Of these settings the model knows only these values. */
    private static final Map<String, List<String>> FORMS = Map.of(
            "way", List.of("table"),
            "then", List.of("leave", "show", "cut"),
            "from", List.of("top", "bottom"),
            "how", List.of("whole"));

    private final ObjectMapper json = new ObjectMapper();

    private Script read(Path file) throws IOException {
        String text = Files.readString(file);
        String owner = json.readTree(text)
                .path("roles")
                .valueStream()
                .filter(role -> role.path("letter").asString().equals("A"))
                .map(role -> role.path("owner").asString(""))
                .findFirst()
                .orElse("");
        // Whoever owns the selection is called Ines in the model.
        JsonNode routine = json.readTree(owner.isEmpty() ? text : text.replace(owner, "Ines"));
        JsonNode setUp = routine.path("setUp");
        Script script = Script.deck(0)
                .extra(setUp.path("pack").asString(), setUp.path("extra").asString(""))
                .order(setUp.path("order").asString(""))
                .size(setUp.path("cardSize").asString(""));
        setUp.path("piles")
                .forEach(p ->
                        script.pile(p.path("place").asString(), p.path("cards").asString()));
        setUp.path("placements")
                .forEach(p -> script.place(new Placement(
                        p.path("card").asString(),
                        p.path("nth").asInt(),
                        p.path("from").asString().equals("bottom"))));
        setUp.path("markings")
                .forEach(m ->
                        script.mark(m.path("card").asString(), m.path("mark").asString()));
        setUp.path("things")
                .forEach(t -> script.thing(new SetUp.LaidThing(
                        t.path("name").asString(),
                        t.path("place").asString(),
                        t.path("above").asInt(0),
                        t.path("slots").asString(""),
                        t.path("wide").asDouble(0),
                        t.path("high").asDouble(0),
                        t.path("mouth").asString(),
                        true,
                        t.path("written").asString(""))));
        if (setUp.path("bend").asBoolean(false)) {
            script.bent();
        }
        routine.path("roles")
                .forEach(r -> script.role(
                        r.path("letter").asString(),
                        RoleKind.valueOf(r.path("kind").asString().toUpperCase(Locale.ROOT)),
                        r.path("owner").asString(""),
                        r.path("card").asString("")));
        routine.path("steps").forEach(s -> script.step(step(s)));
        return script;
    }

    private static Step step(JsonNode step) {
        Step plain = new Step(step.path("id").asString(), step.path("move").asString(), texts(step), Optional.empty());
        JsonNode onlyIf = step.path("onlyIf");
        return onlyIf.isMissingNode() ? plain : plain.onlyIf(spec(onlyIf));
    }

    private static ClaimSpec spec(JsonNode claim) {
        List<ClaimSpec> or = claim.path("or")
                .valueStream()
                .map(DemosAgainstNaiveModelTest::spec)
                .toList();
        return new ClaimSpec(
                claim.path("kind").asString(), texts(claim), claim.path("not").asBoolean(false), or);
    }

    private static Map<String, String> texts(JsonNode of) {
        Map<String, String> texts = new HashMap<>();
        of.path("settings")
                .properties()
                .forEach(s -> texts.put(s.getKey(), s.getValue().asString()));
        return texts;
    }

    @Test
    void every_step_that_the_model_knows_leaves_the_same_piles() throws IOException {
        Map<String, Integer> asked = new TreeMap<>();
        List<Path> files;
        try (Stream<Path> list = Files.list(DEMOS)) {
            files = list.sorted().toList();
        }
        for (Path file : files) {
            Script script = read(file);
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
                    String told = file.getFileName() + ", " + step.id() + ": " + step.move();
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
