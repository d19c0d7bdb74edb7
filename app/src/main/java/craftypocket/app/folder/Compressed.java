package craftypocket.app.folder;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;

/** Texts as they are kept: deflated, to about a third of their size. */
public final class Compressed {

    private static final int CHUNK = 8192;

    private Compressed() {}

    /** The text in as few bytes as may be. */
    public static byte[] of(String text) {
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
