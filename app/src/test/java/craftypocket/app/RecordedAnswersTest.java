package craftypocket.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/**
 * What mounted components are answered in the tests of the front end is what the application answers: each recorded conversation
 * is asked again. With {@code -Danswers.write=true} the front end's tests speak to the application itself, and what they hear is
 * recorded anew.
 */
@ExtendWith(RunningApplication.OnTheSameEvening.class)
class RecordedAnswersTest {

    private static final Path RECORDED = Path.of("../web/src/testing/recorded");

    /** Ids that every data folder has others of, and what stands for them: one for each demo routine, set and people. */
    private static Map<String, String> aliases() {
        Map<String, String> aliases = new LinkedHashMap<>();
        int kind = 0;
        for (String path : List.of("/api/routines", "/api/sets", "/api/audiences")) {
            kind++;
            List<JsonNode> all = new ArrayList<>();
            RunningApplication.get(path).json().forEach(all::add);
            all.sort(Comparator.comparing(RecordedAnswersTest::named));
            for (int rank = 0; rank < all.size(); rank++) {
                aliases.put(
                        "%s-0000-4000-8000-%012d".formatted(String.valueOf(kind).repeat(8), rank),
                        all.get(rank).path("id").asString());
            }
        }
        return aliases;
    }

    private static String named(JsonNode kept) {
        return Stream.of("/title", "/set/title", "/audience/name")
                .map(kept::at)
                .filter(JsonNode::isString)
                .findFirst()
                .orElseThrow()
                .asString();
    }

    @Test
    void every_answer_that_was_recorded_is_still_given() throws Exception {
        Map<String, String> aliases = aliases();
        if (Boolean.getBoolean("answers.write")) {
            record(aliases);
            return;
        }
        List<Path> files;
        try (Stream<Path> all = Files.list(RECORDED)) {
            files = all.filter(file -> !file.getFileName().toString().endsWith(".answer.json"))
                    .sorted()
                    .toList();
        }
        int asked = 0;
        for (Path file : files) {
            for (Map.Entry<String, JsonNode> test :
                    RunningApplication.JSON.readTree(Files.readString(file)).properties()) {
                for (JsonNode exchange : test.getValue()) {
                    answersAgain(exchange, aliases, file.getFileName() + ", “" + test.getKey() + "”");
                    asked++;
                }
            }
        }
        assertThat(asked).isGreaterThan(100);
    }

    private static void answersAgain(JsonNode exchange, Map<String, String> aliases, String told) throws IOException {
        String method = exchange.path("method").asString();
        String path = real(exchange.path("path").asString(), aliases);
        String body = exchange.has("body") ? real(exchange.path("body").toString(), aliases) : "";
        HttpRequest.Builder request = HttpRequest.newBuilder(
                        RunningApplication.base().resolve(path))
                .header("Content-Type", "application/json")
                .headers(RunningApplication.ownHeaders())
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        exchange.path("headers")
                .properties()
                .forEach(header ->
                        request.header(header.getKey(), real(header.getValue().asString(), aliases)));
        var response = RunningApplication.send(request);

        String question = told + ": " + method + " " + path + " " + body;
        assertThat(response.statusCode())
                .as(question + response.body())
                .isEqualTo(exchange.path("status").asInt());
        JsonNode expected = exchange.has("long")
                ? RunningApplication.JSON.readTree(
                        Files.readString(RECORDED.resolve(exchange.path("long").asString())))
                : exchange.path("answer");
        if (response.statusCode() == 201) {
            // Whatever is made has an id of its own each time, and is spoken of by it from then on.
            String made =
                    RunningApplication.JSON.readTree(response.body()).path("id").asString("");
            aliases.putIfAbsent(expected.path("id").asString(), made);
        }
        if (!response.body().isEmpty()) {
            pair(expected, RunningApplication.JSON.readTree(response.body()), aliases);
        }
        String text = timeless(response.body(), aliases);
        JsonNode said = text.isEmpty() ? MissingNode.getInstance() : RunningApplication.JSON.readTree(text);
        if (path.equals("/api/rehearsals/last")) {
            // The one list without an order.
            assertThat(said).as(question).containsExactlyInAnyOrderElementsOf(expected);
            return;
        }
        assertThat(expected.equals(AS_NUMBERS, said))
                .as("%s: recorded was %s, and now it is %s", question, expected, said)
                .isTrue();
    }

    /** A version never comes again, and each entry of the journal has an id of its own: what was recorded stands for what there is now. */
    private static void pair(JsonNode expected, JsonNode said, Map<String, String> aliases) {
        pair("version", expected, said, aliases);
        for (int i = 0; i < Math.min(expected.size(), said.size()) && expected.isArray(); i++) {
            pair("version", expected.get(i), said.get(i), aliases);
        }
        JsonNode entries = expected.path("entries");
        for (int i = 0; i < Math.min(entries.size(), said.path("entries").size()); i++) {
            pair("id", entries.get(i), said.path("entries").get(i), aliases);
        }
    }

    private static void pair(String name, JsonNode expected, JsonNode said, Map<String, String> aliases) {
        if (expected.path(name).isString() && said.path(name).isString()) {
            aliases.put(expected.path(name).asString(), said.path(name).asString());
        }
    }

    /** A number is the same with and without a point, and in its first twelve digits: the last ones tell in which order it was summed. */
    private static final Comparator<JsonNode> AS_NUMBERS =
            (one, other) -> one.equals(other) || (one.isNumber() && other.isNumber() && alike(one, other)) ? 0 : 1;

    private static boolean alike(JsonNode one, JsonNode other) {
        double larger = Math.max(Math.abs(one.doubleValue()), Math.abs(other.doubleValue()));
        return Math.abs(one.doubleValue() - other.doubleValue()) <= larger * 1e-12;
    }

    private static String real(String text, Map<String, String> aliases) {
        String real = text;
        for (Map.Entry<String, String> alias : aliases.entrySet()) {
            real = real.replace(alias.getKey(), alias.getValue());
        }
        return real;
    }

    /** With aliases for ids, and all instants the same. */
    private static String timeless(String text, Map<String, String> aliases) {
        String told = text;
        for (Map.Entry<String, String> alias : aliases.entrySet()) {
            told = told.replace(alias.getValue(), alias.getKey());
        }
        return told.replaceAll(
                "\"\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d(:\\d\\d(\\.\\d+)?)?Z\"", "\"2026-05-04T20:00:00Z\"");
    }

    private static void record(Map<String, String> aliases) throws IOException, InterruptedException {
        try (Stream<Path> old = Files.exists(RECORDED) ? Files.list(RECORDED) : Stream.empty()) {
            for (Path file : old.toList()) {
                Files.delete(file);
            }
        }
        ProcessBuilder tests = new ProcessBuilder("npx", "vitest", "run", "--no-file-parallelism")
                .directory(Path.of("../web").toFile())
                .redirectErrorStream(true)
                .redirectOutput(Path.of("target/recording.log").toFile());
        tests.environment().put("CRAFTY_RECORD", RunningApplication.base().toString());
        tests.environment().put("CRAFTY_ALIASES", RunningApplication.JSON.writeValueAsString(aliases));
        assertThat(tests.start().waitFor()).as("see app/target/recording.log").isZero();
    }
}
