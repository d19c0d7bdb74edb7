package craftypocket.app.journal;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** What rehearsals and performances came to. */
final class JournalDocument {

    private JournalDocument() {}

    /**
     * Something on the time line.
     *
     * @param kind {@code rehearsal} or {@code performance}
     * @param routine missing where it was not known here
     * @param title of the routine, now or as it was then
     * @param audience the people, by name; empty for none
     * @param seconds how long it took; 0 when nobody measured
     * @param reaction from 1 to 5; 0 when nobody said
     */
    record EntryDocument(
            @NotNull UUID id,
            @NotNull Instant at,
            @NotNull String kind,
            UUID routine,
            @NotNull String title,
            @NotNull String audience,
            boolean cameOut,
            int slips,
            @NotNull List<String> reasons,
            long seconds,
            int reaction,
            @NotNull String out,
            @NotNull String note) {}

    /** The entries that were asked for, how many there are in all, and after which the next ones come; missing at the end. */
    record TimeLineDocument(@NotNull List<EntryDocument> entries, int all, String next) {}

    /** What came of a month. */
    record MonthDocument(@NotNull String month, int runs, int performed, int cameOut, int slips) {}

    /** Slips by what they were in, or why: the most frequent first. */
    record CountDocument(@NotNull String what, int times) {}

    /**
     * What a routine came to.
     *
     * @param seconds how long it usually takes
     * @param reaction the mean of the reactions; 0 when nobody said
     */
    record RoutineFigures(
            UUID routine,
            @NotNull String title,
            int runs,
            int performed,
            int cameOut,
            int slips,
            int seconds,
            double reaction,
            @NotNull List<CountDocument> reasons,
            @NotNull List<CountDocument> outs) {}

    /**
     * Figures of a time.
     *
     * @param moves by the id of a move, how often it slipped
     */
    record FiguresDocument(
            @NotNull List<MonthDocument> months,
            @NotNull List<RoutineFigures> routines,
            @NotNull List<CountDocument> moves,
            @NotNull List<CountDocument> reasons) {}
}
