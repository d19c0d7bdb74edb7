package craftypocket.app;

import static craftypocket.app.RunningApplication.delete;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Procedures are asked for, opened and kept as a page does it. */
@ExtendWith(RunningApplication.class)
class InventApiTest {

    private static final String QUESTION = """
            {"routine": {"format": "crafty-pocket/routine", "version": 1, "title": "A secret number", "setUp": {"pack": "52"},
              "roles": [{"letter": "A", "kind": "selection", "owner": "Ines"}],
              "steps": [{"id": "s1", "move": "deal-to-number", "settings": {"at": "1-12"}}], "claims": []},
             "after": "s1", "goal": {"kind": "place-known", "settings": {"role": "A"}}, "steps": 2, "choices": 0,
             "table": true, "secret": 0, "difficulty": 2, "numbers": [13], "seed": 1}""";

    private static JsonNode searched(String question) {
        String asked = "{\"computation\": \"invent-test\", \"question\": " + question + "}";
        JsonNode answer = post("/api/invent", asked).json();
        while (!answer.path("done").asBoolean()) {
            answer = post("/api/invent", asked).json();
        }
        return answer;
    }

    private static JsonNode dealtAndCut(JsonNode answer) {
        for (JsonNode found : answer.path("found")) {
            if (found.at("/steps/0/move").asString().equals("deal-singly")
                    && found.at("/steps/1/move").asString().equals("swing-cut")) {
                return found;
            }
        }
        throw new AssertionError("not found among " + answer.path("found").size());
    }

    /** By hand: of 13 dealt, the a-th is 14 − a from the top; a more on it, and it is the 14th. */
    @Test
    void a_procedure_is_found_told_why_and_proved_as_a_routine() {
        JsonNode answer = searched(QUESTION);
        JsonNode found = dealtAndCut(answer);

        assertThat(found.path("sentence").asString()).isEqualTo("Ines’s card is 14th from the top of the “left” pile");
        assertThat(found.at("/why/1/position").asString()).isEqualTo("14 − a");
        assertThat(found.at("/why/2/position").asString()).isEqualTo("14");
        assertThat(found.at("/letters/0/meaning").asString()).isEqualTo("They think of a");
        assertThat(found.path("ways").asLong()).isEqualTo(12);
        assertThat(get("/api/invent/invent-test").json().path("found"))
                .hasSize(answer.path("found").size());

        JsonNode routine = opened(found);
        assertThat(routine.path("title").asString()).isEqualTo("A secret number");
        assertThat(routine.path("steps")).hasSize(3);
        JsonNode survey = post("/api/survey", "{\"routine\": " + routine + "}").json();
        assertThat(survey.path("allHold").asBoolean()).isTrue();
        assertThat(survey.path("ways").asLong()).isEqualTo(12);
    }

    private static JsonNode opened(JsonNode found) {
        return post(
                        "/api/invent/opened",
                        "{\"question\": " + QUESTION + ", \"steps\": " + found.path("steps") + ", \"claim\": "
                                + found.path("claim") + "}")
                .json();
    }

    /** Each find that lies on the shelf at the first start is an answer of a question to begin with, and holds in all ways. */
    @Test
    void the_finds_of_the_demo_are_found_and_proved() throws IOException {
        JsonNode finds =
                RunningApplication.JSON.readTree(Files.readString(Path.of("src/main/resources/demo-finds.json")));
        JsonNode questions = get("/api/invent/questions").json();
        assertThat(finds).hasSize(3).hasSameSizeAs(questions);
        for (int i = 0; i < finds.size(); i++) {
            JsonNode find = finds.get(i);
            JsonNode survey = post("/api/survey", "{\"routine\": " + find.path("routine") + "}")
                    .json();
            assertThat(survey.path("allHold").asBoolean()).as(find.toString()).isTrue();
            assertThat(survey.path("exhaustive").asBoolean()).isTrue();
            assertThat(survey.path("ways").asLong()).isEqualTo(find.path("ways").asLong());
            assertThat(searched(questions.get(i).path("question").toString()).path("found"))
                    .as(find.path("sentence").asString())
                    .anyMatch(found -> found.path("sentence").equals(find.path("sentence"))
                            && found.path("ways").equals(find.path("ways")));
        }
    }

    @Test
    void what_was_never_asked_has_found_nothing() {
        JsonNode nothing = get("/api/invent/never-asked").json();

        assertThat(nothing.path("found")).isEmpty();
        assertThat(nothing.path("done").asBoolean()).isFalse();
    }

    @Test
    void a_find_is_kept_with_a_note_and_taken_off_again() {
        JsonNode routine = opened(dealtAndCut(searched(QUESTION)));
        String find = """
                {"id": "kept-here", "kept": "2026-12-01T20:00:00Z", "sentence": "It is the 14th", "choices": 0, "ways": 12,
                 "note": "%s", "routine": ROUTINE}""".replace("ROUTINE", routine.toString());

        assertThat(put("/api/finds/kept-here", find.formatted("For four bells")).status())
                .isEqualTo(200);
        assertThat(put("/api/finds/kept-here", find.formatted("For eight bells"))
                        .json())
                .anyMatch(kept -> kept.path("note").asString().equals("For eight bells"))
                .noneMatch(kept -> kept.path("note").asString().equals("For four bells"));
        assertThat(get("/api/finds").json())
                .filteredOn(kept -> kept.path("id").asString().equals("kept-here"))
                .hasSize(1);
        assertThat(put("/api/finds/another", find.formatted("")).status()).isEqualTo(422);
        assertThat(delete("/api/finds/kept-here").json())
                .noneMatch(kept -> kept.path("id").asString().equals("kept-here"));
        assertThat(delete("/api/finds/kept-here").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"steps\": 2       | \"steps\": 9          | from 1 to 8",
                "\"choices\": 0     | \"choices\": 3        | more free choices than steps",
                "\"numbers\": [13]  | \"numbers\": [60]     | at most 52",
                "place-known        | nothing-strange       | not asked of a layout",
                "place-known        | no-such-claim         | no such claim",
                "deal-to-number     | spectator-riffle      | "
            })
    void what_cannot_be_asked_is_refused_in_words(String stands, String instead, String says) {
        String asked = QUESTION.replace(stands, instead);
        RunningApplication.Answer answer =
                post("/api/invent", "{\"computation\": \"refused\", \"question\": " + asked + "}");

        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.response().body())
                .contains(says == null ? "problem" : says)
                .doesNotContain("Exception");
    }
}
