package craftypocket.app;

import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Holds that live, numbers that follow and wrong hands, as a script asks for them. */
@ExtendWith(RunningApplication.class)
class AtTheTableApiTest {

    private static final String SELECTION = "{\"letter\": \"A\", \"kind\": \"selection\", \"owner\": \"Ines\"}";

    private static String routine(String pack, String roles, String steps, String claims) {
        return """
                {"format": "crafty-pocket/routine", "version": 1, "title": "At the table", "setUp": {"pack": "%s"},
                 "roles": [%s], "steps": [%s], "claims": [%s]}""".formatted(pack, roles, steps, claims);
    }

    private static JsonNode survey(String routine) {
        return post("/api/survey", "{\"routine\": " + routine + "}").json();
    }

    private static Answer trace(String routine, String world) {
        return post("/api/trace", "{\"routine\": " + routine + ", \"world\": " + world + "}");
    }

    @Test
    void a_break_lives_through_a_swing_cut_a_return_and_a_drop() {
        String steps = """
                {"id": "s1", "move": "spread-pick", "settings": {"at": "10"}},
                {"id": "s2", "move": "hold-break", "settings": {"from": "bottom", "depth": "4"}},
                {"id": "s3", "move": "swing-cut", "settings": {"depth": "26"}},
                {"id": "s4", "move": "bury-packet", "settings": {"packet": "spectator:Ines", "pile": "other-hand", "at": "0"}},
                {"id": "s5", "move": "drop-packet", "settings": {"packet": "deck", "pile": "other-hand"}},
                {"id": "s6", "move": "cut-to-break", "settings": {"pile": "other-hand"}}""";
        String claims = """
                {"id": "fifth", "claim": {"kind": "position", "settings": {"nth": "5", "pile": "other-hand"}}}""";

        JsonNode moments =
                trace(routine("52", SELECTION, steps, claims), "{}").json().path("moments");

        assertThat(moments.get(2).at("/holds/0/depth").asInt()).isEqualTo(47);
        assertThat(moments.get(3).at("/holds/0/depth").asInt()).isEqualTo(21);
        assertThat(moments.get(5).at("/holds/0/depth").asInt()).isEqualTo(21);
        assertThat(moments.get(5).at("/holds/0/place").asString()).isEqualTo("other-hand");
        assertThat(moments.get(6).path("holds")).isEmpty();
        assertThat(moments.get(6).at("/roles/0/position").asInt()).isEqualTo(5);
    }

    @Test
    void a_number_that_follows_is_solved_for_by_how_many_more() {
        String demo = RunningApplication.demo(34);
        JsonNode sweep = post(
                        "/api/sweep",
                        "{\"computation\": \"s\", \"routine\": %s, \"kind\": \"step\", \"id\": \"deal\", \"setting\": \"number\", \"most\": 8}"
                                .formatted(demo))
                .json();

        // A guess of up to two too few and two cards past the key: four more at least.
        assertThat(sweep.path("best").asInt()).isEqualTo(4);
    }

    @Test
    void a_shuffle_until_the_cards_are_gone_never_fails() {
        JsonNode survey = survey(routine(
                "52",
                "",
                "{\"id\": \"s1\", \"move\": \"overhand\", \"settings\": {\"chunks\": \"3-5 until gone\"}}",
                ""));

        assertThat(survey.path("allHold").asBoolean()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"id\": \"s2\", \"move\": \"show-mixture\", \"settings\": {\"join\": \"0-3\"}}",
                "{\"id\": \"s2\", \"move\": \"show-mixture\", \"settings\": {\"upper\": \"0-3\"}}",
            })
    void a_range_that_begins_before_the_first_card_is_answered(String step) {
        String steps = "{\"id\": \"s1\", \"move\": \"messy\", \"settings\": {}}, " + step;

        assertThat(trace(routine("52", "", steps, ""), "{}").status()).isEqualTo(200);
        assertThat(post("/api/survey", "{\"routine\": " + routine("52", "", steps, "") + "}")
                        .status())
                .isEqualTo(200);
    }

    private static String inOrder(String routine) {
        return routine.replace("\"pack\":", "\"newDeckOrder\": true, \"pack\":");
    }

    /** Three of the twelve places are within ± 3 of the third and one of them is none: those worlds cannot be done. */
    @Test
    void a_key_that_must_not_be_taken_is_left_out_where_it_lies_and_nowhere_else() {
        String roles = SELECTION + ", {\"letter\": \"K\", \"kind\": \"key\", \"card\": \"7S\"}";
        String lifted = """
                {"id": "s1", "move": "lift-packet", "settings": {"end": "bottom", "count": "4", "to": "table:away"}},
                {"id": "s2", "move": "spread-pick", "settings": {"except": "K", "at": "1-12"}}""";
        String about = """
                {"id": "s1", "move": "spread-pick", "settings": {"except": "K", "at": "3±3"}}""";

        // The key went away with the lower four: no number is left out.
        assertThat(survey(inOrder(routine("8", roles, lifted, "")))
                        .path("worlds")
                        .asInt())
                .isEqualTo(12);
        assertThat(survey(inOrder(routine("8", roles, about, "")))
                        .path("worlds")
                        .asInt())
                .isEqualTo(7);
    }

    @Test
    void more_piles_than_can_be_followed_are_a_problem() {
        StringBuilder piles = new StringBuilder();
        for (int i = 0; i < 24; i++) {
            piles.append(i == 0 ? "" : ", ")
                    .append("{\"place\": \"table:p%d\", \"cards\": \"#%d\"}".formatted(i, i + 1));
        }
        String routine = """
                {"format": "crafty-pocket/routine", "version": 1, "title": "Piles",
                 "setUp": {"pack": "52", "piles": [%s]}, "roles": [], "steps": [], "claims": []}""".formatted(piles);

        Answer answer = trace(routine, "{}");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/rule").asString()).contains("at most 24 places");
    }

    @Test
    void a_break_one_card_off_before_a_force_is_named() {
        String roles = "{\"letter\": \"F\", \"kind\": \"force\", \"owner\": \"Tove\", \"card\": \"AH\"}";
        String steps = """
                {"id": "s1", "move": "hold-break", "settings": {"depth": "13"}},
                {"id": "s2", "move": "force-riffle-break", "settings": {"role": "F", "at": "20"}}""";
        // The ace of hearts is the fourteenth card of an untouched pack; the thirteenth is the king of spades.
        String seen =
                "{\"kind\": \"card-at\", \"settings\": {\"card\": \"KS\", \"nth\": \"1\", \"pile\": \"spectator:Tove\"}}";

        JsonNode diagnosis = post(
                        "/api/diagnosis",
                        "{\"computation\": \"d\", \"routine\": %s, \"world\": {}, \"seen\": [%s], \"slips\": {}}"
                                .formatted(routine("52", roles, steps, ""), seen))
                .json();

        assertThat(diagnosis.at("/explanations/0/stepIds/0").asString()).isEqualTo("s1");
        assertThat(diagnosis.at("/explanations/0/watch").asString()).isNotBlank();
    }

    private static String withThings(String things, String steps, String claims) {
        return routine("52", SELECTION, steps, claims)
                .replace("\"pack\": \"52\"", "\"pack\": \"52\", \"cardSize\": \"poker\", \"things\": [" + things + "]");
    }

    @Test
    void a_wallet_holds_a_card_between_two_others_and_is_handed_over() {
        String things = """
                {"name": "wallet", "place": "pocket:inside", "mouth": "open", "wide": 80, "high": 80},
                {"name": "one", "place": "in:wallet", "mouth": "none"},
                {"name": "two", "place": "in:wallet", "mouth": "none"}""";
        String steps = """
                {"id": "s1", "move": "spread-pick", "settings": {"at": "any"}},
                {"id": "s2", "move": "put-in", "settings": {"what": "role", "role": "A", "into": "in:wallet", "where": "behind", "behind": "one"}},
                {"id": "s3", "move": "place-thing", "settings": {"thing": "wallet", "to": "spectator:Ines"}}""";
        String claims = """
                {"id": "in", "claim": {"kind": "lies", "settings": {"place": "in:wallet"}}},
                {"id": "hers", "claim": {"kind": "thing-lies", "settings": {"thing": "wallet", "place": "spectator:Ines"}}}""";
        String routine = withThings(things, steps, claims);

        JsonNode moment = trace(routine, "{}").json().at("/moments/3");
        assertThat(moment.at("/things/0/spot").asString()).isEqualTo("in Ines’s hand");
        assertThat(moment.path("things").findValuesAsString("name")).containsExactly("wallet", "one", "two");
        assertThat(moment.at("/things/1/above").asInt()).isZero();
        assertThat(moment.at("/things/2/above").asInt()).isEqualTo(1);
        assertThat(survey(routine).path("findings").findValuesAsString("verdict"))
                .containsOnly("always");
        // 63.5 across 80, 88.9 along 80; lying, 88.9 does not go across 80.
        assertThat(trace(routine, "{}").json().at("/moments/2/remarks/0/text").asString())
                .startsWith("It sticks out at the mouth by 8.9 mm");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"name\": \"box\", \"place\": \"in:box\", \"mouth\": \"flap\"} | setUp.things[0].place | cannot lie inside itself",
                "{\"name\": \"box\", \"place\": \"in:bag\", \"mouth\": \"flap\"} | setUp.things[0].place | no thing has such a part",
                "{\"name\": \"box\", \"place\": \"table:a\", \"mouth\": \"ajar\"} | setUp.things[0].mouth | must be none",
                "{\"name\": \"box\", \"place\": \"table:a\", \"mouth\": \"flap\", \"wide\": -3} | setUp.things[0].wide | at least 0",
                "{\"name\": \"box\", \"place\": \"table:a\", \"mouth\": \"flap\", \"written\": \"hearts\"} | setUp.things[0].written | name of a card"
            })
    void a_thing_that_cannot_be_is_a_problem_of_its_field(String thing, String field, String rule) {
        Answer answer = trace(withThings(thing, "", ""), "{}");

        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.json().toString()).contains(field, rule);
    }
}
