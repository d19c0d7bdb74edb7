package craftypocket.app;

import static craftypocket.app.RunningApplication.delete;
import static craftypocket.app.RunningApplication.demo;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class SolvingApiTest {

    private static String sweep(String computation, String routine, String kind, String id, String setting, int most) {
        return "{\"computation\": \"%s\", \"routine\": %s, \"kind\": \"%s\", \"id\": \"%s\", \"setting\": \"%s\", \"most\": %d}"
                .formatted(computation, routine, kind, id, setting, most);
    }

    private static String bridge(String routine, boolean onlyMine) {
        return bridge("b", routine, onlyMine, "1");
    }

    /** @param nth where the card is to be; there are 52 cards, and no three moves bring it to the 53rd */
    private static String bridge(String computation, String routine, boolean onlyMine, String nth) {
        return """
                {"computation": "%s", "routine": %s, "after": "back", "onlyMine": %s,
                 "goal": {"kind": "position", "settings": {"role": "A", "nth": "%s"}}}""".formatted(computation, routine, onlyMine, nth);
    }

    @Test
    void a_number_is_solved_for() {
        JsonNode curve = post("/api/sweep", sweep("s", demo(1), "step", "deal", "number", 52))
                .json();

        // 17 give or take 3, and two more.
        assertThat(curve.path("best").asInt()).isEqualTo(22);
        assertThat(curve.path("stopped").asBoolean()).isFalse();
        assertThat(curve.path("points").size()).isGreaterThan(40);
        assertThat(post("/api/sweep", sweep("s", demo(1), "wish", "deal", "number", 52))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void ways_to_a_claim_are_found_among_the_moves_that_one_can_do() {
        JsonNode all = post("/api/bridge", bridge(demo(4), false)).json();
        assertThat(all.path("outcome").asString()).isEqualTo("found");
        assertThat(all.path("ways").findValuesAsString("move")).contains("cut-to-break", "pass");
        assertThat(all.path("ways").get(0).path("share").asDouble()).isEqualTo(1);

        put("/api/performer/moves/double-undercut", "{\"alias\": \"\", \"skill\": 3}");
        JsonNode mine = post("/api/bridge", bridge(demo(4), true)).json();
        assertThat(mine.path("ways").findValuesAsString("move")).isNotEmpty().doesNotContain("pass");
    }

    private static String diagnosis(String seen) {
        return """
                {"computation": "d", "routine": %s, "world": {}, "seen": [%s], "slips": {"up": 3}}""".formatted(demo(33), seen);
    }

    private static String seenAt(int nth) {
        return "{\"kind\": \"position\", \"settings\": {\"role\": \"A\", \"nth\": \"%d\"}}".formatted(nth);
    }

    @Test
    void a_run_that_did_not_come_out_is_explained_by_slips() {
        JsonNode second = post("/api/diagnosis", diagnosis(seenAt(2))).json();

        assertThat(second.path("asPlanned").asBoolean()).isFalse();
        assertThat(second.path("explanations")).isNotEmpty();
        assertThat(second.at("/explanations/0/weight").asDouble()).isEqualTo(1);
        assertThat(second.at("/explanations/0/sentences/0").asString())
                .startsWith("Step 2, “Return on the lower packet”: the break or jog");

        assertThat(post("/api/diagnosis", diagnosis(seenAt(1)))
                        .json()
                        .path("asPlanned")
                        .asBoolean())
                .isTrue();
        assertThat(post("/api/diagnosis", diagnosis("")).status()).isEqualTo(422);
        assertThat(post("/api/diagnosis", diagnosis("{\"kind\": \"wish\"}")).status())
                .isEqualTo(422);
    }

    /** A search without an answer looks at thousands of layouts, and tells how far it is after each. */
    @Test
    void a_long_computation_tells_how_far_it_is() throws InterruptedException {
        CompletableFuture<JsonNode> asked = CompletableFuture.supplyAsync(
                () -> post("/api/bridge", bridge("told", demo(4), false, "53")).json());
        List<Double> shares = new ArrayList<>();
        while (!asked.isDone()) {
            shares.add(get("/api/computations/told").json().path("share").asDouble());
            Thread.sleep(10);
        }

        assertThat(shares.stream().filter(share -> share > 0 && share < 1))
                .isNotEmpty()
                .isSorted();
        assertThat(get("/api/computations/told").json().path("share").asDouble())
                .isEqualTo(1);
    }

    /** Two routines that differ, of some seconds each: the second question of a name stops the first. */
    @Test
    void a_survey_that_is_asked_anew_stops_the_one_before() {
        String routine = demo(33).replace("\"at\": \"any\"", "\"at\": \"1-51\"");
        String first = routine.replace("\"cut\": \"22-30\"", "\"cut\": \"21-31\"");
        CompletableFuture<JsonNode> slow = CompletableFuture.supplyAsync(() -> survey(first));
        while (get("/api/computations").json().path("running").asInt() == 0 && !slow.isDone()) {
            Thread.onSpinWait();
        }
        JsonNode second = survey(routine);

        assertThat(second.path("stopped").asBoolean()).isFalse();
        // Asked again it is complete: an answer that was stopped is not remembered.
        slow.join();
        assertThat(survey(first).path("stopped").asBoolean()).isFalse();
        assertThat(survey(first).path("worlds").asLong()).isGreaterThanOrEqualTo(100_000);
    }

    private static JsonNode survey(String routine) {
        return post("/api/survey", "{\"routine\": %s, \"computation\": \"bench\"}".formatted(routine))
                .json();
    }

    @Test
    void ten_computations_that_are_stopped_leave_nothing_running() throws InterruptedException {
        List<CompletableFuture<JsonNode>> asked = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            String request = sweep("long-" + i, demo(31), "step", "mix", "times", 20);
            asked.add(CompletableFuture.supplyAsync(
                    () -> post("/api/sweep", request).json()));
        }
        while (get("/api/computations").json().path("running").asInt() == 0) {
            Thread.sleep(10);
        }
        while (asked.stream().anyMatch(answer -> !answer.isDone())) {
            for (int i = 0; i < 10; i++) {
                delete("/api/computations/long-" + i);
            }
            Thread.sleep(20);
        }

        assertThat(asked).anyMatch(answer -> answer.join().path("stopped").asBoolean());
        assertThat(get("/api/computations").json().path("running").asInt()).isZero();
    }
}
