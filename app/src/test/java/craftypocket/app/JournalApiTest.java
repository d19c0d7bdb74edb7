package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MappingIterator;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvSchema;

/** The journal through HTTP, and as a table that others can read. */
@ExtendWith(RunningApplication.OfItsOwn.class)
class JournalApiTest {

    private static final String HEAD = "at,kind,routine,audience,came out,slips,seconds,reaction,out,note\n";

    private static String routine(String title) {
        for (JsonNode each : get("/api/routines").json()) {
            if (each.path("title").asString().equals(title)) {
                return each.path("id").asString();
            }
        }
        throw new IllegalArgumentException(title);
    }

    private static HttpResponse<String> read(String table) {
        return RunningApplication.send(
                HttpRequest.newBuilder(RunningApplication.base().resolve("/api/journal/table.csv"))
                        .header("Content-Type", "text/csv")
                        .headers(RunningApplication.ownHeaders())
                        .POST(HttpRequest.BodyPublishers.ofString(table)));
    }

    private static int all() {
        return get("/api/journal").json().path("all").asInt();
    }

    @Test
    void runs_and_performances_are_on_one_line_with_their_figures() {
        String plank = routine("Between decks");
        for (int day = 1; day <= 4; day++) {
            post("/api/routines/" + plank + "/rehearsals", """
                    {"startedAt": "2025-03-0%dT20:00:00Z", "totalMillis": %d, "cameOut": %s, "notes": "",
                     "steps": [{"stepId": "force", "millis": 1000, "slips": %d, "reasons": %s}]}""".formatted(
                            day, 60_000 + 1000 * day, day > 1, day == 1 ? 2 : 0, day == 1 ? "[\"flash\"]" : "[]"));
        }
        post("/api/performances", """
                {"routine": "%s", "title": "Between decks", "doneAt": "2025-04-01T21:00:00Z", "cameOut": true,
                 "slippedAt": "", "out": "", "reaction": 5, "note": "Again"}""".formatted(plank));

        JsonNode line = get("/api/journal?routine=" + plank).json();
        assertThat(line.path("all").asInt()).isEqualTo(5);
        assertThat(line.path("entries").get(0).path("kind").asString()).isEqualTo("performance");
        JsonNode figures = get("/api/journal/figures?routine=" + plank).json();
        JsonNode of = figures.path("routines").get(0);
        // Four runs of 61 to 64 seconds: the median is 62.5.
        assertThat(of.path("seconds").asInt()).isEqualTo(63);
        assertThat(of.path("runs").asInt()).isEqualTo(4);
        assertThat(of.path("cameOut").asInt()).isEqualTo(4);
        assertThat(of.path("reaction").asDouble()).isEqualTo(5);
        assertThat(figures.path("months").findValuesAsString("month")).containsExactly("2025-03", "2025-04");
        assertThat(figures.path("reasons").get(0).path("what").asString()).isEqualTo("flash");
        assertThat(get("/api/journal?kind=rehearsal&from=2025-03-02&until=2025-03-03")
                        .json()
                        .path("all")
                        .asInt())
                .isEqualTo(2);
        // What it works by is known, even when the routine is gone.
        assertThat(get("/api/journal?kind=dream").status()).isEqualTo(422);
    }

    @Test
    void the_table_is_read_by_an_independent_parser_and_back_again() {
        String table = get("/api/journal/table.csv").response().body();
        try (MappingIterator<Map<String, String>> read = new CsvMapper()
                .readerForMapOf(String.class)
                .with(CsvSchema.emptySchema().withHeader())
                .readValues(table)) {
            List<Map<String, String>> rows = read.readAll();
            assertThat(rows).hasSize(all());
            assertThat(rows.get(0).get("kind")).isIn("rehearsal", "performance");
        }

        int before = all();
        String more = HEAD
                + "2024-05-06,performance,The purser’s wager,Night watch,yes,0,0,4,,\"A \"\"good\"\" one, really\"\n"
                + "2024-05-07T20:15:00Z,rehearsal,The purser’s wager,,no,2,75,0,,\n";
        assertThat(read(more).statusCode()).isEqualTo(200);
        assertThat(all()).isEqualTo(before + 2);
        assertThat(read(more).statusCode()).isEqualTo(200);
        assertThat(all()).isEqualTo(before + 2);
        JsonNode first = get("/api/journal?until=2024-12-31").json().path("entries");
        assertThat(first.get(1).path("note").asString()).isEqualTo("A \"good\" one, really");
        assertThat(first.get(1).path("audience").asString()).isEqualTo("Night watch");
        assertThat(first.get(0).path("slips").asInt()).isEqualTo(2);
        assertThat(first.get(0).path("seconds").asInt()).isEqualTo(75);
    }

    /** A spreadsheet must not compute what somebody wrote; and the journal's own table adds nothing when it is read again. */
    @Test
    void its_own_table_read_back_changes_nothing_whatever_is_written_in_it() {
        List<String> notes = List.of(
                "=HYPERLINK(\"http://a.example\")", "+1", "-1", "@sum", "\tspace", "'=quoted", "'", "''", " =blank ");
        String wager = routine("The purser’s wager");
        for (String note : notes) {
            JsonNode run = RunningApplication.JSON
                    .createObjectNode()
                    .put("startedAt", "2023-03-04T20:00:00.123Z")
                    .put("totalMillis", 75_400)
                    .put("cameOut", false)
                    .put("notes", note)
                    .set("steps", RunningApplication.JSON.createArrayNode());
            post("/api/routines/" + wager + "/rehearsals", run.toString());
        }
        String table = get("/api/journal/table.csv").response().body();
        String before = get("/api/journal").response().body();

        assertThat(table.lines().flatMap(line -> Stream.of(line.split(","))))
                .noneMatch(cell -> cell.matches("\"?[=+@\t-].*"));
        assertThat(read(table).body()).contains("\"rows\":0");
        assertThat(get("/api/journal").response().body()).isEqualTo(before);

        // Into a journal without these rows it brings them back as they were.
        for (JsonNode each :
                get("/api/journal?from=2023-01-01&until=2023-12-31").json().path("entries")) {
            RunningApplication.database()
                    .sql("delete from run where id = ?")
                    .param(UUID.fromString(each.path("id").asString()))
                    .update();
        }
        assertThat(read(table).body()).contains("\"rows\":" + notes.size());
        assertThat(get("/api/journal?from=2023-01-01&until=2023-12-31")
                        .json()
                        .path("entries")
                        .findValuesAsString("note"))
                .containsExactlyInAnyOrderElementsOf(notes);
        assertThat(get("/api/journal").response().body()).isEqualTo(before);

        // A row that is there already is not changed by a table.
        assertThat(read(table.replaceFirst(",no,", ",yes,")).body()).contains("came out", "a table changes nothing");
    }

    @Test
    void a_row_of_a_routine_that_is_not_on_the_shelf_is_known_by_its_title() {
        assertThat(read(HEAD + "2022-05-06,rehearsal,Gone with the tide,,yes,0,75,0,,\n")
                        .statusCode())
                .isEqualTo(200);

        JsonNode entry = get("/api/journal?until=2022-12-31").json().at("/entries/0");
        assertThat(entry.path("title").asString()).isEqualTo("Gone with the tide");
        assertThat(entry.path("routine").isNull()).isTrue();
        assertThat(get("/api/journal/figures?until=2022-12-31")
                        .json()
                        .at("/routines/0/title")
                        .asString())
                .isEqualTo("Gone with the tide");
    }

    @Test
    void pages_follow_one_another_though_others_are_added_meanwhile() {
        StringBuilder rows = new StringBuilder(HEAD);
        for (int i = 0; i < 250; i++) {
            rows.append("2021-01-0%d,rehearsal,Page %d,,yes,0,75,0,,\n".formatted(1 + i % 2, i));
        }
        read(rows.toString());
        List<String> seen = new ArrayList<>();
        String after = "";
        int pages = 0;
        do {
            JsonNode page = get("/api/journal?until=2021-12-31&from=2021-01-01&after=" + after)
                    .json();
            assertThat(page.path("all").asInt()).isEqualTo(250 + pages);
            seen.addAll(page.path("entries").findValuesAsString("title"));
            after = page.path("next").asString("");
            read(HEAD + "2021-06-0%d,rehearsal,Meanwhile,,yes,0,75,0,,\n".formatted(++pages));
        } while (!after.isEmpty());

        assertThat(pages).isEqualTo(3);
        assertThat(seen).hasSize(250).doesNotHaveDuplicates();
        assertThat(get("/api/journal?after=sometime").status()).isEqualTo(422);
    }

    /** One row of the year 1,000,000,000 made all of Today fail. */
    @Test
    void times_are_of_our_time() {
        String wager = "/api/routines/" + routine("The purser’s wager") + "/rehearsals";
        for (String time : List.of("+1000000000-01-01T00:00:00Z", "2200-01-01T00:00:00Z", "1969-12-31T23:59:59Z")) {
            assertThat(post(wager, """
                    {"startedAt": "%s", "totalMillis": 1, "cameOut": true, "steps": [], "notes": ""}""".formatted(time)).status()).isEqualTo(422);
            assertThat(post("/api/performances", """
                    {"routine": null, "title": "X", "doneAt": "%s", "cameOut": true}""".formatted(time)).status()).isEqualTo(422);
        }
        assertThat(read(HEAD + "+999999999-12-31,rehearsal,X,,yes,0,75,0,,\n").statusCode())
                .isEqualTo(422);
        assertThat(read(HEAD + "2200-01-01,rehearsal,X,,yes,0,75,0,,\n").body()).contains("1970 to 2199");
        for (String name : List.of("from", "until")) {
            assertThat(get("/api/journal?" + name + "=%2B999999999-12-31").status())
                    .isEqualTo(422);
            assertThat(get("/api/journal/figures?" + name + "=-999999999-01-01").status())
                    .isEqualTo(422);
        }
        assertThat(get("/api/journal?until=2199-12-31").status()).isEqualTo(200);
        assertThat(get("/api/journal?from=1970-01-01").status()).isEqualTo(200);
        assertThat(get("/api/today").status()).isEqualTo(200);
    }

    @Test
    void a_table_with_anything_wrong_changes_nothing() {
        int before = all();

        assertThat(read("day,what\n1,2\n").body()).contains("“at” is missing");
        HttpResponse<String> wrong = read(HEAD + "2024-05-06,performance,The purser’s wager,,yes,0,0,4,,\n"
                + "tomorrow,performance,No such routine,,maybe,x,0,9,,\n");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body()).contains("row 2, at", "row 2, came out", "row 2, slips", "row 2, reaction");
        assertThat(read("\u0000\u0001\"").statusCode()).isEqualTo(422);
        assertThat(read(HEAD + "2024-05-06,performance\n").body()).contains("row 1, routine", "row 1, came out");
        // Nothing that was written is left out in silence.
        assertThat(read(HEAD + "2024-05-06,rehearsal,The purser’s wager,,yes,0,75,4,,\n")
                        .body())
                .contains("row 1, reaction", "a rehearsal has none");
        assertThat(read(HEAD + "2024-05-06,performance,The purser’s wager,,yes,0,75,4,,\n")
                        .body())
                .contains("row 1, seconds", "a performance has none");
        assertThat(read(HEAD + "2024-05-06,performance,The purser’s wager,,yes,0,0,4,,,more\n")
                        .body())
                .contains("more cells than columns");
        assertThat(read(HEAD.strip() + ",weather\n2024-05-06,performance,The purser’s wager,,yes,0,0,4,,,fog\n")
                        .body())
                .contains("weather", "nothing is kept of this column");
        assertThat(all()).isEqualTo(before);
    }

    @Test
    void performances_fit_their_schema() throws IOException {
        String schema = Files.readString(Path.of("../docs/formats/performance.schema.json"));
        String people = get("/api/audiences").json().get(0).path("id").asString();
        for (JsonNode each : get("/api/audiences/" + people + "/seen").json()) {
            assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                            .getSchema(schema)
                            .validate(each.toString(), InputFormat.JSON))
                    .isEmpty();
        }
    }

    @Test
    void people_are_kept_once_and_forgotten() {
        String id = "5d2c9a3e-0c4f-4a6b-9a51-0a3d7c1f2b11";
        for (int i = 0; i < 2; i++) {
            assertThat(post("/api/audiences", "{\"name\": \"The doctor\", \"note\": \"\"}", "Edit-Id", id)
                            .status())
                    .isEqualTo(201);
        }
        assertThat(RunningApplication.put("/api/audiences/" + id, "{\"name\": \"The ship’s doctor\", \"note\": \"\"}")
                        .json()
                        .path("audience")
                        .path("name")
                        .asString())
                .isEqualTo("The ship’s doctor");
        assertThat(RunningApplication.delete("/api/audiences/" + id).status()).isEqualTo(204);
        assertThat(get("/api/audiences/" + id + "/seen").status()).isEqualTo(404);
    }
}
