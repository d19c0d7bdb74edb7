package craftypocket.app.performer;

import craftypocket.app.routines.RoutineDocument;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;

/**
 * A procedure that was found and is kept.
 *
 * @param id by which it is kept
 * @param kept when it was
 * @param sentence what is so in its end, in words
 * @param choices how many free choices people make in it
 * @param ways in how many ways it can go
 * @param note what the performer thinks of it
 * @param routine it as a routine, with the question of which it is an answer in its summary
 */
public record FindDocument(
        @NotNull @Pattern(regexp = "[a-z0-9-]{1,40}", message = "1 to 40 small letters, digits and hyphens")
        String id,

        @NotNull Instant kept,

        @NotNull @Size(max = 300, message = "at most 300 letters")
        String sentence,

        @Min(value = 0, message = "at least 0") int choices,

        @Min(value = 0, message = "at least 0") long ways,

        @NotNull @Size(max = 1000, message = "at most 1000 letters")
        String note,

        @NotNull @Valid RoutineDocument routine) {}
