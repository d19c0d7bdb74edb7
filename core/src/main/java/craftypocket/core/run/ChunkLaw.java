package craftypocket.core.run;

import craftypocket.core.read.Choice;
import craftypocket.core.settings.Amount;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Where a few cards of a block come to lie that hands shuffle in chunks of which each can be larger or smaller, chunk by chunk.
 * Chunks land one on another. A card’s place follows from the chunk in which it is taken: what was taken before lies below it, and
 * what is left then comes on top. So only the chunks with followed cards are gone through, and the ways between them are counted once.
 */
final class ChunkLaw {

    /**
     * What says how a block is shuffled.
     *
     * @param amounts the chunks as they were stated
     * @param only by chunk, the one number that is looked at, or {@link Choice#ALL}
     * @param weighed whether the numbers of a chunk weigh one together, or each
     * @param count how many cards the block has
     * @param leaves whether they may leave cards over
     * @param turns whether every second one comes to lie turned over above all others, and the others stay below
     */
    record Chunks(List<Amount> amounts, List<Integer> only, boolean weighed, int count, boolean leaves, boolean turns) {

        /** Where a card comes to lie by one chunk. */
        int moved(int place, int chunk, int gone, int takes) {
            if (turns && chunk % 2 == 0) {
                return place;
            }
            int within = turns ? gone + takes - 1 - place : place - gone;
            return place < gone ? place + takes : place < gone + takes ? within : place;
        }
    }

    /**
     * Where followed cards come to lie.
     *
     * @param cells {@code Σ place[i] · count^i}, ascending
     * @param ways in how many ways, or with which chance, they come to lie there
     */
    record Row(int[] cells, double[] ways) {}

    /** With more cards to follow, there are too many places. */
    static final int MOST_FOLLOWED = 2;

    private static final Taken NOTHING = new Taken(new int[0], new int[0], 0);

    /**
     * What a chunk can be.
     *
     * @param numbers what can be chosen, {@link Tally#NOT_MADE} where nothing is
     * @param takes how many cards are taken with each
     * @param weight of each
     */
    record Taken(int[] numbers, int[] takes, double weight) {}

    private final Chunks chunks;
    private final int count;
    private final int last;
    /** By chunk and cards that are gone before it, what it can be. */
    private final Taken[][] taken;
    /** The same, and how many numbers it could be if all were looked at; 0 when the cards have run out. */
    private final int[][] numbers;
    /** By chunk and cards that are gone before it, the ways to go on to the end. */
    private final double[][] on;
    /** The ways from one chunk, with so many cards gone before it, to each later one. */
    private final Map<Integer, double[][]> through = new HashMap<>();

    /** Of the number of cards. */
    private final int[] powers;

    private long all;
    private final Map<List<Integer>, Row> rows = new HashMap<>();
    private double[] ways = {};

    ChunkLaw(Chunks chunks) {
        this.chunks = chunks;
        count = chunks.count;
        last = chunks.amounts.size() - 1;
        taken = new Taken[last + 1][count + 1];
        numbers = new int[last + 1][count + 1];
        on = new double[last + 2][count + 1];
        Arrays.fill(on[last + 1], 1);
        for (int chunk = last; chunk >= 0; chunk--) {
            for (int gone = 0; gone <= count; gone++) {
                taken[chunk][gone] = canTake(chunk, gone);
                for (int takes : taken[chunk][gone].takes) {
                    on[chunk][gone] += taken[chunk][gone].weight * on[chunk + 1][gone + takes];
                }
            }
        }
        for (int chunk = 0; chunk <= last; chunk++) {
            for (int gone = 0; gone <= count; gone++) {
                all += reaches(chunk, gone) ? taken[chunk][gone].takes.length : 0;
            }
        }
        powers = IntStream.iterate(1, power -> power * count)
                .limit(MOST_FOLLOWED + 1)
                .toArray();
    }

    /** What a chunk can be when so many cards are gone; those that are left over the last one takes. */
    private Taken canTake(int chunk, int gone) {
        Amount amount = chunks.amounts.get(chunk);
        int only = chunks.only.get(chunk);
        int left = count - gone;
        boolean takesAll = chunk == last && !chunks.leaves;
        if (!amount.isChoice()) {
            int number = amount.kind() == Amount.Kind.REST ? left : Math.min(amount.low(), left);
            return new Taken(new int[] {Tally.NOT_MADE}, new int[] {takesAll ? left : number}, 1);
        }
        if (left == 0 && chunk > 0) {
            return only == Choice.ALL ? new Taken(new int[] {Tally.NOT_MADE}, new int[] {0}, 1) : NOTHING;
        }
        boolean any = amount.kind() == Amount.Kind.ANY;
        int low = Math.min(any ? 1 : amount.low(), left);
        int high = any ? left : Math.min(amount.high(), left);
        numbers[chunk][gone] = high - low + 1;
        int[] possible = IntStream.rangeClosed(low, high)
                .filter(number -> only == Choice.ALL || only == number)
                .toArray();
        int[] takes = takesAll ? IntStream.of(possible).map(number -> left).toArray() : possible;
        return new Taken(possible, takes, chunks.weighed ? 1.0 / (high - low + 1) : 1);
    }

    /** How many numbers a chunk can be; 0 when the cards have run out before it. */
    int numbers(int chunk, int gone) {
        return numbers[chunk][gone];
    }

    /** How its chunks are said. */
    Chunks chunks() {
        return chunks;
    }

    /** What a chunk can be when so many cards are gone. */
    Taken taken(int chunk, int gone) {
        return taken[chunk][gone];
    }

    /** From which number of cards that are gone a chunk can be taken. */
    boolean reaches(int chunk, int gone) {
        return through(0, 0)[chunk][gone] > 0;
    }

    /** In how many ways its chunks can be taken, all together, whatever was before each. */
    long taken() {
        return all;
    }

    private double[][] through(int chunk, int gone) {
        return through.computeIfAbsent(chunk * (count + 1) + gone, any -> {
            double[][] ways = new double[last + 2][count + 1];
            ways[chunk][gone] = 1;
            for (int at = chunk; at <= last; at++) {
                for (int before = gone; before <= count; before++) {
                    Taken here = taken[at][before];
                    for (int takes : here.takes) {
                        ways[at + 1][before + takes] += ways[at][before] * here.weight;
                    }
                }
            }
            return ways;
        });
    }

    // ---- places ----------------------------------------------------------------------------------------------------

    /** @param places where the followed cards lie, from 0, ascending */
    Row row(int[] places) {
        return rows.computeIfAbsent(Arrays.stream(places).boxed().toList(), any -> {
            ways = new double[powers[places.length]];
            follow(places, 0, 0, 0, 1, 0);
            int[] cells = IntStream.range(0, ways.length)
                    .filter(cell -> ways[cell] > 0)
                    .toArray();
            return new Row(
                    cells, Arrays.stream(cells).mapToDouble(cell -> ways[cell]).toArray());
        });
    }

    /** Goes on to each chunk in which the next followed card can be. */
    private void follow(int[] places, int card, int chunk, int gone, double weight, int cell) {
        if (card == places.length) {
            ways[cell] += weight * on[chunk][gone];
            return;
        }
        double[][] between = through(chunk, gone);
        for (int at = chunk; at <= last; at++) {
            for (int before = gone; before <= places[card]; before++) {
                Taken here = taken[at][before];
                double weightHere = weight * between[at][before] * here.weight;
                for (int i = weightHere > 0 ? 0 : here.takes.length; i < here.takes.length; i++) {
                    int after = before + here.takes[i];
                    if (after > places[card]) {
                        follow(places, card, at, before, after, weightHere, cell);
                    }
                }
            }
        }
    }

    /** The followed cards that are in a chunk lie where it does. */
    private void follow(int[] places, int card, int chunk, int before, int after, double weight, int cell) {
        int scale = powers[card];
        int next = card;
        int here = cell;
        while (next < places.length && places[next] < after) {
            here += scale * (count - after + places[next] - before);
            scale *= count;
            next++;
        }
        follow(places, next, chunk + 1, after, weight, here);
    }

    // ---- one way ---------------------------------------------------------------------------------------------------

    /**
     * The first numbers, in their order, with which the cards come to lie as wanted.
     *
     * @param places where the followed cards lie, from 0
     * @param wanted which cells are
     * @return by chunk; those not made are {@link Tally#NOT_MADE}
     */
    int[] first(int[] places, IntPredicate wanted) {
        int[] numbers = new int[last + 1];
        if (!first(0, 0, places, wanted, numbers, new HashSet<>())) {
            throw new IllegalStateException("no chunks lead there");
        }
        return numbers;
    }

    private boolean first(
            int chunk, int gone, int[] places, IntPredicate wanted, int[] numbers, Set<List<Integer>> tried) {
        if (chunk > last) {
            int cell = 0;
            for (int card = places.length - 1; card >= 0; card--) {
                cell = cell * count + places[card];
            }
            return wanted.test(cell);
        }
        List<Integer> here = new ArrayList<>(List.of(chunk, gone));
        Arrays.stream(places).forEach(here::add);
        if (!tried.add(here)) {
            return false;
        }
        Taken can = taken[chunk][gone];
        for (int i = 0; i < can.takes.length; i++) {
            int takes = can.takes[i];
            int[] after = Arrays.stream(places)
                    .map(place -> chunks.moved(place, chunk, gone, takes))
                    .toArray();
            numbers[chunk] = can.numbers[i];
            if (first(chunk + 1, gone + takes, after, wanted, numbers, tried)) {
                return true;
            }
        }
        return false;
    }
}
