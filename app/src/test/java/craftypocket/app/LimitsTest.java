package craftypocket.app;

import static craftypocket.app.RunningApplication.JSON;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever one door of the program lets in, every other door takes too: lists and texts are filled to their limits. */
@ExtendWith(RunningApplication.OfItsOwn.class)
class LimitsTest {

    private static final Random RANDOM = new Random(23);

    /** Words that cannot be pressed to nothing, in letters of three bytes. */
    private static String letters(int length) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < length; i++) {
            text.append((char) (0x4E00 + RANDOM.nextInt(20_000)));
        }
        return text.toString();
    }

    private static void kept(Answer answer) {
        assertThat(answer.status()).as(answer.response().body()).isBetween(200, 201);
    }

    private static ObjectNode fullSet(String routine) {
        ObjectNode set = (ObjectNode) get("/api/sets").json().at("/0/set").deepCopy();
        set.put("title", letters(120));
        ArrayNode acts = set.putArray("acts");
        for (int act = 0; act < 20; act++) {
            acts.addObject()
                    .put("routine", routine)
                    .put("title", letters(120))
                    .put("words", letters(1000))
                    .put("spot", "anywhere")
                    .put("stays", false);
        }
        return set;
    }

    /** As much as is read at once: reasons to the last letter that is let in. */
    private static ObjectNode fullRun(int reasons) {
        ObjectNode run = JSON.createObjectNode()
                .put("startedAt", "2026-05-04T20:15:00.123Z")
                .put("totalMillis", 86_400_000)
                .put("cameOut", false)
                .put("notes", letters(1000));
        ArrayNode steps = run.putArray("steps");
        for (int step = 0; step < 100; step++) {
            ArrayNode why = steps.addObject()
                    .put("stepId", "s" + step)
                    .put("millis", 86_400_000)
                    .put("slips", 99)
                    .putArray("reasons");
            for (int reason = 0; reason < reasons; reason++) {
                why.add(letters(60));
            }
        }
        return run;
    }

    /** A routine with as many steps, claims and words as there may be. */
    private static ObjectNode fullRoutine() {
        ObjectNode routine = (ObjectNode) JSON.readTree(RunningApplication.routine("52", "", "", ""));
        routine.put("title", letters(120)).put("summary", letters(1000));
        ArrayNode tags = routine.putArray("tags");
        for (int tag = 0; tag < 12; tag++) {
            tags.add(letters(30));
        }
        ArrayNode steps = routine.putArray("steps");
        for (int step = 0; step < 100; step++) {
            steps.addObject().put("id", "s" + step).put("move", "false-cut").put("note", letters(1000));
        }
        ArrayNode claims = routine.putArray("claims");
        for (int claim = 0; claim < 40; claim++) {
            ObjectNode of = claims.addObject().put("id", "c" + claim).put("after", "s" + claim);
            of.putObject("claim")
                    .put("kind", "pile-size")
                    .putObject("settings")
                    .put("pile", "deck")
                    .put("cards", "52");
        }
        return routine;
    }

    @Test
    void everything_at_its_limits_is_saved_restored_and_the_same_again() throws Exception {
        String routine = get("/api/routines").json().at("/0/id").asString();
        for (int set = 0; set < 12; set++) {
            kept(post("/api/sets", fullSet(routine).toString()));
        }
        kept(post("/api/routines/from-file", fullRoutine().toString()));
        kept(post("/api/routines/" + routine + "/rehearsals", fullRun(40).toString()));
        // Letters of three bytes, most of which cannot be pressed: what is too large to be kept is refused, and never
        // half kept.
        Answer large =
                post("/api/routines/" + routine + "/rehearsals", fullRun(99).toString());
        assertThat(large.status()).isEqualTo(413);
        assertThat(get("/api/routines/" + routine + "/rehearsals").json()).hasSize(1);
        for (int audience = 0; audience < 60; audience++) {
            kept(post("/api/audiences", "{\"name\": \"%s\", \"note\": \"%s\"}".formatted(letters(80), letters(1000))));
        }
        for (int done = 0; done < 60; done++) {
            ObjectNode performance = JSON.createObjectNode()
                    .put("routine", routine)
                    .put("title", letters(120))
                    .put("doneAt", "2199-12-31T23:59:59.999Z")
                    .put("cameOut", true)
                    .put("slippedAt", letters(40))
                    .put("out", letters(300))
                    .put("reaction", 5)
                    .put("note", letters(1000));
            kept(post("/api/performances", performance.toString()));
        }
        kept(put("/api/performer/moves/complete-cut", "{\"alias\": \"%s\", \"skill\": 5}".formatted(letters(60))));
        kept(post("/api/routines", "{\"title\": \"%s\"}".formatted(letters(120))));

        byte[] zip = BackupFile.saved();
        Map<String, byte[]> before = BackupFile.files(zip);
        assertThat(BackupFile.restore(zip, "").statusCode()).isEqualTo(200);
        Map<String, byte[]> after = BackupFile.files(BackupFile.saved());

        assertThat(after.keySet()).isEqualTo(before.keySet());
        before.forEach((name, file) -> assertThat(after.get(name)).as(name).isEqualTo(file));
        assertThat(before.values()).allMatch(file -> file.length <= 4_000_000);
    }

    private static Map<String, String> texts(byte[] zip) throws IOException {
        Map<String, String> texts = new LinkedHashMap<>();
        BackupFile.files(zip).forEach((name, file) -> texts.put(name, new String(file, StandardCharsets.UTF_8)));
        texts.remove(BackupFile.LIST);
        return texts;
    }

    private static byte[] zip(Map<String, String> texts) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        texts.forEach((name, text) -> files.put(name, text.getBytes(StandardCharsets.UTF_8)));
        return BackupFile.listed(files);
    }

    /** What a page or a file may not bring, a backup may not bring either. */
    @Test
    void a_backup_brings_nothing_that_another_door_refuses() throws Exception {
        String routine = get("/api/routines").json().at("/0/id").asString();
        kept(post("/api/routines/" + routine + "/rehearsals", fullRun(0).toString()));
        Map<String, String> files = texts(BackupFile.saved());
        String name = "routines/" + routine + ".json";

        for (List<String> wrong : List.of(
                List.of(name, "\"version\":1", "\"version\":2"),
                List.of(name, "\"version\":1", "\"version\":1.5"),
                List.of(name, "crafty-pocket/routine", "another/routine"),
                List.of(name, "\"title\":\"", "\"title\":\"" + "x".repeat(121)),
                List.of("sets/000001.json", "\"version\":1", "\"version\":-7"),
                List.of("sets/000001.json", "\"resetSeconds\":0", "\"resetSeconds\":-1"),
                List.of("rehearsals/000001.json", "\"totalMillis\":86400000", "\"totalMillis\":-5"),
                List.of("rehearsals/000001.json", "2026-05-04T20:15:00.123Z", "+1000000000-01-01T00:00:00Z"),
                List.of("performances/000001.json", "\"reaction\":", "\"reaction\":9"))) {
            Map<String, String> changed = new LinkedHashMap<>(files);
            assertThat(changed.get(wrong.get(0))).as(wrong.get(0)).contains(wrong.get(1));
            changed.compute(
                    wrong.get(0), (file, text) -> text.replaceFirst("\\Q" + wrong.get(1) + "\\E", wrong.get(2)));
            assertThat(BackupFile.restore(zip(changed), "").statusCode())
                    .as("%s", wrong)
                    .isEqualTo(422);
        }
        assertThat(texts(BackupFile.saved())).isEqualTo(files);

        // Columns that say something else than the document they stand beside: the document counts.
        Map<String, String> titled = new LinkedHashMap<>(files);
        titled.compute(
                "sets/000001.json", (file, text) -> text.replaceFirst("\\{\"id\"", "{\"title\":\"Another\",\"id\""));
        assertThat(BackupFile.restore(zip(titled), "").statusCode()).isEqualTo(200);
        assertThat(texts(BackupFile.saved())).isEqualTo(files);
    }

    @Test
    void an_empty_backup_is_asked_about_first() throws Exception {
        byte[] all = BackupFile.saved();
        byte[] empty = zip(Map.of());

        HttpResponse<String> asked = BackupFile.restore(empty, "");
        assertThat(asked.statusCode()).isEqualTo(409);
        assertThat(asked.body()).contains("everything that is kept here would be gone", "problem:not-now");
        assertThat(get("/api/routines").json()).isNotEmpty();

        assertThat(BackupFile.restore(empty, "?evenEmpty=true").statusCode()).isEqualTo(200);
        assertThat(get("/api/routines").json()).isEmpty();
        assertThat(BackupFile.restore(all, "").statusCode()).isEqualTo(200);
        assertThat(get("/api/routines").json()).isNotEmpty();
    }

    /** A page was open at the first version; others edit, everything is saved, and restored: the first version is none any more. */
    @Test
    void after_a_restored_backup_no_version_from_before_it_is_taken_for_one() throws Exception {
        Answer page = post("/api/routines", "{\"title\": \"Open on a page\"}");
        String path = "/api/routines/" + page.json().path("id").asString();
        ObjectNode routine = (ObjectNode) page.json().path("routine").deepCopy();
        String tag = page.tag();
        for (int edit = 0; edit < 5; edit++) {
            tag = put(path, routine.put("summary", "An evening’s work " + edit).toString(), "If-Match", tag)
                    .tag();
        }
        Answer elsewhere = put(path, routine.put("summary", "Typed").toString(), "If-Match", page.tag());
        assertThat(elsewhere.json().path("type").asString()).endsWith(":changed-elsewhere");
        assertThat(BackupFile.restore(BackupFile.saved(), "").statusCode()).isEqualTo(200);

        for (String before : List.of(page.tag(), tag, "\"0\"", "\"5\"")) {
            Answer late = put(path, routine.put("summary", "Typed").toString(), "If-Match", before);
            assertThat(late.status()).isEqualTo(412);
            assertThat(late.json().path("type").asString()).endsWith(":other-folder");
        }
        assertThat(get(path).json().at("/routine/summary").asString()).isEqualTo("An evening’s work 4");

        String set = "/api/sets/" + get("/api/sets").json().at("/0/id").asString();
        Answer opened = get(set);
        String document = opened.json().path("set").toString();
        BackupFile.restore(BackupFile.saved(), "");
        assertThat(put(set, document, "If-Match", opened.tag())
                        .json()
                        .path("type")
                        .asString())
                .endsWith(":other-folder");
        assertThat(put(set, document, "If-Match", get(set).tag()).status()).isEqualTo(200);
    }

    /** Kept is what is kept: a run of a routine that waits in the bin, or is gone, too. */
    @Test
    void runs_and_performances_outlive_their_routine() {
        String path = "/api/routines/"
                + post("/api/routines", "{\"title\": \"Soon gone\"}")
                        .json()
                        .path("id")
                        .asString();
        RunningApplication.delete(path);
        ObjectNode run = fullRun(0);
        kept(post(path + "/rehearsals", run.put("notes", "From the bin").toString()));
        RunningApplication.delete(path.replace("/routines/", "/routines/bin/"));

        assertThat(post(path + "/rehearsals", run.toString()).status())
                .as("nobody knows what it was called")
                .isEqualTo(404);
        kept(post(
                path + "/rehearsals",
                run.put("routine", "Soon gone").put("notes", "From nowhere").toString()));
        kept(post("/api/performances", """
                {"routine": "%s", "title": "Soon gone", "doneAt": "2026-05-04T20:15:00Z", "cameOut": true}""".formatted(path.substring(path.lastIndexOf('/') + 1))));

        JsonNode entries = get("/api/journal?routine=" + path.substring(path.lastIndexOf('/') + 1))
                .json()
                .path("entries");
        assertThat(entries.findValuesAsString("title")).containsExactly("Soon gone", "Soon gone", "Soon gone");
        assertThat(get("/api/routines/" + UUID.randomUUID() + "/rehearsals").status())
                .isEqualTo(404);
    }
}
