package craftypocket.app.routines;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftypocket.app.http.Refusal;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.settings.Problem;
import jakarta.validation.Validator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.type.LogicalType;

/** Reads and writes routine files, and says of each what is wrong with it. */
@Component
public class RoutineFiles {

    /** A plan takes some hundred kilobytes; an edit asks for the same routine twice, with each of its outs. */
    private static final int MOST_KEPT = 24;

    private static final Set<String> MAY_BE_NULL = Set.of("onlyIf", "audience");

    private final Cache<Routine, Plan> plans =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    private final JsonMapper json;
    /** Takes a file as its format says, and no number for a text. */
    private final JsonMapper strict;

    private final JsonMapper lenient;
    private final Validator validator;

    RoutineFiles(JsonMapper json, Validator validator) {
        this.json = json;
        strict = json.rebuild()
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .withCoercionConfig(
                        LogicalType.Textual,
                        texts -> texts.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
                .build();
        lenient = json.rebuild()
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .build();
        this.validator = validator;
    }

    /** Reads a file from outside: the version first, so that a newer file is not blamed for what it may well contain. */
    RoutineDocument read(JsonNode file) {
        checkVersion(file);
        checkNulls(file, "");
        return checked(file, strict);
    }

    /** Reads a file that was stored: the same, but what a later version has added to it is left alone. */
    RoutineDocument readStored(JsonNode file) {
        checkVersion(file);
        return checked(file, lenient);
    }

    private RoutineDocument checked(JsonNode file, JsonMapper reader) {
        RoutineDocument document = reader.treeToValue(file, RoutineDocument.class);
        List<Problem> problems = validator.validate(document).stream()
                .map(v -> new Problem(
                        v.getPropertyPath().toString(),
                        String.valueOf(v.getInvalidValue()),
                        v.getMessage(),
                        "Change it in the file and read it again"))
                .toList();
        if (!problems.isEmpty()) {
            throw new Refusal(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "The file cannot be read",
                    problems.stream().map(Problem::sentence).collect(Collectors.joining(" ")),
                    problems);
        }
        plan(document);
        return document;
    }

    /** What is not there is left out, but for what the format says may be null. */
    private static void checkNulls(JsonNode node, String path) {
        node.properties().forEach(property -> {
            String field = path.isEmpty() ? property.getKey() : path + "." + property.getKey();
            if (property.getValue().isNull() && !MAY_BE_NULL.contains(property.getKey())) {
                throw refused(field, "null", "there is nothing", "Leave it out, or write what it is");
            }
            checkNulls(property.getValue(), field);
        });
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            checkNulls(node.get(i), path + "[" + i + "]");
        }
    }

    private static void checkVersion(JsonNode file) {
        String format = file.path("format").asString("");
        if (!format.equals(RoutineDocument.FORMAT)) {
            throw refused(
                    "format",
                    format,
                    "a routine file says " + RoutineDocument.FORMAT,
                    "Choose a file that was saved as a routine");
        }
        JsonNode version = file.path("version");
        if (!version.isInt() || version.asInt() < 1) {
            throw refused("version", version.toString(), "a version is a number from 1", "Save the file again");
        }
        if (version.asInt() > RoutineDocument.VERSION) {
            throw refused(
                    "version",
                    version.toString(),
                    "this Crafty Pocket reads version " + RoutineDocument.VERSION
                            + ", and the file was written by a newer one",
                    "Update Crafty Pocket, or save the file there for version " + RoutineDocument.VERSION);
        }
    }

    private static Refusal refused(String field, String value, String rule, String cure) {
        Problem problem = new Problem(field, value, rule, cure);
        return Refusal.of("The file cannot be read", problem);
    }

    /** Plans a routine; what cannot be read is refused with everything that is wrong. */
    public Plan plan(RoutineDocument document) {
        return plan(document.toCore());
    }

    /** The same of a routine; one that was read is kept for a while, as reading takes ten times as long as a trace. */
    public Plan plan(Routine routine) {
        return plans.get(routine, asked -> PlanReader.read(asked, AllMoves.CATALOGUE));
    }

    JsonNode tree(RoutineDocument document) {
        return json.valueToTree(document);
    }

    JsonNode tree(String text) {
        return json.readTree(text);
    }

    /** Reads what was stored; what a later version may have added is left alone. */
    RoutineDocument stored(JsonNode document) {
        return lenient.treeToValue(document, RoutineDocument.class);
    }
}
