package craftypocket.app;

import static craftypocket.app.RunningApplication.demo;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static craftypocket.app.RunningApplication.routine;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class BadInputTest {

    private static final int MUTATIONS = 2400;

    private static void assertProblem(Answer answer, int status) {
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.json().path("title").asString()).isNotBlank();
        assertThat(answer.json().path("detail").asString()).isNotBlank();
        assertThat(answer.response().body()).doesNotContain("Exception", "craftypocket", "at java");
    }

    private static String sent(String routine) {
        return "{\"routine\": " + routine + ", \"world\": {}}";
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ | 400 | not valid JSON",
                "[] | 400 | valid JSON",
                "nonsense | 400 | not valid JSON",
                "'' | 400 | not valid JSON",
                "{\"routine\": {\"title\": []}} | 400 | wrong kind",
                "{\"routine\": null} | 422 | routine",
                "{\"rountine\": {}} | 400 | not known here"
            })
    void what_is_no_routine_is_refused(String body, int status, String detail) {
        Answer answer = post("/api/trace", body);

        assertProblem(answer, status);
        assertThat(answer.json().path("detail").asString()).containsIgnoringCase(detail);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"move\": \"fly\" | steps[0].move | fly | no move of this name | Choose one",
                "\"move\": \"complete-cut\", \"settings\": {\"speed\": \"3\"} | steps[0].settings.speed | 3 | no setting of this name | Use one of",
                "\"move\": \"complete-cut\", \"settings\": {\"depth\": \"900\"} | steps[0].settings.depth | 900 | an amount | Write a number",
                "\"move\": \"complete-cut\", \"settings\": {\"pile\": \"moon\"} | steps[0].settings.pile | moon | a place | Write deck"
            })
    void a_step_that_cannot_be_read_names_field_value_rule_and_cure(
            String step, String field, String value, String rule, String cure) {
        Answer answer = post("/api/trace", sent(routine("52", "", "{\"id\": \"s\", " + step + "}", "")));

        assertProblem(answer, 422);
        JsonNode problem = answer.json().path("problems").get(0);
        assertThat(problem.path("field").asString()).isEqualTo(field);
        assertThat(problem.path("value").asString()).isEqualTo(value);
        assertThat(problem.path("rule").asString()).contains(rule);
        assertThat(problem.path("cure").asString()).contains(cure);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"after\": \"mix\"|\"after\": \"nowhere\"|outs[3].after|no step of this name",
                "\"rejoin\": \"look\"|\"rejoin\": \"pick\"|outs[0].rejoin|rejoin before it begins",
                "\"cut\": \"42\"|\"cut\": \"most\"|outs[0].steps[0].settings.cut|an amount",
                "\"id\": \"again\"|\"id\": \"riffle\"|outs[1]|used twice",
                "\"occasion\": \"cutting\"|\"occasion\": \"rain\"|outs[3].occasion|must be cutting"
            })
    void an_out_that_cannot_be_read_is_named(String good, String bad, String field, String rule) {
        Answer answer = post("/api/routines/from-file", demo(33).replace(good, bad));

        assertProblem(answer, 422);
        assertThat(answer.json().at("/problems/0/field").asString()).isEqualTo(field);
        assertThat(answer.json().at("/problems/0/rule").asString()).contains(rule);
    }

    @Test
    void unknown_fields_wrong_kinds_and_values_out_of_range_are_refused_with_their_field() {
        Answer unknown = post("/api/trace", sent(demo(1).replace("\"tags\"", "\"lables\"")));
        assertProblem(unknown, 400);
        assertThat(unknown.json().at("/problems/0/field").asString()).isEqualTo("routine.lables");

        Answer nth = post("/api/trace", sent(demo(2).replace("\"nth\": 1,", "\"nth\": 999,")));
        assertProblem(nth, 422);
        assertThat(nth.json().at("/problems/0/field").asString()).contains("nth");
        assertThat(nth.json().at("/problems/0/rule").asString()).isEqualTo("at most 104");

        Answer title = post("/api/routines", "{\"title\": \"" + "x".repeat(121) + "\"}");
        assertProblem(title, 422);
        assertThat(title.json().at("/problems/0/rule").asString()).isEqualTo("at most 120 letters");
    }

    @Test
    void a_file_of_a_newer_version_is_named_as_such_even_with_fields_unknown_here() {
        String newer = demo(1).replace("\"version\": 1,", "\"version\": 2, \"moonPhase\": 3,");

        Answer answer = post("/api/routines/from-file", newer);

        assertProblem(answer, 422);
        assertThat(answer.json().at("/problems/0/field").asString()).isEqualTo("version");
        assertThat(answer.json().at("/problems/0/rule").asString()).contains("written by a newer one");
        assertProblem(post("/api/routines/from-file", "{\"format\": \"something else\"}"), 422);
        assertProblem(post("/api/routines/from-file", "[1, 2]"), 422);
        assertProblem(post("/api/routines/from-file", demo(1).replace("\"version\": 1", "\"version\": \"one\"")), 422);
    }

    @Test
    void a_file_that_is_too_large_or_too_deep_is_refused() {
        String large = demo(1).replace("\"tags\": [", "\"tags\": [" + "\"x\",".repeat(300_000));
        String deep = "{\"format\": " + "[".repeat(5000) + "]".repeat(5000) + "}";

        assertProblem(post("/api/routines/from-file", large), 413);
        assertProblem(post("/api/trace", sent(large)), 413);
        assertProblem(post("/api/routines/from-file", deep), 413);
    }

    @Test
    void a_refused_edit_changes_nothing() {
        Answer made = post("/api/routines", "{\"title\": \"Steady\"}");
        String path = "/api/routines/" + made.json().path("id").asString();
        String bad = made.json().path("routine").toString().replace("\"pack\":\"52\"", "\"pack\":\"53\"");

        assertProblem(put(path, bad, "If-Match", made.tag()), 422);

        assertThat(get(path).json()).isEqualTo(made.json());
        assertThat(get(path).tag()).isEqualTo(made.tag());
    }

    @Test
    void what_is_not_there_is_said_so() {
        assertProblem(get("/api/routines/00000000-0000-0000-0000-000000000000"), 404);
        assertProblem(get("/api/routines/not-an-id"), 404);
        assertProblem(get("/api/nothing"), 404);
        assertProblem(post("/api/catalogue", "{}"), 405);
        assertProblem(
                new Answer(
                        415,
                        RunningApplication.send(
                                HttpRequest.newBuilder(RunningApplication.base().resolve("/api/trace"))
                                        .header("Content-Type", "text/plain")
                                        .header("Cookie", "XSRF-TOKEN=x")
                                        .header("X-XSRF-TOKEN", "x")
                                        .POST(HttpRequest.BodyPublishers.ofString("x")))),
                415);
    }

    /** Random bytes and routine files with bytes changed, cut, doubled or moved; the seed is fixed. */
    @Test
    void no_input_makes_the_program_fail() {
        Random random = new Random(20260504);
        Map<Integer, Integer> statuses = new TreeMap<>();
        String[] paths = {"/api/trace", "/api/survey", "/api/routines/from-file"};
        for (int round = 0; round < MUTATIONS; round++) {
            String path = paths[round % paths.length];
            boolean file = path.endsWith("from-file");
            String original =
                    file ? demo(1 + random.nextInt(3)) : "{\"routine\": " + demo(1 + 2 * random.nextInt(2)) + "}";
            String mutated = round % 8 == 0 ? randomText(random) : mutate(original, random);

            Answer answer = post(path, mutated);

            assertThat(answer.status()).as("round %d: %s", round, mutated).isLessThan(500);
            if (answer.status() >= 400) {
                assertThat(answer.type()).as("round %d: %s", round, mutated).startsWith("application/problem+json");
            }
            statuses.merge(answer.status(), 1, Integer::sum);
            if (answer.status() == 201) {
                RunningApplication.delete(
                        "/api/routines/" + answer.json().path("id").asString());
            }
        }
        assertThat(statuses.keySet()).as("%s", statuses).contains(400, 422);
    }

    private static String randomText(Random random) {
        byte[] bytes = new byte[random.nextInt(400)];
        random.nextBytes(bytes);
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }

    private static String mutate(String text, Random random) {
        StringBuilder mutated = new StringBuilder(text);
        int changes = 1 + random.nextInt(3);
        for (int i = 0; i < changes; i++) {
            int at = random.nextInt(mutated.length());
            int end = Math.min(mutated.length(), at + 1 + random.nextInt(12));
            switch (random.nextInt(5)) {
                case 0 -> mutated.setCharAt(at, (char) (32 + random.nextInt(95)));
                case 1 -> mutated.delete(at, end);
                case 2 -> mutated.insert(at, mutated.substring(at, end));
                case 3 -> {
                    String[] odd = {"null", "-1", "99999999999", "\"\"", "[]", "{}", "1e9", "\"any\"", "\"Z\"", "true"};
                    int value = mutated.indexOf(": ", at);
                    if (value > 0) {
                        int comma = mutated.indexOf(",", value);
                        mutated.replace(value + 2, comma < 0 ? value + 3 : comma, odd[random.nextInt(odd.length)]);
                    }
                }
                default -> {
                    int digit = indexOfDigit(mutated, at);
                    if (digit >= 0) {
                        mutated.replace(digit, digit + 1, String.valueOf(random.nextInt(2000)));
                    }
                }
            }
        }
        return mutated.toString();
    }

    private static int indexOfDigit(CharSequence text, int from) {
        for (int i = from; i < text.length(); i++) {
            if (Character.isDigit(text.charAt(i))) {
                return i;
            }
        }
        return -1;
    }
}
