package craftypocket.core.rehearse;

import java.util.List;

/**
 * Slow first: the tempo goes up after three even tries in a row, and back after an uneven one.
 *
 * @param tempo beats a minute
 * @param inARow how many even tries there were at this tempo since the last uneven one
 */
public record Ladder(double tempo, int inARow) {

    public static final double SLOWEST = 20;

    public static final double FASTEST = 300;

    /** So many even tries in a row lead one rung up. */
    public static final int FOR_A_RUNG = 3;

    private static final double RUNG = 0.05;

    public Ladder {
        tempo = Math.min(FASTEST, Math.max(SLOWEST, tempo));
    }

    /** Begins at a tempo at which it is even. */
    public static Ladder from(double tempo) {
        return new Ladder(tempo, 0);
    }

    /** After one more try. */
    public Ladder after(boolean even) {
        if (!even) {
            return new Ladder(tempo * (1 - RUNG), 0);
        }
        return inARow + 1 < FOR_A_RUNG ? new Ladder(tempo, inARow + 1) : new Ladder(tempo * (1 + RUNG), 0);
    }

    /** After all of these, in order. */
    public Ladder after(List<Boolean> tries) {
        Ladder ladder = this;
        for (boolean even : tries) {
            ladder = ladder.after(even);
        }
        return ladder;
    }
}
