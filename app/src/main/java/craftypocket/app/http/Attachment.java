package craftypocket.app.http;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;

/** How a file that is handed out is called. */
public final class Attachment {

    private Attachment() {}

    /** The header {@code Content-Disposition} for a file that is called by a title. */
    public static String called(String title, String ending) {
        String name = title.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        return ContentDisposition.attachment()
                .filename(name + "." + ending, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
