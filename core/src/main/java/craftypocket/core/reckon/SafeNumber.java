package craftypocket.core.reckon;

/**
 * The number to announce in a deal past the key. The cards are dealt face up; the selection lies directly below the key,
 * so with the key at depth k it is the card at k + 1, and must lie face up before the announced number is reached.
 *
 * @param estimate where the key is believed to be, counted from the top
 * @param error how far off the estimate may be, in cards
 */
public record SafeNumber(int estimate, int error) {

    /** The selection is one card past the key, and the announced card one past the selection. */
    public static final int PAST_THE_KEY = 2;

    public SafeNumber {
        if (estimate < 1 || error < 0) {
            throw new IllegalArgumentException(
                    "estimate " + estimate + " ± " + error + " must be at least 1 ± 0: give where the key is");
        }
    }

    /** The smallest number that is right for every depth within the estimate. */
    public int smallest() {
        return estimate + error + PAST_THE_KEY;
    }

    /** Whether a number is right for every depth within the estimate. */
    public boolean covers(int number) {
        return number >= smallest();
    }

    /** The least depth of the key at which a number is too small, whether or not the estimate reaches it. */
    public static int firstFailingDepth(int number) {
        return number - PAST_THE_KEY + 1;
    }
}
