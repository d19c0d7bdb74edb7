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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

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
    void demo_routines_come_once_and_only_if_they_are_wanted(@TempDir Path data) throws IOException {
        assertThat(routinesAfterStart(data.resolve("empty"), "false")).isZero();
        assertThat(routinesAfterStart(data.resolve("empty"), "true")).isZero();
        assertThat(routinesAfterStart(data.resolve("demo"), "true"))
                .isEqualTo(DemoRoutinesTest.demos().size());
        assertThat(routinesAfterStart(data.resolve("demo"), "true"))
                .isEqualTo(DemoRoutinesTest.demos().size());
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
