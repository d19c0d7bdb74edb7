package craftypocket.app;

import static craftypocket.app.RunningApplication.demo;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.routine;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class AnalysisApiTest {

    private static JsonNode trace(String routine, String world) {
        return post("/api/trace", "{\"routine\": " + routine + ", \"world\": " + world + "}")
                .json();
    }

    private static JsonNode survey(String routine) {
        return post("/api/survey", "{\"routine\": " + routine + "}").json();
    }

    private static List<Integer> deckAfter(String steps) {
        JsonNode moments = trace(routine("10", "", steps, ""), "{}").path("moments");
        List<Integer> cards = new ArrayList<>();
        moments.get(moments.size() - 1).at("/piles/0/cards").forEach(card -> cards.add(card.asInt() + 1));
        return cards;
    }

    private static JsonNode finding(JsonNode survey, String id) {
        return survey.path("findings")
                .valueStream()
                .filter(f -> f.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<Integer> positions(JsonNode trace, int role) {
        return trace.path("moments")
                .valueStream()
                .map(m -> m.path("roles").get(role).path("position").asInt())
                .toList();
    }

    @Test
    void key_and_selection_are_followed_through_two_shuffles_a_return_and_a_cut() {
        String steps = """
                {"id": "s1", "move": "overhand", "settings": {"chunks": "9 7 8 6 9 12 1"}},
                {"id": "s2", "move": "overhand", "settings": {"chunks": "1 11 8 7 9 6 10"}},
                {"id": "s3", "move": "spread-pick", "settings": {"at": "any"}},
                {"id": "s4", "move": "return-drop-key", "settings": {"way": "hindu", "at": "34"}},
                {"id": "s5", "move": "spectator-cut", "settings": {"depth": "any"}}""";
        String roles = """
                {"letter": "A", "kind": "selection", "owner": "Ines"}, {"letter": "K", "kind": "key", "card": "KC"}""";
        String claims = """
                {"id": "c1", "claim": {"kind": "directly-below", "settings": {"deck": "circle"}}}""";
        String routine = routine("52", roles, steps, claims);

        JsonNode twenty = trace(routine, "{\"s3.at\": 23, \"s5.depth\": 20}");
        assertThat(positions(twenty, 1)).containsExactly(52, 1, 52, 51, 17, 49);
        assertThat(positions(twenty, 0)).endsWith(18, 50);

        JsonNode seventeen = trace(routine, "{\"s3.at\": 23, \"s5.depth\": 17}");
        assertThat(positions(seventeen, 1)).endsWith(52);
        assertThat(positions(seventeen, 0)).endsWith(1);
        assertThat(seventeen.at("/outcomes/0/holds").asBoolean()).isTrue();
    }

    @Test
    void packets_and_the_drawn_pair_end_where_they_must() {
        assertThat(deckAfter("{\"id\": \"s\", \"move\": \"packets-to-table\", \"settings\": {\"packets\": \"2 3 1\"}}"))
                .containsExactly(7, 8, 9, 10, 6, 3, 4, 5, 1, 2);
        assertThat(deckAfter("{\"id\": \"s\", \"move\": \"complete-cut\", \"settings\": {\"depth\": \"6\"}}"))
                .containsExactly(7, 8, 9, 10, 1, 2, 3, 4, 5, 6);
        assertThat(deckAfter("{\"id\": \"s\", \"move\": \"milk-keep\", \"settings\": {\"chunks\": \"3 2 3\"}}"))
                .containsExactly(7, 8, 9, 5, 6, 2, 3, 4, 1, 10);
    }

    @Test
    void what_the_set_up_does_not_state_lies_in_any_order() {
        String cut = "{\"id\": \"s\", \"move\": \"false-cut\"}";
        String claims = """
                {"id": "ace", "claim": {"kind": "card-at", "settings": {"card": "AS", "nth": "1"}}},
                {"id": "club", "claim": {"kind": "card-at", "settings": {"card": "AC", "nth": "40"}}}""";
        String open = routine("52", "", cut, claims);
        JsonNode judged = survey(open);

        assertThat(judged.path("exhaustive").asBoolean()).isTrue();
        assertThat(judged.path("worlds").asLong()).isEqualTo(52 * 51);
        assertThat(finding(judged, "ace").path("held").asLong()).isEqualTo(51);
        assertThat(finding(judged, "ace").path("because").asString()).isEqualTo("fails if A♠ lies at place 2 to 52");
        JsonNode failing = finding(judged, "ace").path("failing");
        assertThat(failing.path("lies.AS").asInt()).isGreaterThan(1);
        assertThat(trace(open, failing.toString()).at("/outcomes/0/holds").asBoolean())
                .isFalse();
        assertThat(trace(open, "{\"lies.AS\": 1, \"lies.AC\": 40}")
                        .at("/outcomes/1/holds")
                        .asBoolean())
                .isTrue();
        assertThat(trace(open, "{}").at("/cards/0/stated").asString()).isEqualTo("named");
        assertThat(trace(open, "{}").at("/cards/1/stated").asString()).isEqualTo("open");

        String inOrder = open.replace("\"pack\": \"52\"", "\"pack\": \"52\", \"newDeckOrder\": true");
        assertThat(survey(inOrder).path("allHold").asBoolean()).isTrue();
        assertThat(trace(inOrder, "{\"lies.AS\": 5}").at("/outcomes/0/holds").asBoolean())
                .isTrue();
    }

    @Test
    void the_wager_holds_every_way_and_a_number_too_small_is_found() {
        JsonNode good = survey(demo(1));
        JsonNode low = survey(demo(1).replace("\"number\": \"23\"", "\"number\": \"18\""));

        assertThat(good.path("exhaustive").asBoolean()).isTrue();
        // Each of the two shuffles before has five chunks of five sizes.
        assertThat(good.path("worlds").asLong()).isEqualTo(51L * 51 * 7 * 3125 * 3125);
        assertThat(good.path("allHold").asBoolean()).isTrue();
        assertThat(finding(low, "end").path("because").asString()).isEqualTo("fails if they stop with 31 to 34 below");
        JsonNode remark = trace(demo(1).replace("\"number\": \"23\"", "\"number\": \"18\""), "{}")
                .at("/moments/7/remarks/0");
        assertThat(remark.path("warning").asBoolean()).isTrue();
        assertThat(remark.path("text").asString())
                .contains("fails with the key at 17")
                .endsWith("17 + 3 + 2 = 22.");
    }

    @Test
    void stop_when_they_think_stop_needs_its_last_cut() {
        JsonNode answered = survey(demo(2));
        JsonNode open = survey(demo(2).replaceFirst("\\{ \"id\": \"again\".*?\\},\\s*\"note\": \"[^\"]*\" \\},", "")
                .replace("\"after\": \"again\"", "\"after\": \"see\""));

        assertThat(answered.path("exhaustive").asBoolean()).isTrue();
        assertThat(answered.path("allHold").asBoolean()).isTrue();
        assertThat(open.path("allHold").asBoolean()).isFalse();
        assertThat(finding(open, "circle").path("verdict").asString()).isEqualTo("always");
        assertThat(finding(open, "line").path("verdict").asString()).isEqualTo("sometimes");
        assertThat(finding(open, "line").path("failing")).isNotEmpty();
    }

    @Test
    void the_thought_of_card_may_be_the_key_and_the_routine_answers_it() {
        JsonNode answered = survey(demo(3));
        JsonNode open = survey(demo(3).replaceFirst(", \"or\": \\[.*?\\]\\s*\\} \\}", " } }"));

        assertThat(answered.path("allHold").asBoolean()).isTrue();
        assertThat(finding(open, "beside").path("verdict").asString()).isEqualTo("sometimes");
        assertThat(finding(open, "beside").path("because").asString()).isEqualTo("fails if they think of card 1");
    }

    @Test
    void the_messy_deck_ends_with_one_card_face_up_for_every_block_and_stop() {
        JsonNode survey = survey(demo(4));

        assertThat(survey.path("exhaustive").asBoolean()).isTrue();
        assertThat(survey.path("allHold").asBoolean()).isTrue();
        assertThat(finding(survey, "only").path("sentence").asString())
                .isEqualTo("Tove’s card is the only card of its pile that lies face up");
    }

    @Test
    void a_broken_step_says_why_and_the_rest_is_still_there() {
        JsonNode moments = trace(
                        routine(
                                "10",
                                "",
                                "{\"id\": \"a\", \"move\": \"cut-to-break\"}, {\"id\": \"b\", \"move\": \"complete-cut\", \"settings\": {\"depth\": \"2\"}}",
                                ""),
                        "{}")
                .path("moments");

        assertThat(moments.get(1).at("/broken/reason").asString()).isEqualTo("Nothing holds a break in the deck.");
        assertThat(moments.get(2).path("broken").isNull()).isTrue();
        assertThat(moments.get(2).at("/piles/0/cards/0").asInt()).isEqualTo(2);
    }

    @Test
    void a_number_of_a_choice_is_shown_failing() {
        String steps = """
                {"id": "s1", "move": "spread-pick", "settings": {"at": "2-5"}},
                {"id": "s2", "move": "return-on-lower", "settings": {"at": "any"}},
                {"id": "s3", "move": "overhand", "settings": {"chunks": "3±1 rest"}}""";
        String roles = "{\"letter\": \"A\", \"kind\": \"selection\", \"owner\": \"Ines\"}";
        String claims = "{\"id\": \"c1\", \"claim\": {\"kind\": \"position\", \"settings\": {\"nth\": \"1-9\"}}}";
        String routine = routine("10", roles, steps, claims);
        int claim = (int) survey(routine)
                .path("findings")
                .valueStream()
                .takeWhile(f -> !f.path("id").asString().equals("c1"))
                .count();

        // Below three cards it lies fourth, and comes to the bottom only as the last of a chunk of four.
        JsonNode failing = failing(routine, claim, "s2.at", 3);
        assertThat(failing.path("s2.at").asInt()).isEqualTo(3);
        assertThat(failing.path("s3.chunks[0]").asInt()).isEqualTo(4);
        assertThat(failing(routine, claim, "s2.at", 6).isEmpty()).isTrue();
        assertThat(failing(routine, 500, "s2.at", 3).isEmpty()).isTrue();
    }

    private static JsonNode failing(String routine, int finding, String choice, int number) {
        return post(
                        "/api/survey/failing",
                        "{\"routine\": %s, \"finding\": %d, \"choice\": \"%s\", \"number\": %d}"
                                .formatted(routine, finding, choice, number))
                .json()
                .path("world");
    }
}
