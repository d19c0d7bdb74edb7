package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Set-ups with special cards, piles and marks, over HTTP. */
@ExtendWith(RunningApplication.class)
class SetUpApiTest {

    private static String routine(String setUp, String roles, String steps) {
        return """
                {"format": "crafty-pocket/routine", "version": 1, "title": "Under test",
                 "setUp": {%s}, "roles": [%s], "steps": [%s], "claims": []}""".formatted(setUp, roles, steps);
    }

    private static JsonNode trace(String routine) {
        return post("/api/trace", "{\"routine\": " + routine + "}").json();
    }

    @Test
    void both_sides_marks_and_what_is_special_reach_the_screen() {
        JsonNode cards = trace(routine(
                        "\"pack\": \"none\", \"extra\": \"KH/AC back/back QC/back-red 5S\","
                                + " \"markings\": [{\"card\": \"5S\", \"mark\": \"short\"}]",
                        "",
                        ""))
                .path("cards");

        assertThat(cards.get(0).path("back").path("sign").asString()).isEqualTo("A♣");
        assertThat(cards.get(0).path("red").asBoolean()).isTrue();
        assertThat(cards.get(0).path("special").asBoolean()).isTrue();
        assertThat(cards.get(1).path("code").asString()).isEqualTo("back/back");
        assertThat(cards.get(2).path("back").path("design").asString()).isEqualTo("red");
        assertThat(cards.get(3).path("marks").get(0).asString()).isEqualTo("short");
        assertThat(cards.get(3).path("special").asBoolean()).isFalse();
    }

    @Test
    void piles_lie_where_they_were_laid_and_slugs_are_followed() {
        JsonNode start = trace(routine(
                        "\"pack\": \"8\", \"order\": \"4S 5S\", \"piles\": [{\"place\": \"palm\", \"cards\": \"AS↑ 2S\"}]",
                        "{\"letter\": \"S\", \"kind\": \"slug\", \"owner\": \"\", \"card\": \"5S 3S\"}",
                        ""))
                .path("moments")
                .get(0);

        assertThat(start.path("piles").get(0).path("cards").size()).isEqualTo(6);
        assertThat(start.path("piles").get(1).path("place").asString()).isEqualTo("palm");
        assertThat(start.path("piles").get(1).path("faceUp").get(0).asBoolean()).isTrue();
        assertThat(start.path("roles").get(0).path("slug").findValuesAsString("position"))
                .containsExactly("2", "3");
    }

    @Test
    void advice_and_what_a_count_passes_for_come_with_the_step() {
        JsonNode trace = trace(routine(
                "\"pack\": \"none\", \"extra\": \"KS QS JS 10S 9S\", \"piles\": [{\"place\": \"other-hand\","
                        + " \"cards\": \"KS↑ QS↑ JS↑ 10S↑ 9S↑\"}]",
                "",
                "{\"id\": \"c\", \"move\": \"hidden-third\"}"));
        JsonNode moment = trace.at("/moments/1");

        assertThat(moment.path("passed").path("really").asInt()).isEqualTo(5);
        assertThat(moment.path("passed").path("seeming").asInt()).isEqualTo(4);
        assertThat(trace.path("hints").findValuesAsString("rule")).containsExactly("card-shown-twice", "thick-packet");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"pack\": \"none\" | without a pack",
                "\"pack\": \"52\", \"extra\": \"ZZ\" | it must be a card",
                "\"pack\": \"52\", \"order\": \"QC QC\" | placed already",
                "\"pack\": \"52\", \"piles\": [{\"place\": \"deck\", \"cards\": \"QC\"}] | away from the deck",
                "\"pack\": \"52\", \"markings\": [{\"card\": \"QC\", \"mark\": \"shiny\"}] | no such mark"
            })
    void what_cannot_be_laid_is_refused_in_words(String setUp, String rule) {
        var answer = post("/api/trace", "{\"routine\": " + routine(setUp, "", "") + "}");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("problems").toString()).contains(rule);
    }

    @Test
    void set_ups_survive_saving_and_reading_again() {
        String file = routine(
                "\"pack\": \"54\", \"extra\": \"KH/AC\", \"order\": \"KH/AC↑ J1\", \"bend\": true,"
                        + " \"piles\": [{\"place\": \"under:case\", \"cards\": \"QD\"}],"
                        + " \"markings\": [{\"card\": \"7C\", \"mark\": \"salted\"}]",
                "",
                "");
        String id = post("/api/routines/from-file", file).json().path("id").asString();
        JsonNode setUp = get("/api/routines/" + id).json().path("routine").path("setUp");

        assertThat(setUp.path("extra").asString()).isEqualTo("KH/AC");
        assertThat(setUp.path("order").asString()).isEqualTo("KH/AC↑ J1");
        assertThat(setUp.path("bend").asBoolean()).isTrue();
        assertThat(setUp.path("piles").get(0).path("place").asString()).isEqualTo("under:case");
        assertThat(setUp.path("markings").get(0).path("mark").asString()).isEqualTo("salted");
    }
}
