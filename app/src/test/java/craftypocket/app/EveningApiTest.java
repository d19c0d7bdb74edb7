package craftypocket.app;

import static craftypocket.app.RunningApplication.delete;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Sets through HTTP: the demo evening, edits from two windows, sets whose routines are gone, cue sheets. */
@ExtendWith(RunningApplication.OfItsOwn.class)
class EveningApiTest {

    private static JsonNode demo(String title) {
        return StreamSupport.stream(get("/api/sets").json().spliterator(), false)
                .filter(each -> each.path("set").path("title").asString().equals(title))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode plan(JsonNode set) {
        return post("/api/evening/plan", set.toString()).json();
    }

    private static boolean holds(JsonNode routine, JsonNode setUp) {
        ObjectNode changed = ((ObjectNode) routine.deepCopy()).set("setUp", setUp);
        ObjectNode asked = RunningApplication.JSON.createObjectNode().set("routine", changed);
        JsonNode survey = post("/api/survey", asked.toString()).json();
        assertThat(survey.path("exhaustive").asBoolean()).isTrue();
        return survey.path("allHold").asBoolean();
    }

    @Test
    void the_demo_evening_has_its_conflicts_and_its_resets_are_enough() {
        JsonNode set = demo("Captain’s table").path("set");
        JsonNode plan = plan(set);

        assertThat(plan.path("conflicts").findValuesAsString("kind")).contains("pocket", "same-force");
        for (int act = 1; act < 3; act++) {
            JsonNode stage = plan.path("stages").get(act);
            String id = set.path("acts").get(act).path("routine").asString();
            JsonNode routine = get("/api/routines/" + id).json().path("routine");
            assertThat(stage.path("resets").size()).isPositive();
            assertThat(holds(routine, stage.path("after"))).as("%s", act).isTrue();
            if (act == 1) {
                assertThat(holds(routine, stage.path("begins"))).isFalse();
            }
        }
        JsonNode better = post("/api/evening/order", set.toString()).json();
        assertThat(better.path("cost").asInt())
                .isLessThan(better.path("costNow").asInt());
        assertThat(better.path("order").get(2).asInt()).isZero();
        assertThat(better.path("reasons").get(2).toString()).contains("It is a closer.");
    }

    @Test
    void two_windows_cannot_overwrite_one_another() {
        JsonNode stored = demo("Stools at the bar");
        String path = "/api/sets/" + stored.path("id").asString();
        String tag = get(path).tag();
        ObjectNode set = (ObjectNode) stored.path("set").deepCopy();

        assertThat(put(path, set.put("resetSeconds", 70).toString(), "If-Match", tag)
                        .status())
                .isEqualTo(200);
        RunningApplication.Answer second = put(path, set.put("resetSeconds", 80).toString(), "If-Match", tag);

        assertThat(second.status()).isEqualTo(412);
        assertThat(second.json().path("detail").asString()).contains("changed in another window");
        assertThat(get(path).json().path("set").path("resetSeconds").asInt()).isEqualTo(70);
        assertThat(put(path, set.toString()).status()).isEqualTo(428);
    }

    @Test
    void a_set_whose_routine_is_gone_can_still_be_read() {
        String routine = post("/api/routines/from-file", RunningApplication.demo(10))
                .json()
                .path("id")
                .asString();
        ObjectNode set = (ObjectNode) demo("Stools at the bar").path("set").deepCopy();
        ObjectNode act = ((ObjectNode) set.path("acts").get(0).deepCopy()).put("routine", routine);
        ((ArrayNode) set.path("acts")).insert(1, act.put("title", "Gone soon"));
        RunningApplication.Answer made =
                post("/api/sets", set.put("title", "With one gone").toString());

        delete("/api/routines/" + routine);

        JsonNode read = get("/api/sets/" + made.json().path("id").asString()).json();
        assertThat(read.path("set").path("acts").get(1).path("title").asString())
                .isEqualTo("Gone soon");
        JsonNode plan = plan(read.path("set"));
        assertThat(plan.path("gone").get(0).asInt()).isEqualTo(1);
        assertThat(plan.path("stages").size()).isEqualTo(3);
        assertThat(plan.path("stages").get(1).path("act").asInt()).isEqualTo(2);
    }

    @Test
    void what_people_have_seen_is_told_before_it_is_added() {
        ObjectNode set = (ObjectNode) demo("Captain’s table").path("set").deepCopy();
        String watch = StreamSupport.stream(get("/api/audiences").json().spliterator(), false)
                .filter(each -> each.path("audience").path("name").asString().equals("Night watch"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();

        String told = plan(set.put("audience", watch)).path("conflicts").toString();

        // The loose plank was performed for them twelve days ago, and forces the queen of diamonds.
        assertThat(told).contains("They have seen “The loose plank”, on ", "Q♦ was forced on them on ");
    }

    @Test
    void what_no_set_can_be_is_refused() {
        ObjectNode set = (ObjectNode) demo("Captain’s table").path("set").deepCopy();

        assertThat(post("/api/sets", set.deepCopy().put("title", " ").toString())
                        .status())
                .isEqualTo(422);
        assertThat(post("/api/sets", set.deepCopy().put("version", 2).toString())
                        .status())
                .isEqualTo(422);
        ObjectNode many = set.deepCopy();
        for (int i = 0; i < 20; i++) {
            ((ArrayNode) many.path("acts")).add(set.path("acts").get(0));
        }
        assertThat(post("/api/sets", many.toString()).status()).isEqualTo(422);
        assertThat(get("/api/sets/" + UUID.randomUUID()).status()).isEqualTo(404);
        ObjectNode thirteen = set.deepCopy();
        for (int i = 0; i < 10; i++) {
            ((ArrayNode) thirteen.path("acts")).add(set.path("acts").get(0));
        }
        assertThat(post("/api/evening/order", thirteen.toString())
                        .json()
                        .path("detail")
                        .asString())
                .contains("13 routines", "at most 12");
    }

    private static byte[] pdf(String paper, String set) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(
                        RunningApplication.base().resolve("/api/evening/cues.pdf?paper=" + paper))
                .header("Content-Type", "application/json")
                .headers(RunningApplication.ownHeaders())
                .POST(HttpRequest.BodyPublishers.ofString(set))
                .build();
        try (InputStream body = HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofInputStream())
                .body()) {
            return body.readAllBytes();
        }
    }

    /** With -Dcues.write=DIR the pages are kept as pictures, to be looked at. */
    @Test
    void cue_sheets_are_one_page_each_with_everything_on_it() throws IOException, InterruptedException {
        String set = demo("Captain’s table").path("set").toString();
        for (String paper : new String[] {"a4", "a6"}) {
            try (PDDocument document = Loader.loadPDF(pdf(paper, set))) {
                assertThat(document.getNumberOfPages()).isEqualTo(1);
                assertThat(new PDFTextStripper().getText(document))
                        .contains(
                                "Captain’s table", "2. The loose plank", "1. Always on deck", "Before the next table");
                BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 150);
                assertThat(inked(page)).isBetween(0.01, 0.4);
                if (System.getProperty("cues.write") != null) {
                    ImageIO.write(
                            page,
                            "png",
                            Path.of(System.getProperty("cues.write"), paper + ".png")
                                    .toFile());
                }
            }
        }
        String text = post("/api/evening/cues.md", set).response().body();
        assertThat(text).contains("# Captain’s table", "## 3. What the purser wrote", "- [ ] envelope");
    }

    @Test
    void a_routine_is_printed_with_its_deck_after_each_step() throws IOException, InterruptedException {
        String id = demo("Stools at the bar")
                .path("set")
                .path("acts")
                .get(0)
                .path("routine")
                .asString();
        String text = get("/api/routines/" + id + "/script.md").response().body();
        assertThat(text).contains("# The purser’s wager", "8. **", "K 52");
        byte[] pdf = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(RunningApplication.base().resolve("/api/routines/" + id + "/script.pdf"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 110);
            assertThat(inked(page)).isBetween(0.01, 0.4);
            if (System.getProperty("cues.write") != null) {
                ImageIO.write(
                        page,
                        "png",
                        Path.of(System.getProperty("cues.write"), "script.png").toFile());
            }
        }
    }

    /** How much of a page is not white. */
    private static double inked(BufferedImage page) {
        int dark = 0;
        for (int x = 0; x < page.getWidth(); x++) {
            for (int y = 0; y < page.getHeight(); y++) {
                dark += (page.getRGB(x, y) & 0xff) < 128 ? 1 : 0;
            }
        }
        return (double) dark / page.getWidth() / page.getHeight();
    }

    @Test
    void sets_fit_their_schema() throws IOException {
        String schema = Files.readString(Path.of("../docs/formats/set.schema.json"));
        for (JsonNode each : get("/api/sets").json()) {
            assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                            .getSchema(schema)
                            .validate(each.path("set").toString(), InputFormat.JSON))
                    .isEmpty();
        }
    }
}
