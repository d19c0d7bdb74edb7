package craftypocket.core.run;

import java.util.Arrays;

/** How the states before a step lead to those after it: one link for each way of doing it from each state, in order. */
final class Links {

    private final int width;
    private int[] from = new int[16];
    private int[] to = new int[16];
    private long[] failed = new long[16];
    private int[] numbers;
    private int size;

    /** @param width how many numbers each way of doing it has */
    Links(int width) {
        this.width = width;
        numbers = new int[16 * width];
    }

    /**
     * Adds a link.
     *
     * @param fails the conditions of the step that fail on it, a bit each
     * @param chosen the numbers; those not made are {@link Tally#NOT_MADE}
     */
    void add(int before, int after, long fails, int[] chosen) {
        if (size == from.length) {
            from = Arrays.copyOf(from, 2 * size);
            to = Arrays.copyOf(to, 2 * size);
            failed = Arrays.copyOf(failed, 2 * size);
            numbers = Arrays.copyOf(numbers, 2 * size * width);
        }
        from[size] = before;
        to[size] = after;
        failed[size] = fails;
        System.arraycopy(chosen, 0, numbers, size * width, width);
        size++;
    }

    int size() {
        return size;
    }

    int from(int link) {
        return from[link];
    }

    int to(int link) {
        return to[link];
    }

    /** Whether a condition of the step fails on it. */
    boolean fails(int link, int bit) {
        return (failed[link] & 1L << bit) != 0;
    }

    boolean holds(int link) {
        return failed[link] == 0;
    }

    /** A number with which the step is done on it, or {@link Tally#NOT_MADE}. */
    int number(int link, int choice) {
        return numbers[link * width + choice];
    }
}
