package craftypocket.app.rehearsal;

import java.time.Instant;
import java.util.UUID;

/** What of a run its readiness depends on. */
record RunSummary(UUID routineId, Instant startedAt, long totalMillis, int slips, boolean cameOut) {}
