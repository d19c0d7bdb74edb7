package craftypocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a hard day does to the program; {@code ./endurance load} runs it and prints the figures. */
@Tag("endurance")
class LoadTest {

    private static final int HEAVY = 200;
    private static final int ASKED = 100;
    private static final int EDITS = 2000;

    private static void print(String figure, String value, String target) {
        System.out.printf("FIGURE | %s | %s | %s%n", figure, value, target);
    }

    @Test
    void two_hundred_heavy_requests_at_once_starve_nobody(@TempDir Path data) throws Exception {
        try (Application application = Application.startByScript(data)) {
            Http http = new Http(application);
            String id = UUID.randomUUID().toString();
            String made = http.send("POST", "/api/routines", "{\"title\": \"Meanwhile\"}", "Edit-Id", id)
                    .body();
            String routine = made.replaceFirst(".*\"routine\":", "").replaceFirst("}$", "");
            for (int warm = 0; warm < 30; warm++) {
                http.get("/api/routines");
                edit(http, id, routine, http.tag("/api/routines/" + id));
            }
            List<Long> quietList = new ArrayList<>();
            List<Long> quietEdit = new ArrayList<>();
            measure(http, id, routine, quietList, quietEdit);
            List<CompletableFuture<?>> heavy = new ArrayList<>();
            for (int i = 0; i < HEAVY; i++) {
                heavy.add(http.later("POST", "/api/survey", Heavy.survey(i)));
            }
            waitFor(http, HEAVY);
            List<Long> list = new ArrayList<>();
            List<Long> edits = new ArrayList<>();
            measure(http, id, routine, list, edits);
            print("the list, 95th percentile of " + ASKED + ", nothing else asked", at95(quietList) + " ms", "");
            print("an edit, 95th percentile of " + ASKED + ", nothing else asked", at95(quietEdit) + " ms", "");
            print(
                    "the list meanwhile, with " + HEAVY + " surveys asked for at once: 95th percentile",
                    at95(list) + " ms",
                    "200 ms");
            print("an edit meanwhile: 95th percentile", at95(edits) + " ms", "200 ms");
            print("memory meanwhile, of the process", memory(application.pid()) / 1000 + " MB", "heap limit 768 MB");
            long began = System.nanoTime();
            heavy.forEach(asked -> asked.cancel(true));
            while (running(http) > 0) {
                Thread.sleep(5);
            }
            print(
                    "all of them ended after the clients had left",
                    (System.nanoTime() - began) / 1_000_000 + " ms",
                    "1000 ms");
            CompletableFuture<?> one = http.later("POST", "/api/survey", Heavy.survey(0));
            waitFor(http, 1);
            Thread.sleep(1000);
            began = System.nanoTime();
            http.send("DELETE", "/api/computations/heavy-0", "");
            one.join();
            print(
                    "a survey's answer after it was told to stop",
                    (System.nanoTime() - began) / 1_000_000 + " ms",
                    "200 ms");
        }
    }

    private static int running(Http http) throws IOException {
        return Integer.parseInt(http.get("/api/computations").body().replaceAll("\\D", ""));
    }

    private static void waitFor(Http http, int count) throws Exception {
        for (int tries = 0; tries < 2000 && running(http) < count; tries++) {
            Thread.sleep(5);
        }
    }

    private static void measure(Http http, String id, String routine, List<Long> list, List<Long> edits)
            throws IOException {
        String tag = http.tag("/api/routines/" + id);
        for (int i = 0; i < ASKED; i++) {
            long began = System.nanoTime();
            http.get("/api/routines");
            long listed = System.nanoTime();
            tag = edit(http, id, routine, tag);
            list.add(listed - began);
            edits.add(System.nanoTime() - listed);
        }
    }

    /** Gives the version that it led to. */
    private static String edit(Http http, String id, String routine, String tag) throws IOException {
        String body = routine.replace("\"summary\":\"\"", "\"summary\":\"" + UUID.randomUUID() + "\"");
        HttpResponse<String> answer = http.send("PUT", "/api/routines/" + id, body, "If-Match", tag);
        assertThat(answer.statusCode()).isEqualTo(200);
        return Http.tag(answer);
    }

    private static long at95(List<Long> nanos) {
        return nanos.stream()
                        .sorted()
                        .skip(nanos.size() * 95L / 100)
                        .findFirst()
                        .orElseThrow()
                / 1_000_000;
    }

    /** What others read while forty ask for everything, and sixteen want to replace it. */
    @Test
    void backups_and_restores_at_once_starve_nobody(@TempDir Path data) throws Exception {
        try (Application application = Application.start(DataFolders.copiedTo(data))) {
            Http http = new Http(application);
            String set = firstSet(http);
            for (int i = 0; i < 100; i++) {
                http.send("POST", "/api/sets", set.replaceAll("\"words\":\"[^\"]*\"", "\"words\":\"" + words() + "\""));
            }
            List<CompletableFuture<?>> backups = new ArrayList<>();
            for (int client = 0; client < 40; client++) {
                backups.add(CompletableFuture.runAsync(() -> {
                    for (int time = 0; time < 3; time++) {
                        assertThat(status(http, "/api/backup")).isEqualTo(200);
                    }
                }));
            }
            print(
                    "40 clients ask for 3 backups each: the list, slowest",
                    slowestList(http, backups) + " ms",
                    "1000 ms");
            byte[] backup = http.bytes("/api/backup");
            List<CompletableFuture<HttpResponse<String>>> restores = new ArrayList<>();
            for (int client = 0; client < 16; client++) {
                restores.add(http.sendFile("/api/backup", "application/zip", backup));
            }
            print(
                    "16 restore %.1f MB at once: the list, slowest".formatted(backup.length / 1e6),
                    slowestList(http, restores) + " ms",
                    "1000 ms");
            assertThat(restores)
                    .allSatisfy(each -> assertThat(each.join().statusCode()).isIn(200, 503));
            print("memory after it", memory(application.pid()) / 1024 + " MB", "900 MB");
        }
    }

    private static String firstSet(Http http) throws IOException {
        return http.get("/api/sets").body().replaceFirst("(?s).*?\"set\":(\\{.*?\"resetSeconds\":\\d+\\}).*", "$1");
    }

    /** A thousand letters that cannot be pressed to nothing. */
    private static String words() {
        return new Random()
                .ints(1000, 0x4E00, 0x9E00)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static int status(Http http, String path) {
        try {
            return http.bytes(path).length > 10_000 ? 200 : 0;
        } catch (IOException failed) {
            return 0;
        }
    }

    /** How long the shelf takes at most, in milliseconds, while these are under way. */
    private static long slowestList(Http http, List<? extends CompletableFuture<?>> underWay) throws Exception {
        long slowest = 0;
        while (!underWay.stream().allMatch(CompletableFuture::isDone)) {
            long began = System.nanoTime();
            http.get("/api/routines");
            slowest = Math.max(slowest, (System.nanoTime() - began) / 1_000_000);
            Thread.sleep(50);
        }
        return slowest;
    }

    /** The resident memory of a process, in kilobytes. */
    private static long memory(long pid) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void the_file_stays_small_over_very_many_edits_copies_and_runs(@TempDir Path data) throws Exception {
        Path file = data.resolve("crafty-pocket.mv.db");
        try (Application application = Application.startByScript(data)) {
            Http http = new Http(application);
            String demo = Files.readString(Path.of("../app/src/main/resources/demo/01-deal-past.json"));
            String id = UUID.randomUUID().toString();
            HttpResponse<String> made = http.send("POST", "/api/routines/from-file", demo, "Edit-Id", id);
            String tag = Http.tag(made);
            String routine = made.body().replaceFirst(".*\"routine\":", "").replaceFirst("}$", "");
            for (int i = 0; i < EDITS; i++) {
                String body =
                        routine.replaceFirst("\"summary\":\"[^\"]*\"", "\"summary\":\"" + UUID.randomUUID() + "\"");
                tag = Http.tag(http.send("PUT", "/api/routines/" + id, body, "If-Match", tag));
            }
            print(EDITS + " edits of " + routine.length() + " bytes, just made", size(file), "");
            for (int i = 0; i < 200; i++) {
                http.send("POST", "/api/routines/" + id + "/copy", "");
            }
            for (int i = 0; i < EDITS; i++) {
                http.send(
                        "POST",
                        "/api/routines/" + id + "/rehearsals",
                        "{\"startedAt\": \"2026-05-04T20:15:00Z\", \"totalMillis\": %d, \"cameOut\": true, \"steps\": [%s{\"stepId\": \"x\", \"millis\": %d, \"slips\": 0}]}"
                                .formatted(i, "{\"stepId\": \"pick\", \"millis\": 1200, \"slips\": 1},".repeat(20), i));
            }
            print("and 200 copies and " + EDITS + " runs, just made", size(file), "");
            Thread.sleep(40_000);
            print("the same, idle for half a minute", size(file), "10 MB");
        }
        print("the same, at the end", size(file), "10 MB");
    }

    private static String size(Path file) {
        return file.toFile().length() / 100_000 / 10.0 + " MB";
    }
}
