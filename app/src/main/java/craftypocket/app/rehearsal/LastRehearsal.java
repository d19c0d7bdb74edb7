package craftypocket.app.rehearsal;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/** When a routine was last rehearsed, how often in all, and how many slips were marked in all. */
record LastRehearsal(@NotNull UUID routineId, @NotNull Instant startedAt, long runs, long slips) {}
