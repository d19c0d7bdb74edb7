package craftypocket.core.run;

import java.util.Arrays;

/** A layer of single ways: one link for each way of doing something from each state, in the order of those states. */
final class Links implements Layer {

    private static final int[] NO_CONDITIONS = {};

    private final int firstChoice;
    private final int width;
    private final int[] conditions;
    private int[] from = new int[16];
    private int[] to = new int[16];
    private int[] numbers;
    /** By link, the conditions that fail on it, a bit each; null as long as none fails on any. */
    private long[] failed;
    /** The chance of each; null while they count as one each. */
    private double[] weights;

    /** By which history each came to its state; null while all did by the same. */
    private int[] histories;

    private int size;

    /**
     * @param firstChoice the first of the plan's choices whose numbers its ways have
     * @param width how many they have
     * @param conditions which conditions of the plan can fail on them: at most 64
     */
    Links(int firstChoice, int width, int[] conditions) {
        this.firstChoice = firstChoice;
        this.width = width;
        this.conditions = conditions;
        numbers = new int[16 * width];
    }

    /** Links on which no condition is judged. */
    Links(int firstChoice, int width) {
        this(firstChoice, width, NO_CONDITIONS);
    }

    /**
     * Adds a link.
     *
     * @param fails the conditions that fail on it, a bit each
     * @param weight 1 where ways are counted, else its chance
     * @param chosen the numbers; those not made are {@link Tally#NOT_MADE}
     */
    void add(int before, int after, long fails, double weight, int... chosen) {
        if (size == from.length) {
            from = Arrays.copyOf(from, 2 * size);
            to = Arrays.copyOf(to, 2 * size);
            numbers = Arrays.copyOf(numbers, 2 * size * width);
            failed = failed == null ? null : Arrays.copyOf(failed, 2 * size);
            weights = weights == null ? null : Arrays.copyOf(weights, 2 * size);
        }
        from[size] = before;
        to[size] = after;
        System.arraycopy(chosen, 0, numbers, size * width, width);
        if (fails != 0) {
            failed = failed == null ? new long[from.length] : failed;
            failed[size] = fails;
        }
        if (weight != 1 && weights == null) {
            weights = new double[from.length];
            Arrays.fill(weights, 0, size, 1);
        }
        if (weights != null) {
            weights[size] = weight;
        }
        size++;
    }

    int size() {
        return size;
    }

    /** Takes back all links but the first ones. */
    void cutBackTo(int kept) {
        if (failed != null) {
            Arrays.fill(failed, kept, size, 0);
        }
        size = kept;
    }

    /** The states after it are fewer from now on. */
    void moveTo(Histories same) {
        histories = new int[size];
        for (int link = 0; link < size; link++) {
            histories[link] = same.came(to[link]);
            to[link] = same.moved(to[link]);
        }
    }

    /** By which of the histories that are one now a link came to its state. */
    int history(int link) {
        return histories == null ? 0 : histories[link];
    }

    int from(int link) {
        return from[link];
    }

    int to(int link) {
        return to[link];
    }

    double weight(int link) {
        return weights == null ? 1 : weights[link];
    }

    /** Which conditions of the plan can fail on it. */
    int[] conditions() {
        return conditions;
    }

    /** Whether one of its conditions fails on a link. */
    boolean fails(int link, int bit) {
        return failed != null && (failed[link] & 1L << bit) != 0;
    }

    /** Notes whether one of its conditions fails on a link. */
    void judge(int link, int bit, boolean holds) {
        if (!holds && failed == null) {
            failed = new long[from.length];
        }
        if (failed != null) {
            failed[link] = holds ? failed[link] & ~(1L << bit) : failed[link] | 1L << bit;
        }
    }

    boolean holds(int link) {
        return failed == null || failed[link] == 0;
    }

    int firstChoice() {
        return firstChoice;
    }

    int width() {
        return width;
    }

    /** A number with which the step is done on it, or {@link Tally#NOT_MADE}. */
    int number(int link, int choice) {
        return numbers[link * width + choice];
    }

    /** Whether a link goes with the numbers of a world. */
    boolean goesWith(int link, int[] chosen) {
        for (int choice = 0; choice < width; choice++) {
            if (number(link, choice) != chosen[firstChoice + choice]) {
                return false;
            }
        }
        return true;
    }

    /** Links stand in the order of the states from which they lead. */
    int firstFrom(int state) {
        int low = 0;
        int high = size - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (from[middle] < state) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    @Override
    public void forward(double[] in, double[] out) {
        for (int link = 0; link < size; link++) {
            out[to[link]] += Layer.product(in[from[link]], weight(link));
        }
    }

    @Override
    public void backward(double[] out, double[] in) {
        for (int link = 0; link < size; link++) {
            in[from[link]] += Layer.product(out[to[link]], weight(link));
        }
    }
}
