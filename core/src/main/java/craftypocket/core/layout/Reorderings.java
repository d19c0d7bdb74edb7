package craftypocket.core.layout;

import craftypocket.core.chance.Chance;

/**
 * What can happen to the cards of one pile: pure reorderings of bytes, the top card first. The convention for all of them
 * is {@code after[i] == before[source[i]]}.
 */
final class Reorderings {

    private final byte[] state;
    private final byte[] scratch;

    /** @param scratch room for a whole pile */
    Reorderings(byte[] state, byte[] scratch) {
        this.state = state;
        this.scratch = scratch;
    }

    /** The first {@code depth} bytes go behind the others. */
    void cut(int from, int size, int depth) {
        System.arraycopy(state, from, scratch, 0, depth);
        System.arraycopy(state, from + depth, state, from, size - depth);
        System.arraycopy(scratch, 0, state, from + size - depth, depth);
    }

    /**
     * A block moves within its pile or to another.
     *
     * @param from where its pile begins
     * @param size how many bytes that has
     * @param to where the other pile begins; the same for a move within
     * @param toSize how many bytes that has, without the block
     */
    void move(int from, int size, int depth, int count, int to, int toSize, int into) {
        System.arraycopy(state, from + depth, scratch, 0, count);
        System.arraycopy(state, from + depth + count, state, from + depth, size - depth - count);
        System.arraycopy(state, to + into, state, to + into + count, toSize - into);
        System.arraycopy(scratch, 0, state, to + into, count);
    }

    void reverse(int from, int count) {
        int low = from;
        int high = from + count - 1;
        while (low < high) {
            byte first = state[low];
            state[low++] = state[high];
            state[high--] = first;
        }
    }

    /** The block is reversed and each card shows its other side. */
    void turn(int from, int count) {
        reverse(from, count);
        for (int i = from; i < from + count; i++) {
            state[i] = Slot.turned(state[i]);
        }
    }

    /** Chunks land one on another; what they leave over lands last, as one. */
    void overhand(int from, int count, int[] chunks) {
        System.arraycopy(state, from, scratch, 0, count);
        int taken = 0;
        for (int chunk : chunks) {
            System.arraycopy(scratch, taken, state, from + count - taken - chunk, chunk);
            taken += chunk;
        }
        System.arraycopy(scratch, taken, state, from, count - taken);
    }

    /** Two packets interlace card by card; what one has more lies below. */
    void weave(int from, int size, int cut, boolean in) {
        System.arraycopy(state, from, scratch, 0, size);
        int upper = 0;
        int lower = cut;
        for (int i = 0; i < size; i++) {
            boolean turn = (i % 2 == 0) != in;
            boolean takesUpper = lower == size || (upper < cut && turn);
            state[from + i] = scratch[takesUpper ? upper++ : lower++];
        }
    }

    /**
     * Each bit of chance lets the next card, from the top, come from the one packet or from the other; the number of ones is
     * then the binomial cut, and every interleaving is equally likely.
     */
    void riffle(int from, int size, Chance draws) {
        long low = draws.bits();
        long high = size > Long.SIZE ? draws.bits() : 0;
        int upper = Long.bitCount(size >= Long.SIZE ? low : low & ((1L << size) - 1))
                + (size > Long.SIZE ? Long.bitCount(high & ((1L << (size - Long.SIZE)) - 1)) : 0);
        System.arraycopy(state, from, scratch, 0, size);
        int lower = upper;
        int taken = 0;
        for (int i = 0; i < size; i++) {
            // Bits are spent without a branch: whichever packet gives the card moves on by one.
            int bit = (int) (i < Long.SIZE ? low >>> i : high >>> (i - Long.SIZE)) & 1;
            state[from + i] = scratch[lower + ((taken - lower) & -bit)];
            taken += bit;
            lower += 1 - bit;
        }
    }

    /** Every interleaving of two packets is equally likely. */
    void riffleAt(int from, int count, int cut, Chance draws) {
        System.arraycopy(state, from, scratch, 0, count);
        int upper = 0;
        int lower = cut;
        for (int i = 0; i < count; i++) {
            boolean fromUpper = draws.below(count - i) < cut - upper;
            state[from + i] = scratch[fromUpper ? upper++ : lower++];
        }
    }

    /** The boundaries of the chunks are any of the gaps between cards, equally likely. */
    void overhandByChance(int from, int size, int chunks, Chance draws) {
        System.arraycopy(state, from, scratch, 0, size);
        int gapsWanted = chunks - 1;
        int chunkStart = 0;
        for (int gap = 1; gap <= size; gap++) {
            boolean ends = gap == size;
            if (!ends && gapsWanted > 0 && draws.below(size - gap) < gapsWanted) {
                gapsWanted--;
                ends = true;
            }
            if (ends) {
                System.arraycopy(scratch, chunkStart, state, from + size - gap, gap - chunkStart);
                chunkStart = gap;
            }
        }
    }

    /** All orders are equally likely. */
    void wash(int from, int size, Chance draws) {
        for (int i = size - 1; i > 0; i--) {
            int other = draws.below(i + 1);
            byte slot = state[from + i];
            state[from + i] = state[from + other];
            state[from + other] = slot;
        }
    }
}
