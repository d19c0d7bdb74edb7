package craftypocket.core;

import java.util.stream.LongStream;

/**
 * How often a law is tried on random routines. {@code ./verify} takes a quarter of the rounds; {@code ./endurance laws} takes all
 * of them, and as many again as a quarter with seeds of the day, so that new ground is covered. A seed means the same everywhere:
 * what fails there is repeated here.
 */
public final class Rounds {

    private static final boolean ALL = Boolean.getBoolean("crafty.laws");
    private static final long OF_THE_DAY = Long.getLong("crafty.laws-seed", 0);

    private Rounds() {}

    /** Whether all rounds are done. */
    public static boolean all() {
        return ALL;
    }

    /** How many rounds of so many are tried. */
    public static int of(int all) {
        return (int) seeds(all).count();
    }

    /** The seeds of these rounds, such as 0 to 49 for 200 in {@code ./verify}. */
    public static LongStream seeds(int all) {
        return seeds(all, 4);
    }

    /** The same where one round takes long: in {@code ./verify} only such a part of them is tried. */
    public static LongStream seeds(int all, int part) {
        int few = Math.max(1, all / part);
        if (!ALL) {
            return LongStream.range(0, few);
        }
        return LongStream.concat(LongStream.range(0, all), LongStream.range(OF_THE_DAY, OF_THE_DAY + few));
    }
}
