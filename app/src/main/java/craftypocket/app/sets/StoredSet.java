package craftypocket.app.sets;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A set that is kept. {@code version} is another one after every change, and the entity tag of the set. */
record StoredSet(
        @NotNull UUID id, @NotNull UUID version, @NotNull SetDocument set) {}
