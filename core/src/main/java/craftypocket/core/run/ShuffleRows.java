package craftypocket.core.run;

import craftypocket.core.chance.ShuffleLaw;
import java.lang.ref.SoftReference;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;

/**
 * Where cards come to lie, by shuffle and places before it. The rows of a whole pack are the same for all routines: they are
 * kept from one survey to the next while there is memory for them.
 */
final class ShuffleRows {

    /** Not more chances than this are kept, eight bytes each. */
    private static final long MOST_KEPT = 15_000_000;

    private static SoftReference<ShuffleRows> kept = new SoftReference<>(null);

    private record Key(ShuffleLaw law, List<Integer> places) {}

    private final Map<Key, double[]> rows = new ConcurrentHashMap<>();
    private final AtomicLong cells = new AtomicLong();

    /** Those of earlier surveys; new ones once they are too many. */
    static synchronized ShuffleRows kept() {
        ShuffleRows now = kept.get();
        if (now == null || now.cells.get() > MOST_KEPT) {
            now = new ShuffleRows();
            kept = new SoftReference<>(now);
        }
        return now;
    }

    /**
     * @param places where the cards lie, from 0, ascending
     * @return as {@link ShuffleLaw#places} says; not to be changed
     */
    double[] of(ShuffleLaw law, int[] places) {
        Key key = new Key(law, IntStream.of(places).boxed().toList());
        return rows.computeIfAbsent(key, any -> {
            double[] row = law.places(places);
            cells.addAndGet(row.length);
            return row;
        });
    }
}
