package craftypocket.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.CompletableFuture;

/** Speaks to an application as a script does: with its token. */
final class Http {

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    /** Where the application is, without a path. */
    private final String base;

    private final String token;

    Http(Application application) throws IOException {
        this(application.url(""));
    }

    Http(String base) throws IOException {
        this.base = base;
        String cookie = answer(HttpRequest.newBuilder(URI.create(base + "/api/folder")))
                .headers()
                .firstValue("Set-Cookie")
                .orElseThrow();
        token = cookie.replaceFirst("XSRF-TOKEN=([^;]*).*", "$1");
    }

    private static HttpResponse<String> answer(HttpRequest.Builder request) throws IOException {
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IOException(stopped);
        }
    }

    /** @param headers in pairs */
    private HttpRequest.Builder request(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=" + token)
                .header("X-XSRF-TOKEN", token);
        return headers.length == 0 ? request : request.headers(headers);
    }

    HttpResponse<String> send(String method, String path, String body, String... headers) throws IOException {
        return answer(request(method, path, body, headers));
    }

    HttpResponse<String> get(String path) throws IOException {
        return answer(HttpRequest.newBuilder(URI.create(base + path)));
    }

    CompletableFuture<HttpResponse<String>> later(String method, String path, String body) {
        return CLIENT.sendAsync(request(method, path, body).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** The version of what is at an address, as an edit has to name it. */
    String tag(String path) throws IOException {
        return tag(get(path));
    }

    /** The version that an edit led to. */
    static String tag(HttpResponse<String> answer) {
        return answer.headers().firstValue("ETag").orElseThrow();
    }

    byte[] bytes(String path) throws IOException {
        try {
            return CLIENT.send(
                            HttpRequest.newBuilder(URI.create(base + path)).build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IOException(stopped);
        }
    }

    CompletableFuture<HttpResponse<String>> sendFile(String path, String type, byte[] file) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path))
                .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                .header("Content-Type", type)
                .header("Cookie", "XSRF-TOKEN=" + token)
                .header("X-XSRF-TOKEN", token)
                .build();
        return CLIENT.sendAsync(request, HttpResponse.BodyHandlers.ofString());
    }
}
