package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

/** An edit whose answer was lost is sent again: it is done once. */
@ExtendWith(RunningApplication.class)
class EditIdTest {

    private static Answer created(String edit) {
        return post("/api/routines", "{\"title\": \"Lost and found\"}", "Edit-Id", edit);
    }

    private static String path(Answer stored) {
        return "/api/routines/" + stored.json().path("id").asString();
    }

    private static Answer edit(Answer made, String title, String tag, String edit) {
        String body =
                ((ObjectNode) made.json().path("routine")).put("title", title).toString();
        return put(path(made), body, "If-Match", tag, "Edit-Id", edit);
    }

    private static String id() {
        return UUID.randomUUID().toString();
    }

    @Test
    void an_edit_sent_twice_is_one_step_of_the_history() {
        Answer made = created(id());
        String id = id();
        Answer first = edit(made, "Second", made.tag(), id);

        Answer again = edit(made, "Second", made.tag(), id);

        assertThat(again.status()).isEqualTo(200);
        assertThat(again.tag()).isEqualTo(first.tag());
        Answer back = post(path(made) + "/undo", "", "If-Match", again.tag(), "Edit-Id", id());
        assertThat(back.json().at("/routine/title").asString()).isEqualTo("Lost and found");
        assertThat(back.json().path("canUndo").asBoolean()).isFalse();
    }

    @Test
    void an_edit_sent_again_after_somebody_elses_is_told_by_its_own_version_so_that_the_next_one_conflicts() {
        Answer made = created(id());
        String id = id();
        Answer mine = edit(made, "Mine", made.tag(), id);
        edit(made, "Theirs", mine.tag(), id());

        Answer again = edit(made, "Mine", made.tag(), id);

        assertThat(again.tag()).isEqualTo(mine.tag());
        assertThat(edit(made, "Mine too", again.tag(), id()).status()).isEqualTo(412);
        assertThat(get(path(made)).json().at("/routine/title").asString()).isEqualTo("Theirs");
    }

    @Test
    void undo_sent_twice_goes_back_once() {
        Answer made = created(id());
        Answer second = edit(made, "Second", made.tag(), id());
        Answer third = edit(made, "Third", second.tag(), id());
        String id = id();

        for (int time = 0; time < 2; time++) {
            Answer back = post(path(made) + "/undo", "", "If-Match", third.tag(), "Edit-Id", id);
            assertThat(back.json().at("/routine/title").asString()).isEqualTo("Second");
        }
    }

    @Test
    void the_same_edit_sent_many_times_at_once_is_done_once() {
        String made = id();
        List<Answer> creating = atOnce(() -> created(made));
        assertThat(creating).allSatisfy(answer -> assertThat(answer.status()).isEqualTo(201));
        String id = id();

        List<Answer> edits =
                atOnce(() -> edit(creating.get(0), "Second", creating.get(0).tag(), id));

        assertThat(edits).extracting(Answer::tag).containsOnly(edits.get(0).tag());
        assertThat(edits.get(0).tag()).isNotEqualTo(creating.get(0).tag());
    }

    private static List<Answer> atOnce(Supplier<Answer> asks) {
        List<CompletableFuture<Answer>> asked = Stream.generate(() -> CompletableFuture.supplyAsync(asks))
                .limit(8)
                .toList();
        return asked.stream().map(CompletableFuture::join).toList();
    }

    @Test
    void an_edit_that_was_refused_is_not_taken_for_done() {
        Answer made = created(id());
        String id = id();
        assertThat(edit(made, "", made.tag(), id).status()).isEqualTo(422);

        assertThat(edit(made, "Second", made.tag(), id)
                        .json()
                        .at("/routine/title")
                        .asString())
                .isEqualTo("Second");
    }

    @Test
    void a_routine_a_copy_and_a_run_sent_twice_are_there_once() {
        String id = id();
        Answer made = created(id);
        assertThat(created(id).json()).isEqualTo(made.json());
        assertThat(made.json().path("id").asString()).isEqualTo(id);

        String copy = id();
        for (int time = 0; time < 2; time++) {
            assertThat(post(path(made) + "/copy", "", "Edit-Id", copy)
                            .json()
                            .path("id")
                            .asString())
                    .isEqualTo(copy);
        }
        String run = id();
        for (int time = 0; time < 2; time++) {
            assertThat(post(
                                    path(made) + "/rehearsals",
                                    "{\"startedAt\": \"2026-05-04T20:15:00Z\", \"totalMillis\": 1, \"cameOut\": true, \"steps\": []}",
                                    "Edit-Id",
                                    run)
                            .status())
                    .isEqualTo(201);
        }
        assertThat(get(path(made) + "/rehearsals").json()).hasSize(1);
        assertThat(get("/api/routines").json().findValuesAsString("id"))
                .filteredOn(each -> each.equals(id) || each.equals(copy))
                .hasSize(2);
    }
}
