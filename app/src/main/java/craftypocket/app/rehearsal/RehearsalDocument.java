package craftypocket.app.rehearsal;

import craftypocket.app.http.OfOurTime;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Objects;

/**
 * One run-through.
 *
 * @param routine what the routine was called, by which the run is known when the routine is gone; may be missing while it is there
 * @param cameOut whether the end was as expected
 * @param steps what happened at each step, in order
 * @param notes what the performer wrote down after it
 */
public record RehearsalDocument(
        @NotNull @OfOurTime Instant startedAt,

        @Min(value = 0, message = "at least 0") @Max(value = RehearsalDocument.A_DAY, message = "at most a day")
        long totalMillis,

        boolean cameOut,

        @NotNull @Size(max = 100, message = "at most 100 steps")
        List<@NotNull @Valid StepRun> steps,

        @NotNull @Size(max = 1000, message = "at most 1000 letters")
        String notes,

        @Size(max = 120, message = "at most 120 letters") String routine) {

    static final long A_DAY = 86_400_000;

    /** How long a step took, in milliseconds, how many slips were marked in it, and for some of them why. */
    public record StepRun(
            @NotNull @Size(max = 40, message = "at most 40 letters")
            String stepId,

            @Min(value = 0, message = "at least 0") @Max(value = RehearsalDocument.A_DAY, message = "at most a day")
            long millis,

            @Min(value = 0, message = "at least 0") @Max(value = 99, message = "at most 99")
            int slips,

            @NotNull @Size(max = 99, message = "at most 99")
            List<@NotNull @Size(min = 1, max = 60, message = "1 to 60 letters") String> reasons) {

        public StepRun {
            reasons = Objects.requireNonNullElse(reasons, List.of());
        }
    }

    public RehearsalDocument {
        steps = Objects.requireNonNullElse(steps, List.of());
        notes = Objects.requireNonNullElse(notes, "");
    }

    /** The same run of a routine of this title. */
    RehearsalDocument of(String title) {
        return new RehearsalDocument(startedAt, totalMillis, cameOut, steps, notes, title);
    }

    public int slips() {
        return steps.stream().mapToInt(StepRun::slips).sum();
    }
}
