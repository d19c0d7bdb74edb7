package craftypocket.app;

import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What people think and see, as a page asks for it. What comes is worked out by hand from what each routine shows. */
@ExtendWith(RunningApplication.class)
class SeemingApiTest {

    private static String body(String setUp, String steps) {
        return """
                {"world": {}, "routine": {"format": "crafty-pocket/routine", "version": 1, "title": "Seen", "setUp": {%s},
                 "roles": [{"letter": "A", "kind": "selection", "owner": "Ines"}], "steps": [%s],
                 "claims": [{"id": "all", "claim": {"kind": "beliefs-true"}}]}}""".formatted(setUp, steps);
    }

    private static String step(String id, String move, String settings) {
        return "{\"id\": \"%s\", \"move\": \"%s\", \"settings\": {%s}}".formatted(id, move, settings);
    }

    private static final String DECK = "\"pack\": \"52\"";

    private static final String JACKS =
            "\"pack\": \"none\", \"extra\": \"JS JH blank JD\", \"piles\": [{\"place\": \"other-hand\", \"cards\": \"JS↑ JH↑ blank↑ JD↑\"}]";

    private static List<String> kinds(JsonNode seen, String which) {
        return StreamSupport.stream(seen.path("moments").spliterator(), false)
                .flatMap(moment -> StreamSupport.stream(moment.path(which).spliterator(), false))
                .map(wonder -> wonder.path("kind").asString())
                .toList();
    }

    private static String several(String... steps) {
        return String.join(", ", steps);
    }

    @Test
    void a_double_changes_on_the_table_and_where_they_part_is_told() {
        String turned = step("turn", "turn-top", "\"pile\": \"table:aside\"")
                .replace("}}", "}, \"audience\": {\"effect\": \"yes\"}}");
        JsonNode seen = post(
                        "/api/trace/seen",
                        body(
                                DECK,
                                several(
                                        step("lift", "multiple-lift", "\"count\": \"2\""),
                                        step(
                                                "deal",
                                                "deal-singly",
                                                "\"count\": \"1\", \"face\": \"down\", \"to\": \"table:aside\""),
                                        turned)))
                .json();

        assertThat(kinds(seen, "effects")).containsExactly("changed");
        assertThat(kinds(seen, "flaws")).isEmpty();
        assertThat(seen.at("/moments/2/parts/0/place").asString()).isEqualTo("table:aside");
        assertThat(seen.at("/moments/2/piles/1/cards/0/sign").asString()).isNotEmpty();
    }

    @Test
    void a_controlled_card_is_found_and_the_method_is_told_apart() {
        JsonNode account = post(
                        "/api/account",
                        body(
                                DECK,
                                several(
                                        step("pick", "spread-pick", "\"role\": \"A\""),
                                        step("up", "jog-control", "\"role\": \"A\""),
                                        step("turn", "top-card-turn", "\"role\": \"A\""))))
                .json();

        assertThat(account.at("/told/3").asString()).isEqualTo("The top card of the deck is Ines’s card.");
        assertThat(account.at("/methods/0/rests/0").asString()).isEqualTo("up");
        assertThat(account.at("/methods/0/away").asInt()).isEqualTo(1);
        assertThat(account.path("unclean")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"51, vanished", "30, ''"})
    void a_palmed_card_is_missed_where_they_count_to_the_end(String count, String flaw) {
        JsonNode seen = post(
                        "/api/trace/seen",
                        body(
                                DECK,
                                several(
                                        step("palm", "palm-top", "\"count\": \"1\""),
                                        step(
                                                "deal",
                                                "deal-singly",
                                                "\"count\": \"" + count + "\", \"face\": \"down\""))))
                .json();

        assertThat(kinds(seen, "flaws")).isEqualTo(flaw.isEmpty() ? List.of() : List.of(flaw));
    }

    /** A blank that was counted away cannot be handed out, as it always could when only numbers of cards were believed. */
    @Test
    void four_jacks_with_a_blank_can_never_be_examined() {
        String asked = body(JACKS, step("count", "hidden-third", ""));

        JsonNode survey =
                post("/api/survey", asked.replace("\"world\": {}, ", "")).json();
        JsonNode account = post("/api/account", asked).json();

        assertThat(survey.at("/findings/0/verdict").asString()).isEqualTo("never");
        assertThat(account.path("unclean").toString()).contains("is a blank card; they take it for");
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"effect\": \"maybe\"}', must be as-taught",
        "'{\"thinks\": \"LONG\"}', at most 200 letters",
        "'{\"look\": \"nothing\"}', look"
    })
    void what_no_step_can_be_is_refused_in_words(String audience, String rule) {
        String said = audience.replace("LONG", "so ".repeat(3000));
        RunningApplication.Answer answer = post(
                "/api/account",
                body(DECK, step("cut", "complete-cut", "").replace("}}", "}, \"audience\": " + said + "}")));

        assertThat(answer.response().statusCode()).isBetween(400, 422);
        assertThat(answer.json().toString()).contains(rule);
    }
}
