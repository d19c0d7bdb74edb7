package craftypocket.app.backup;

import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Something that a backup holds: each feature says what it keeps, in the format in which it is sent. */
public interface Kept {

    /** The folder in the zip. */
    String folder();

    /** Its place in the order in which it is restored; what others refer to comes first. */
    int rank();

    /** Everything that is kept, by the name of its file without the ending, in the order of names. */
    Map<String, JsonNode> save();

    /**
     * Sees that a file can be restored.
     *
     * @throws RuntimeException when it cannot: a refusal says why
     */
    void check(String name, JsonNode file);

    /** Throws everything away. */
    void wipe();

    /** Puts back what a file says. It was checked. */
    void restore(String name, JsonNode file);
}
