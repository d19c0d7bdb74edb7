package craftypocket.core.rehearse;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * How evenly the beats of a step came, over several tries.
 *
 * <p>A try is the times of its beats, in milliseconds, rising. The interval before a beat belongs to it, so that the first
 * beat has none. Evenness is the coefficient of variation of the intervals: their standard deviation (with n − 1) over their
 * mean, 0 for beats of a clock. Which beat hurries or drags is told by its interval against the median of the others of the
 * same try, and of that the median over all tries.
 *
 * @param tries how even each try was, in their order
 * @param tempo beats a minute, over all tries; 0 without any interval
 * @param variation the median of the tries' coefficients of variation; 0 without a try of three beats
 * @param ratios by beat from the second, its interval against the others: 0.6 comes 40 % early
 * @param off the beat that is furthest off, when it is further than {@link #NOTICED}
 * @param exchange how the exchange beat's interval stands to the mean of its neighbours'; 1 when it has none
 */
public record Evenness(
        List<Try> tries, double tempo, double variation, List<Double> ratios, Optional<OffBeat> off, double exchange) {

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
     * @param variation their coefficient of variation; 0 with fewer than two of them
     * @param even whether it counts as even: of two intervals at least
     */
    public record Try(List<Double> intervals, double variation, boolean even) {}

    /**
     * A beat that hurries or drags.
     *
     * @param beat its number, from 1
     * @param by how much, as a part of an even interval; negative when it comes early
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
        List<Double> ratios = ratios(tries);
        double[] all = tries.stream()
                .flatMap(t -> t.intervals().stream())
                .mapToDouble(Double::doubleValue)
                .toArray();
        double[] variations = tries.stream()
                .filter(t -> t.intervals().size() > 1)
                .mapToDouble(Try::variation)
                .toArray();
        return new Evenness(
                tries,
                all.length == 0 ? 0 : 60_000 / Arrays.stream(all).average().orElseThrow(),
                median(variations).orElse(0),
                ratios,
                off(ratios),
                exchange(tries, exchange - 2));
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
        double variation = variation(intervals);
        return new Try(List.copyOf(intervals), variation, intervals.size() > 1 && variation <= EVEN);
    }

    private static double variation(List<Double> intervals) {
        double[] all = intervals.stream().mapToDouble(d -> d).toArray();
        return all.length < 2
                ? 0
                : deviation(all) / Arrays.stream(all).average().orElseThrow();
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

    private static List<Double> ratios(List<Try> tries) {
        int most = tries.stream().mapToInt(t -> t.intervals().size()).max().orElse(0);
        return IntStream.range(0, most)
                .mapToObj(beat -> median(tries.stream()
                                .filter(t -> t.intervals().size() > beat
                                        && t.intervals().size() > 1)
                                .mapToDouble(t -> t.intervals().get(beat) / others(t.intervals(), beat))
                                .toArray())
                        .orElse(1))
                .toList();
    }

    private static double others(List<Double> intervals, int beat) {
        return median(IntStream.range(0, intervals.size())
                        .filter(i -> i != beat)
                        .mapToDouble(intervals::get)
                        .toArray())
                .orElse(1);
    }

    private static Optional<OffBeat> off(List<Double> ratios) {
        return IntStream.range(0, ratios.size())
                .mapToObj(i -> new OffBeat(i + 2, ratios.get(i) - 1))
                .filter(beat -> Math.abs(beat.by()) > NOTICED)
                .reduce((one, other) -> Math.abs(other.by()) > Math.abs(one.by()) ? other : one);
    }

    /** Held against the intervals on either side of it; the first and the last have one. */
    private static double exchange(List<Try> tries, int interval) {
        return median(tries.stream()
                        .map(Try::intervals)
                        .filter(all -> interval >= 0 && interval < all.size() && all.size() > 1)
                        .mapToDouble(all -> all.get(interval)
                                / IntStream.of(interval - 1, interval + 1)
                                        .filter(beside -> beside >= 0 && beside < all.size())
                                        .mapToDouble(all::get)
                                        .average()
                                        .orElseThrow())
                        .toArray())
                .orElse(1);
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
