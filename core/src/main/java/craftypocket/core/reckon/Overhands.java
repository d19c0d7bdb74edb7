package craftypocket.core.reckon;

/** Exact odds of an overhand shuffle whose chunk boundaries are any of the gaps between cards, all equally likely. */
public final class Overhands {

    private Overhands() {}

    /**
     * The chance that two neighbours are never parted.
     *
     * @param cards how many cards are shuffled, at least 2
     * @param chunks in how many chunks, from 1 to {@code cards}
     * @param times how often
     */
    public static double neighboursStay(int cards, int chunks, int times) {
        return Math.pow(1 - (chunks - 1.0) / (cards - 1.0), times);
    }
}
