package craftypocket.app.journal;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;

/**
 * How practice went over time.
 *
 * @param steps by step of the routine that was asked for, how long it took, in seconds; none of all routines together
 * @param tempo by move, in beats a minute
 * @param evenness by move, how much the beats vary, in per cent of a beat
 * @param margins by month, how many cards must be added to a judged packet
 */
record OverTimeDocument(
        @NotNull List<SeriesDocument> steps,
        @NotNull List<SeriesDocument> tempo,
        @NotNull List<SeriesDocument> evenness,
        @NotNull List<MarginDocument> margins) {

    /**
     * What was measured again and again.
     *
     * @param move the id of the move
     * @param nth the number of the step; 0 when it is about the move wherever it is
     */
    record SeriesDocument(
            @NotNull String move, int nth, @NotNull List<MeasuredDocument> points) {}

    /** What was measured on a day, the median where it was done more than once. */
    record MeasuredDocument(@NotNull LocalDate day, double value) {}

    /** The guesses of a month and those before it, as far as they still count. */
    record MarginDocument(@NotNull String month, int margin, int guesses) {}
}
