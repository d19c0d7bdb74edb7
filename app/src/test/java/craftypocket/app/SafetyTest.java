package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class SafetyTest {

    @Test
    void a_request_from_another_page_is_refused_with_a_problem_document() {
        HttpRequest.Builder forged = HttpRequest.newBuilder(
                        RunningApplication.base().resolve("/api/routines"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"title\": \"Forged\"}"));

        Answer answer = new Answer(403, RunningApplication.send(forged));

        assertThat(answer.response().statusCode()).isEqualTo(403);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.json().path("detail").asString()).contains("Reload the page");
    }

    @Test
    void a_request_under_a_foreign_host_name_is_refused() throws IOException {
        try (Socket socket = new Socket("127.0.0.1", RunningApplication.base().getPort());
                InputStream in = socket.getInputStream()) {
            socket.getOutputStream()
                    .write("GET /api/routines HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));

            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)).startsWith("HTTP/1.1 400");
        }
    }

    @Test
    void pages_may_load_nothing_from_elsewhere_and_run_no_inline_script() {
        Answer page = get("/bench/some-view");

        assertThat(page.status()).isEqualTo(200);
        assertThat(page.response().body()).contains("<div id=\"app\">");
        String policy =
                page.response().headers().firstValue("Content-Security-Policy").orElseThrow();
        assertThat(policy).contains("default-src 'none'", "script-src 'self'").doesNotContain("unsafe", "http:", "*");
    }

    @Test
    void a_page_asked_for_without_its_body_has_the_same_headers() {
        List<String> none = List.of("set-cookie", "date", "content-length", "transfer-encoding");
        for (String path : List.of("/", "/bench/some-view", "/api/routines")) {
            Map<String, List<String>> with =
                    new TreeMap<>(get(path).response().headers().map());
            Map<String, List<String>> without = new TreeMap<>(RunningApplication.send(
                            HttpRequest.newBuilder(RunningApplication.base().resolve(path))
                                    .method("HEAD", HttpRequest.BodyPublishers.noBody()))
                    .headers()
                    .map());
            none.forEach(with::remove);
            none.forEach(without::remove);

            assertThat(without).as(path).isEqualTo(with).containsKey("content-security-policy");
        }
        assertThat(get("/api/routines").response().headers().firstValue("Cache-Control"))
                .contains("no-store");
        assertThat(get("/").response().headers().firstValue("Cache-Control")).contains("no-cache");
    }

    @Test
    void an_address_that_is_no_text_is_not_understood() {
        for (String path :
                List.of("/api/journal?kind=%FF", "/api/journal?routine=%C3%28", "/api/reckoner/order?cards=%E2%82")) {
            Answer answer = get(path);

            assertThat(answer.status()).as(path).isEqualTo(400);
            assertThat(answer.json().path("detail").asString()).contains("UTF-8");
        }
    }

    /** A body that is begun and never sent takes a thread that waits for it; those who read have threads of their own. */
    @Test
    void while_hundreds_send_half_of_something_others_read() throws IOException {
        List<Socket> half = new ArrayList<>();
        try {
            for (int i = 0; i < 350; i++) {
                half.add(begun("POST", "/api/routines", "application/json", 1000));
            }

            Answer read = RunningApplication.at(
                    RunningApplication.base().resolve("/api/routines").toString());

            assertThat(read.status()).isEqualTo(200);
            long waiting = 0;
            for (Socket socket : half) {
                waiting += socket.getInputStream().available() == 0 ? 1 : 0;
            }
            assertThat(waiting).as("half sent, when others were answered").isGreaterThan(100);
        } finally {
            for (Socket socket : half) {
                socket.close();
            }
        }
    }

    /** Whatever is too large is refused before it is sent, and the refusal arrives. */
    @Test
    void what_is_too_large_is_refused_in_words_before_it_is_read() throws IOException {
        for (String[] file : new String[][] {
            {"/api/routines", "application/json", "4000001"},
            {"/api/backup", "application/zip", "250000001"},
            {"/api/journal/table.csv", "text/csv", "8000001"}
        }) {
            try (Socket socket = begun("POST", file[0], file[1], Integer.parseInt(file[2]))) {
                byte[] begin = socket.getInputStream().readNBytes(12);

                assertThat(new String(begin, StandardCharsets.US_ASCII))
                        .as(file[0])
                        .isEqualTo("HTTP/1.1 413");
            }
        }
    }

    /** A connection on which so many bytes are promised, and a few are sent. */
    private static Socket begun(String method, String path, String type, int length) throws IOException {
        String[] own = RunningApplication.ownHeaders();
        Socket socket = new Socket("127.0.0.1", RunningApplication.base().getPort());
        socket.getOutputStream().write("""
                %s %s HTTP/1.1\r
                Host: 127.0.0.1\r
                %s: %s\r
                %s: %s\r
                Content-Type: %s\r
                Content-Length: %d\r
                \r
                {"title":""".formatted(method, path, own[0], own[1], own[2], own[3], type, length)
                .getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
        return socket;
    }

    @Test
    void demo_routines_come_once_and_only_if_they_are_wanted(@TempDir Path data) throws IOException {
        assertThat(routinesAfterStart(data.resolve("empty"), "false")).isZero();
        assertThat(routinesAfterStart(data.resolve("empty"), "true")).isZero();
        assertThat(routinesAfterStart(data.resolve("demo"), "true"))
                .isEqualTo(DemoRoutinesTest.demos().size());
        assertThat(routinesAfterStart(data.resolve("demo"), "true"))
                .isEqualTo(DemoRoutinesTest.demos().size());
    }

    /** What the journal shows of the year: runs and slips in every month, and each figure better at its end. */
    @Test
    void the_demo_evening_has_a_year_of_practice(@TempDir Path data) throws IOException {
        try (ConfigurableApplicationContext application =
                RunningApplication.start(data, RunningApplication.WITH_PRACTICE)) {
            String base = "http://127.0.0.1:" + RunningApplication.port(application);
            JsonNode months = RunningApplication.at(base + "/api/journal/figures?kind=rehearsal")
                    .json()
                    .path("months");
            assertThat(months.size()).isBetween(12, 13);

            String plank = null;
            for (JsonNode routine :
                    RunningApplication.at(base + "/api/routines").json()) {
                plank = routine.path("title").asString().equals("The loose plank")
                        ? routine.path("id").asString()
                        : plank;
            }
            JsonNode progress = RunningApplication.at(base + "/api/journal/over-time?routine=" + plank)
                    .json();
            assertThat(progress.path("steps").size()).isEqualTo(2);
            JsonNode seconds = progress.path("steps").get(0).path("points");
            assertThat(last(seconds)).isLessThan(seconds.get(0).path("value").asDouble());
            assertThat(progress.path("tempo").size()).isEqualTo(2);
            JsonNode tempo = progress.path("tempo").get(0).path("points");
            assertThat(last(tempo)).isGreaterThan(tempo.get(0).path("value").asDouble());
            JsonNode margins = progress.path("margins");
            assertThat(margins.get(margins.size() - 1).path("margin").asInt())
                    .isLessThan(margins.get(0).path("margin").asInt());
        }
    }

    private static double last(JsonNode points) {
        return points.get(points.size() - 1).path("value").asDouble();
    }

    private static int routinesAfterStart(Path data, String demo) {
        try (ConfigurableApplicationContext application = RunningApplication.start(data, demo)) {
            return application
                    .getBean(JdbcClient.class)
                    .sql("select count(*) from routine")
                    .query(Integer.class)
                    .single();
        }
    }
}
