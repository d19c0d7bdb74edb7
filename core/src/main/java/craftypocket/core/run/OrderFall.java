package craftypocket.core.run;

import craftypocket.core.chance.ShuffleLaw;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Order;
import craftypocket.core.layout.Slot;
import java.util.Arrays;
import java.util.BitSet;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** How a pile falls in which cards of an order lie: with which chance so many of them come between the two of which that is kept. */
final class OrderFall {

    /** A pack of 52 riffled five times, where only the next card is asked for: some tenths of a second. */
    private static final double MOST_WORK = 32 * 2 * Math.pow(52, 4);

    private final int cards;
    /** Which of the followed cards the key and theirs are. */
    private final int key;

    private final int wanted;
    private final int most;
    /** Says what {@link craftypocket.core.chance.OrderLaw#between} does; null where theirs never comes. */
    private final Supplier<double[][]> law;

    private OrderFall(int cards, int key, int wanted, int most, Supplier<double[][]> law) {
        this.cards = cards;
        this.key = key;
        this.wanted = wanted;
        this.most = most;
        this.law = law;
    }

    /**
     * Of a pile; null where nobody knows, as it is not riffled, too often, or the two do not lie there.
     *
     * @param order of which cards it is kept
     * @param slug the cards of the order
     * @param roles on which it is said whose cards are whose
     * @param slots the pile before it falls
     * @param followed where the followed cards lie in it, from 0
     * @param law by which it falls; null for chunks
     */
    static OrderFall of(Order order, int[] slug, Hands roles, byte[] slots, int[] followed, ShuffleLaw law, int times) {
        if (law == null || law.kind() != ShuffleLaw.Kind.RIFFLE) {
            return null;
        }
        BitSet cards = new BitSet();
        Arrays.stream(slug).forEach(cards::set);
        boolean[] ordered = new boolean[slots.length];
        for (int i = 0; i < slots.length; i++) {
            ordered[i] = cards.get(Slot.card(slots[i]));
        }
        int key = which(roles.cardOf(order.key()), slots, followed);
        int wanted = which(roles.cardOf(order.wanted()), slots, followed);
        boolean others = key >= 0 && IntStream.range(0, slots.length).anyMatch(i -> i != followed[key] && ordered[i]);
        if (!others || wanted < 0) {
            return null;
        }
        boolean comes = key != wanted && ordered[followed[wanted]];
        if (comes && work(slots.length, times, order.most()) > MOST_WORK) {
            return null;
        }
        // It takes long: so it is asked for one by one, where it can be stopped in between.
        Supplier<double[][]> reckons =
                () -> ShuffleRows.kept().between(ordered, times, followed[key], followed[wanted], order.most());
        return new OrderFall(slots.length, key, wanted, order.most(), comes ? reckons : null);
    }

    /** How long the law takes: twice as long with each riffle, sixteen times with twice as many cards. */
    private static double work(int cards, int riffles, int most) {
        return Math.pow(2, riffles) * (most + 1) * Math.pow(cards, 4);
    }

    private static int which(int card, byte[] slots, int[] followed) {
        return IntStream.range(0, followed.length)
                .filter(i -> Slot.card(slots[followed[i]]) == card)
                .findFirst()
                .orElse(-1);
    }

    /** Whether theirs comes, sooner or later. */
    boolean comes() {
        return law != null;
    }

    /** How many numbers can come between. */
    int numbers() {
        return most + 1;
    }

    /** Where nobody but the two is followed: by how many come between, and by their places, the first of the two counting less, its chance. */
    double[] row() {
        int places = cards * cards;
        double[] row = new double[numbers() * places];
        double[][] chances = law.get();
        for (int met = 0; met <= most; met++) {
            for (int cell = 0; cell < places; cell++) {
                int mine = key < wanted ? cell : cell / cards + cell % cards * cards;
                row[met * places + mine] = chances[met][cell];
            }
        }
        return row;
    }

    /**
     * Calls back for each number that can come between where the followed cards have come to lie at these places.
     *
     * @param fall of the pile; null where nobody knows, which is told as less than 0
     */
    static void each(OrderFall fall, int[] places, Between between) {
        if (fall == null) {
            between.come(-1, 1);
        } else if (!fall.comes()) {
            between.come(fall.most, 1);
        } else {
            int cell = places[fall.key] + fall.cards * places[fall.wanted];
            double[][] chances = fall.law.get();
            double all =
                    Arrays.stream(chances).mapToDouble(chance -> chance[cell]).sum();
            for (int met = 0; met <= fall.most; met++) {
                if (chances[met][cell] > 0) {
                    between.come(met, chances[met][cell] / all);
                }
            }
        }
    }

    /** With which chance so many come between. */
    @FunctionalInterface
    interface Between {
        void come(int many, double chance);
    }
}
