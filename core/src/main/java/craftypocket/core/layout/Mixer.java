package craftypocket.core.layout;

import craftypocket.core.chance.ShuffleLaw;

/** Stands in for hands that would shuffle a block of a pile by chance, or in chunks of sizes that nobody knows. */
@FunctionalInterface
public interface Mixer {

    /**
     * A block is about to be shuffled: holds and knowledge have suffered it already, its cards lie as before.
     *
     * @param place which pile
     * @param depth how many cards lie above the block
     * @param count how many it has
     * @param law how it falls by chance; null when it is shuffled in the chunks of a setting
     * @param times how often it does, one time after another
     * @return whether that was seen to; otherwise it is shuffled as usual
     */
    boolean mixes(int place, int depth, int count, ShuffleLaw law, int times);
}
