package craftypocket.app;

import static craftypocket.app.RunningApplication.JSON;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Routines whose verdicts were worked out by hand, through HTTP. Each stands in a file with its routine, what is to be said of its
 * claims, and of the steps that can be done: “always”, “never”, or a share such as “51/2652”. The browser tests open the same
 * routines on the Bench.
 */
@ExtendWith(RunningApplication.class)
class ShownTest {

    private static final Path FILES = Path.of("src/test/resources/shown");

    @TestFactory
    Stream<DynamicTest> is_judged_as_by_hand() throws IOException {
        List<DynamicTest> tests = new ArrayList<>();
        try (Stream<Path> files = Files.list(FILES)) {
            for (Path file : files.sorted().toList()) {
                for (JsonNode check : JSON.readTree(Files.readString(file))) {
                    tests.add(DynamicTest.dynamicTest(check.path("told").asString(), () -> judge(check)));
                }
            }
        }
        return tests.stream();
    }

    private static void judge(JsonNode check) {
        JsonNode survey = post("/api/survey", "{\"routine\": " + check.path("routine") + "}")
                .json();
        assertThat(survey.path("exhaustive").asBoolean()).as("%s", survey).isTrue();
        check.path("verdicts").forEachEntry((id, expected) -> judge(survey, "claim", id, expected.asString()));
        check.path("done").forEachEntry((id, expected) -> judge(survey, "can-be-done", id, expected.asString()));
    }

    private static void judge(JsonNode survey, String kind, String id, String expected) {
        List<JsonNode> found = survey.path("findings")
                .valueStream()
                .filter(f -> f.path("kind").asString().equals(kind)
                        && f.path("id").asString().equals(id))
                .toList();
        assertThat(found).as(id).hasSize(1);
        JsonNode finding = found.get(0);
        double share = share(expected);
        assertThat(finding.path("low").asDouble()).as("%s", finding).isCloseTo(share, within(1e-12));
        assertThat(finding.path("high").asDouble()).as("%s", finding).isCloseTo(share, within(1e-12));
        assertThat(finding.path("verdict").asString())
                .isEqualTo(share == 1 ? "always" : share == 0 ? "never" : "sometimes");
    }

    private static double share(String expected) {
        if (expected.contains("/")) {
            String[] parts = expected.split("/");
            return Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
        }
        return expected.equals("always") ? 1 : 0;
    }
}
