package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is let in, and how the rest is turned away. */
@ExtendWith(RunningApplication.class)
class EdgeTest {

    private static Answer sent(HttpRequest.Builder request) {
        var response = RunningApplication.send(request);
        return new Answer(response.statusCode(), response);
    }

    private static HttpRequest.Builder to(String path, String... headers) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(RunningApplication.base().resolve(path));
        return headers.length == 0 ? request : request.headers(headers);
    }

    private static void assertProblem(Answer answer, int status) {
        assertThat(answer.status()).as("%s", answer.response().body()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.json().path("title").asString()).isNotBlank();
        assertThat(answer.json().path("detail").asString()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({
        "Sec-Fetch-Site, cross-site",
        "Sec-Fetch-Site, same-site",
        "Origin, https://elsewhere.example",
        "Origin, null",
        "Origin, http://127.0.0.1:1"
    })
    void a_page_of_another_site_gets_no_answer_not_even_to_reading(String header, String value) {
        for (String path : new String[] {"/api/routines", "/api/reckoner/order?cards=12", "/v3/api-docs"}) {
            assertProblem(sent(to(path, header, value)), 403);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"same-origin", "none"})
    void this_page_and_typed_addresses_are_answered(String site) {
        assertThat(sent(to("/api/folder", "Sec-Fetch-Site", site)).status()).isEqualTo(200);
        String own = RunningApplication.base().toString();
        assertThat(sent(to("/api/folder", "Origin", own)).status()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "application/yaml",
                "application/x-yaml",
                "application/x-www-form-urlencoded",
                "multipart/form-data; boundary=x",
                "text/plain",
                "*/*",
                "application/*",
                "nonsense",
                "application/xml"
            })
    void only_json_is_read(String type) {
        Answer answer = sent(to("/api/routines", RunningApplication.ownHeaders())
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString("{\"title\": \"As " + type.replace("\"", "") + "\"}")));

        assertProblem(answer, 415);
        assertThat(get("/api/routines").response().body()).doesNotContain("As " + type);
    }

    @Test
    void yaml_is_not_written_either() {
        assertThat(sent(to("/api/folder", "Accept", "application/yaml")).status())
                .isEqualTo(406);
    }

    @Test
    void what_is_no_utf_8_is_refused() {
        byte[] broken = "{\"title\": \"caf?\"}".getBytes(StandardCharsets.US_ASCII);
        broken[14] = (byte) 0xE9;

        Answer answer = sent(to("/api/routines", RunningApplication.ownHeaders())
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(broken)));

        assertProblem(answer, 400);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/error", "/actuator", "/actuator/health", "/x.y/z", "/none.txt", "/api/none"})
    void where_there_is_nothing_nothing_is_found(String path) {
        assertProblem(get(path), 404);
    }

    @Test
    void logging_out_is_no_thing() {
        assertThat(post("/logout", "").status()).isIn(404, 405);
    }

    @Test
    void every_answer_says_what_browsers_may_do_with_it() {
        var headers = get("/api/folder").response().headers();

        assertThat(headers.firstValue("Permissions-Policy").orElseThrow()).contains("camera=()", "microphone=(self)");
        assertThat(headers.firstValue("Cross-Origin-Opener-Policy")).contains("same-origin");
        assertThat(headers.firstValue("Cross-Origin-Resource-Policy")).contains("same-origin");
        String cookie = sent(to("/api/folder"))
                .response()
                .headers()
                .firstValue("Set-Cookie")
                .orElseThrow();
        assertThat(cookie).contains("SameSite=Strict");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/reckoner/cut?cards=52&from=1 | 422 | to | missing | it is needed",
                "/api/reckoner/cut?cards=52&from=0&to=3 | 422 | from | 0 | at least 1",
                "/api/reckoner/cut?cards=52&from=nine&to=3 | 422 | from | nine | it must be a number",
                "/api/reckoner/spelling?language=LATIN | 422 | language | LATIN | it must be one of ENGLISH",
                "/api/reckoner/order?cards=99 | 422 | cards | 99 | at most 26"
            })
    void a_wrong_parameter_is_named_with_its_value_its_rule_and_its_cure(
            String path, int status, String field, String value, String rule) {
        Answer answer = get(path);

        assertProblem(answer, status);
        JsonNode problem = answer.json().at("/problems/0");
        assertThat(problem.path("field").asString()).isEqualTo(field);
        assertThat(problem.path("value").asString()).isEqualTo(value);
        assertThat(problem.path("rule").asString()).startsWith(rule);
        assertThat(problem.path("cure").asString()).isNotBlank();
    }

    @Test
    void what_the_framework_refuses_is_a_problem_document_too() {
        assertProblem(sent(to("/api/folder", RunningApplication.ownHeaders()).DELETE()), 405);
        assertProblem(get("/api/routines/no-uuid"), 404);
        Answer odd = put(
                "/api/routines/" + UUID.randomUUID(), RunningApplication.demo(1), "Edit-Id", "mine", "If-Match", "0");
        assertProblem(odd, 422);
        assertThat(odd.json().at("/problems/0/field").asString()).isEqualTo("Edit-Id");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "GET /api/routines HTTP/1.1\r\nHost: elsewhere.example\r\n",
                "GET /api//routines HTTP/1.1\r\nHost: 127.0.0.1\r\n",
                "GET /api/routines;x=1 HTTP/1.1\r\nHost: 127.0.0.1\r\n",
                "GET /api/%2e%2e/x HTTP/1.1\r\nHost: 127.0.0.1\r\n",
                "TRACE /api/routines HTTP/1.1\r\nHost: 127.0.0.1\r\n"
            })
    void what_the_server_itself_refuses_is_a_problem_document(String request) throws IOException {
        String answer = raw(request);

        assertThat(answer).containsPattern("^HTTP/1.1 4\\d\\d").contains("application/problem+json", "\"detail\"");
        assertThat(answer).doesNotContain("<html", "Exception");
    }

    private static String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", RunningApplication.base().getPort());
                InputStream in = socket.getInputStream()) {
            socket.getOutputStream().write((request + "Connection: close\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {" ", "\u200b", "\u200b\u2060 \u00ad", "\ufeff", "line\nfeed", "\u2028"})
    void titles_and_tags_can_be_seen_and_are_one_line(String text) {
        ObjectNode title = RunningApplication.JSON.createObjectNode().put("title", text);
        assertProblem(post("/api/routines", title.toString()), 422);

        ObjectNode file = (ObjectNode) RunningApplication.JSON.readTree(RunningApplication.demo(1));
        file.withArray("tags").add(text);
        Answer tagged = post("/api/routines/from-file", file.toString());
        assertProblem(tagged, 422);
        assertThat(tagged.json().at("/problems/0/field").asString()).startsWith("tags");
    }

    @Test
    void the_title_of_a_copy_is_cut_at_a_whole_character() {
        // The flag is four letters of the machine and one for people.
        String title = "x".repeat(110) + "\uD83C\uDDF3\uD83C\uDDF4" + "yyyyy";
        Answer made = post(
                "/api/routines",
                RunningApplication.JSON.createObjectNode().put("title", title).toString());

        String copied = post("/api/routines/" + made.json().path("id").asString() + "/copy", "")
                .json()
                .at("/routine/title")
                .asString();

        assertThat(copied).isEqualTo("Copy of " + "x".repeat(110));
        assertThat(List.of(copied.length(), title.length())).containsExactly(118, 119);
    }

    @Test
    void a_read_that_says_it_brings_any_type_is_refused() {
        for (String path : List.of("/api/backup", "/api/journal/table.csv", "/api/routines")) {
            assertThat(RunningApplication.send(HttpRequest.newBuilder(
                                            RunningApplication.base().resolve(path))
                                    .header("Content-Type", "*/*"))
                            .statusCode())
                    .as(path)
                    .isEqualTo(415);
        }
    }
}
