package craftypocket.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.stream.Stream;

/**
 * Data folders for tests. A first start, which lays the demo routines, takes much longer than a later one; so it is made once for
 * all tests and all workers, and copied.
 */
final class DataFolders {

    private static final Path PREPARED = Path.of("target/prepared").toAbsolutePath();

    private DataFolders() {}

    /** A folder of its own, as a first start leaves it: with the demo routines. */
    static Path withDemos() {
        try {
            return copiedTo(Files.createTempDirectory("crafty-e2e"));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Lays the same into an empty folder. */
    static Path copiedTo(Path folder) throws IOException {
        Path prepared = prepared();
        List<Path> files;
        try (Stream<Path> all = Files.walk(prepared)) {
            files = all.toList();
        }
        for (Path file : files) {
            Path copy = folder.resolve(prepared.relativize(file).toString());
            if (Files.isDirectory(file)) {
                Files.createDirectories(copy);
            } else {
                Files.copy(file, copy);
            }
        }
        return folder;
    }

    /** Made by the first worker that asks, for this build of the application; the others wait for it. */
    private static synchronized Path prepared() throws IOException {
        Files.createDirectories(PREPARED);
        Path made = PREPARED.resolve("demos-of-" + Application.builtAt());
        // Closing it lets go of the lock.
        try (FileChannel channel =
                FileChannel.open(PREPARED.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            channel.lock();
            if (!Files.exists(made)) {
                Path unfinished = Files.createTempDirectory(PREPARED, "unfinished");
                // Tests count what they keep themselves.
                Application.start(unfinished, "--crafty.demo-practice=false").close();
                Files.move(unfinished, made);
            }
        }
        return made;
    }
}
