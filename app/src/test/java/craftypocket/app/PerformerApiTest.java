package craftypocket.app;

import static craftypocket.app.RunningApplication.delete;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class PerformerApiTest {

    private static final String SWELL = """
            {"id": "own-swell", "name": "Swell", "says": "", "difficulty": 2,
             "settings": [{"name": "depth", "label": "How deep", "usual": "any"}],
             "parts": [{"move": "complete-cut", "settings": {"depth": "=depth"}}]}""";

    @Test
    void words_follow_the_hand() {
        put("/api/performer/hand", "{\"hand\": \"left\"}");
        assertThat(angles("pass")).isEqualTo("from above and from the left");

        put("/api/performer/hand", "{\"hand\": \"right\"}");
        assertThat(angles("pass")).isEqualTo("from above and from the right");
        assertThat(put("/api/performer/hand", "{\"hand\": \"both\"}").status()).isEqualTo(422);
    }

    private static String angles(String id) {
        for (JsonNode move : get("/api/catalogue").json().path("moves")) {
            if (move.path("id").asString().equals(id)) {
                return move.path("angles").asString();
            }
        }
        throw new AssertionError("no move " + id);
    }

    @Test
    void moves_are_named_and_graded() {
        JsonNode kept = put("/api/performer/moves/faro-in", "{\"alias\": \"the weave\", \"skill\": 3}")
                .json();
        assertThat(kept.path("moves").path("faro-in").path("skill").asInt()).isEqualTo(3);

        assertThat(put("/api/performer/moves/flying", "{\"alias\": \"\", \"skill\": 3}")
                        .status())
                .isEqualTo(404);
        assertThat(put("/api/performer/moves/faro-in", "{\"alias\": \"\", \"skill\": 6}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void own_moves_are_kept_listed_played_and_dropped() {
        assertThat(put("/api/performer/own-moves/own-swell", SWELL).status()).isEqualTo(200);
        JsonNode moves = get("/api/catalogue").json().path("moves");
        JsonNode last = moves.get(moves.size() - 1);
        assertThat(last.path("id").asString()).isEqualTo("own-swell");
        assertThat(last.path("settings").get(0).path("label").asString()).isEqualTo("How deep");
        JsonNode playground = get("/api/catalogue/own-swell/playground").json();
        assertThat(playground.path("ownMoves")).hasSize(1);
        assertThat(post("/api/trace", "{\"routine\": " + playground + "}").status())
                .isEqualTo(200);

        assertThat(delete("/api/performer/own-moves/own-swell").status()).isEqualTo(200);
        assertThat(delete("/api/performer/own-moves/own-swell").status()).isEqualTo(404);
        assertThat(get("/api/catalogue/own-swell/playground").status()).isEqualTo(404);
    }

    @Test
    void an_own_move_that_cannot_be_used_is_refused_with_its_reason() {
        String bad = SWELL.replace("complete-cut", "flying");
        assertThat(put("/api/performer/own-moves/own-swell", bad).json().toString())
                .contains("made of moves of the catalogue");
        assertThat(put("/api/performer/own-moves/own-other", SWELL).status()).isEqualTo(422);
    }

    @Test
    void every_move_can_be_played_with() {
        for (JsonNode move : get("/api/catalogue").json().path("moves")) {
            String id = move.path("id").asString();
            JsonNode playground = get("/api/catalogue/" + id + "/playground").json();
            JsonNode moments = post("/api/trace", "{\"routine\": " + playground + "}")
                    .json()
                    .path("moments");

            assertThat(moments.size()).as(id).isGreaterThan(1);
            assertThat(moments.get(moments.size() - 1).path("broken").isObject())
                    .as(id)
                    .isFalse();
        }
    }

    @Test
    void cards_forced_on_the_people_of_tonight_are_not_forced_again() {
        String trace = "{\"routine\": " + RunningApplication.demo(10) + ", \"world\": {}}";
        assertThat(rules(trace)).doesNotContain("same-force-card");

        JsonNode kept = put("/api/performer/forced", "{\"cards\": \"7H, Q♦\"}").json();
        assertThat(kept.path("forced").toString()).isEqualTo("[\"7H\",\"QD\"]");
        assertThat(rules(trace)).contains("same-force-card");

        assertThat(put("/api/performer/forced", "{\"cards\": \"QD ZZ\"}").status())
                .isEqualTo(422);
        assertThat(rules(trace)).contains("same-force-card");
        put("/api/performer/forced", "{\"cards\": \"\"}");
        assertThat(rules(trace)).doesNotContain("same-force-card");
    }

    private static List<String> rules(String trace) {
        return RunningApplication.post("/api/trace", trace).json().path("hints").findValuesAsString("rule");
    }

    @Test
    void hints_that_are_not_for_oneself_are_put_aside_by_their_rule() {
        assertThat(put("/api/performer/put-aside/no-drama", "{}")
                        .json()
                        .path("putAside")
                        .get(0)
                        .asString())
                .isEqualTo("no-drama");
        assertThat(delete("/api/performer/put-aside/no-drama").status()).isEqualTo(200);
        assertThat(get("/api/performer").json().path("putAside")).isEmpty();
        assertThat(put("/api/performer/put-aside/no-manners", "{}").status()).isEqualTo(404);
    }

    @Test
    void orders_are_read_in_every_form() {
        JsonNode order = post("/api/orders/read", "{\"text\": \"QC,7♥ 🂡; KH/AC^ moon\"}")
                .json();

        assertThat(order.path("cards").findValuesAsString("code")).containsExactly("QC", "7H", "AS", "KH/AC↑");
        JsonNode unread = order.path("unread").get(0);
        assertThat(unread.path("text").asString()).isEqualTo("moon");
        assertThat(unread.path("from").asInt()).isEqualTo(17);
        assertThat(unread.path("cure").asString()).contains("queen of clubs");
        assertThat(order.path("unicode").asString()).isEqualTo("🃝🂷🂡");
    }
}
