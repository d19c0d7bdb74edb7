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
        @NotNull RoutineDocument routine) {}
