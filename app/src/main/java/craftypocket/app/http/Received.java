package craftypocket.app.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.core.io.AbstractResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;

/** Large files that are sent or handed out: they lie on the disk meanwhile, not in memory. */
public final class Received {

    private static final int CHUNK = 65_536;
    private static final int MEGABYTE = 1_000_000;

    private Received() {}

    /** A file that is not there yet. */
    public static Path temporary(String ending) {
        try {
            return Files.createTempFile("crafty-pocket-", ending);
        } catch (IOException full) {
            throw noRoom(full);
        }
    }

    /** The refusal of what cannot be written beside the other temporary files of this machine. */
    public static Refusal noRoom(IOException full) {
        return new Refusal(
                HttpStatus.INSUFFICIENT_STORAGE,
                "No room",
                "There is no room for temporary files (" + full.getMessage() + "). Make some and try again.");
    }

    /**
     * What is sent, as a file.
     *
     * @param most so many bytes are read at most: more is refused, and nothing of it stays
     * @param what it is, with its article
     */
    public static Path file(HttpServletRequest request, long most, String what) throws IOException {
        requireAtMost(request.getContentLengthLong(), most, what);
        Path file = temporary(".received");
        long all = 0;
        try (OutputStream out = Files.newOutputStream(file)) {
            InputStream in = request.getInputStream();
            byte[] chunk = new byte[CHUNK];
            for (int length = in.read(chunk); length >= 0; length = in.read(chunk)) {
                all += length;
                requireAtMost(all, most, what);
                out.write(chunk, 0, length);
            }
        } catch (IOException | RuntimeException failed) {
            delete(file);
            throw failed;
        }
        return file;
    }

    /** Refuses more bytes than are read. */
    private static void requireAtMost(long bytes, long most, String what) {
        if (bytes > most) {
            throw new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too large",
                    what + " has at most " + most / MEGABYTE + " MB. Nothing was changed.");
        }
    }

    /** The file as an answer; once it was read it is gone. */
    public static Resource onceRead(Path file) {
        return new AbstractResource() {

            @Override
            public String getDescription() {
                return "a file that is read once";
            }

            @Override
            public long contentLength() throws IOException {
                return Files.size(file);
            }

            @Override
            public InputStream getInputStream() throws IOException {
                return new FilterInputStream(Files.newInputStream(file)) {
                    @Override
                    public void close() throws IOException {
                        super.close();
                        delete(file);
                    }
                };
            }
        };
    }

    /** Deletes it; what cannot be deleted is left to whoever clears temporary files away. */
    public static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException left) {
            file.toFile().deleteOnExit();
        }
    }
}
