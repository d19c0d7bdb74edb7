package craftypocket.core.run;

import craftypocket.core.chance.ShuffleLaw;

/**
 * How a block has still to fall.
 *
 * @param law by which it does; null in chunks
 * @param times how often; 0 when it has fallen, or when its chunks are taken one by one
 */
record Falling(ShuffleLaw law, int times) {

    static final Falling DONE = new Falling(null, 0);

    /** In chunks, all at once. */
    static final Falling IN_CHUNKS = new Falling(null, 1);

    Falling next() {
        return times == 1 ? DONE : new Falling(law, times - 1);
    }
}
