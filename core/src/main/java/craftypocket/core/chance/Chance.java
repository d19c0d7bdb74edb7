package craftypocket.core.chance;

/**
 * Even chances from a number: the same number always gives the same draws. One is kept and started again and again, so
 * that surveys of many shuffles allocate nothing.
 *
 * <p>The numbers are those of the SplitMix64 generator of G. Steele, D. Lea and C. Flood, “Fast splittable pseudorandom
 * number generators”, OOPSLA 2014.
 */
public class Chance {

    /** The numbers of shuffles go from 1 to this. */
    public static final int MOST_SHUFFLES = Integer.MAX_VALUE;

    private static final long GOLDEN_GAMMA = 0x9e3779b97f4a7c15L;

    private long state;

    /** Starts the draws that belong to a number. */
    public Chance from(long number) {
        // Neighbouring numbers must not give draws that are the same but for a step.
        state = mix(number * GOLDEN_GAMMA + 1);
        return this;
    }

    /** 64 even bits. */
    public long bits() {
        state += GOLDEN_GAMMA;
        return mix(state);
    }

    /** A number from 0 to {@code bound - 1}. For bounds of a pack the unevenness is below one in ten million. */
    public int below(int bound) {
        return (int) (((bits() >>> 32) * bound) >>> 32);
    }

    private static long mix(long z) {
        z = (z ^ (z >>> 30)) * 0xbf58476d1ce4e5b9L;
        z = (z ^ (z >>> 27)) * 0x94d049bb133111ebL;
        return z ^ (z >>> 31);
    }
}
