package craftypocket.core.chance;

import java.util.Arrays;

/**
 * All draws there are, one way after another: what is done with it is done again and again, until every draw has come out in
 * every way. Only draws from few are gone through; bits are too many.
 */
public final class EachChance extends Chance {

    private int[] drawn = new int[8];
    private int[] bounds = new int[8];
    private int draws;
    private int known;
    private boolean tooMany;

    @Override
    public Chance from(long number) {
        draws = 0;
        return this;
    }

    @Override
    public long bits() {
        tooMany = true;
        return 0;
    }

    @Override
    public int below(int bound) {
        if (draws == known) {
            if (known == drawn.length) {
                drawn = Arrays.copyOf(drawn, 2 * known);
                bounds = Arrays.copyOf(bounds, 2 * known);
            }
            drawn[known] = 0;
            bounds[known] = bound;
            known++;
        }
        return drawn[draws++];
    }

    /** How likely the draws are that came out last. */
    public double weight() {
        double weight = 1;
        for (int draw = 0; draw < known; draw++) {
            weight /= bounds[draw];
        }
        return weight;
    }

    /** Goes on to the next way in which the draws can come out; false when there is none. */
    public boolean next() {
        while (known > 0 && drawn[known - 1] == bounds[known - 1] - 1) {
            known--;
        }
        if (known > 0) {
            drawn[known - 1]++;
        }
        return known > 0;
    }

    /** Whether something was drawn that cannot be gone through. */
    public boolean tooMany() {
        return tooMany;
    }
}
