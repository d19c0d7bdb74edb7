package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Scripts tell a routine and not one of its ways. The routine, and where its cards can be, are worked out by hand. */
@ExtendWith(RunningApplication.class)
class ScriptApiTest {

    /** A card taken anywhere goes back at 10 to 12 with a break, and is cut to the top; the deck has 20 cards. */
    private static final String ROUTINE = """
            {"format": "crafty-pocket/routine", "version": 1, "title": "Up </b> & {{screens}} *down*", "summary": "",
             "setUp": {"pack": "20", "note": "Any twenty."},
             "roles": [{"letter": "A", "kind": "selection", "owner": "Ines"}],
             "steps": [
               {"id": "pick", "move": "spread-pick", "settings": {"role": "A", "at": "any"}, "note": "“Any berth.”", "seconds": 70},
               {"id": "back", "move": "return-on-lower", "settings": {"role": "A", "at": "10-12", "keep": "break"}},
               {"id": "cuts", "move": "spectator-cut", "settings": {"depth": "any"}},
               {"id": "turn", "move": "turn-over", "settings": {}}],
             "claims": [],
             "outs": [{"id": "o1", "occasion": "cutting", "says": "May I?", "after": "pick", "rejoin": "turn",
               "steps": [{"id": "wait", "move": "false-cut", "settings": {}}]}]}""";

    private static String kept() {
        return post("/api/routines/from-file", ROUTINE).json().path("id").asString();
    }

    private static String text(String id, String wanted) {
        return get("/api/routines/" + id + "/script.md" + wanted).response().body();
    }

    @Test
    void numbers_are_as_stated_and_places_as_in_all_ways() {
        String text = text(kept(), "");

        assertThat(text)
                .startsWith("# Up \\</b\\> \\& \\{\\{screens\\}\\} \\*down\\*\n")
                // One to nineteen lie where they lay; hers is in her hand.
                .contains("A 1, Ines’s hand")
                .contains("10–12")
                .contains("A 11–13")
                .doesNotContain("at 11 ")
                .contains("A anywhere in the deck")
                .contains("“Any berth.”")
                .contains("(1 min 10 s)")
                .contains("Places are those of all ways.")
                .contains("If they insist on cutting: “May I?”, after step 1")
                .contains("- Go on with step 4.");
    }

    @Test
    void outs_patter_and_times_are_left_out_where_nobody_wants_them() {
        String text = text(kept(), "?outs=false&patter=false&times=false");

        assertThat(text)
                .contains("A 11–13")
                .doesNotContain("Any berth")
                .doesNotContain("Any twenty")
                .doesNotContain("1 min")
                .doesNotContain("May I");
    }

    @Test
    void pages_say_the_same_in_letters_and_draw_all_decks() throws Exception {
        String id = kept();
        byte[] pdf = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(RunningApplication.base().resolve("/api/routines/" + id + "/script.pdf"))
                                .build(),
                        BodyHandlers.ofByteArray())
                .body();
        try (PDDocument pages = Loader.loadPDF(pdf)) {
            String words = new PDFTextStripper().getText(pages);

            assertThat(pages.getNumberOfPages()).isEqualTo(1);
            assertThat(words).contains("A 11–13", "anywhere in", "break", "Ines’s hand", "Altogether 1 min 10 s");
        }
    }

    /** What somebody wrote stays words: no tag and no script of theirs is in the page. */
    @Test
    void the_page_for_a_phone_needs_nothing_from_elsewhere() throws IOException {
        RunningApplication.Answer page = get("/api/routines/" + kept() + "/pocket.html");
        String html = page.response().body();

        assertThat(page.response().headers().firstValue("Content-Disposition").orElseThrow())
                .contains(".html");
        assertThat(html)
                .contains("<h1>Up &lt;/b&gt; &amp; {{screens}} *down*</h1>")
                .contains("A 11–13")
                .contains("default-src 'none'")
                .doesNotContain("src=\"")
                .doesNotContain("http:")
                .doesNotContain("https:")
                .doesNotContain("</b>")
                .doesNotContain("{{title");
        assertThat(html.split("<section", -1)).hasSize(1 + 1 + 1 + 4 + 1 + 1);
        assertThat(html.split("<svg", -1)).hasSize(1 + 5);
    }

    @Test
    void a_routine_that_is_not_there_is_told_in_words() {
        for (String what : new String[] {"script.md", "script.pdf", "pocket.html"}) {
            RunningApplication.Answer answer = get("/api/routines/00000000-0000-0000-0000-000000000000/" + what);

            assertThat(answer.response().statusCode()).isEqualTo(404);
        }
    }
}
