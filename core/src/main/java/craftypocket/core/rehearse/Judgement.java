package craftypocket.core.rehearse;

import java.util.Arrays;
import java.util.List;

/**
 * How well packets are judged by eye.
 *
 * @param guesses how many
 * @param bias how many cards too many are said on average; negative when too few
 * @param spread the standard deviation (with n − 1) of what is said too many; 0 with fewer than two guesses
 * @param margin by how many cards a guess may be off so that 19 of 20 are safe: the least number that at least 95 % of the
 *     guesses so far were not off by more (nearest rank)
 */
public record Judgement(int guesses, double bias, double spread, int margin) {

    /** With fewer guesses the margin says little: one in twenty cannot be seen in fewer. */
    public static final int ENOUGH = 20;

    private static final double SAFE = 0.95;

    /**
     * One guess.
     *
     * @param cards how many there were
     * @param said how many were said
     */
    public record Guess(int cards, int said) {}

    /** Looks at some guesses; with none everything is 0. */
    public static Judgement of(List<Guess> all) {
        int n = all.size();
        if (n == 0) {
            return new Judgement(0, 0, 0, 0);
        }
        double[] off = all.stream().mapToDouble(g -> g.said() - g.cards()).toArray();
        double bias = Arrays.stream(off).average().orElseThrow();
        double squares = Arrays.stream(off).map(d -> (d - bias) * (d - bias)).sum();
        int[] sizes =
                Arrays.stream(off).mapToInt(d -> (int) Math.abs(d)).sorted().toArray();
        return new Judgement(n, bias, n < 2 ? 0 : Math.sqrt(squares / (n - 1)), sizes[(int) Math.ceil(SAFE * n) - 1]);
    }

    /** Whether there are enough of them for the margin to be trusted. */
    public boolean enough() {
        return guesses >= ENOUGH;
    }
}
