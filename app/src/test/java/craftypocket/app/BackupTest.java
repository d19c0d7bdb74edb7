package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A backup holds everything and brings it back; whatever else calls itself one changes nothing. */
@ExtendWith(RunningApplication.OfItsOwn.class)
class BackupTest {

    private static HttpResponse<String> restore(byte[] zip) {
        return BackupFile.restore(zip, "");
    }

    /** Everything that can be asked for, as text. */
    private static Map<String, String> everything() {
        Map<String, String> all = new TreeMap<>();
        for (JsonNode each : get("/api/routines").json()) {
            String path = "/api/routines/" + each.path("id").asString();
            all.put(path, get(path + "/file").response().body());
            all.put(path + "/rehearsals", get(path + "/rehearsals").response().body());
        }
        for (String path : new String[] {
            "/api/sets", "/api/audiences", "/api/journal", "/api/performer", "/api/practice/judged", "/api/finds"
        }) {
            // A version is never the same again.
            all.put(path, get(path).response().body().replaceAll("\"version\":\"[-0-9a-f]+\"", ""));
        }
        return all;
    }

    @Test
    void everything_comes_back_byte_for_byte() throws IOException {
        String routine = get("/api/routines").json().get(0).path("id").asString();
        post("/api/routines/" + routine + "/rehearsals", """
                {"startedAt": "2026-05-04T20:15:00Z", "totalMillis": 61000, "cameOut": true, "steps": [], "notes": "Kept"}""");
        post("/api/practice/judged", "{\"cards\": 20, \"said\": 23}");
        RunningApplication.put("/api/performer/moves/complete-cut", "{\"alias\": \"the simple one\", \"skill\": 5}");
        Map<String, String> before = everything();
        byte[] zip = BackupFile.saved();

        // All is changed: a routine and a find go, another routine comes, people are forgotten.
        String find = get("/api/finds").json().get(0).path("id").asString();
        RunningApplication.delete("/api/finds/" + find);
        RunningApplication.delete("/api/routines/" + routine);
        post("/api/routines/from-file", RunningApplication.demo(3));
        String people = get("/api/audiences").json().get(0).path("id").asString();
        RunningApplication.delete("/api/audiences/" + people);
        assertThat(everything()).isNotEqualTo(before);

        assertThat(restore(zip).statusCode()).isEqualTo(200);
        assertThat(everything()).isEqualTo(before);
        Map<String, byte[]> first = BackupFile.files(zip);
        BackupFile.files(BackupFile.saved()).forEach((name, file) -> {
            if (name.startsWith("routines/")) {
                assertThat(file).as(name).isEqualTo(first.get(name));
            }
        });
    }

    private static void refused(byte[] zip, String why) {
        Map<String, String> before = everything();
        HttpResponse<String> answer = restore(zip);
        assertThat(answer.statusCode()).as(why).isEqualTo(422);
        assertThat(answer.body()).contains(why, "Nothing was changed");
        assertThat(everything()).isEqualTo(before);
    }

    private static byte[] changed(byte[] zip, String name, String from, String to) throws IOException {
        Map<String, byte[]> files = BackupFile.files(zip);
        String text = new String(files.get(name), StandardCharsets.UTF_8);
        assertThat(text).contains(from);
        files.put(name, text.replace(from, to).getBytes(StandardCharsets.UTF_8));
        return BackupFile.zip(files);
    }

    @Test
    void what_is_no_backup_changes_nothing() throws IOException {
        byte[] zip = BackupFile.saved();
        refused("no zip at all".getBytes(StandardCharsets.UTF_8), "no zip, or it is damaged");
        refused(BackupFile.zip(new LinkedHashMap<>(Map.of("routines/1.json", new byte[2]))), "is missing");
        refused(changed(zip, "backup.json", "\"version\":1", "\"version\":2"), "newer Crafty Pocket");
        refused(changed(zip, "backup.json", "crafty-pocket/backup", "another/backup"), "no backup of Crafty Pocket");
        String routine = BackupFile.files(zip).keySet().stream()
                .filter(name -> name.startsWith("routines/"))
                .findFirst()
                .orElseThrow();
        refused(changed(zip, routine, "\"title\"", "\"titel\""), "damaged");

        Map<String, byte[]> outside = BackupFile.files(zip);
        outside.put("../../outside.json", new byte[0]);
        refused(BackupFile.zip(outside), "does not belong");
        Map<String, byte[]> absolute = BackupFile.files(zip);
        absolute.put("/etc/routines.json", new byte[0]);
        refused(BackupFile.zip(absolute), "does not belong");
        Map<String, byte[]> less = BackupFile.files(zip);
        less.remove(routine);
        refused(BackupFile.zip(less), "not those of its list");
        byte[] cut = Arrays.copyOf(zip, zip.length / 2);
        assertThat(restore(cut).statusCode()).isEqualTo(422);
    }

    @Test
    void a_bomb_is_not_unpacked() throws IOException {
        // Hundreds of files of nearly four megabytes of nothing, each of which packs into a few kilobytes.
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] nothing = new byte[3_900_000];
        try (ZipOutputStream bomb = new ZipOutputStream(out)) {
            for (int i = 0; i < 260; i++) {
                bomb.putNextEntry(new ZipEntry("routines/bomb-%d.json".formatted(i)));
                bomb.write(nothing);
            }
        }
        assertThat(out.size()).isLessThan(2_000_000);
        refused(out.toByteArray(), "too large");

        refused(BackupFile.listed(Map.of("routines/bomb.json", new byte[5_000_000])), "too large");
    }

    @Test
    void a_backup_with_a_routine_that_cannot_be_done_is_refused_as_a_whole() throws IOException {
        Map<String, byte[]> files = BackupFile.files(BackupFile.saved());
        String name = files.keySet().stream()
                .filter(each -> each.startsWith("routines/"))
                .findFirst()
                .orElseThrow();
        byte[] bad = new String(files.get(name), StandardCharsets.UTF_8)
                .replaceFirst("\"pack\":\"[^\"]*\"", "\"pack\":\"seven\"")
                .getBytes(StandardCharsets.UTF_8);
        refused(with(files, name, bad), "a pack has 3 to 52 cards");
    }

    /** With another file, whose hash stands in the list as it should. */
    private static byte[] with(Map<String, byte[]> files, String name, byte[] file) throws IOException {
        files.put(name, file);
        return BackupFile.listed(files);
    }

    @Test
    void rows_that_stand_twice_or_are_no_rows_are_refused() throws IOException {
        Map<String, byte[]> files = BackupFile.files(BackupFile.saved());
        String people = new String(files.get("people/000001.json"), StandardCharsets.UTF_8);
        String twice = "[" + people.substring(1, people.length() - 1) + "," + people.substring(1);
        refused(
                with(
                        BackupFile.files(BackupFile.saved()),
                        "people/000001.json",
                        twice.getBytes(StandardCharsets.UTF_8)),
                "stands twice");
        String wrong = people.replaceFirst("\"name\":\"[^\"]*\"", "\"name\":[7]");
        refused(
                with(
                        BackupFile.files(BackupFile.saved()),
                        "people/000001.json",
                        wrong.getBytes(StandardCharsets.UTF_8)),
                "not what such a file holds");
    }
}
