package craftypocket.app;

import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is seen, believed and can be noticed, as a script asks for it. Worked out by hand. */
@ExtendWith(RunningApplication.class)
class SightApiTest {

    private static String packet(String cards, String steps, String claims) {
        return """
                {"format": "crafty-pocket/routine", "version": 1, "title": "Seen",
                 "setUp": {"pack": "none", "extra": "%s", "piles": [{"place": "other-hand", "cards": "%s"}]},
                 "roles": [{"letter": "A", "kind": "selection", "owner": "Ines"}], "steps": [%s], "claims": [%s]}""".formatted(cards.replace("↑", ""), cards, steps, claims);
    }

    private static String deck(String roles, String steps, String claims) {
        return """
                {"format": "crafty-pocket/routine", "version": 1, "title": "Seen", "setUp": {"pack": "10"},
                 "roles": [%s], "steps": [%s], "claims": [%s]}""".formatted(roles, steps, claims);
    }

    private static JsonNode survey(String routine) {
        return post("/api/survey", "{\"routine\": " + routine + "}").json();
    }

    private static JsonNode trace(String routine) {
        return post("/api/trace", "{\"routine\": " + routine + ", \"world\": {}}")
                .json();
    }

    private static final String COUNT = "{\"id\": \"count\", \"move\": \"hidden-third\", \"settings\": {}}";

    @ParameterizedTest
    @CsvSource({"JD, never", "3C, always"})
    void a_count_hides_the_third_and_shows_the_second(String face, String verdict) {
        JsonNode finding = survey(packet(
                        "2C↑ JD↑ 3C↑ 4C↑",
                        COUNT,
                        "{\"id\": \"c\", \"claim\": {\"kind\": \"never-seen\", \"settings\": {\"face\": \"" + face
                                + "\"}}}"))
                .at("/findings/0");

        assertThat(finding.path("verdict").asString()).isEqualTo(verdict);
    }

    @Test
    void a_promise_is_judged_without_asking_and_can_be_put_aside() {
        JsonNode kept = survey(packet("2C JD 3C 4C", COUNT, ""));
        String fair =
                "{\"id\": \"count\", \"move\": \"hidden-third\", \"settings\": {\"beats\": \"peel peel peel peel\"%s}}";
        JsonNode broken = survey(packet("2C JD 3C 4C", fair.formatted(""), ""));
        JsonNode aside = survey(packet("2C JD 3C 4C", fair.formatted(", \"promise\": \"aside\""), ""));
        // Three counted as four hide nothing: one of them is seen twice, as was meant.
        JsonNode three = survey(packet("2C JD 3C", COUNT, ""));

        assertThat(kept.at("/findings/0/sentence").asString()).contains("third card of the packet");
        assertThat(kept.at("/findings/0/verdict").asString()).isEqualTo("always");
        assertThat(broken.at("/findings/0/verdict").asString()).isEqualTo("never");
        assertThat(aside.at("/findings/0/kind").asString()).isEqualTo("can-be-done");
        assertThat(three.at("/findings/0/verdict").asString()).isEqualTo("always");
    }

    @Test
    void each_moment_says_what_is_seen_by_whom_and_what_is_believed() {
        JsonNode moments = trace(
                        packet(
                                "AS AH AC AD KS KH",
                                """
                        {"id": "four", "move": "block-count", "settings": {}},
                        {"id": "hers", "move": "show-card", "settings": {"pile": "other-hand", "at": "6", "whom": "Ines"}},
                        {"id": "over", "move": "turn-over", "settings": {"pile": "other-hand"}}""",
                                "{\"id\": \"b\", \"after\": \"hers\", \"believed\": true,"
                                        + " \"claim\": {\"kind\": \"face-up-count\", \"settings\": {\"cards\": \"4\", \"pile\": \"other-hand\"}}}"))
                .path("moments");

        assertThat(moments.get(1).at("/beliefs/0/sentence").asString())
                .isEqualTo("The other hand is taken for 4 cards");
        assertThat(moments.get(1).at("/beliefs/0/so").asBoolean()).isFalse();
        assertThat(moments.get(2).at("/shown/0/seenBy").asString()).isEqualTo("Ines");
        // Counted, the order is K♥ K♠ A♠ A♥ A♣ A♦: turned over, the last is on top.
        assertThat(moments.get(3).at("/alsoSeen/0/seenBy").asString()).isEqualTo("everybody");
        assertThat(moments.get(3).at("/alsoSeen/0/card").asInt()).isEqualTo(3);
        assertThat(moments.get(2).at("/beliefs/0/id").asString()).isEqualTo("b");
        assertThat(moments.get(2).at("/beliefs/0/so").asBoolean()).isFalse();
    }

    @Test
    void what_cannot_be_noticed_is_no_condition() {
        String steps = """
                {"id": "pick", "move": "spread-pick", "settings": {"at": "any"}},
                {"id": "only", "move": "false-cut", "settings": {},
                 "onlyIf": {"kind": "same-card", "settings": {"role": "A", "of": "K"}}}""";
        String routine = deck(
                "{\"letter\": \"A\", \"kind\": \"selection\", \"owner\": \"Ines\"}, {\"letter\": \"K\", \"kind\": \"key\", \"card\": \"AS\"}",
                steps,
                "");
        JsonNode known =
                post("/api/trace/known", "{\"routine\": " + routine + "}").json();

        assertThat(known.path("hints").findValuesAsString("text"))
                .anyMatch(text -> text.startsWith("You cannot tell here whether this is so"));
        assertThat(known.at("/moments/2/broken").isMissingNode()
                        || known.at("/moments/2/broken").isNull())
                .isTrue();
        assertThat(known.at("/moments/1/roles/0/placeKnown").asString()).isEqualTo("exact");
        assertThat(trace(routine).at("/moments/1/roles/0/placeKnown").asString())
                .isEmpty();
    }

    /** What is known of a routine is worked out once; with another claim it is another routine, and worked out anew. */
    @Test
    void what_is_known_in_another_way_is_the_same_whether_it_was_worked_out_for_this_one_or_not() {
        String steps = """
                {"id": "pick", "move": "spread-pick", "settings": {"at": "any"}},
                {"id": "cut", "move": "spectator-cut", "settings": {"depth": "any"}}""";
        String roles = "{\"letter\": \"A\", \"kind\": \"selection\", \"owner\": \"Ines\"}";
        String claim =
                "{\"id\": \"c\", \"after\": \"\", \"claim\": {\"kind\": \"pile-size\", \"settings\": {\"cards\": \"%d\"}}}";
        List<JsonNode> told = new ArrayList<>();
        for (String depth : List.of("2", "5", "2")) {
            String world = ", \"world\": {\"pick.at\": 3, \"cut.depth\": " + depth + "}}";
            JsonNode kept = post("/api/trace/known", "{\"routine\": " + deck(roles, steps, "") + world)
                    .json();
            JsonNode anew = post(
                            "/api/trace/known",
                            "{\"routine\": " + deck(roles, steps, claim.formatted(told.size())) + world)
                    .json();
            assertThat(kept.at("/moments").isEmpty()).isFalse();
            assertThat(kept.path("moments")).isEqualTo(anew.path("moments"));
            told.add(kept.path("moments"));
        }
        assertThat(told.get(0)).isEqualTo(told.get(2)).isNotEqualTo(told.get(1));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "never-seen; \"face\": \"AS\", \"who\": \"Bruno\"; claims[0].claim.settings.who; Bruno",
                "never-seen; \"face\": \"AS\", \"since\": \"later\"; claims[0].claim.settings.since; later",
                "never-seen; \"face\": \"Queen\"; claims[0].claim.settings.face; Queen",
                "only-backs; \"pile\": \"table:met\"; claims[0].claim.settings.pile; table:met",
                "believed-size; \"pile\": \"deck\", \"cards\": \"900\"; claims[0].claim.settings.cards; 900",
                "number-was; \"number\": \"cut.nothing\"; claims[0].claim.settings.number; cut.nothing",
                "faces-seen; \"cards\": \"1 2 3 4 5 6 7 8\"; claims[0].claim.settings.cards; 1 2 3 4 5 6 7 8",
            })
    void bad_input_is_a_problem_with_field_value_rule_and_cure(
            String kind, String settings, String field, String value) {
        Answer answer = post(
                "/api/trace",
                "{\"world\": {}, \"routine\": "
                        + deck(
                                "",
                                "{\"id\": \"cut\", \"move\": \"false-cut\", \"settings\": {}}",
                                "{\"id\": \"c\", \"claim\": {\"kind\": \"" + kind + "\", \"settings\": {" + settings
                                        + "}}}")
                        + "}");

        assertThat(answer.status()).isEqualTo(422);
        JsonNode problem = answer.json().at("/problems/0");
        assertThat(problem.path("field").asString()).endsWith(field);
        assertThat(problem.path("value").asString()).isEqualTo(value);
        assertThat(problem.path("rule").asString()).isNotBlank();
        assertThat(problem.path("cure").asString()).isNotBlank();
    }

    @Test
    void the_beats_that_hide_a_face_are_solved_for() {
        JsonNode sweep = post(
                        "/api/sweep",
                        "{\"computation\": \"beats\", \"kind\": \"beats\", \"id\": \"count\", \"setting\": \"beats\", \"most\": 1,"
                                + " \"routine\": "
                                + packet(
                                        "2C↑ JD↑ 3C↑ 4C↑",
                                        "{\"id\": \"count\", \"move\": \"count-beats\", \"settings\": {\"beats\": \"peel peel peel peel\"}}",
                                        "{\"id\": \"c\", \"claim\": {\"kind\": \"never-seen\", \"settings\": {\"face\": \"3C\"}}}")
                                + "}")
                .json();

        assertThat(sweep.path("points").findValuesAsString("text"))
                .contains("peel under-all-but peel peel")
                .doesNotContain("peel peel peel peel");
    }

    @Test
    void a_way_is_found_on_which_a_face_is_never_seen() {
        String deck = deck(
                "{\"letter\": \"K\", \"kind\": \"key\", \"card\": \"AS\"}",
                "{\"id\": \"cut\", \"move\": \"complete-cut\", \"settings\": {\"depth\": \"3\"}}",
                "");
        JsonNode bridge = post(
                        "/api/bridge",
                        "{\"computation\": \"way\", \"after\": \"cut\", \"onlyMine\": false, \"routine\": " + deck
                                + ", \"goal\": {\"kind\": \"seen\", \"settings\": {\"face\": \"AS\"}}}")
                .json();

        assertThat(bridge.path("outcome").asString()).isEqualTo("found");
        assertThat(bridge.path("ways")).isNotEmpty();
    }
}
