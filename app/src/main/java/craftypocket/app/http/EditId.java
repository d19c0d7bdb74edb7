package craftypocket.app.http;

import java.util.UUID;

/** An id that whoever asks gives an edit, so that it is done once, however often it is sent. */
public final class EditId {

    /** The header that carries it: a UUID. */
    public static final String HEADER = "Edit-Id";

    private EditId() {}

    /** The id that was given, or one of our own. */
    public static UUID orNew(UUID given) {
        return given == null ? UUID.randomUUID() : given;
    }
}
