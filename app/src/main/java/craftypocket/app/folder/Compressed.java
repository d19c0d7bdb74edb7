package craftypocket.app.folder;

import craftypocket.app.http.Refusal;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;
import org.springframework.http.HttpStatus;

/** Texts as they are kept: deflated, to about a third of their size. */
public final class Compressed {

    private static final int CHUNK = 8192;

    /** As many letters has a text that is kept at most, and as many bytes: what is kept is read again within the same limit. */
    private static final int LARGEST = 1_000_000;

    private Compressed() {}

    /**
     * The text in as few bytes as may be.
     *
     * @throws Refusal when it is too large to be kept
     */
    public static byte[] of(String text) {
        byte[] compressed = deflated(text);
        if (text.length() > LARGEST || compressed.length > LARGEST) {
            throw new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too large",
                    "So much cannot be kept in one piece. Shorten its notes and try again.");
        }
        return compressed;
    }

    private static byte[] deflated(String text) {
        Deflater deflater = new Deflater(Deflater.BEST_COMPRESSION, true);
        try {
            deflater.setInput(text.getBytes(StandardCharsets.UTF_8));
            deflater.finish();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] chunk = new byte[CHUNK];
            while (!deflater.finished()) {
                out.write(chunk, 0, deflater.deflate(chunk));
            }
            return out.toByteArray();
        } finally {
            deflater.end();
        }
    }

    /** The text again. */
    public static String text(byte[] compressed) {
        Inflater inflater = new Inflater(true);
        try {
            // Raw deflate wants one more byte than there is.
            inflater.setInput(Arrays.copyOf(compressed, compressed.length + 1));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] chunk = new byte[CHUNK];
            while (!inflater.finished()) {
                int length = inflater.inflate(chunk);
                if (length == 0 && (inflater.needsInput() || inflater.needsDictionary())) {
                    throw new IllegalStateException("a stored text is cut off");
                }
                out.write(chunk, 0, length);
            }
            return out.toString(StandardCharsets.UTF_8);
        } catch (DataFormatException damaged) {
            throw new IllegalStateException("a stored text is damaged", damaged);
        } finally {
            inflater.end();
        }
    }
}
