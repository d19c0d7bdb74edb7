package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.http.Kind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The description of the interface is complete, and what it shows works. */
@ExtendWith(RunningApplication.OfItsOwn.class)
class ApiDescriptionTest {

    /** What an example needs to have been done before. */
    private static final Map<String, List<String>> BEFORE = Map.ofEntries(
            Map.entry("throwAway", List.of("create", "delete")),
            Map.entry("restore", List.of("create", "delete")),
            Map.entry("undo", List.of("create", "edit")),
            Map.entry("redo", List.of("create", "edit", "undo")),
            Map.entry("drop", List.of("ownMove")),
            Map.entry("dropFind", List.of("keepFind")),
            Map.entry("set", List.of("keepNewSet")),
            Map.entry("changeSet", List.of("keepNewSet")),
            Map.entry("deleteSet", List.of("keepNewSet")),
            Map.entry("changeAudience", List.of("keepAudience")),
            Map.entry("deleteAudience", List.of("keepAudience")),
            Map.entry("seen", List.of("keepAudience")));

    /** What takes no JSON: tables and zips have tests of their own. */
    private static final Set<String> OTHER_FILES = Set.of("readJournalTable", "restoreBackup");

    private static List<ApiCall> operations() {
        return ApiCall.all(get("/v3/api-docs").json());
    }

    private static ApiCall operation(String id) {
        return operations().stream()
                .filter(call -> call.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void every_operation_has_a_summary_its_errors_and_an_example() {
        for (ApiCall call : operations()) {
            JsonNode operation = call.operation();
            assertThat(operation.path("summary").asString()).as(call.id()).isNotBlank();
            List<String> statuses = new ArrayList<>(operation.path("responses").propertyNames());
            assertThat(statuses).as(call.id()).contains("400", "403").anyMatch(s -> s.startsWith("2"));
            boolean takesBody = operation.has("requestBody");
            if (takesBody) {
                assertThat(statuses).as(call.id()).contains("413", "415", "422");
                assertThat(operation
                                .at("/requestBody/content/application~1json/example")
                                .isMissingNode())
                        .as(call.id())
                        .isFalse();
            }
            for (JsonNode parameter : operation.path("parameters")) {
                boolean header = parameter.path("in").asString().equals("header");
                assertThat(header || parameter.has("example"))
                        .as("%s %s", call.id(), parameter)
                        .isTrue();
            }
        }
    }

    @Test
    void every_example_works() {
        for (ApiCall call : operations()) {
            if (OTHER_FILES.contains(call.id())) {
                continue;
            }
            String id = UUID.randomUUID().toString();
            List<String> before = call.path().startsWith("/api/routines/{id}")
                    ? BEFORE.getOrDefault(call.id(), List.of("create"))
                    : BEFORE.getOrDefault(call.id(), List.of());
            for (String earlier : before) {
                int status = operation(earlier).example(id).send().status();
                assertThat(status).as("%s before %s", earlier, call.id()).isBetween(200, 204);
            }

            RunningApplication.Answer answer = call.example(id).send();

            assertThat(answer.status())
                    .as("%s: %s", call.id(), answer.response().body())
                    .isBetween(200, 204);
        }
    }

    @Test
    void every_kind_of_problem_is_explained() throws IOException {
        String explained = Files.readString(Path.of("../docs/api.md"));

        assertThat(Kind.values())
                .allSatisfy(kind -> assertThat(explained)
                        .contains("| `" + kind.type().toString().replaceFirst("^urn:crafty-pocket:problem:", "")
                                + "` |"));
        assertThat(get("/api/routines/" + UUID.randomUUID()).json().path("type").asString())
                .isEqualTo("urn:crafty-pocket:problem:not-there");
        assertThat(get("/api/journal?kind=dream").json().path("type").asString())
                .isEqualTo("urn:crafty-pocket:problem:not-as-it-must-be");
    }

    /** The example of docs/api.md, run as it stands. */
    @Test
    void the_example_for_scripts_works() throws IOException, InterruptedException {
        Matcher block = Pattern.compile("```bash\n(.*?)```", Pattern.DOTALL)
                .matcher(Files.readString(Path.of("../docs/api.md")));
        assertThat(block.find()).isTrue();
        Path script = Files.createTempFile("example", ".sh");
        Files.writeString(script, "set -euo pipefail\n" + block.group(1));
        ProcessBuilder builder = new ProcessBuilder("bash", script.toString()).redirectErrorStream(true);
        builder.environment().put("CRAFTY_BASE", RunningApplication.base().toString());

        Process process = builder.start();
        String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);

        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(printed).isZero();
        assertThat(printed).contains("\"title\":\"By a script\"", "\"exhaustive\":true", "\"worlds\":52");
    }
}
