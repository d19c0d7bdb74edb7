package craftypocket.app.routines;

import java.util.Map;
import java.util.UUID;

/** What else lies ready the first time that a data folder is used with demo data. */
public interface FirstStart {

    /** @param routines the demo routines that are on the shelf, by title */
    void fill(Map<String, UUID> routines);
}
