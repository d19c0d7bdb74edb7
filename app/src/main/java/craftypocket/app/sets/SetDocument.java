package craftypocket.app.sets;

import craftypocket.app.http.Constants;
import craftypocket.app.http.Visible;
import craftypocket.core.evening.Act;
import craftypocket.core.evening.Evening;
import craftypocket.core.evening.Venue;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.UUID;

/**
 * A set as it is written to a file, stored and sent: the open format of {@code docs/formats/set.schema.json}.
 *
 * @param format always {@link #FORMAT}
 * @param version always {@link #VERSION}
 * @param audience the people for whom it is meant; null for new people
 * @param resetSeconds how long the performer took to put everything right between two tables; 0 while nobody timed it
 */
public record SetDocument(
        @NotNull @Pattern(regexp = "\\Q" + FORMAT + "\\E", message = "must be " + FORMAT)
        String format,

        @Min(value = VERSION, message = "must be 1") @Max(value = VERSION, message = "must be 1")
        int version,

        @Visible(message = "a set needs a title of one line that can be seen")
        @Size(max = 120, message = "at most 120 letters")
        String title,

        @NotNull @Valid VenueDocument venue,

        UUID audience,

        @NotNull @Size(max = Evening.MOST_ACTS, message = "at most " + Evening.MOST_ACTS + " routines")
        List<@NotNull @Valid ActDocument> acts,

        @Min(value = 0, message = "at least 0") @Max(value = 86_400, message = "at most a day")
        int resetSeconds) {

    public static final String FORMAT = "crafty-pocket/set";
    public static final int VERSION = 1;

    /** Where it is performed. {@code minutes} is 0 while nobody said how long it may take. */
    public record VenueDocument(
            boolean standing,
            boolean table,
            boolean allRound,
            boolean dim,

            @Min(value = 0, message = "at least 0") @Max(value = 1000, message = "at most 1000")
            int people,

            @Min(value = 0, message = "at least 0") @Max(value = 600, message = "at most ten hours")
            int minutes,

            @Min(value = 1, message = "at least 1") @Max(value = 100, message = "at most 100")
            int tables) {

        Venue toCore() {
            return new Venue(standing, table, allRound, dim, people, minutes, tables);
        }
    }

    /**
     * A routine of the set. {@code title} is what it was called when it was chosen, so that a set can be read when the routine is
     * gone; {@code words} join it to the one before.
     */
    public record ActDocument(
            @NotNull UUID routine,

            @Visible @Size(max = 120, message = "at most 120 letters")
            String title,

            @NotNull @Size(max = 1000, message = "at most 1000 letters")
            String words,

            @NotNull @Pattern(regexp = "anywhere|opener|closer", message = "must be anywhere, opener or closer")
            String spot,

            boolean stays) {

        public ActDocument {
            words = Objects.requireNonNullElse(words, "");
            spot = Objects.requireNonNullElse(spot, Constants.word(Act.Spot.ANYWHERE));
        }
    }

    public SetDocument {
        acts = Objects.requireNonNullElse(acts, List.of());
    }
}
