package craftypocket.app.routines;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * A routine with where its history stands.
 *
 * @param version another one after every change, which never comes again; the entity tag of the routine
 */
public record StoredRoutine(
        @NotNull UUID id,
        @NotNull UUID version,
        boolean canUndo,
        boolean canRedo,
        @NotNull Instant changedAt,
        @NotNull RoutineDocument routine) {

    /** The same, told by an earlier version: whoever goes on from there finds that others have changed it since. */
    StoredRoutine at(UUID earlier) {
        return new StoredRoutine(id, earlier, canUndo, canRedo, changedAt, routine);
    }
}
