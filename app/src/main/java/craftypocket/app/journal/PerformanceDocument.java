package craftypocket.app.journal;

import craftypocket.app.http.Constants;
import craftypocket.app.http.OfOurTime;
import craftypocket.app.http.Visible;
import craftypocket.core.evening.Method;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;

/**
 * A routine that was performed for people.
 *
 * @param routine its id; it may have been deleted since, and is missing where it was never known here
 * @param title what it was called then
 * @param audience for whom; null for people who were not written down
 * @param cameOut whether it came out
 * @param slippedAt the id of the step at which it slipped; empty for none
 * @param out the out that was used, in words; empty for none
 * @param reaction how they reacted, from 1 to 5; 0 while nobody said
 * @param method what it mainly works by, so that it is known when the routine is gone
 * @param forced the codes of the cards that were forced
 */
record PerformanceDocument(
        UUID routine,

        @Visible @Size(max = 120, message = "at most 120 letters")
        String title,

        UUID audience,

        @NotNull @OfOurTime Instant doneAt,

        boolean cameOut,

        @NotNull @Size(max = 40, message = "at most 40 letters")
        String slippedAt,

        @NotNull @Size(max = 300, message = "at most 300 letters")
        String out,

        @Min(value = 0, message = "at least 0") @Max(value = 5, message = "at most 5")
        int reaction,

        @NotNull @Size(max = 1000, message = "at most 1000 letters")
        String note,

        @NotNull @Pattern(regexp = METHODS, message = "must be a method")
        String method,

        @NotNull @Size(max = 12, message = "at most 12 cards")
        List<@NotNull @Size(max = 40, message = "at most 40 letters") String> forced) {

    private static final String METHODS = "|force|order|key|count|load|glimpse|control|arithmetic";

    PerformanceDocument {
        slippedAt = Objects.requireNonNullElse(slippedAt, "");
        out = Objects.requireNonNullElse(out, "");
        note = Objects.requireNonNullElse(note, "");
        method = Objects.requireNonNullElse(method, "");
        forced = Objects.requireNonNullElse(forced, List.of());
    }

    PerformanceDocument with(Method works, List<String> newForced) {
        return new PerformanceDocument(
                routine,
                title,
                audience,
                doneAt,
                cameOut,
                slippedAt,
                out,
                reaction,
                note,
                Constants.word(works),
                newForced);
    }
}
