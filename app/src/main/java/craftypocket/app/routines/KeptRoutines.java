package craftypocket.app.routines;

import craftypocket.app.backup.Kept;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The routines of the shelf, a file each, as they are saved one by one. Deleted ones and what can be undone are left out. */
@Component
class KeptRoutines implements Kept {

    private final RoutineService routines;
    private final RoutineFiles files;

    KeptRoutines(RoutineService routines, RoutineFiles files) {
        this.routines = routines;
        this.files = files;
    }

    @Override
    public String folder() {
        return "routines";
    }

    @Override
    public int rank() {
        return 1;
    }

    @Override
    public Map<String, JsonNode> save() {
        Map<String, JsonNode> all = new TreeMap<>();
        routines.titles().keySet().forEach(id -> all.put(id.toString(), routines.file(id)));
        return all;
    }

    @Override
    public void check(String name, JsonNode file) {
        UUID.fromString(name);
        files.plan(files.stored(file));
    }

    @Override
    public void wipe() {
        routines.throwAllAway();
    }

    @Override
    public void restore(String name, JsonNode file) {
        routines.restoreFile(UUID.fromString(name), file);
    }
}
