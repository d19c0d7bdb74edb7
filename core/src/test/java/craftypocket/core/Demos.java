package craftypocket.core;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.routine.Audience;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The demo routines, read by the tests themselves. */
public final class Demos {

    private static final Path FILES = Path.of("../app/src/main/resources/demo");

    private static final ObjectMapper JSON = new ObjectMapper();

    /** A demo routine: the name of its file, what is in it, and its script. */
    public record Demo(String file, String json, Script script) {

        public String title() {
            return JSON.readTree(json).path("title").asString();
        }
    }

    private Demos() {}

    public static List<Demo> all() throws IOException {
        List<Demo> demos = new ArrayList<>();
        try (Stream<Path> files = Files.list(FILES)) {
            for (Path file : files.sorted().toList()) {
                String text = Files.readString(file);
                demos.add(new Demo(file.getFileName().toString(), text, script(text, "")));
            }
        }
        return demos;
    }

    /** A routine as a script, its steps without the eyes, and its claims; the owner of A has another name if one is given. */
    public static Script script(String text, String named) throws IOException {
        String owner = JSON.readTree(text)
                .path("roles")
                .valueStream()
                .filter(role -> role.path("letter").asString().equals("A"))
                .map(role -> role.path("owner").asString(""))
                .findFirst()
                .orElse("");
        JsonNode routine = JSON.readTree(owner.isEmpty() || named.isEmpty() ? text : text.replace(owner, named));
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
        // What is claimed of an out belongs to another line.
        Set<String> ids = new HashSet<>(Set.of(""));
        routine.path("steps").forEach(s -> ids.add(s.path("id").asString()));
        routine.path("claims")
                .valueStream()
                .filter(c -> ids.contains(c.path("after").asString("")))
                .forEach(c -> script.claim(new RoutineClaim(
                        c.path("id").asString(), c.path("after").asString(""), spec(c.path("claim")))));
        return script;
    }

    private static Step step(JsonNode step) {
        JsonNode seen = step.path("audience");
        String effect = seen.path("effect")
                .asString("as-taught")
                .toUpperCase(Locale.ROOT)
                .replace('-', '_');
        Step plain = new Step(step.path("id").asString(), step.path("move").asString(), texts(step), Optional.empty())
                .with(new Audience(
                        Audience.Effect.valueOf(effect), seen.path("thinks").asString("")));
        JsonNode onlyIf = step.path("onlyIf");
        return onlyIf.isMissingNode() ? plain : plain.onlyIf(spec(onlyIf));
    }

    private static ClaimSpec spec(JsonNode claim) {
        List<ClaimSpec> or = claim.path("or").valueStream().map(Demos::spec).toList();
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
}
