package craftypocket.core.rehearse;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * How ready something is, and when it is due again.
 *
 * <p>The rule, as it stands on the screen: a clean run on another day than the last one leads a rung up; a run with slips that
 * came out leads one down; one that did not come out leads to the bottom. After 0, 1, 2 … rungs the next is due in 1, 1, 2, 4, 7, 15, 30
 * days. Readiness is the rung as a part of the highest; it is lost, a rung for every such span that goes by after the day it was due.
 *
 * @param rung from 0
 * @param due the day of the next run; null when there never was one
 * @param share from 0 to 1
 */
public record Readiness(int rung, LocalDate due, double share) {

    /** Days until the next run, by rung; the first is after a run that did not come out. */
    private static final int[] DAYS = {1, 1, 2, 4, 7, 15, 30};

    private static final int HIGHEST = DAYS.length - 1;

    /**
     * One run.
     *
     * @param day when
     * @param cameOut whether the end was as expected
     * @param slips how many
     */
    public record Run(LocalDate day, boolean cameOut, int slips) {

        boolean clean() {
            return cameOut && slips == 0;
        }
    }

    /** Looks at the runs, the earliest first. */
    public static Readiness of(List<Run> runs, LocalDate today) {
        int rung = 0;
        LocalDate climbed = null;
        LocalDate due = null;
        for (Run run : runs) {
            if (run.clean()) {
                if (!run.day().equals(climbed)) {
                    rung = Math.min(HIGHEST, rung + 1);
                    climbed = run.day();
                }
            } else {
                rung = run.cameOut() ? Math.max(0, rung - 1) : 0;
                climbed = null;
            }
            due = run.day().plusDays(DAYS[rung]);
        }
        if (due == null) {
            return new Readiness(0, null, 0);
        }
        long late = Math.max(0, ChronoUnit.DAYS.between(due, today));
        double lost = (double) late / DAYS[rung];
        return new Readiness(rung, due, Math.max(0, rung - lost) / HIGHEST);
    }

    /** Whether it should be run on this day; what never was is not due. */
    public boolean isDue(LocalDate today) {
        return due != null && !due.isAfter(today);
    }
}
