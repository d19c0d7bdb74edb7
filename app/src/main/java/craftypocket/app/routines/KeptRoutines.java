package craftypocket.app.routines;

import craftypocket.app.backup.Kept;
import java.util.Set;
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
    public void save(Sink sink) {
        routines.titles().keySet().stream()
                .map(UUID::toString)
                .sorted()
                .forEach(id -> sink.take(id, routines.file(UUID.fromString(id))));
    }

    @Override
    public void check(String name, JsonNode file, Set<String> seen) {
        UUID.fromString(name);
        files.readStored(file);
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
