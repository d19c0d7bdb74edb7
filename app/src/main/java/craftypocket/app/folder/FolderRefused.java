package craftypocket.app.folder;

/** The program cannot start on this folder. The message is for whoever started it: what is wrong, and what to do. */
public final class FolderRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    FolderRefused(String sentence) {
        super(sentence);
    }
}
