package craftypocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The program is killed while edits are coming in, and started again on the same data. */
class KilledTest {

    private static final int EDITS_BEFORE_THE_END = 40;

    private final HttpClient client = HttpClient.newHttpClient();
    private String token = "";

    @Test
    void no_acknowledged_edit_is_lost(@TempDir Path data) throws Exception {
        AtomicInteger acknowledged = new AtomicInteger();
        String path;
        try (Application application = Application.start(data)) {
            token = cookie(send("GET", application.url("/api/routines"), "", ""));
            HttpResponse<String> made = send("POST", application.url("/api/routines"), "{\"title\": \"Edit 0\"}", "");
            path = made.headers().firstValue("Location").orElseThrow();
            String url = application.url(path);
            Thread editor = new Thread(() -> editOnAndOn(url, made, acknowledged));
            editor.start();
            while (acknowledged.get() < EDITS_BEFORE_THE_END) {
                Thread.sleep(5);
            }
            application.kill();
            editor.join();
        }

        try (Application again = Application.start(data)) {
            String body = send("GET", again.url(path), "", "").body();
            assertThat(lastEdit(body)).isGreaterThanOrEqualTo(acknowledged.get());
            assertThat(body).contains("\"canUndo\":true");
        }
    }

    private void editOnAndOn(String url, HttpResponse<String> made, AtomicInteger acknowledged) {
        String tag = made.headers().firstValue("ETag").orElseThrow();
        String routine = made.body().replaceFirst(".*\"routine\":", "").replaceFirst("}$", "");
        try {
            for (int edit = 1; ; edit++) {
                HttpResponse<String> answer = send("PUT", url, routine.replace("Edit 0", "Edit " + edit), tag);
                if (answer.statusCode() != 200) {
                    return;
                }
                tag = answer.headers().firstValue("ETag").orElseThrow();
                acknowledged.set(edit);
            }
        } catch (IOException killed) {
            // The program is gone, which is what the test is about.
        }
    }

    private static int lastEdit(String body) {
        Matcher title = Pattern.compile("\"title\":\"Edit (\\d+)\"").matcher(body);
        assertThat(title.find()).isTrue();
        return Integer.parseInt(title.group(1));
    }

    private static String cookie(HttpResponse<String> response) {
        return response.headers().firstValue("Set-Cookie").orElseThrow().replaceFirst("XSRF-TOKEN=([^;]*).*", "$1");
    }

    private HttpResponse<String> send(String method, String url, String body, String tag) throws IOException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url))
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=" + token)
                .header("X-XSRF-TOKEN", token);
        if (!tag.isEmpty()) {
            request.header("If-Match", tag);
        }
        try {
            return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IOException(stopped);
        }
    }
}
