package craftypocket.core.moves;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Values;

/** What all shuffles in chunks share. */
public final class Chunks {

    private Chunks() {}

    /** Shuffles the {@code count} cards below {@code depth} overhand, in chunks of stated sizes or of such as hands only hit roughly. */
    public static void shuffle(Hands hands, Values values, int place, ChunksSetting chunks, int depth, int count) {
        if (values.allExact(chunks)) {
            hands.shuffles().overhand(place, depth, count, values.chunks(chunks));
        } else {
            hands.shuffles().overhandRoughly(place, depth, count, values.chunks(chunks));
        }
    }

    /** The sizes where the last chunk takes more cards with it. */
    public static int[] withMore(int[] sizes, int more) {
        int[] larger = sizes.clone();
        int last = larger.length - 1;
        while (last > 0 && larger[last] == 0) {
            last--;
        }
        larger[last] += more;
        return larger;
    }
}
