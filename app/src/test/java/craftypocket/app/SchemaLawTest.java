package craftypocket.app;

import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import craftypocket.app.RunningApplication.Answer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The published schema of routines and the program agree, on files that are made from the schema at random, with all texts and lists at
 * their limits now and then: what the schema takes is read, and what it refuses for one thing is refused. Whether a file that is read
 * makes sense as a routine is another question.
 */
@ExtendWith(RunningApplication.class)
class SchemaLawTest {

    /** A quarter of them in {@code ./verify}. */
    private static final int ALL = Boolean.getBoolean("crafty.laws") ? 1000 : 250;

    private static final int MOST_TRIES = 50;
    private static final int DEEPEST = 3;
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    /** One part of a pattern, such as {@code [a-z0-9-]{1,40}}. */
    private static final Pattern CLASS = Pattern.compile("\\[([^]]+)](?:\\{(\\d+),(\\d+)})?");

    private static JsonNode schema;
    private static Schema validator;

    @BeforeAll
    static void read() throws IOException {
        String text = Files.readString(Path.of("../docs/formats/routine.schema.json"));
        schema = RunningApplication.JSON.readTree(text);
        validator = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(text);
    }

    private static boolean fits(JsonNode file) {
        return validator.validate(file.toString(), InputFormat.JSON).isEmpty();
    }

    /** Whether the program reads a file; if it does, it may still not make sense, or be of a move that there is not. */
    private static boolean isRead(Answer answer) {
        return answer.status() == 201
                || answer.json().path("title").asString("").equals("The routine cannot be read");
    }

    private static List<String> problems(Answer answer) {
        return answer.json()
                .path("problems")
                .valueStream()
                .map(problem ->
                        problem.path("field").asString() + problem.path("rule").asString())
                .toList();
    }

    @Test
    void what_the_schema_takes_is_read() {
        for (int seed = 0; seed < ALL; seed++) {
            JsonNode file = nonsense(made(schema, new Random(seed), 0));
            assertThat(fits(file)).as("seed " + seed + ": " + file).isTrue();

            Answer answer = post("/api/routines/from-file", file.toString());

            assertThat(isRead(answer))
                    .as("seed " + seed + ": " + answer.status() + " "
                            + answer.response().body())
                    .isTrue();
        }
    }

    @Test
    void what_the_schema_refuses_is_refused() {
        int refused = 0;
        for (int seed = 0; seed < ALL; seed++) {
            Random random = new Random(seed);
            JsonNode file = nonsense(made(schema, random, 0));
            for (int tries = 0; tries < MOST_TRIES; tries++) {
                List<String> what = new ArrayList<>();
                JsonNode broken = broken(schema, file.deepCopy(), random, what, "");
                if (!what.isEmpty() && !fits(broken)) {
                    Answer before = post("/api/routines/from-file", file.toString());
                    Answer answer = post("/api/routines/from-file", broken.toString());
                    assertThat(answer.status()).as("seed " + seed + " " + what).isIn(400, 422);
                    // And for this place, or for a reason that was not there before.
                    String field = what.get(0)
                            .split(" ")[0]
                            .replaceFirst("^/", "")
                            .replaceAll("/(\\d+)", "[$1]")
                            .replace('/', '.');
                    assertThat(isRead(answer)
                                    && problems(before).containsAll(problems(answer))
                                    && problems(answer).stream()
                                            .noneMatch(problem -> !field.isEmpty() && problem.startsWith(field)))
                            .as("seed " + seed + " " + what)
                            .isFalse();
                    refused++;
                    break;
                }
            }
        }
        assertThat(refused).isGreaterThan(ALL * 9 / 10);
    }

    /** So that nothing is stored: a file that is read has a move that there is not. */
    private static JsonNode nonsense(JsonNode file) {
        ObjectNode routine = file.asObject();
        if (routine.path("steps").isEmpty()) {
            routine.putArray("steps").add(JSON.objectNode().put("id", "x"));
        }
        routine.path("steps").get(0).asObject().put("move", "no-such-move");
        return routine;
    }

    private static JsonNode resolved(JsonNode part) {
        String ref = part.path("$ref").asString("");
        return ref.isEmpty() ? part : schema.at(ref.substring(1));
    }

    /** A value that fits a part of the schema. */
    private static JsonNode made(JsonNode declared, Random random, int depth) {
        JsonNode part = resolved(declared);
        if (part.has("const")) {
            return part.path("const");
        }
        if (part.has("enum")) {
            return part.path("enum").get(random.nextInt(part.path("enum").size()));
        }
        if (part.has("anyOf")) {
            return made(part.path("anyOf").get(random.nextInt(part.path("anyOf").size())), random, depth);
        }
        return switch (part.path("type").asString()) {
            case "null" -> JSON.nullNode();
            case "boolean" -> JSON.booleanNode(random.nextBoolean());
            case "integer" ->
                JSON.numberNode(between(
                        part.path("minimum").asInt(), part.path("maximum").asInt(), random));
            case "number" ->
                JSON.numberNode(between(
                                part.path("minimum").asInt(),
                                part.path("maximum").asInt() - 1,
                                random)
                        + 0.5);
            case "string" -> JSON.stringNode(text(part, random));
            case "array" -> {
                ArrayNode list = JSON.arrayNode();
                int most = Math.min(
                        part.path("maxItems").asInt(), depth >= DEEPEST ? 1 : random.nextInt(12) == 0 ? 104 : 2);
                int count = between(
                        part.path("minItems").asInt(0),
                        Math.max(most, part.path("minItems").asInt(0)),
                        random);
                for (int i = 0; i < count; i++) {
                    list.add(made(part.path("items"), random, depth + 1));
                }
                yield list;
            }
            default -> object(part, random, depth);
        };
    }

    private static ObjectNode object(JsonNode part, Random random, int depth) {
        ObjectNode object = JSON.objectNode();
        part.path("properties").properties().forEach(property -> {
            boolean required = part.path("required")
                    .valueStream()
                    .anyMatch(name -> name.asString().equals(property.getKey()));
            if (required || (random.nextInt(3) > 0 && depth < DEEPEST)) {
                object.set(property.getKey(), made(property.getValue(), random, depth + 1));
            }
        });
        if (part.path("additionalProperties").isObject()) {
            int count = random.nextInt(8) == 0 ? part.path("maxProperties").asInt() : random.nextInt(3);
            for (int i = 0; i < count; i++) {
                String name = "n" + i
                        + "x"
                                .repeat(
                                        random.nextInt(4) == 0
                                                ? part.at("/propertyNames/maxLength")
                                                                .asInt()
                                                        - 3
                                                : 0);
                object.set(name, made(part.path("additionalProperties"), random, depth + 1));
            }
        }
        return object;
    }

    private static int between(int least, int most, Random random) {
        return switch (random.nextInt(3)) {
            case 0 -> least;
            case 1 -> most;
            default -> least + random.nextInt(most - least + 1);
        };
    }

    private static String text(JsonNode part, Random random) {
        String pattern = part.path("pattern").asString("");
        if (pattern.matches("\\^(own-)?\\[[A-Za-z0-9-]+].*")) {
            return fitting(pattern, random);
        }
        int length =
                between(part.path("minLength").asInt(0), part.path("maxLength").asInt(), random);
        String letters = random.nextInt(6) == 0 ? " \n\t" : "aZ9 é\n↑“”±♣,:=/-.";
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < length; i++) {
            text.append(letters.charAt(random.nextInt(letters.length())));
        }
        // In a schema the end is the end, also where a line ends there.
        Pattern seen = Pattern.compile(pattern.replaceAll("[$]$", "\\\\z"));
        boolean fits = pattern.isEmpty() || seen.matcher(text).find();
        return fits
                ? text.toString()
                : "x" + text.toString().replaceAll("\\s", "y").substring(1);
    }

    /** A text of a pattern such as {@code ^own-[a-z0-9-]{1,40}$}. */
    private static String fitting(String pattern, Random random) {
        String body = pattern.substring(1, pattern.length() - 1);
        Matcher parts = CLASS.matcher(body);
        StringBuilder text = new StringBuilder();
        int at = 0;
        while (parts.find()) {
            text.append(body, at, parts.start());
            at = parts.end();
            int count = parts.group(2) == null
                    ? 1
                    : between(Integer.parseInt(parts.group(2)), Integer.parseInt(parts.group(3)), random);
            String ofClass = "AZaz09-"
                    .chars()
                    .filter(letter -> Character.toString(letter).matches("[" + parts.group(1) + "]"))
                    .mapToObj(Character::toString)
                    .reduce("", String::concat);
            for (int i = 0; i < count; i++) {
                text.append(ofClass.charAt(random.nextInt(ofClass.length())));
            }
        }
        return text + body.substring(at);
    }

    /** A value with one thing wrong in it, somewhere. */
    private static JsonNode broken(JsonNode declared, JsonNode value, Random random, List<String> what, String path) {
        JsonNode part = resolved(declared);
        if (part.has("anyOf")) {
            JsonNode fitting = part.path("anyOf").get(value.isNull() ? 0 : 1);
            return broken(fitting, value, random, what, path);
        }
        boolean deeper = random.nextInt(4) > 0;
        if (deeper && value instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names =
                    object.propertyStream().map(java.util.Map.Entry::getKey).toList();
            String name = names.get(random.nextInt(names.size()));
            JsonNode inner = part.path("properties").has(name)
                    ? part.path("properties").path(name)
                    : part.path("additionalProperties");
            object.set(name, broken(inner, object.get(name), random, what, path + "/" + name));
            return object;
        }
        if (deeper && value instanceof ArrayNode array && !array.isEmpty()) {
            int index = random.nextInt(array.size());
            array.set(index, broken(part.path("items"), array.get(index), random, what, path + "/" + index));
            return array;
        }
        List<UnaryOperator<JsonNode>> ways = ways(part, random);
        int way = random.nextInt(ways.size());
        JsonNode wrong = ways.get(way).apply(value);
        what.add(path + " " + part.path("type").asString("one of") + " → "
                + wrong.toString().substring(0, Math.min(90, wrong.toString().length())));
        return wrong;
    }

    /** What can be wrong with a value. */
    private static List<UnaryOperator<JsonNode>> ways(JsonNode part, Random random) {
        List<UnaryOperator<JsonNode>> ways = new ArrayList<>(List.of(
                value -> JSON.arrayNode().add(JSON.objectNode()),
                value -> JSON.objectNode().put("no", "such"),
                value -> JSON.numberNode(-7),
                value -> JSON.numberNode(2.75),
                value -> JSON.booleanNode(true),
                value -> JSON.stringNode("no such word"),
                value -> JSON.nullNode()));
        if (part.has("maxLength")) {
            ways.add(value -> JSON.stringNode("x".repeat(part.path("maxLength").asInt() + 1)));
            ways.add(value -> JSON.stringNode(""));
            ways.add(value -> JSON.stringNode(" "));
        }
        if (part.has("maximum")) {
            ways.add(value -> JSON.numberNode(part.path("maximum").asInt() + 1));
            ways.add(value -> JSON.stringNode(part.path("maximum").asString("3")));
        }
        if (part.has("maxItems")) {
            ways.add(value -> {
                ArrayNode longer = JSON.arrayNode();
                for (int i = 0; i <= part.path("maxItems").asInt(); i++) {
                    longer.add(made(part.path("items"), random, DEEPEST));
                }
                return longer;
            });
        }
        if (part.has("properties")) {
            ways.add(value ->
                    value instanceof ObjectNode object ? object.deepCopy().put("colour", "red") : value);
            part.path("required")
                    .forEach(name -> ways.add(value -> {
                        ObjectNode without = value.deepCopy().asObject();
                        without.remove(name.asString());
                        return without;
                    }));
        }
        return ways;
    }
}
