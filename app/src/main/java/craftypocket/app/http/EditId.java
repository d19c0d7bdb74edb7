package craftypocket.app.http;

/** An id that whoever asks gives an edit, so that it is done once, however often it is sent. */
public final class EditId {

    /** The header that carries it: a UUID. */
    public static final String HEADER = "Edit-Id";

    private EditId() {}
}
