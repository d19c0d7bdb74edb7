package craftypocket.core.layout;

import java.util.List;

/**
 * What has been seen: for each lookout its byte, in a section of the bytes of {@link Hands}, and, for as long as the step
 * lasts, what was shown in it.
 */
final class Sights {

    /** More displays than this in one step are not told apart; what is asked of them then is not answered with yes. */
    private static final int MOST_SHOWN = 250;

    private final Hands hands;
    private final Lookout[] lookouts;
    private final byte[] state;
    private final int at;
    private final byte[] shown = new byte[MOST_SHOWN];
    private int count;
    private int step = -1;

    Sights(Hands hands, List<Lookout> lookouts, byte[] state, int at) {
        this.hands = hands;
        this.lookouts = lookouts.toArray(Lookout[]::new);
        this.state = state;
        this.at = at;
    }

    boolean watching() {
        return lookouts.length > 0;
    }

    /** From here on sights are those of this step. */
    void atStep(int index) {
        step = index;
        count = 0;
    }

    void seen(int place, int card, boolean front, int turnedTo) {
        for (int i = 0; i < lookouts.length; i++) {
            Lookout lookout = lookouts[i];
            if (step >= lookout.from() && step <= lookout.to()) {
                state[at + i] = lookout.eye().seen(state[at + i], hands, place, card, front, turnedTo);
            }
        }
    }

    /** A side is shown, or glimpsed, in this step. */
    void shown(int card, boolean front) {
        if (count < MOST_SHOWN) {
            shown[count] = Slot.of(card, front);
        }
        count++;
    }

    /** How many sides were shown in this step; more than can be asked for when there are too many. */
    int shownCount() {
        return count;
    }

    boolean allKept() {
        return count <= MOST_SHOWN;
    }

    byte shown(int index) {
        return shown[index];
    }

    byte of(int lookout) {
        return state[at + lookout];
    }
}
