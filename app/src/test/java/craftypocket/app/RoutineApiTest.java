package craftypocket.app;

import static craftypocket.app.RunningApplication.delete;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningApplication.class)
class RoutineApiTest {

    private static Answer created() {
        return post("/api/routines", "{\"title\": \"A quiet crossing\"}");
    }

    private static String path(Answer stored) {
        return "/api/routines/" + stored.json().path("id").asString();
    }

    private static String titled(Answer stored, String title) {
        ObjectNode routine = (ObjectNode) stored.json().path("routine");
        return routine.put("title", title).toString();
    }

    private static String title(Answer stored) {
        return stored.json().path("routine").path("title").asString();
    }

    @Test
    void a_new_routine_is_an_empty_deck_of_52() {
        Answer made = created();

        assertThat(made.status()).isEqualTo(201);
        assertThat(made.response().headers().firstValue("Location")).contains(path(made));
        assertThat(made.json().at("/routine/setUp/pack").asString()).isEqualTo("52");
        assertThat(made.json().at("/routine/steps")).isEmpty();
        assertThat(made.json().path("canUndo").asBoolean()).isFalse();
        assertThat(get(path(made)).tag()).isEqualTo(made.tag());
    }

    @Test
    void edits_are_undone_and_redone_step_by_step() {
        Answer made = created();
        Answer second = put(path(made), titled(made, "Second"), "If-Match", made.tag());
        Answer third = put(path(made), titled(made, "Third"), "If-Match", second.tag());

        Answer back = post(path(made) + "/undo", "", "If-Match", third.tag());
        Answer further = post(path(made) + "/undo", "", "If-Match", back.tag());
        assertThat(List.of(title(back), title(further))).containsExactly("Second", "A quiet crossing");
        assertThat(post(path(made) + "/undo", "", "If-Match", further.tag()).status())
                .isEqualTo(409);

        Answer again = post(path(made) + "/redo", "", "If-Match", further.tag());
        assertThat(title(again)).isEqualTo("Second");
        assertThat(again.json().path("canRedo").asBoolean()).isTrue();

        Answer other = put(path(made), titled(made, "Other"), "If-Match", again.tag());
        assertThat(other.json().path("canRedo").asBoolean()).isFalse();
        assertThat(post(path(made) + "/redo", "", "If-Match", other.tag()).status())
                .isEqualTo(409);
        assertThat(title(post(path(made) + "/undo", "", "If-Match", other.tag())))
                .isEqualTo("Second");
    }

    @Test
    void the_second_of_two_windows_gets_a_conflict_and_nothing_is_lost() {
        Answer made = created();
        Answer first = put(path(made), titled(made, "First window"), "If-Match", made.tag());

        Answer second = put(path(made), titled(made, "Second window"), "If-Match", made.tag());

        assertThat(first.status()).isEqualTo(200);
        assertThat(second.status()).isEqualTo(412);
        assertThat(second.type()).startsWith("application/problem+json");
        assertThat(second.json().path("detail").asString()).contains("changed in another window");
        assertThat(title(get(path(made)))).isEqualTo("First window");
    }

    @Test
    void an_edit_without_a_version_or_with_nonsense_for_one_is_refused() {
        Answer made = created();

        assertThat(put(path(made), titled(made, "X")).status()).isEqualTo(428);
        assertThat(put(path(made), titled(made, "X"), "If-Match", "soon").status())
                .isEqualTo(400);
        assertThat(title(get(path(made)))).isEqualTo("A quiet crossing");
    }

    @Test
    void a_deleted_routine_is_gone_until_it_is_restored() {
        Answer made = created();

        assertThat(delete(path(made)).status()).isEqualTo(204);
        assertThat(get(path(made)).status()).isEqualTo(404);
        assertThat(get("/api/routines").response().body())
                .doesNotContain(made.json().path("id").asString());
        assertThat(delete(path(made)).status()).isEqualTo(404);

        assertThat(post(path(made) + "/restore", "").status()).isEqualTo(200);
        assertThat(title(get(path(made)))).isEqualTo("A quiet crossing");
    }

    @Test
    void outs_are_kept_and_come_back_in_the_file() {
        Answer made = post("/api/routines/from-file", RunningApplication.demo(33));

        JsonNode outs = get(path(made) + "/file").json().path("outs");

        assertThat(outs.findValuesAsString("occasion"))
                .containsExactly("shuffling", "shuffling", "other", "cutting", "picking-again");
        assertThat(outs.at("/0/steps/1/move").asString()).isEqualTo("top-block-lift");
        assertThat(outs.at("/1/after").asString()).isEqualTo("lift");
        assertThat(get("/api/routines/" + made.json().path("id").asString())
                        .json()
                        .at("/routine/outs"))
                .isEqualTo(outs);
    }

    @Test
    void a_copy_is_a_routine_of_its_own() {
        Answer made = created();
        Answer copy = post(path(made) + "/copy", "");

        put(path(copy), titled(copy, "Changed copy"), "If-Match", copy.tag());

        assertThat(title(copy)).isEqualTo("Copy of A quiet crossing");
        assertThat(title(get(path(made)))).isEqualTo("A quiet crossing");
    }

    @Test
    void a_file_read_back_is_the_same_routine() {
        for (int number = 1; number <= 4; number++) {
            JsonNode file = RunningApplication.JSON.readTree(RunningApplication.demo(number));
            Answer read = post("/api/routines/from-file", file.toString());
            JsonNode saved = get(path(read) + "/file").json();

            Answer again = post("/api/routines/from-file", saved.toString());

            assertThat(read.status()).isEqualTo(201);
            assertThat(get(path(again) + "/file").json()).isEqualTo(saved);
            assertThat(saved.path("steps").size()).isEqualTo(file.path("steps").size());
            delete(path(read));
            delete(path(again));
        }
        String name = get(path(created()) + "/file")
                .response()
                .headers()
                .firstValue("Content-Disposition")
                .orElseThrow();
        assertThat(name).contains("a-quiet-crossing.routine.json");
    }

    @Test
    void rehearsals_are_kept_with_the_routine() {
        Answer made = created();
        String run = """
                {"startedAt": "2026-05-04T20:15:00Z", "totalMillis": 61000, "cameOut": true,
                 "steps": [{"stepId": "s1", "millis": 1200, "slips": 2}, {"stepId": "s2", "millis": 900, "slips": 1}]}""";

        assertThat(post(path(made) + "/rehearsals", run).status()).isEqualTo(201);
        assertThat(post(
                                path(made) + "/rehearsals",
                                run.replace("05-04", "05-05").replace("true", "false"))
                        .status())
                .isEqualTo(201);

        JsonNode runs = get(path(made) + "/rehearsals").json();
        assertThat(runs).hasSize(2);
        assertThat(runs.get(0).path("cameOut").asBoolean()).isFalse();
        assertThat(runs.get(1).at("/steps/0/slips").asInt()).isEqualTo(2);
        JsonNode last = get("/api/rehearsals/last")
                .json()
                .valueStream()
                .filter(r -> r.path("routineId").equals(made.json().path("id")))
                .findFirst()
                .orElseThrow();
        assertThat(last.path("slips").asInt()).isEqualTo(6);
        assertThat(last.path("runs").asInt()).isEqualTo(2);
        assertThat(last.path("startedAt").asString()).isEqualTo("2026-05-05T20:15:00Z");
        assertThat(post(path(made) + "/rehearsals", run.replace("61000", "-1")).status())
                .isEqualTo(422);
        assertThat(post("/api/routines/00000000-0000-0000-0000-000000000000/rehearsals", run)
                        .status())
                .isEqualTo(404);
    }
}
