package craftypocket.app.routines;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** A routine in the list of all of them. */
record RoutineEntry(
        @NotNull UUID id,
        @NotNull String title,
        @NotNull List<String> tags,
        @NotNull UUID version,
        @NotNull Instant changedAt) {}
