package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The program is killed, as by a power cut, in the middle of edits, rehearsals, performances, words of a set, people, imports,
 * restored backups and its first start, and started again on the same data. {@code ./endurance kills} does it a hundred times; {@code ./verify} kills an import here,
 * edits and a rehearsal in {@link SavingTest}.
 */
class KilledTest extends InBrowser {

    private static final int KILLS = Integer.getInteger("crafty.kills", 1);
    private static final long SEED = Long.getLong("crafty.kills-seed", 8);
    /** What is never the same again. */
    private static final String STAMPS = "\"version\":\"[^\"]*\"|\"changedAt\":\"[^\"]*\"";

    private static final Path DEMO_FILES = Path.of("../app/src/main/resources/demo");

    private final Random random = new Random(SEED);
    private Application own;
    private int words;

    @AfterEach
    void stop() {
        if (own != null) {
            own.close();
        }
    }

    @Override
    protected String url(String path) {
        return own.url(path);
    }

    @Test
    void nothing_typed_kept_or_read_is_lost(@TempDir Path data) throws Exception {
        own = Application.start(DataFolders.copiedTo(data));
        newRoutine("Killed again and again");
        addMove("false cut");
        waitUntilSaved();
        select("set-up");
        String id = openId();
        StringBuilder typed = new StringBuilder();
        List<String> imported = new ArrayList<>();
        List<String> people = new ArrayList<>();
        String set = idOf(new Http(own).get("/api/sets").body(), "Stools at the bar");
        int performedBefore = performed();
        String words = "";
        int runs = 0;
        int performances = 0;
        int elsewhere = 0;
        for (int kill = 1; kill <= KILLS; kill++) {
            switch (kill % 8) {
                case 1 -> imported.add(importAndKill(kill, data));
                case 2 -> {
                    rehearseAndKill(id, data);
                    runs++;
                    elsewhere += kill % 16 == 2 ? killFirstStart() : killRestore();
                }
                case 4 -> words = typeWordsOfSetAndKill(set, kill, data);
                case 5 -> people.add(addPeopleAndKill(kill, data));
                case 6 -> {
                    performAndKill(set, data);
                    performances++;
                }
                default -> typeAndKill(typed, kill, data);
            }
        }

        page.navigate(url("/bench/" + id));
        assertThat(page.getByLabel("What it looks like")).hasValue(typed.toString());
        waitUntilSaved();
        Http http = new Http(own);
        assertThat(http.get("/api/routines/" + id).body()).contains("\"summary\":\"" + typed + "\"");
        assertThat(http.get("/api/routines/" + id + "/rehearsals").body().split("startedAt", -1))
                .hasSize(runs + 1);
        String shelf = http.get("/api/routines").body();
        for (String title : imported) {
            assertThat(shelf.split("\"title\":\"" + title + "\"", -1)).as(title).hasSize(2);
        }
        assertThat(http.get("/api/sets/" + set).body()).contains("\"words\":\"" + words);
        String known = http.get("/api/audiences").body();
        for (String name : people) {
            assertThat(known.split("\"name\":\"" + name + "\"", -1)).as(name).hasSize(2);
        }
        assertThat(performed()).isEqualTo(performedBefore + performances);
        System.out.printf(
                "FIGURE | kills, seed %d: %d edits' words, %d runs, %d performances, %d people, %d imports, %d first starts and"
                        + " restores | %d kills, nothing lost |%n",
                SEED,
                typed.toString().split(" ").length,
                runs,
                performances,
                people.size(),
                imported.size(),
                elsewhere,
                KILLS + elsewhere);
    }

    private int performed() throws IOException {
        return Integer.parseInt(
                new Http(own).get("/api/journal?kind=performance").body().replaceFirst("(?s).*\"all\":(\\d+).*", "$1"));
    }

    /** The id of the document of this title in a list. */
    private static String idOf(String list, String title) {
        String before = list.substring(0, list.indexOf(title));
        return before.substring(before.lastIndexOf("\"id\":\"") + 6).replaceFirst("\".*", "");
    }

    /** Asks until it is so. */
    private void waitUntil(Callable<Boolean> so) throws Exception {
        for (int tries = 0; tries < 300 && !so.call(); tries++) {
            page.waitForTimeout(100);
        }
        assertThat(so.call()).isTrue();
    }

    /** Kills the program at some moment of the next so many milliseconds. */
    private Thread killWithin(int millis) {
        int moment = random.nextInt(millis);
        Thread killer = new Thread(() -> {
            pause(moment);
            own.kill();
        });
        killer.start();
        return killer;
    }

    /** The words of an act: typed, left or not, as the program goes; the page is reloaded now and then. */
    private String typeWordsOfSetAndKill(String set, int kill, Path data) throws Exception {
        String typed = "Kill " + kill;
        Page other = context.newPage();
        other.navigate(url("/tonight/" + set));
        other.getByLabel("Words that lead to Two cabins").waitFor();
        Thread killer = killWithin(400);
        other.getByLabel("Words that lead to Two cabins").fill(typed);
        if (random.nextBoolean()) {
            other.getByLabel("Words that lead to Two cabins").blur();
        }
        boolean reloads = kill % 16 == 4;
        if (reloads) {
            other.navigate("about:blank");
        }
        join(killer);
        own = Application.start(own.port(), data);
        if (reloads) {
            other.navigate(url("/tonight/" + set));
        } else {
            other.getByLabel("Words that lead to Two cabins").blur();
        }
        waitUntil(() -> new Http(own).get("/api/sets/" + set).body().contains("\"words\":\"" + typed));
        other.close();
        return typed;
    }

    private String addPeopleAndKill(int kill, Path data) throws Exception {
        String name = "People " + kill;
        Page other = context.newPage();
        other.navigate(url("/settings"));
        other.getByLabel("Name of the people").fill(name);
        Thread killer = killWithin(40);
        other.getByText("Add people").click();
        join(killer);
        own = Application.start(own.port(), data);
        waitUntil(() -> new Http(own).get("/api/audiences").body().contains(name));
        other.close();
        return name;
    }

    private void performAndKill(String set, Path data) throws Exception {
        int before = performed();
        Page other = context.newPage();
        other.navigate(url("/perform/" + set));
        other.getByText("1 of 3").waitFor();
        for (int act = 0; act < 3; act++) {
            other.keyboard().press("Space");
        }
        other.getByText("They reacted").first().waitFor();
        Thread killer = killWithin(40);
        other.keyboard().press("y");
        join(killer);
        own = Application.start(own.port(), data);
        waitUntil(() -> performed() == before + 1);
        other.close();
    }

    /** A backup that is restored as the program goes has replaced everything, or nothing. */
    private int killRestore() throws Exception {
        Path fresh = DataFolders.copiedTo(Files.createTempDirectory("crafty-restore"));
        List<String> either = new ArrayList<>();
        int port;
        try (Application first = Application.start(fresh)) {
            port = first.port();
            Http http = new Http(first);
            byte[] backup = http.bytes("/api/backup");
            either.add(http.get("/api/routines").body().replaceAll(STAMPS, ""));
            http.send("POST", "/api/routines", "{\"title\": \"Not in the backup\"}");
            either.add(http.get("/api/routines").body().replaceAll(STAMPS, ""));
            CompletableFuture<?> restoring = http.sendFile("/api/backup", "application/zip", backup);
            pause(random.nextInt(1500));
            first.kill();
            restoring.handle((answer, killed) -> 0).join();
        }
        try (Application second = Application.start(port, fresh)) {
            assertThat(new Http(second).get("/api/routines").body().replaceAll(STAMPS, ""))
                    .isIn(either);
        }
        return 1;
    }

    private void killAndStartAgain(Path data) {
        own.kill();
        own = Application.start(own.port(), data);
    }

    /** One more word, each another one, all of them short: the field takes a thousand letters. */
    private void type(StringBuilder typed) {
        typed.append(typed.isEmpty() ? "" : " ").append(Integer.toString(words++, 36));
        page.getByLabel("What it looks like").fill(typed.toString());
    }

    /** Words before, at and after the kill; now and then the page is reloaded before anybody is there to save them. */
    private void typeAndKill(StringBuilder typed, int kill, Path data) {
        for (int word = 0; word < 4; word++) {
            type(typed);
            page.waitForTimeout(random.nextInt(250));
        }
        own.kill();
        type(typed);
        if (random.nextBoolean()) {
            page.waitForTimeout(400);
        }
        String address = page.url();
        if (kill % 3 == 0) {
            page.navigate("about:blank");
        }
        own = Application.start(own.port(), data);
        if (kill % 3 == 0) {
            page.navigate(address);
        }
        type(typed);
    }

    /** The run is over and answered just as the program goes. */
    private void rehearseAndKill(String id, Path data) {
        Page other = context.newPage();
        other.navigate(url("/rehearse/" + id));
        other.getByText("Deck in hand?").waitFor();
        other.keyboard().press("Space");
        other.getByText("1 of 1").waitFor();
        other.keyboard().press("Space");
        other.getByText("Did it come out?").waitFor();
        Thread killer = new Thread(() -> {
            pause(random.nextInt(40));
            own.kill();
        });
        killer.start();
        other.getByText("Yes, as below").click();
        join(killer);
        own = Application.start(own.port(), data);
        other.reload();
        assertThat(other.getByText("Runs so far")).isVisible();
        other.close();
    }

    /** A file that is read while the program goes is there as a whole or not at all, and once when it is read again. */
    private String importAndKill(int kill, Path data) throws IOException {
        String title = "Import " + kill;
        String file = demo().replaceFirst("\"title\": \"[^\"]*\"", "\"title\": \"" + title + "\"");
        String edit = UUID.randomUUID().toString();
        Http before = new Http(own);
        Thread reader = new Thread(() -> {
            try {
                before.send("POST", "/api/routines/from-file", file, "Edit-Id", edit);
            } catch (IOException killed) {
                // That is what it is about.
            }
        });
        reader.start();
        pause(random.nextInt(60));
        killAndStartAgain(data);
        join(reader);
        HttpResponse<String> again = new Http(own).send("POST", "/api/routines/from-file", file, "Edit-Id", edit);
        assertThat(again.statusCode()).isEqualTo(201);
        assertThat(again.body()).contains(edit);
        return title;
    }

    /** Killed before it ever answered, it starts the next time as if it were the first: with all demo routines. */
    private int killFirstStart() throws IOException {
        Path fresh = Files.createTempDirectory("crafty-first");
        Process first = new ProcessBuilder(Application.command(Application.freePort(), fresh))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        while (!Files.exists(fresh.resolve("crafty-pocket.lock"))) {
            pause(1);
        }
        // Most of what can be half done is half done soon after the folder was taken: files, tables, then the routines.
        pause(random.nextInt(random.nextBoolean() ? 300 : 3000));
        first.destroyForcibly().onExit().join();
        try (Application second = Application.start(fresh)) {
            String shelf = new Http(second).get("/api/routines").body();
            assertThat(shelf.split("\"title\"", -1)).hasSize(demos() + 1);
        }
        return 1;
    }

    private static int demos() throws IOException {
        try (Stream<Path> files = Files.list(DEMO_FILES)) {
            return (int) files.count();
        }
    }

    private static String demo() throws IOException {
        return Files.readString(DEMO_FILES.resolve("01-deal-past.json"), StandardCharsets.UTF_8);
    }

    private static void pause(int millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private static void join(Thread thread) {
        try {
            thread.join();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
