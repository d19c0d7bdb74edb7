package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is printed and shown when the data folder is not well. Mounting file systems takes a root user, as in CI. */
class FolderTest extends InBrowser {

    private Application own;
    private Path mounted;

    @AfterEach
    void stop() throws Exception {
        if (own != null) {
            own.close();
        }
        if (mounted != null) {
            run("umount", "-l", mounted.toString());
        }
    }

    @Override
    protected String url(String path) {
        return own.url(path);
    }

    private static int run(String... command) throws Exception {
        return new ProcessBuilder(command).inheritIO().start().waitFor();
    }

    private void mount(String... options) throws Exception {
        mounted = Files.createTempDirectory("crafty-disk");
        String[] command = Stream.concat(
                        Stream.concat(Stream.of("mount"), Stream.of(options)), Stream.of(mounted.toString()))
                .toArray(String[]::new);
        assumeTrue(run(command) == 0, "file systems cannot be mounted here");
    }

    private static final int WAITING = 390;

    private static final String COPY = "crafty-pocket-\\d{4}-\\d{2}-\\d{2}\\.zip";

    /** What is printed by a program that does not start; its exit code is checked. */
    private static String refused(Path data) throws Exception {
        return refused(data, Application.freePort());
    }

    private static String refused(Path data, int port) throws Exception {
        Process process = new ProcessBuilder(Application.command(port, data))
                .redirectErrorStream(true)
                .start();
        String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(printed).isEqualTo(1);
        return printed;
    }

    /** What other refusals say is tested with the folder itself. */
    @Test
    void a_taken_port_is_told_in_one_sentence_and_nothing_starts(@TempDir Path data) throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 50, InetAddress.getLoopbackAddress())) {
            int port = taken.getLocalPort();

            assertThat(refused(data, port))
                    .isEqualTo("Port " + port + " is taken by another program, or by another Crafty Pocket. Choose"
                            + " another: ./start --port " + (port + 1) + "\n");
        }
    }

    @Test
    void the_copy_of_the_day_is_made_by_itself_and_can_be_gone_back_to(@TempDir Path data) throws Exception {
        own = Application.start(DataFolders.copiedTo(data));
        Path copies = data.resolve("copies");
        for (int tries = 0; tries < 100 && !hasCopy(copies); tries++) {
            Thread.sleep(100);
        }
        String day;
        try (Stream<Path> files = Files.list(copies)) {
            day = files.map(file -> file.getFileName().toString())
                    .filter(name -> name.matches(COPY))
                    .findFirst()
                    .orElseThrow()
                    .replaceAll("crafty-pocket-|\\.zip", "");
        }
        new Http(own).send("POST", "/api/routines", "{\"title\": \"Made after the copy\"}");
        own.close();
        Files.writeString(data.resolve("crafty-pocket.mv.db"), "damaged");

        own = Application.start(data, "--crafty.restore=" + day);

        String shelf = new Http(own).get("/api/routines").body();
        assertThat(shelf).contains("The purser’s wager").doesNotContain("Made after the copy");
    }

    /** The day began with an empty shelf: what was done since is in the copy that was made at the end. */
    @Test
    void of_a_damaged_file_the_latest_copy_is_offered_with_what_it_holds(@TempDir Path data) throws Exception {
        own = Application.start(DataFolders.copiedTo(data));
        Path copies = data.resolve("copies");
        for (int tries = 0; tries < 100 && !hasCopy(copies); tries++) {
            Thread.sleep(100);
        }
        new Http(own).send("POST", "/api/routines", "{\"title\": \"Made after the copy\"}");
        own.close();
        Files.writeString(data.resolve("crafty-pocket.mv.db"), "damaged");

        assertThat(refused(data))
                .containsPattern(
                        "Go back to the automatic copy of \\d\\d:\\d\\d on 20\\d\\d-\\d\\d-\\d\\d, 36 routines:"
                                + " ./start --restore latest ");
        own = Application.start(data, "--crafty.restore=latest");
        assertThat(new Http(own).get("/api/routines").body()).contains("The purser’s wager", "Made after the copy");
    }

    @Test
    void a_first_start_on_a_full_disk_is_told_in_a_sentence() throws Exception {
        mount("-t", "tmpfs", "-o", "size=3m", "none");

        assertThat(refused(mounted))
                .isEqualTo("The disk of " + mounted + " is full. Make 7 MB of room on it, or choose another folder:"
                        + " ./start --data FOLDER\n");
    }

    private static boolean hasCopy(Path copies) throws IOException {
        if (!Files.isDirectory(copies)) {
            return false;
        }
        try (Stream<Path> files = Files.list(copies)) {
            return files.anyMatch(file -> file.getFileName().toString().matches(COPY));
        }
    }

    /** Fills the disk to its last byte. */
    private Path fill() throws IOException {
        Path filler = mounted.resolve("filler");
        try (OutputStream out = Files.newOutputStream(filler)) {
            byte[] block = new byte[65_536];
            while (true) {
                out.write(block);
            }
        } catch (IOException full) {
            return filler;
        }
    }

    @Test
    void on_a_full_disk_everything_can_be_read_and_what_is_changed_waits_until_there_is_room() throws Exception {
        mount("-t", "tmpfs", "-o", "size=20m", "none");
        own = Application.start(DataFolders.copiedTo(mounted));
        newRoutine("On a full disk");
        waitUntilSaved();
        Path filler = fill();

        page.getByLabel("What it looks like").fill("Typed on a full disk.");
        assertThat(page.getByTestId("save-state")).hasText("not saved yet");
        assertThat(page.getByText("The disk is full: nothing can be saved.").first())
                .isVisible();
        Http http = new Http(own);
        assertThat(http.send("POST", "/api/routines", "{\"title\": \"No room\"}")
                        .statusCode())
                .isEqualTo(507);
        String id = openId();
        assertThat(http.get("/api/routines/" + id + "/file").statusCode()).isEqualTo(200);
        assertThat(http.get("/api/routines").statusCode()).isEqualTo(200);

        Files.delete(filler);
        waitUntilSaved();
        page.reload();
        assertThat(page.getByLabel("What it looks like")).hasValue("Typed on a full disk.");
        assertThat(page.getByText("The disk is full")).hasCount(0);
    }

    @Test
    void when_the_last_bytes_are_gone_in_the_middle_of_an_edit_it_comes_back_by_itself() throws Exception {
        mount("-t", "tmpfs", "-o", "size=20m", "none");
        own = Application.start(DataFolders.copiedTo(mounted), "--crafty.reserve=0");
        Http http = new Http(own);
        Path filler = fill();
        boolean refused = false;
        for (int edit = 0; edit < 20; edit++) {
            int status = http.send("POST", "/api/routines", "{\"title\": \"Edit " + edit + "\"}")
                    .statusCode();
            assertThat(status).isIn(201, 503, 507);
            refused |= status != 201;
        }
        assertThat(refused).isTrue();
        assertThat(http.get("/api/routines").statusCode()).isEqualTo(200);

        Files.delete(filler);
        int status = 0;
        for (int tries = 0; tries < 10 && status != 201; tries++) {
            status = http.send("POST", "/api/routines", "{\"title\": \"There is room\"}")
                    .statusCode();
        }
        assertThat(status).isEqualTo(201);
    }

    @Test
    void a_read_only_folder_can_be_read_and_says_so_at_the_start_and_on_screen() throws Exception {
        mount("-t", "tmpfs", "-o", "size=20m", "none");
        DataFolders.copiedTo(mounted);
        assertThat(run("mount", "-o", "remount,ro", mounted.toString())).isZero();

        own = Application.start(mounted);

        page.navigate(url("/"));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The folder of your routines is read-only");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions()
                                .setName("The purser’s wager")
                                .setExact(true))
                .click();
        steps().first().waitFor();
        page.getByLabel("Title of the routine").fill("Not to be saved");
        page.getByLabel("Title of the routine").blur();
        assertThat(page.getByTestId("save-state")).hasText("not saved yet");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(1);
        assertThat(new Http(own)
                        .send("POST", "/api/routines", "{\"title\": \"x\"}")
                        .statusCode())
                .isEqualTo(403);
        assertThat(own.printed())
                .contains("Crafty Pocket is at http://127.0.0.1:" + own.port(), "read-only: nothing will be saved");
    }

    @Test
    void a_read_only_folder_with_nothing_in_it_is_told() throws Exception {
        mount("-t", "tmpfs", "-o", "size=1m,ro", "none");

        assertThat(refused(mounted))
                .isEqualTo("The folder " + mounted
                        + " is read-only and there is nothing in it yet. Allow writing there, or"
                        + " choose another folder: ./start --data FOLDER\n");
        assertThat(List.of(mounted.toFile().list())).isEmpty();
    }

    private static int underWay(Http http) {
        try {
            return Integer.parseInt(http.get("/api/computations").body().replaceFirst(".*\"running\":(\\d+).*", "$1"));
        } catch (IOException gone) {
            return 0;
        }
    }

    /** What was begun and is not answered is broken off: nobody takes blanks for an answer. */
    @Test
    void shutting_down_takes_little_whatever_waits(@TempDir Path data) throws Exception {
        own = Application.start(DataFolders.copiedTo(data));
        Http http = new Http(own);
        List<CompletableFuture<HttpResponse<String>>> asked = new ArrayList<>();
        for (int i = 0; i < WAITING; i++) {
            asked.add(http.later("POST", "/api/survey", Heavy.survey(i)));
            if (i % 50 == 49) {
                int sent = i;
                page.waitForCondition(() -> underWay(http) > sent * 9 / 10);
            }
        }
        long began = System.nanoTime();
        own.close();
        long millis = (System.nanoTime() - began) / 1_000_000;
        own = null;
        System.out.printf("FIGURE | shutting down while %d surveys wait | %d ms | 3000 ms at most%n", WAITING, millis);
        assertThat(millis).isLessThan(10_000);
        for (CompletableFuture<HttpResponse<String>> each : asked) {
            each.handle((answer, brokenOff) -> {
                        if (answer != null && answer.statusCode() == 200) {
                            assertThat(answer.body().strip()).startsWith("{").endsWith("}");
                        }
                        return answer;
                    })
                    .get(20, TimeUnit.SECONDS);
        }
    }
}
