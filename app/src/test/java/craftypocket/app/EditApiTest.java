package craftypocket.app;

import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Edits as a page asks for them: the routine comes back with its words, and with what happens then. */
@ExtendWith(RunningApplication.class)
class EditApiTest {

    /** Two cuts, the second as deep as the first; an out between them. */
    private static final String ROUTINE = """
            {"format": "crafty-pocket/routine", "version": 1, "title": "T", "setUp": {"pack": "52", "order": "AS 2S 3S"}, "roles": [],
             "steps": [{"id": "a", "move": "complete-cut", "settings": {"depth": "10"}, "note": "n1", "seconds": 3},
               {"id": "b", "move": "complete-cut", "settings": {"depth": "as a.depth"}, "note": "n2"}],
             "claims": [{"id": "c", "after": "a", "claim": {"kind": "pile-size", "settings": {"cards": "52"}}}],
             "outs": [{"id": "o", "occasion": "cutting", "says": "May I?", "after": "a", "rejoin": "b",
               "steps": [{"id": "w", "move": "false-cut", "note": "n3"}]}]}""";

    private static Answer edit(String what, String line, String rest) {
        return post(
                "/api/edits/" + what,
                "{\"at\": {\"routine\": " + ROUTINE + ", \"line\": \"" + line + "\", \"world\": {}}, " + rest + "}");
    }

    @Test
    void a_move_is_added_with_what_happens_then() {
        JsonNode made = edit("add", "", "\"after\": \"a\", \"moves\": [{\"move\": \"spread-pick\"}]")
                .json();

        assertThat(made.at("/routine/steps/1/id").asString())
                .isEqualTo(made.path("selected").asString())
                .isEqualTo("s1");
        assertThat(made.at("/routine/steps/1/settings/role").asString()).isEqualTo("A");
        assertThat(made.at("/routine/roles/0/owner").asString()).isEqualTo("Ines");
        assertThat(List.of(
                        made.at("/routine/steps/0/note").asString(),
                        made.at("/routine/outs/0/says").asString()))
                .containsExactly("n1", "May I?");
        assertThat(made.at("/trace/moments")).hasSize(4);
        assertThat(made.at("/trace/moments/2/stepId").asString()).isEqualTo("s1");
    }

    @Test
    void a_step_is_moved_with_its_note_and_one_whose_number_is_taken_stays_before() {
        JsonNode made = edit("move", "o", "\"step\": \"w\", \"after\": \"b\"").json();
        assertThat(made.path("says").asString()).isEqualTo("“False cut” is step 1 of the out.");
        assertThat(made.at("/routine/outs/0/steps/0/note").asString()).isEqualTo("n3");

        Answer refused = edit("move", "", "\"step\": \"a\", \"after\": \"b\"");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString())
                .contains(
                        "“Complete cut” cannot be done there. Step 2 (Complete cut) speaks of",
                        "Move or change that one first");
    }

    @Test
    void on_the_line_of_an_out_it_goes_into_the_out() {
        JsonNode made = edit("add", "o", "\"after\": \"w\", \"moves\": [{\"move\": \"false-cut\"}]")
                .json();

        assertThat(made.at("/routine/steps")).hasSize(2);
        assertThat(made.at("/routine/outs/0/steps/1/move").asString()).isEqualTo("false-cut");
        // The set-up, a, w, the new one, b.
        assertThat(made.at("/trace/moments")).hasSize(5);
    }

    @Test
    void what_speaks_of_a_step_is_asked_about_before_it_goes() {
        String step = "\"what\": \"step\", \"name\": \"a\", \"too\": ";
        JsonNode asked = edit("remove", "", step + "false").json();
        JsonNode done = edit("remove", "", step + "true").json();

        assertThat(asked.at("/asks/0").asString()).isEqualTo("Step 2 (Complete cut)");
        assertThat(asked.at("/routine/steps")).hasSize(2);
        assertThat(done.at("/asks")).isEmpty();
        assertThat(done.at("/routine/steps")).isEmpty();
        assertThat(done.at("/routine/outs/0/after").asString()).isEmpty();
    }

    @Test
    void a_step_is_done_once_more_with_its_words() {
        JsonNode made = edit("double", "", "\"step\": \"a\"").json();

        assertThat(made.at("/routine/steps/1/note").asString()).isEqualTo("n1");
        assertThat(made.at("/routine/steps/1/seconds").asInt()).isEqualTo(3);
    }

    @Test
    void a_number_is_put_in_and_a_card_is_laid() {
        assertThat(edit("put", "", "\"kind\": \"step\", \"id\": \"a\", \"setting\": \"depth\", \"value\": 17")
                        .json()
                        .at("/routine/steps/0/settings/depth")
                        .asString())
                .isEqualTo("17");
        JsonNode laid = edit("put", "", "\"kind\": \"start\", \"id\": \"\", \"setting\": \"AS\", \"value\": 3")
                .json();
        assertThat(laid.at("/routine/setUp/order").asString()).isEqualTo("2S 3S AS");
        assertThat(laid.path("says").asString()).isEqualTo("AS lies at 3 now.");
    }

    @Test
    void a_card_is_followed_and_an_out_is_kept_ready() {
        assertThat(edit("role", "", "\"kind\": \"slug\"")
                        .json()
                        .at("/routine/roles/0/card")
                        .asString())
                .isEqualTo("AS 2S 3S");
        JsonNode made = edit("out", "", "\"after\": \"\"").json();
        assertThat(made.at("/routine/outs/1/rejoin").asString()).isEqualTo("a");
        assertThat(made.at("/routine/outs/0/steps/0/note").asString()).isEqualTo("n3");
    }

    @Test
    void jotted_lines_become_steps_notes_and_outs() {
        String text = "false cut “Watch.”\\nnote: the lamp\\nif they cut, false cut\\nfalse shuffle\\nfalse cut";
        JsonNode made = edit(
                        "jot",
                        "",
                        "\"after\": \"b\", \"deck\": 52, \"text\": \"" + text
                                + "\", \"taken\": [\"false-cut\", \"note\", \"false-cut\", \"nothing\", \"false-cut\"]")
                .json();

        assertThat(made.at("/routine/steps")).hasSize(4);
        assertThat(made.at("/routine/steps/2/note").asString()).isEqualTo("Watch.\nnote: the lamp");
        assertThat(made.at("/routine/outs/1/says").asString()).isEqualTo("they cut");
        assertThat(made.at("/routine/outs/1/rejoin").asString())
                .isEqualTo(made.path("selected").asString());
    }

    @Test
    void the_line_that_is_seen_may_be_the_one_that_is_taken_out() {
        JsonNode gone = edit("remove", "o", "\"what\": \"out\", \"name\": \"o\", \"too\": false")
                .json();

        assertThat(gone.at("/routine/outs")).isEmpty();
        assertThat(gone.path("trace").isObject()).isFalse();
        assertThat(edit("role", "elsewhere", "\"kind\": \"key\"").status()).isEqualTo(200);
    }

    /** Nothing is changed, and the answer says what to do. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            add    |   | "after": "a", "moves": [{"move": "fly"}]                    | there is no such move
            add    |   | "after": "w", "moves": [{"move": "false-cut"}]              | there is no such step on this line
            add    | x | "after": "", "moves": [{"move": "false-cut"}]               | there is no such out
            add    |   | "after": "a", "moves": []                                   | at least one
            double |   | "step": "z"                                                 | there is no such step
            remove |   | "what": "role", "name": "A", "too": true                    | nothing in this routine is called so
            remove |   | "what": "deck", "name": "A", "too": true                    | must be role, step, thing or out
            put    |   | "kind": "step", "id": "z", "setting": "depth", "value": 1   | no such number
            put    |   | "kind": "beats", "id": "a", "setting": "depth", "value": 99 | no such number
            put    |   | "kind": "start", "id": "", "setting": "AS", "value": 0      | at least 1
            role   |   | "kind": "joker"                                             | must be selection, key
            out    | x | "after": "a"                                                | there is no such out
            wrap   |   | "own": {"id": "own-x", "name": "X", "difficulty": 1, "parts": [{"move": "false-cut", "settings": {}}]}, "steps": ["b", "a"] | do not stand one after another
            """)
    void an_edit_that_cannot_be_done_is_told_in_words(String what, String line, String rest, String rule) {
        Answer answer = edit(what, line == null ? "" : line, rest);

        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.json().toString()).contains(rule);
    }

    /** Words stay with their steps; a person in a place, a claim and an out is followed, as it was not when the browser did it. */
    @Test
    void a_new_name_is_followed_everywhere_and_words_stay() {
        String routine = """
                {"format": "crafty-pocket/routine", "version": 1, "title": "T", "summary": "Bruno stays here", "setUp": {"pack": "52", "note": "n0"},
                 "roles": [{"letter": "A", "kind": "selection", "owner": "Bruno"}],
                 "steps": [{"id": "give", "move": "hand-over", "settings": {"to": "spectator:Bruno"}, "note": "n1", "seconds": 7}],
                 "claims": [{"id": "c", "after": "give", "claim": {"kind": "pile-size", "settings": {"pile": "spectator:Bruno", "cards": "52"}}}],
                 "outs": [{"id": "o", "occasion": "cutting", "says": "May I?", "after": "", "rejoin": "give",
                   "steps": [{"id": "w", "move": "hand-over", "settings": {"to": "spectator:Bruno"}, "note": "n2"}]}]}""";
        JsonNode edited = post(
                        "/api/edits/rename",
                        "{\"at\": {\"routine\": " + routine
                                + "}, \"kind\": \"person\", \"from\": \"Bruno\", \"to\": \"Tove\"}")
                .json();

        assertThat(edited.path("says").asString()).isEqualTo("Bruno is called Tove now, in 2 steps.");
        JsonNode after = edited.path("routine");
        assertThat(after.at("/roles/0/owner").asString()).isEqualTo("Tove");
        assertThat(after.at("/steps/0/settings/to").asString()).isEqualTo("spectator:Tove");
        assertThat(after.at("/claims/0/claim/settings/pile").asString()).isEqualTo("spectator:Tove");
        assertThat(after.at("/outs/0/steps/0/settings/to").asString()).isEqualTo("spectator:Tove");
        assertThat(List.of(
                        after.at("/setUp/note").asString(),
                        after.at("/steps/0/note").asString(),
                        after.at("/steps/0/seconds").asString(),
                        after.at("/outs/0/says").asString(),
                        after.at("/outs/0/steps/0/note").asString(),
                        after.at("/summary").asString()))
                .containsExactly("n0", "n1", "7", "May I?", "n2", "Bruno stays here");

        Answer taken = post(
                "/api/edits/rename",
                "{\"at\": {\"routine\": " + routine + "}, \"kind\": \"role\", \"from\": \"Q\", \"to\": \"Z\"}");
        assertThat(taken.response().statusCode()).isEqualTo(422);
        assertThat(taken.json().toString()).contains("nothing in this routine is called so");
    }

    /** Steps become one, and what spoke of them speaks of it: notes and times too. */
    @Test
    void an_own_move_takes_the_place_of_its_steps() {
        String routine = """
                {"format": "crafty-pocket/routine", "version": 1, "title": "T", "setUp": {"pack": "52"}, "roles": [],
                 "steps": [{"id": "a", "move": "complete-cut", "settings": {"depth": "10"}, "note": "n1", "seconds": 3},
                   {"id": "b", "move": "complete-cut", "settings": {"depth": "20"}, "note": "n2", "seconds": 4},
                   {"id": "c", "move": "false-cut", "cover": "b"}],
                 "claims": []}""";
        String own = """
                {"id": "own-cuts", "name": "Cuts", "says": "Cut twice.", "difficulty": 1, "settings": [],
                 "parts": [{"move": "complete-cut", "settings": {"depth": "10"}}]}""";
        String asked = "{\"at\": {\"routine\": " + routine + "}, \"own\": " + own + ", \"steps\": [\"a\", \"b\"]}";
        JsonNode made = post("/api/edits/wrap", asked).json();

        assertThat(made.at("/routine/steps/0/note").asString()).isEqualTo("n1 n2");
        assertThat(made.at("/routine/steps/0/seconds").asInt()).isEqualTo(7);
        assertThat(made.at("/routine/steps/1/cover").asString())
                .isEqualTo(made.path("selected").asString())
                .isEqualTo("s1");
        assertThat(post("/api/edits/wrap", asked.replace("\"a\", \"b\"", "\"a\", \"c\""))
                        .json()
                        .toString())
                .contains("do not stand one after another");
    }
}
