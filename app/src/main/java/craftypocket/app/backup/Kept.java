package craftypocket.app.backup;

import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Something that a backup holds: each feature says what it keeps, in the format in which it is sent. */
public interface Kept {

    /** The folder in the zip. */
    String folder();

    /** Its place in the order in which it is restored; what others refer to comes first. */
    int rank();

    /** Takes files one after another. */
    @FunctionalInterface
    interface Sink {
        /** @param name of the file, without its ending */
        void take(String name, JsonNode file);
    }

    /** Hands over everything that is kept, in the order of names. */
    void save(Sink sink);

    /**
     * Sees that a file can be restored.
     *
     * @param seen what was in the files before it, by what it is known by: nothing may stand twice
     * @throws RuntimeException when it cannot: a refusal says why
     */
    void check(String name, JsonNode file, Set<String> seen);

    /** Throws everything away. */
    void wipe();

    /** Puts back what a file says. It was checked. */
    void restore(String name, JsonNode file);
}
