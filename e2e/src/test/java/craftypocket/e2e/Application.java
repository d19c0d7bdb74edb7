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
import java.util.List;
import java.util.function.IntFunction;

/** The packaged application as a process of its own, on a free port and a data folder. */
final class Application implements AutoCloseable {

    private static final Duration LONGEST_START = Duration.ofSeconds(120);

    private final Process process;
    private final int port;
    private final Duration startedIn;

    private Application(Process process, int port, Duration startedIn) {
        this.process = process;
        this.port = port;
        this.startedIn = startedIn;
    }

    /** Starts the packaged jar and waits until it answers. */
    static Application start(Path data) {
        return start(port -> List.of(
                "java",
                "-Dspring.aot.enabled=true",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                System.getProperty("crafty.jar"),
                "--server.port=" + port,
                "--crafty.data=" + data));
    }

    /** Starts it as a user does, by the script, and waits until it answers. */
    static Application startByScript(Path data) {
        return start(port -> List.of("../start", "--port", String.valueOf(port), "--data", data.toString()));
    }

    private static Application start(IntFunction<List<String>> command) {
        try {
            int port = freePort();
            long begin = System.nanoTime();
            Process process = new ProcessBuilder(command.apply(port))
                    .redirectErrorStream(true)
                    .redirectOutput(
                            Files.createTempFile("crafty-pocket", ".log").toFile())
                    .start();
            Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
            waitFor(port, process);
            return new Application(process, port, Duration.ofNanos(System.nanoTime() - begin));
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static void waitFor(int port, Process process) {
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
                pause();
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopped);
            }
        }
        throw new IllegalStateException("the application did not start");
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
