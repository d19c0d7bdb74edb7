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
import java.util.List;
import java.util.Map;
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
                + "2024-05-06,performance,The purser's wager,Night watch,yes,0,0,4,,\"A \"\"good\"\" one, really\"\n"
                + "2024-05-07T20:15:00Z,rehearsal,The purser's wager,,no,2,75,0,,\n";
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

    @Test
    void a_table_with_anything_wrong_changes_nothing() {
        int before = all();

        assertThat(read("day,what\n1,2\n").body()).contains("“at” is missing");
        HttpResponse<String> wrong = read(HEAD + "2024-05-06,performance,The purser's wager,,yes,0,0,4,,\n"
                + "tomorrow,performance,No such routine,,maybe,x,0,9,,\n");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body())
                .contains("row 2, at", "row 2, routine", "row 2, came out", "row 2, slips", "row 2, reaction");
        assertThat(read("\u0000\u0001\"").statusCode()).isEqualTo(422);
        assertThat(read(HEAD + "2024-05-06,performance\n").body()).contains("row 1, routine", "row 1, came out");
        // Nothing that was written is left out in silence.
        assertThat(read(HEAD + "2024-05-06,rehearsal,The purser's wager,,yes,0,75,4,,\n")
                        .body())
                .contains("row 1, reaction", "a rehearsal has none");
        assertThat(read(HEAD + "2024-05-06,performance,The purser's wager,,yes,0,75,4,,\n")
                        .body())
                .contains("row 1, seconds", "a performance has none");
        assertThat(read(HEAD + "2024-05-06,performance,The purser's wager,,yes,0,0,4,,,more\n")
                        .body())
                .contains("more cells than columns");
        assertThat(read(HEAD.strip() + ",weather\n2024-05-06,performance,The purser's wager,,yes,0,0,4,,,fog\n")
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
