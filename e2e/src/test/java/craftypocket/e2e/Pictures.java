package craftypocket.e2e;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * The pictures of {@code docs/screenshots}. {@code shows.properties} lists the files and folders that each shows, from {@code web/src} on;
 * {@code taken.properties} what these were when it was taken, as a digest of their contents.
 */
final class Pictures {

    static final Path FOLDER = Path.of("..", "docs", "screenshots");
    private static final Path SOURCES = Path.of("..", "web", "src");
    private static final Path SHOWS = FOLDER.resolve("shows.properties");
    private static final Path TAKEN = FOLDER.resolve("taken.properties");

    /** What every view has around it. */
    private static final List<String> AROUND = List.of("App.vue", "main.css");

    private Pictures() {}

    static Map<String, String> shows() {
        return read(SHOWS);
    }

    static Map<String, String> taken() {
        return read(TAKEN);
    }

    private static Map<String, String> read(Path file) {
        Properties lines = new Properties();
        try (Reader from = Files.newBufferedReader(file)) {
            lines.load(from);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
        Map<String, String> read = new TreeMap<>();
        lines.forEach((name, value) -> read.put(name.toString(), value.toString()));
        return read;
    }

    /** Notes that a picture was taken now. */
    static void note(String picture) throws IOException {
        Map<String, String> taken = taken();
        taken.put(picture, digest(picture));
        List<String> lines = new ArrayList<>(
                List.of("# By picture, a digest of what it shows, as it was then: written by ./screenshots."));
        taken.forEach((name, digest) -> lines.add(name + " = " + digest));
        Files.write(TAKEN, lines);
    }

    /** What a picture shows, as it is now. */
    static String digest(String picture) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            Stream.concat(AROUND.stream(), Stream.of(shows().get(picture).split(" ")))
                    .flatMap(name -> files(SOURCES.resolve(name)))
                    .sorted()
                    .forEach(file -> digest.update(content(file)));
            return HexFormat.of().formatHex(digest.digest(), 0, 8);
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    private static Stream<Path> files(Path named) {
        try (Stream<Path> all = Files.walk(named)) {
            return all
                    .filter(Files::isRegularFile)
                    .filter(file -> !file.getFileName().toString().endsWith(".test.ts"))
                    .toList()
                    .stream();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static byte[] content(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
