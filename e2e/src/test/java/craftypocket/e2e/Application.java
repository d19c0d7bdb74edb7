package craftypocket.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/** The packaged application as a process of its own, on a free port and a data folder. */
final class Application implements AutoCloseable {

    private static final Duration LONGEST_START = Duration.ofSeconds(120);

    private final Process process;
    private final int port;
    private final Path log;
    private final Duration startedIn;

    private Application(Process process, int port, Path log, Duration startedIn) {
        this.process = process;
        this.port = port;
        this.log = log;
        this.startedIn = startedIn;
    }

    /** Starts the packaged application and waits until it answers. */
    static Application start(Path data, String... more) {
        return start(freePort(), data, more);
    }

    /** The same, on the port that another one had. */
    static Application start(int port, Path data, String... more) {
        return start(port, any -> command(port, data, more));
    }

    /** What starts it, as {@code ./start} does once everything is prepared, with other options after the usual ones. */
    static List<String> command(int port, Path data, String... more) {
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-Dspring.aot.enabled=true",
                "-Xshare:auto",
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-Xmx768m",
                "-XX:TieredStopAtLevel=1",
                "-XX:SharedArchiveFile=" + RUN + "/app.jsa",
                "-jar",
                RUN + "/app.jar",
                "--server.port=" + port,
                "--crafty.data=" + data));
        command.addAll(List.of(more));
        return command;
    }

    /** Where {@code ./start --prepare} has laid the application out before any test, so that it starts fast. */
    private static final Path RUN =
            Path.of("../app/target/run").toAbsolutePath().normalize();

    /** Tells one build of the application from another. */
    static String builtAt() throws IOException {
        return String.valueOf(Files.getLastModifiedTime(RUN.resolve("app.jsa")).toMillis());
    }

    /** Starts it as a user does, by the script, and waits until it answers. */
    static Application startByScript(Path data) {
        return start(
                freePort(), port -> List.of("../start", "--port", String.valueOf(port), "--data", data.toString()));
    }

    private static Application start(int port, IntFunction<List<String>> command) {
        try {
            long begin = System.nanoTime();
            Path log = Files.createTempFile("crafty-pocket", ".log");
            Process process = new ProcessBuilder(command.apply(port))
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
            waitFor(port, process, log);
            return new Application(process, port, log, Duration.ofNanos(System.nanoTime() - begin));
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new IllegalStateException(none);
        }
    }

    private static void waitFor(int port, Process process, Path log) throws IOException {
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/"))
                .build();
        long end = System.nanoTime() + LONGEST_START.toNanos();
        while (System.nanoTime() < end && process.isAlive()) {
            try {
                if (client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                // It is on its way.
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopped);
            }
            pause();
        }
        throw new IllegalStateException((process.isAlive()
                        ? "the application did not answer within " + LONGEST_START.toSeconds() + " s"
                        : "the application did not start")
                + ", it said: " + Files.readString(log));
    }

    private static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    int port() {
        return port;
    }

    /** Everything that it printed. */
    String printed() throws IOException {
        return Files.readString(log);
    }

    long pid() {
        return process.pid();
    }

    Duration startedIn() {
        return startedIn;
    }

    /** Ends it at once, as a power cut would end the program. */
    void kill() {
        process.destroyForcibly().onExit().join();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
