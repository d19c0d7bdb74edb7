package craftypocket.app.routines;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * A routine with where its history stands.
 *
 * @param version counts up with every change; the entity tag of the routine
 */
record StoredRoutine(
        @NotNull UUID id,
        long version,
        boolean canUndo,
        boolean canRedo,
        @NotNull Instant changedAt,
        @NotNull RoutineDocument routine) {

    /** The same, told by an earlier version: whoever goes on from there finds that others have changed it since. */
    StoredRoutine at(long earlier) {
        return new StoredRoutine(id, earlier, canUndo, canRedo, changedAt, routine);
    }
}
