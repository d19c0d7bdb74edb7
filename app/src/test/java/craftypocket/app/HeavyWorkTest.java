package craftypocket.app;

import static craftypocket.app.RunningApplication.delete;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.app.RunningApplication.Answer;
import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Surveys and their like wait in a queue, end when they are told to or nobody waits, and answer within bounds. */
@ExtendWith(RunningApplication.class)
class HeavyWorkTest {

    /** The longest steps a routine can have, and as many, with as many claims and cards to follow. */
    private static String heaviest(String chunk) {
        String chunks = String.join(" ", Collections.nCopies(24, chunk));
        String steps = IntStream.range(0, 100)
                .mapToObj(i -> "{\"id\": \"s%d\", \"move\": \"overhand\", \"settings\": {\"chunks\": \"%s\"}}"
                        .formatted(i, chunks))
                .collect(Collectors.joining(","));
        String roles = IntStream.range(0, 12)
                .mapToObj(i -> "{\"letter\": \"%c\", \"kind\": \"key\", \"card\": \"%s\"}".formatted('A' + i, card(i)))
                .collect(Collectors.joining(","));
        String placed = IntStream.range(0, 12)
                .mapToObj(i -> "{\"card\": \"%s\", \"nth\": %d, \"from\": \"top\"}".formatted(card(i), i + 1))
                .collect(Collectors.joining(","));
        String claims = IntStream.range(0, 40)
                .mapToObj(i ->
                        "{\"id\": \"c%d\", \"after\": \"s%d\", \"claim\": {\"kind\": \"position\", \"settings\": {\"role\": \"%c\", \"nth\": \"1\"}}}"
                                .formatted(i, 2 * i, 'A' + i % 12))
                .collect(Collectors.joining(","));
        return "{\"format\": \"crafty-pocket/routine\", \"version\": 1, \"title\": \"Heaviest\","
                + " \"setUp\": {\"pack\": \"54\", \"placements\": [%s]}, \"roles\": [%s], \"steps\": [%s], \"claims\": [%s]}"
                        .formatted(placed, roles, steps, claims);
    }

    private static String card(int i) {
        return new String[] {"AS", "2S", "3S", "4S", "5S", "6S", "7S", "8S", "9S", "10S", "JS", "QS"}[i];
    }

    private static String asked(String routine, String name) {
        return "{\"routine\": " + routine + ", \"computation\": \"" + name + "\"}";
    }

    private static int running() {
        return get("/api/computations").json().path("running").asInt();
    }

    private static void waitUntil(int count) throws InterruptedException {
        for (int tries = 0; tries < 300 && running() != count; tries++) {
            Thread.sleep(20);
        }
        assertThat(running()).isEqualTo(count);
    }

    @Test
    void a_survey_that_is_told_to_stop_answers_with_the_fair_sample_it_has() throws Exception {
        JsonNode survey = stoppedAfter(700);
        // A machine with something else to do may not have come to its first way: then it is given longer.
        for (int millis = 1_400; survey.path("worlds").asLong() == 0 && millis < 60_000; millis *= 2) {
            survey = stoppedAfter(millis);
        }

        assertThat(survey.path("stopped").asBoolean()).isTrue();
        assertThat(survey.path("exhaustive").asBoolean()).isFalse();
        assertThat(survey.path("seed").asInt()).as("it is a sample").isPositive();
        assertThat(survey.path("worlds").asLong()).isBetween(1L, 99_999L);
    }

    private static JsonNode stoppedAfter(int millis) throws Exception {
        waitUntil(0);
        CompletableFuture<Answer> asked =
                CompletableFuture.supplyAsync(() -> post("/api/survey", asked(heaviest("1-3"), "told-to-stop")));
        waitUntil(1);
        Thread.sleep(millis);
        assertThat(delete("/api/computations/told-to-stop").status()).isEqualTo(200);
        JsonNode survey = asked.get().json();
        waitUntil(0);
        return survey;
    }

    /** As soon as it takes longer than a moment; no verdict is settled by it. */
    @Test
    void a_survey_that_is_under_way_or_waits_has_ways_behind_it() throws Exception {
        waitUntil(0);
        List<CompletableFuture<Answer>> asked = IntStream.range(0, 3)
                .mapToObj(i -> CompletableFuture.supplyAsync(() ->
                        post("/api/survey", asked(heaviest("1-" + (i + 3)), "glanced-" + i))))
                .toList();
        for (int i = 0; i < 3; i++) {
            JsonNode seen = glanced("glanced-" + i);
            assertThat(seen.path("underWay").asBoolean()).isTrue();
            assertThat(seen.path("worlds").asLong()).isPositive();
            assertThat(seen.path("findings").findValuesAsString("verdict"))
                    .isNotEmpty()
                    .doesNotContain("always", "never");
        }
        for (int i = 0; i < 3; i++) {
            delete("/api/computations/glanced-" + i);
            JsonNode answer = asked.get(i).get().json();
            assertThat(answer.path("worlds").asLong()).isPositive();
            assertThat(answer.path("underWay").asBoolean()).isFalse();
            assertThat(answer.path("allHold").asBoolean()).isFalse();
        }
        assertThat(get("/api/survey/glanced-0").json().path("survey").isNull()).isTrue();
    }

    private static JsonNode glanced(String name) throws InterruptedException {
        JsonNode seen = get("/api/survey/" + name).json().path("survey");
        for (int tries = 0; tries < 300 && !seen.isObject(); tries++) {
            Thread.sleep(20);
            seen = get("/api/survey/" + name).json().path("survey");
        }
        return seen;
    }

    @Test
    void a_survey_ends_by_itself_when_whoever_asked_hangs_up() throws Exception {
        waitUntil(0);
        try (Socket socket = surveyAsked(asked(heaviest("1-2"), "hung-up"))) {
            assertThat(socket.isConnected()).isTrue();
            waitUntil(1);
        }

        waitUntil(0);
    }

    @Test
    void another_of_the_same_name_takes_the_place_of_the_one_before() throws Exception {
        waitUntil(0);
        CompletableFuture<Answer> first =
                CompletableFuture.supplyAsync(() -> post("/api/survey", asked(heaviest("2-3"), "one-view")));
        waitUntil(1);
        CompletableFuture<Answer> second =
                CompletableFuture.supplyAsync(() -> post("/api/survey", asked(heaviest("2-4"), "one-view")));

        assertThat(first.get().json().path("stopped").asBoolean()).isTrue();
        delete("/api/computations/one-view");
        assertThat(second.get().status()).isEqualTo(200);
    }

    @Test
    void while_very_many_wait_the_shelf_and_edits_are_answered_and_too_many_are_refused() throws Exception {
        waitUntil(0);
        List<Socket> waiting = new ArrayList<>();
        try {
            // It takes longer than it is let, so that its answer is never remembered.
            String routine = heaviest("1-3");
            for (int i = 0; i < 540; i++) {
                waiting.add(surveyAsked(asked(routine, "many-" + i)));
            }
            for (int tries = 0; tries < 1500 && running() < 400; tries++) {
                Thread.sleep(20);
            }
            // Those that are read at the same moment, 120 at most, may all have seen the last place free.
            assertThat(running()).isBetween(400, 520);
            assertThat(get("/api/routines").status()).isEqualTo(200);
            assertThat(post("/api/routines", "{\"title\": \"Meanwhile\"}").status())
                    .isEqualTo(201);
            List<String> refused = new ArrayList<>();
            for (Socket socket : waiting) {
                String answer = new String(
                        socket.getInputStream()
                                .readNBytes(socket.getInputStream().available()),
                        StandardCharsets.UTF_8);
                if (answer.startsWith("HTTP/1.1 503")) {
                    refused.add(answer);
                }
            }
            assertThat(refused).isNotEmpty().allMatch(answer -> answer.contains("ask again"));
        } finally {
            for (Socket socket : waiting) {
                socket.close();
            }
        }
        waitUntil(0);
    }

    /** A connection on which a survey was asked for, and whose answer nobody has read yet. */
    private static Socket surveyAsked(String question) throws IOException {
        byte[] body = question.getBytes(StandardCharsets.UTF_8);
        String[] own = RunningApplication.ownHeaders();
        String head =
                "POST /api/survey HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n%s: %s\r\n%s: %s\r\nContent-Length: %d\r\n\r\n"
                        .formatted(own[0], own[1], own[2], own[3], body.length);
        Socket socket = new Socket("127.0.0.1", RunningApplication.base().getPort());
        socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().write(body);
        return socket;
    }

    @Test
    void the_largest_answers_are_some_hundred_kilobytes() {
        String routine = heaviest("1-3");

        Answer trace = post("/api/trace", "{\"routine\": " + routine + ", \"world\": {}}");
        Answer survey = post("/api/survey", asked(routine, "largest"));

        assertThat(trace.response().body().length()).isBetween(100_000, 1_000_000);
        assertThat(survey.response().body().length()).isBetween(50_000, 550_000);
        assertThat(survey.json().path("stopped").asBoolean()).isTrue();
        assertThat(survey.json().path("worlds").asLong()).isPositive();
    }

    /** An answer that has begun says 200 already: it is broken off, and no problem stands where an answer is read. */
    @Test
    void a_computation_that_fails_when_its_answer_has_begun_is_broken_off() {
        assertThatThrownBy(() -> RunningApplication.send(
                        HttpRequest.newBuilder(RunningApplication.base().resolve("/test/fails-after/400"))))
                .hasRootCauseInstanceOf(IOException.class);
        assertThat(get("/api/routines").status()).isEqualTo(200);
    }
}
