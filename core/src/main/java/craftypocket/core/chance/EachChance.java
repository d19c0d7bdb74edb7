package craftypocket.core.chance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * All draws there are, one way after another: what is done with it is done again and again, until every draw has come out in
 * every way. Only draws from few are gone through; bits are too many.
 */
public final class EachChance extends Chance {

    /**
     * The chances of a draw and how it came out.
     *
     * @param odds by number, its weight among the others
     */
    private record Draw(double[] odds, int number) {

        double chance() {
            return odds[number] / Arrays.stream(odds).sum();
        }

        /** The same draw as it comes out next, or null when it has come out in every way. */
        Draw next() {
            return possible(odds, number + 1);
        }

        static Draw possible(double[] odds, int from) {
            int number = from;
            while (number < odds.length && odds[number] == 0) {
                number++;
            }
            return number < odds.length ? new Draw(odds, number) : null;
        }
    }

    private final List<Draw> known = new ArrayList<>();
    private int draws;
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
        if (draws == known.size()) {
            double[] even = new double[bound];
            Arrays.fill(even, 1);
            known.add(new Draw(even, 0));
        }
        return known.get(draws++).number();
    }

    /** A number that comes out as likely as its weight says; of what weighs nothing none does. */
    public int among(double[] odds) {
        if (draws == known.size()) {
            known.add(Draw.possible(odds, 0));
        }
        return known.get(draws++).number();
    }

    /** How likely the draws are that came out last. */
    public double weight() {
        double weight = 1;
        for (Draw draw : known) {
            weight *= draw.chance();
        }
        return weight;
    }

    /** Whether anything was drawn at all. */
    public boolean drew() {
        return !known.isEmpty();
    }

    /** Goes on to the next way in which the draws can come out; false when there is none. */
    public boolean next() {
        draws = 0;
        while (!known.isEmpty()) {
            Draw next = known.remove(known.size() - 1).next();
            if (next != null) {
                known.add(next);
                return true;
            }
        }
        return false;
    }

    /** Whether something was drawn that cannot be gone through. */
    public boolean tooMany() {
        return tooMany;
    }
}
