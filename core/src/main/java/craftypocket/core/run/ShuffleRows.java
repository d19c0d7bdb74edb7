package craftypocket.core.run;

import craftypocket.core.chance.OrderLaw;
import craftypocket.core.chance.ShuffleLaw;
import java.lang.ref.SoftReference;
import java.nio.ByteBuffer;
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
    private final Map<List<Object>, double[][]> orders = new ConcurrentHashMap<>();
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

    /** How many cards of an order come to lie between two, as {@link OrderLaw#between} says; not to be changed. */
    double[][] between(boolean[] order, int riffles, int key, int wanted, int most) {
        List<Object> asked = List.of(ByteBuffer.wrap(bytes(order)), riffles, key, wanted, most);
        return orders.computeIfAbsent(asked, any -> {
            double[][] chances = OrderLaw.between(order, riffles, key, wanted, most);
            cells.addAndGet((long) chances.length * chances[0].length);
            return chances;
        });
    }

    private static byte[] bytes(boolean[] flags) {
        byte[] bytes = new byte[flags.length];
        for (int i = 0; i < flags.length; i++) {
            bytes[i] = (byte) (flags[i] ? 1 : 0);
        }
        return bytes;
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
