package craftypocket.e2e;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Prints figures; {@code ./figures} runs it. It judges nothing, for times depend on the machine. */
@Tag("figures")
class FiguresTest extends InBrowser {

    private static final int EDITS = 50;

    private static void print(String figure, String value, String target) {
        System.out.printf("FIGURE | %s | %s | %s%n", figure, value, target);
    }

    @Test
    void edit_to_redrawn_deck() throws IOException {
        newRoutine("Measured");
        addMove("overhand shuffle");
        for (int step = 1; step < 20; step++) {
            page.keyboard().press("d");
        }
        waitUntilSaved();
        report(edits(), "20 steps");
    }

    private List<Double> edits() {
        List<Double> millis = new ArrayList<>();
        for (int edit = 0; edit < EDITS; edit++) {
            millis.add(((Number) page.evaluate("""
                            (chunks) => new Promise((resolve) => {
                              const field = [...document.querySelectorAll('[aria-label="Step settings"] input')]
                                .find((input) => input.getAttribute('aria-describedby'))
                              const svg = document.querySelector('svg[role=img]')
                              const began = performance.now()
                              new MutationObserver((_, observer) => {
                                observer.disconnect()
                                requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began)))
                              }).observe(svg, { subtree: true, attributes: true, childList: true })
                              field.value = chunks
                              field.dispatchEvent(new Event('input', { bubbles: true }))
                            })""", (5 + edit % 7) + " 7 8 rest")).doubleValue());
        }
        millis.sort(Double::compare);
        return millis;
    }

    private static void report(List<Double> millis, String what) {
        print(
                "edit to redrawn deck, " + what + ", " + EDITS + " edits: median",
                Math.round(millis.get(EDITS / 2)) + " ms",
                "");
        print(
                "edit to redrawn deck, " + what + ": 95th percentile",
                Math.round(millis.get(EDITS * 95 / 100)) + " ms",
                "under 100 ms");
    }

    /** Forty steps, five piles beside the deck: as large as a routine gets. */
    @Test
    void edit_to_redrawn_deck_of_forty_steps_and_five_piles() throws IOException {
        visit("/");
        StringBuilder steps = new StringBuilder();
        String[] piles = {"other-hand", "table:one", "table:two", "table:three", "palm"};
        for (int step = 0; step < 40; step++) {
            String pile = piles[step % piles.length];
            steps.append(step == 0 ? "" : ",")
                    .append(
                            step < piles.length
                                    ? "{\"id\": \"s%d\", \"move\": \"lift-packet\", \"settings\": {\"count\": \"5\", \"to\": \"%s\"}}"
                                            .formatted(step, pile)
                                    : "{\"id\": \"s%d\", \"move\": \"overhand\", \"settings\": {\"chunks\": \"4 7 8 rest\"}}"
                                            .formatted(step));
        }
        String file = "{\"format\": \"crafty-pocket/routine\", \"version\": 1, \"title\": \"Forty steps\","
                + " \"setUp\": {\"pack\": \"52\"}, \"steps\": [" + steps + "]}";
        page.getByTestId("routine-file")
                .setInputFiles(
                        new FilePayload("forty.json", "application/json", file.getBytes(StandardCharsets.UTF_8)));
        page.getByText("“Forty steps” was read from the file.").waitFor();
        openDemo("Forty steps");
        row("s39").waitFor();
        select("s39");
        report(edits(), "40 steps, 5 piles");
    }

    @Test
    void start_to_first_page() throws IOException {
        Path data = Files.createTempDirectory("crafty-figures");
        for (String time : new String[] {"the first time, with demo data", "again"}) {
            try (Application started = Application.startByScript(data)) {
                print("start to first page, " + time, started.startedIn().toMillis() + " ms", "under 6,000 ms");
            }
        }
    }

    /** Each asked for twice in turn, with another title in between: the first time code and tables are cold. */
    @Test
    void surveys_of_the_demo_routines_through_http() throws IOException {
        Path data = Files.createTempDirectory("crafty-figures");
        try (Application started = Application.startByScript(data)) {
            Http http = new Http(started);
            List<JsonObject> demos = new ArrayList<>();
            JsonParser.parseString(http.get("/api/routines").body())
                    .getAsJsonArray()
                    .forEach(demo -> demos.add(demo.getAsJsonObject()));
            demos.sort(Comparator.comparing(demo -> demo.get("title").getAsString()));
            for (JsonObject demo : demos) {
                String file = http.get("/api/routines/" + demo.get("id").getAsString() + "/file")
                        .body();
                long cold = survey(http, file);
                // One step more that does nothing: a survey that was made is remembered.
                long warm = survey(http, file.replaceFirst("\"steps\"\\s*:\\s*\\[", "$0" + NOTHING));
                JsonObject survey = JsonParser.parseString(ask(http, file)).getAsJsonObject();
                print(
                        "survey through HTTP, first and again: "
                                + demo.get("title").getAsString(),
                        cold + " ms, " + warm + " ms",
                        survey.get("exhaustive").getAsBoolean() ? "exactly" : "a sample");
            }
        }
    }

    private static final String NOTHING = "{\"id\": \"none\", \"move\": \"false-cut\", \"settings\": {}},";

    private static String ask(Http http, String file) throws IOException {
        return http.send("POST", "/api/survey", "{\"routine\": " + file + "}").body();
    }

    private static long survey(Http http, String file) throws IOException {
        long began = System.nanoTime();
        ask(http, file);
        return (System.nanoTime() - began) / 1_000_000;
    }

    /** As much as years of practice and of evenings: what is due, the last runs, the journal, and how long the program takes to start. */
    @Test
    void ten_thousand_runs_and_five_thousand_performances(@TempDir Path data) throws IOException {
        Application own = Application.start(DataFolders.copiedTo(data));
        try {
            double empty = own.startedIn().toMillis() / 1000.0;
            Http http = new Http(own);
            String id = JsonParser.parseString(http.get("/api/routines").body())
                    .getAsJsonArray()
                    .get(0)
                    .getAsJsonObject()
                    .get("id")
                    .getAsString();
            for (int run = 0; run < 10_000; run++) {
                http.send("POST", "/api/routines/" + id + "/rehearsals", """
                        {"startedAt": "%sT20:15:00.%03dZ", "totalMillis": %d, "cameOut": %s, "notes": "Run %d",
                         "steps": [{"stepId": "a", "millis": 900, "slips": %d, "reasons": ["too slow", "flash"]}]}""".formatted(
                                LocalDate.of(2022, 1, 1).plusDays(run / 7),
                                run % 1000,
                                60_000 + run,
                                run % 9 > 0,
                                run,
                                run % 3));
            }
            for (int done = 0; done < 5_000; done++) {
                http.send("POST", "/api/performances", """
                        {"routine": "%s", "title": "Performed", "doneAt": "%sT21:00:00Z", "cameOut": true, "slippedAt": "",
                         "out": "", "reaction": %d, "note": "Evening %d"}""".formatted(
                                id, LocalDate.of(2022, 1, 1).plusDays(done / 4), 1 + done % 5, done));
            }
            for (int tried = 0; tried < 2_000; tried++) {
                http.send("POST", "/api/practice/beats/hidden-third", "{\"times\": [0, 500, 1000, 1500]}");
            }
            String deep = "";
            for (int page = 1; page < 60; page++) {
                deep = JsonParser.parseString(
                                http.get("/api/journal?after=" + deep).body())
                        .getAsJsonObject()
                        .get("next")
                        .getAsString();
            }
            for (String address : List.of(
                    "/api/today",
                    "/api/routines/" + id + "/rehearsals",
                    "/api/routines/" + id + "/rehearsals?page=49",
                    "/api/practice/beats/hidden-third",
                    "/api/journal",
                    "/api/journal?after=" + deep,
                    "/api/journal/figures",
                    "/api/journal/table.csv")) {
                List<Double> millis = new ArrayList<>();
                for (int ask = 0; ask < 10; ask++) {
                    long begin = System.nanoTime();
                    http.get(address);
                    millis.add((System.nanoTime() - begin) / 1e6);
                }
                millis.sort(Double::compare);
                print(
                        "10,000 runs, 5,000 performances: "
                                + address.replace(id, "…").replace(deep, "page 60"),
                        Math.round(millis.get(5)) + " ms",
                        address.endsWith("csv") ? "" : "under 300 ms");
            }
            own.close();
            own = Application.start(own.port(), data);
            print(
                    "start with 10,000 runs, 5,000 performances",
                    "%.1f s".formatted(own.startedIn().toMillis() / 1000.0),
                    "as fast as with none: %.1f s".formatted(empty));
        } finally {
            own.close();
        }
    }

    /** 120 routines, 2,000 runs, 300 performances: every view again and again after it was opened once. */
    @Test
    void a_year_of_data() throws IOException {
        Http http = new Http(application());
        List<String> ids = new ArrayList<>();
        for (var each : JsonParser.parseString(http.get("/api/routines").body()).getAsJsonArray()) {
            ids.add(each.getAsJsonObject().get("id").getAsString());
        }
        for (int copy = 0; ids.size() < 120; copy++) {
            String made = http.send("POST", "/api/routines/" + ids.get(copy) + "/copy", "")
                    .body();
            ids.add(JsonParser.parseString(made).getAsJsonObject().get("id").getAsString());
        }
        for (int run = 0; run < 2_000; run++) {
            String day = LocalDate.of(2025, 11, 1).plusDays(run % 365).toString();
            http.send("POST", "/api/routines/" + ids.get(run % 120) + "/rehearsals", """
                    {"startedAt": "%sT20:15:00Z", "totalMillis": %d, "cameOut": %s, "notes": "",
                     "steps": [{"stepId": "a", "millis": 900, "slips": %d, "reasons": []}]}""".formatted(
                            day, 60_000 + run, run % 9 > 0, run % 3));
        }
        for (int done = 0; done < 300; done++) {
            String day = LocalDate.of(2025, 11, 1).plusDays(done).toString();
            http.send("POST", "/api/performances", """
                    {"routine": "%s", "title": "Performed", "doneAt": "%sT21:00:00Z", "cameOut": true, "slippedAt": "",
                     "out": "", "reaction": %d, "note": ""}""".formatted(ids.get(done % 120), day, 1 + done % 5));
        }
        String[][] views = {
            {"Repertoire", "[data-testid=routine] svg"},
            {"Moves", "[data-move], main ul li"},
            {"Reckoner", "[data-testid=reckoned]"},
            {"Tonight", "[data-testid=set-time]"},
            {"Journal", "[data-testid=entry]"},
            {"Settings", "[data-testid=people]"}
        };
        visit("/");
        List<List<Double>> millis = new ArrayList<>();
        for (String[] view : views) {
            millis.add(new ArrayList<>());
        }
        for (int round = 0; round < 10; round++) {
            for (int view = 0; view < views.length; view++) {
                long begin = System.nanoTime();
                page.locator("header").getByText(views[view][0]).click();
                page.locator(views[view][1]).first().waitFor();
                if (round > 0) {
                    millis.get(view).add((System.nanoTime() - begin) / 1e6);
                }
            }
        }
        for (int view = 0; view < views.length; view++) {
            millis.get(view).sort(Double::compare);
            print(
                    "120 routines, 2,000 runs, 300 performances: " + views[view][0],
                    Math.round(millis.get(view).get(4)) + " ms, slowest of nine "
                            + Math.round(millis.get(view).get(8)),
                    "under 300 ms");
        }
        order(http, ids);
    }

    /** The best order of eight routines, asked for again and again. */
    private void order(Http http, List<String> ids) throws IOException {
        StringBuilder acts = new StringBuilder();
        for (int act = 0; act < 8; act++) {
            acts.append(act == 0 ? "" : ",").append("""
                            {"routine": "%s", "title": "Act", "words": "", "spot": "anywhere", "stays": false}""".formatted(ids.get(act)));
        }
        String set = """
                {"format": "crafty-pocket/set", "version": 1, "title": "Eight", "resetSeconds": 0, "acts": [%s],
                 "venue": {"standing": true, "table": true, "allRound": false, "dim": false, "people": 4, "minutes": 0, "tables": 1}}""".formatted(acts);
        List<Double> millis = new ArrayList<>();
        for (int ask = 0; ask < 20; ask++) {
            long begin = System.nanoTime();
            http.send("POST", "/api/evening/order", set);
            millis.add((System.nanoTime() - begin) / 1e6);
        }
        millis.sort(Double::compare);
        print("best order of eight routines", Math.round(millis.get(10)) + " ms", "under 1 s");
    }
}
