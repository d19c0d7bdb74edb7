package craftypocket.core.rehearse;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How evenly the beats of a step came, over several tries.
 *
 * <p>A try is the times of its beats, in milliseconds, rising. Each beat is held against its place in the {@link Grid} that the
 * other beats give. A beat that is off is told in parts of a beat: of 0, 700, 1645 and 2100 ms the third comes 35 % late.
 * Over several tries the median counts.
 *
 * @param tries how even each try was, in their order
 * @param tempo beats a minute, the median of the tries; 0 without any interval
 * @param variation the median of the tries’ coefficients of variation; 0 without a try of three beats
 * @param offsets by beat from the first, how far it was from its place, in parts of a beat; negative when it came early
 * @param off the beats that are further off than {@link #NOTICED}, the furthest first
 * @param exchange how far the exchange beat was from its place, in parts of a beat; 0 when there is none
 * @param change by how much the last beat was faster than the first, as a part; 0 where the tempo was kept
 */
public record Evenness(
        List<Try> tries,
        double tempo,
        double variation,
        List<Double> offsets,
        List<OffBeat> off,
        double exchange,
        double change) {

    /** More beats than this are no step. */
    public static final int MOST_BEATS = 200;

    public static final int MOST_TRIES = 50;

    /** A beat that is less than this part off is heard as even: common practice, from memory. */
    public static final double NOTICED = 0.1;

    /** A try with no more variation than this counts as even: common practice, from memory. */
    public static final double EVEN = 0.08;

    /**
     * One try.
     *
     * @param intervals between its beats, in milliseconds
     * @param offsets by beat from the first, how far it was from its place, in parts of a beat; empty when too many of them are
     *     elsewhere to say from where, or there are fewer than four
     * @param change by how much the last beat was faster than the first, as a part; 0 where the tempo was kept
     * @param tempo beats a minute; 0 without an interval
     * @param variation of its intervals without those to beats that are off: their standard deviation (with n − 1) over their
     *     mean; 0 with fewer than two
     * @param even whether it counts as even: of two intervals at least, and nothing to tell of it
     */
    public record Try(
            List<Double> intervals, List<Double> offsets, double change, double tempo, double variation, boolean even) {

        /** What there is to say of it, as {@link Evenness#told()}. */
        public String told() {
            return sentence(off(offsets), change);
        }
    }

    /**
     * A beat that hurries or drags.
     *
     * @param beat its number, from 1
     * @param by how much, as a part of a beat; negative when it comes early
     */
    public record OffBeat(int beat, double by) {

        /** “beat 2 comes 40 % early”. */
        public String sentence() {
            long percent = Math.round(Math.abs(by) * 100);
            return "beat " + beat + " comes " + percent + " % " + (by < 0 ? "early" : "late");
        }
    }

    /**
     * Looks at some tries.
     *
     * @param exchange the number of the exchange beat, from 1; 0 for none
     * @throws IllegalArgumentException when times do not rise, or there are too many
     */
    public static Evenness of(List<List<Double>> times, int exchange) {
        if (times.size() > MOST_TRIES) {
            throw new IllegalArgumentException("there are more than " + MOST_TRIES + " tries");
        }
        List<Try> tries = times.stream().map(Evenness::tried).toList();
        List<Double> offsets = offsets(tries);
        return new Evenness(
                tries,
                medianOf(tries.stream().filter(t -> t.tempo() > 0).map(Try::tempo)),
                medianOf(tries.stream().filter(t -> t.intervals().size() > 1).map(Try::variation)),
                offsets,
                off(offsets),
                exchange > 0 && exchange <= offsets.size() ? offsets.get(exchange - 1) : 0,
                medianOf(tries.stream().filter(t -> !t.offsets().isEmpty()).map(Try::change)));
    }

    /** What there is to say of it: “beat 3 comes 35 % late”, “it gets 18 % faster”; empty when nothing is off. */
    public String told() {
        return sentence(off, change);
    }

    private static String sentence(List<OffBeat> off, double change) {
        Stream<String> tempo = Math.abs(change) > NOTICED
                ? Stream.of(
                        "it gets " + Math.round(Math.abs(change) * 100) + " % " + (change > 0 ? "faster" : "slower"))
                : Stream.empty();
        return Stream.concat(off.stream().map(OffBeat::sentence), tempo).collect(Collectors.joining(", "));
    }

    private static Try tried(List<Double> beats) {
        if (beats.size() > MOST_BEATS) {
            throw new IllegalArgumentException("a try has more than " + MOST_BEATS + " beats");
        }
        List<Double> intervals = new ArrayList<>();
        for (int i = 1; i < beats.size(); i++) {
            double interval = beats.get(i) - beats.get(i - 1);
            if (!(interval > 0) || Double.isInfinite(interval)) {
                throw new IllegalArgumentException("beat " + (i + 1) + " does not come after beat " + i);
            }
            intervals.add(interval);
        }
        double[] times = beats.stream().mapToDouble(Double::doubleValue).toArray();
        Optional<Grid> grid = Grid.of(times);
        double[] compared = grid.map(g -> g.intervals(times))
                .orElseGet(() ->
                        intervals.stream().mapToDouble(Double::doubleValue).toArray());
        double beat = grid.map(Grid::beat)
                .orElseGet(() -> Arrays.stream(compared).average().orElse(0));
        double variation = compared.length < 2
                ? 0
                : deviation(compared) / Arrays.stream(compared).average().orElseThrow();
        List<Double> offsets = grid.map(Grid::offsets).orElse(List.of());
        double change = grid.map(Grid::change).orElse(0.0);
        boolean told = grid.isEmpty() && beats.size() >= Grid.FEWEST
                || !sentence(off(offsets), change).isEmpty();
        return new Try(
                List.copyOf(intervals),
                offsets,
                change,
                beat > 0 ? 60_000 / beat : 0,
                variation,
                intervals.size() > 1 && variation <= EVEN && !told);
    }

    /** The standard deviation of a sample; 0 with fewer than two numbers. */
    public static double deviation(double[] sample) {
        if (sample.length < 2) {
            return 0;
        }
        double mean = Arrays.stream(sample).average().orElseThrow();
        double squares = Arrays.stream(sample).map(d -> (d - mean) * (d - mean)).sum();
        return Math.sqrt(squares / (sample.length - 1));
    }

    private static List<Double> offsets(List<Try> tries) {
        int most = tries.stream().mapToInt(t -> t.offsets().size()).max().orElse(0);
        return IntStream.range(0, most)
                .mapToObj(beat -> medianOf(tries.stream()
                        .filter(t -> t.offsets().size() > beat)
                        .map(t -> t.offsets().get(beat))))
                .toList();
    }

    private static List<OffBeat> off(List<Double> offsets) {
        return IntStream.range(0, offsets.size())
                .mapToObj(i -> new OffBeat(i + 1, offsets.get(i)))
                .filter(beat -> Math.abs(beat.by()) > NOTICED)
                .sorted(Comparator.comparingDouble(beat -> -Math.abs(beat.by())))
                .toList();
    }

    private static double medianOf(Stream<Double> values) {
        return median(values.mapToDouble(Double::doubleValue).toArray()).orElse(0);
    }

    /** The median; of an even number the mean of the middle two; empty without values. */
    public static OptionalDouble median(double... values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int middle = sorted.length / 2;
        if (sorted.length == 0) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2);
    }
}
