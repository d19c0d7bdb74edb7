package craftypocket.core.run;

import craftypocket.core.chance.OrderLaw;
import craftypocket.core.chance.ShuffleLaw;
import java.lang.ref.SoftReference;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * Where cards come to lie, by shuffle and places before it. The rows of a whole pack are the same for all routines: they are
 * kept from one survey to the next while there is memory for them, those of the shuffles that were used last.
 */
final class ShuffleRows {

    /** Not more chances than this are kept, eight bytes each. */
    private static final long MOST_KEPT = 20_000_000;

    private static SoftReference<ShuffleRows> kept = new SoftReference<>(null);

    /** By what a shuffle is, the one that was used last at the end. Guarded by itself. */
    private final Map<Object, Rows> shuffles = new LinkedHashMap<>(16, 0.75f, true);

    /** Everything that is remembered of one state. */
    private static final class Rows {
        private final Map<List<Integer>, double[][]> rows = new ConcurrentHashMap<>();
        private final AtomicLong cells = new AtomicLong();

        double[][] of(List<Integer> places, Supplier<double[][]> reckoned) {
            return rows.computeIfAbsent(places, any -> {
                double[][] made = reckoned.get();
                cells.addAndGet((long) made.length * made[0].length);
                return made;
            });
        }
    }

    /** Those of earlier surveys. */
    static synchronized ShuffleRows kept() {
        ShuffleRows now = kept.get();
        if (now == null) {
            now = new ShuffleRows();
            kept = new SoftReference<>(now);
        }
        return now;
    }

    private Rows of(Object shuffle) {
        synchronized (shuffles) {
            Rows rows = shuffles.computeIfAbsent(shuffle, any -> new Rows());
            long cells = shuffles.values().stream()
                    .mapToLong(each -> each.cells.get())
                    .sum();
            Iterator<Rows> oldest = shuffles.values().iterator();
            while (cells > MOST_KEPT && shuffles.size() > 1) {
                cells -= oldest.next().cells.get();
                oldest.remove();
            }
            return rows;
        }
    }

    /**
     * @param places where the cards lie, from 0, ascending
     * @return as {@link ShuffleLaw#places} says; not to be changed
     */
    double[] of(ShuffleLaw law, int[] places) {
        return of(law).of(numbers(places), () -> new double[][] {law.places(places)})[0];
    }

    /** How many cards of an order come to lie between two, as {@link OrderLaw#between} says; not to be changed. */
    double[][] between(boolean[] order, int riffles, int key, int wanted, int most) {
        IntStream lie = IntStream.range(0, order.length).filter(place -> order[place]);
        int[] places = IntStream.concat(IntStream.of(key, wanted), lie).toArray();
        return of(List.of(order.length, riffles, most))
                .of(numbers(places), () -> OrderLaw.between(order, riffles, key, wanted, most));
    }

    private static List<Integer> numbers(int[] places) {
        return IntStream.of(places).boxed().toList();
    }
}
