package craftypocket.app.routines;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/** A deleted routine: it can be brought back until it is thrown away. */
record BinEntry(
        @NotNull UUID id,
        @NotNull String title,
        @NotNull Instant deletedAt,
        @NotNull Instant thrownAwayAt) {}
