package craftypocket.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.core.env.MapPropertySource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Starts the real application once for all tests, on a free port and a folder of its own, and speaks HTTP to it. */
public final class RunningApplication implements BeforeAllCallback {

    static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    /** Where it is, and the token that shows a request is from its own page. */
    private record Instance(ConfigurableApplicationContext application, URI base, String token) {}

    private static Instance instance;

    /** For tests that leave behind what would be in the way of others: an application of their own. */
    static class OfItsOwn implements BeforeAllCallback, AfterAllCallback {

        private Instance shared;

        /** What is different about it. */
        ApplicationContextInitializer<ConfigurableApplicationContext> difference() {
            return context -> {};
        }

        @Override
        public void beforeAll(ExtensionContext context) throws IOException {
            shared = instance;
            instance = started(difference());
        }

        @Override
        public void afterAll(ExtensionContext context) {
            instance.application().close();
            instance = shared;
        }
    }

    /** Of its own, and begun on the same evening each time, so that what is due, late and long ago is so each time. */
    static final class OnTheSameEvening extends OfItsOwn {

        private static final Instant EVENING = Instant.parse("2026-05-04T20:00:00Z");

        @Override
        ApplicationContextInitializer<ConfigurableApplicationContext> difference() {
            Clock clock = Clock.offset(Clock.tickMillis(ZoneOffset.UTC), Duration.between(Instant.now(), EVENING));
            return context -> {
                ((GenericApplicationContext) context)
                        .registerBean("evening", Clock.class, () -> clock, bean -> bean.setPrimary(true));
                // What is worked out must not depend on what else the machine does.
                context.getEnvironment()
                        .getPropertySources()
                        .addFirst(new MapPropertySource("patient", Map.of("crafty.budget", "5m")));
            };
        }
    }

    /** An answer of the application. */
    record Answer(int status, HttpResponse<String> response) {

        JsonNode json() {
            return JSON.readTree(response.body());
        }

        String type() {
            return response.headers().firstValue("Content-Type").orElse("");
        }

        String tag() {
            return response.headers().firstValue("ETag").orElse("");
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) throws IOException {
        synchronized (RunningApplication.class) {
            if (instance == null) {
                instance = started(asItIs -> {});
            }
        }
    }

    private static Instance started(ApplicationContextInitializer<ConfigurableApplicationContext> difference)
            throws IOException {
        ConfigurableApplicationContext application = start(Files.createTempDirectory("crafty"), "true", difference);
        URI base = URI.create("http://127.0.0.1:" + port(application));
        String token =
                send(HttpRequest.newBuilder(base.resolve("/api/routines"))).headers().allValues("Set-Cookie").stream()
                        .flatMap(c -> Stream.of(c.split(";")))
                        .filter(c -> c.startsWith("XSRF-TOKEN="))
                        .map(c -> c.substring("XSRF-TOKEN=".length()))
                        .findFirst()
                        .orElseThrow();
        return new Instance(application, base, token);
    }

    /** With the demo routines, and the made-up year of practice. */
    static final String WITH_PRACTICE = "with practice";

    public static ConfigurableApplicationContext start(Path data, String demo) {
        return start(data, demo, context -> {});
    }

    private static ConfigurableApplicationContext start(
            Path data, String demo, ApplicationContextInitializer<ConfigurableApplicationContext> difference) {
        SpringApplication application = new SpringApplication(CraftyPocketApplication.class);
        application.addInitializers(difference);
        return application.run(
                "--server.port=0",
                "--crafty.data=" + data,
                "--crafty.demo=" + !demo.equals("false"),
                // Tests count what they keep themselves.
                "--crafty.demo-practice=" + demo.equals(WITH_PRACTICE),
                "--spring.main.banner-mode=off");
    }

    static int port(ConfigurableApplicationContext application) {
        return ((WebServerApplicationContext) application).getWebServer().getPort();
    }

    static URI base() {
        return instance.base();
    }

    /** What is stored, to be looked at or spoiled. */
    static JdbcClient database() {
        return instance.application().getBean(JdbcClient.class);
    }

    /** The headers that a request from this page has. */
    static String[] ownHeaders() {
        return new String[] {"Cookie", "XSRF-TOKEN=" + instance.token(), "X-XSRF-TOKEN", instance.token()};
    }

    /** What another instance answers at a whole address. */
    static Answer at(String address) {
        return answer(HttpRequest.newBuilder(URI.create(address)));
    }

    static Answer get(String path) {
        return answer(HttpRequest.newBuilder(base().resolve(path)));
    }

    static Answer post(String path, String body, String... headers) {
        return answer(with(headers, HttpRequest.newBuilder(base().resolve(path)))
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    static Answer put(String path, String body, String... headers) {
        return answer(with(headers, HttpRequest.newBuilder(base().resolve(path)))
                .PUT(HttpRequest.BodyPublishers.ofString(body)));
    }

    static Answer delete(String path) {
        return answer(with(new String[0], HttpRequest.newBuilder(base().resolve(path)))
                .DELETE());
    }

    private static HttpRequest.Builder with(String[] headers, HttpRequest.Builder request) {
        request.header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=" + instance.token())
                .header("X-XSRF-TOKEN", instance.token());
        return headers.length == 0 ? request : request.headers(headers);
    }

    private static Answer answer(HttpRequest.Builder request) {
        HttpResponse<String> response = send(request);
        return new Answer(response.statusCode(), response);
    }

    static HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    /** A file that is no text. */
    static byte[] bytes(String path) {
        try {
            HttpResponse<byte[]> answer = CLIENT.send(
                    HttpRequest.newBuilder(base().resolve(path)).build(), HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(new String(answer.body(), StandardCharsets.UTF_8));
            }
            return answer.body();
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    /** One of the demo routines as JSON, by the start of its file name. */
    static String demo(int number) {
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/demo"))) {
            return Files.readString(files.filter(f -> f.getFileName().toString().startsWith("%02d-".formatted(number)))
                    .findFirst()
                    .orElseThrow());
        } catch (IOException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    /** A routine file with this set-up pack and these steps, given as JSON. */
    static String routine(String pack, String roles, String steps, String claims) {
        return """
                {"format": "crafty-pocket/routine", "version": 1, "title": "Under test",
                 "setUp": {"pack": "%s", "placements": [%s]}, "roles": [%s], "steps": [%s], "claims": [%s]}""".formatted(
                        pack,
                        roles.contains("KC") ? "{\"card\": \"KC\", \"nth\": 1, \"from\": \"bottom\"}" : "",
                        roles,
                        steps,
                        claims);
    }
}
