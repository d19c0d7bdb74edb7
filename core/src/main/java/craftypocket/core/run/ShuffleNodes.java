package craftypocket.core.run;

import java.util.Arrays;
import java.util.stream.IntStream;

/** States in the middle of a step that shuffles: a block, where its cards lie and how they have to fall, or an end. */
final class ShuffleNodes {

    /** Instead of a block: no block is shuffled any more. */
    static final int ENDED = -1;

    private static final int FEW = 64;

    private int[] group = new int[FEW];
    private int[] at = new int[FEW];
    private Falling[] falling = new Falling[FEW];
    private int size;

    int add(int newGroup, int newAt, Falling newFalling) {
        if (size == group.length) {
            group = Arrays.copyOf(group, 2 * size);
            at = Arrays.copyOf(at, 2 * size);
            falling = Arrays.copyOf(falling, 2 * size);
        }
        group[size] = newGroup;
        at[size] = newAt;
        falling[size] = newFalling;
        return size++;
    }

    int size() {
        return size;
    }

    /** The number of its block; {@link #ENDED} for an end. */
    int group(int node) {
        return group[node];
    }

    /** In which cell its cards lie; of an end, which one it is. */
    int at(int node) {
        return at[node];
    }

    Falling falling(int node) {
        return falling[node];
    }

    /** Whether a block of any of them is still to be shuffled. */
    boolean anyGoesOn() {
        return IntStream.range(0, size).anyMatch(node -> group[node] != ENDED);
    }
}
