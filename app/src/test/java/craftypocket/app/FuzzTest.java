package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every operation is asked thousands of things that nobody meant: examples with a field changed, bytes changed, odd types, odd
 * parameters. Whatever comes back is an answer or a problem document with all its parts, within five seconds. {@code ./endurance
 * fuzz} does it 20,000 times.
 */
@ExtendWith(RunningApplication.OfItsOwn.class)
class FuzzTest {

    private static final int REQUESTS = Integer.getInteger("crafty.fuzz", 500);
    private static final long SEED = Long.getLong("crafty.fuzz-seed", 8);
    /** So many demo routines are on the shelf, of which sets are made. */
    private static final int MOST_ACTS = 20;

    /** The budget of what is computed, and a second more. */
    private static final long LONGEST_MILLIS = 9000;

    private static final JsonMapper JSON = RunningApplication.JSON;

    private static final String[] TYPES = {
        "application/json;charset=UTF-8",
        "application/json;charset=UTF-16",
        "application/yaml",
        "text/plain",
        "*/*",
        "",
        "multipart/form-data",
        "application/x-www-form-urlencoded",
        "application/json, text/html",
        "application/problem+json"
    };

    private static final String[] VALUES = {
        "",
        "0",
        "-1",
        "1e99",
        "99999999999999999999",
        "null",
        "NaN",
        "any",
        "rest",
        "15-37",
        "26±3",
        "3±99",
        "37-15",
        "9 7 8±2 rest",
        "\u200b",
        "Ⅷ",
        "\uD83C\uDCA1",
        "../..",
        "%00",
        "'; drop table routine; --",
        "<script>",
        "A".repeat(2001),
        "table:x",
        "deck",
        "AS",
        "ZZ",
        "own-x",
        "\u0000",
        "\uD800"
    };

    private final Random random = new Random(SEED);
    /** Where each move can be done, and what is on the shelf: what is asked is asked of all of them. */
    private final List<JsonNode> routines = new ArrayList<>();

    private final List<String> shelf = new ArrayList<>();
    private byte[] backup;

    @Test
    void nothing_that_is_asked_brings_an_answer_without_its_parts() {
        List<ApiCall> calls = ApiCall.all(get("/v3/api-docs").json());
        String routine = post("/api/routines/from-file", RunningApplication.demo(2))
                .json()
                .path("id")
                .asString();
        get("/api/catalogue")
                .json()
                .path("moves")
                .forEach(move ->
                        routines.add(get("/api/catalogue/" + move.path("id").asString() + "/playground")
                                .json()));
        for (int demo = 1; demo <= MOST_ACTS; demo++) {
            shelf.add(post("/api/routines/from-file", RunningApplication.demo(demo))
                    .json()
                    .path("id")
                    .asString());
        }
        backup = RunningApplication.bytes("/api/backup");
        Map<String, Integer> statuses = new TreeMap<>();
        List<String> failures = new ArrayList<>();
        long longest = 0;
        for (int i = 0; i < REQUESTS; i++) {
            ApiCall call = calls.get(random.nextInt(calls.size()));
            ApiCall.Request request = mutated(call, routine);
            long began = System.nanoTime();
            RunningApplication.Answer answer = request.send();
            long millis = (System.nanoTime() - began) / 1_000_000;
            longest = Math.max(longest, millis);
            String what = "request %d of seed %d: %s %s %s %s: %s"
                    .formatted(
                            i,
                            SEED,
                            request.method(),
                            request.path(),
                            request.headers(),
                            new String(request.body(), StandardCharsets.UTF_8),
                            answer.response().body());
            try {
                assertThat(millis).as(what).isLessThan(LONGEST_MILLIS);
                check(answer, what);
            } catch (AssertionError found) {
                failures.add(found.getMessage());
            }
            statuses.merge(String.valueOf(answer.status()), 1, Integer::sum);
        }
        System.out.printf(
                "FIGURE | fuzzed requests, seed %d | %d, longest %d ms, %s | no 5xx%n",
                SEED, REQUESTS, longest, statuses);
        assertThat(failures).hasSize(0);
        assertThat(statuses).containsKeys("200", "400", "404", "415", "422");
    }

    private static void check(RunningApplication.Answer answer, String what) {
        if (answer.status() < 400) {
            return;
        }
        assertThat(answer.status()).as(what).isLessThan(500);
        assertThat(answer.type()).as(what).startsWith("application/problem+json");
        JsonNode problem = answer.json();
        assertThat(problem.path("title").asString()).as(what).isNotBlank();
        assertThat(problem.path("detail").asString()).as(what).isNotBlank();
        assertThat(problem.path("status").asInt()).as(what).isEqualTo(answer.status());
        if (answer.status() == 422) {
            assertThat(problem.path("problems").size()).as(what).isPositive();
        }
        for (JsonNode field : problem.path("problems")) {
            for (String part : new String[] {"field", "value", "rule", "cure"}) {
                assertThat(field.has(part)).as(what).isTrue();
            }
            assertThat(field.path("field").asString()).as(what).isNotBlank();
            assertThat(field.path("rule").asString()).as(what).isNotBlank();
            assertThat(field.path("cure").asString()).as(what).isNotBlank();
        }
        assertThat(answer.response().body())
                .as(what)
                .doesNotContain("Exception", "craftypocket.", "org.springframework");
    }

    private ApiCall.Request mutated(ApiCall call, String routine) {
        Map<String, String> values = new HashMap<>();
        for (JsonNode parameter : call.operation().path("parameters")) {
            String name = parameter.path("name").asString();
            String usual = name.equals("id") && call.path().contains("routines")
                    ? routine
                    : parameter.path("example").asString("");
            values.put(name, random.nextInt(3) == 0 ? header(parameter, value()) : usual);
        }
        if (values.containsKey("If-Match") && call.path().contains("routines") && random.nextBoolean()) {
            values.put("If-Match", get("/api/routines/" + routine).tag());
        }
        if (call.id().equals("readJournalTable")) {
            return call.request(
                    values,
                    damaged(get("/api/journal/table.csv").response().body().getBytes(StandardCharsets.UTF_8)),
                    "text/csv");
        }
        if (call.id().equals("restoreBackup")) {
            return call.request(values, damaged(backup), "application/zip");
        }
        String sent = call.sent();
        byte[] body = sent.isEmpty() ? new byte[0] : body(sent);
        String type = random.nextInt(12) == 0 ? TYPES[random.nextInt(TYPES.length)] : "application/json";
        return call.request(values, body, type);
    }

    /** A file of which some bytes are others, or the end is missing: as a whole it would replace everything that is asked about. */
    private byte[] damaged(byte[] file) {
        byte[] bytes = random.nextInt(4) == 0 ? Arrays.copyOf(file, random.nextInt(file.length)) : file.clone();
        for (int changes = 1 + random.nextInt(6); changes > 0 && bytes.length > 0; changes--) {
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
        }
        return bytes;
    }

    private String value() {
        return VALUES[random.nextInt(VALUES.length)];
    }

    /** What a header can hold at all. */
    private static String header(JsonNode parameter, String value) {
        return parameter.path("in").asString().equals("header")
                ? value.replaceAll("[^ -~]", "?").strip()
                : value;
    }

    private byte[] body(String sent) {
        JsonNode tree = JSON.readTree(sent);
        if (tree instanceof ObjectNode asked) {
            ofAnything(asked);
        }
        for (int changes = 1 + random.nextInt(3); changes > 0; changes--) {
            change(tree);
        }
        byte[] bytes = tree.toString().getBytes(StandardCharsets.UTF_8);
        if (random.nextInt(8) == 0) {
            for (int changes = 1 + random.nextInt(4); changes > 0; changes--) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            }
        }
        return bytes;
    }

    /** Half of what is asked of a routine is asked of one with any of the moves; half of the sets are of what is on the shelf. */
    private void ofAnything(ObjectNode asked) {
        if (asked.path("routine").isObject() && random.nextBoolean()) {
            asked.set("routine", routines.get(random.nextInt(routines.size())));
        }
        if (asked.path("acts").isArray() && random.nextBoolean()) {
            ArrayNode acts = JSON.createArrayNode();
            for (int act = 1 + random.nextInt(4); act > 0; act--) {
                acts.add(((ObjectNode) asked.path("acts").get(0).deepCopy())
                        .put("routine", shelf.get(random.nextInt(shelf.size()))));
            }
            asked.set("acts", acts);
        }
    }

    /** Changes one place of a document: a value, a name, something too much or too little. */
    private void change(JsonNode tree) {
        List<JsonNode> places = new ArrayList<>();
        collect(tree, places);
        JsonNode place = places.get(random.nextInt(places.size()));
        if (place instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>(object.propertyNames());
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(6)) {
                case 0 -> object.remove(name);
                case 1 -> object.set(value().isEmpty() ? "x" : value(), object.get(name));
                case 2 -> object.set(name, JSON.createObjectNode().put("x", 1));
                case 3 -> object.set(name, JSON.createArrayNode().add(object.get(name)));
                default -> object.set(name, odd());
            }
        } else if (place instanceof ArrayNode array) {
            switch (random.nextInt(3)) {
                case 0 -> array.add(odd());
                case 1 -> {
                    for (int i = array.isEmpty() ? 200 : 0; i < 110; i++) {
                        array.add(array.get(0));
                    }
                }
                default -> array.removeAll();
            }
        }
    }

    private JsonNode odd() {
        return switch (random.nextInt(7)) {
            case 0 -> JSON.getNodeFactory().nullNode();
            case 1 -> JSON.getNodeFactory().numberNode(random.nextInt(2000) - 500);
            case 2 -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
            case 3 -> JSON.getNodeFactory().numberNode(1e300);
            default -> JSON.getNodeFactory().stringNode(value());
        };
    }

    private static void collect(JsonNode tree, List<JsonNode> into) {
        if (tree.isContainer()) {
            into.add(tree);
            tree.forEach(child -> collect(child, into));
        }
    }
}
