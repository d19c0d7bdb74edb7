package craftypocket.core.rehearse;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The even grid behind the beats of a try, found through those that are off. It is the simplest of three that the beats follow:
 *
 * <ul>
 *   <li>a straight line, from which single beats may be displaced: 0, 700, <i>1645</i>, 2100;
 *   <li>a line that is moved once: a beat that hurries and is gone on from, 0, 500, <i>800</i>, 1300, 1800;
 *   <li>a tempo that changes steadily: 0, 700, 1365, 1997, 2597, 3167 gets faster, and no beat of it is off.
 * </ul>
 *
 * <p>Lines are laid by repeated medians (Siegel 1982), which fewer than half of the beats cannot move. The first beat is where a
 * count begins: when it does not fit the others, the second is what came early or late.
 *
 * @param beat from one beat to the next, in milliseconds; where the tempo changes, in the middle
 * @param offsets by beat from the first, how far it was from its place, in parts of a beat; negative when it came early
 * @param kept the number of the beat from which on the line is moved, from 1; 0 for none
 * @param change by how much the last beat was faster than the first, as a part; 0 where the tempo was kept
 */
record Grid(double beat, List<Double> offsets, int kept, double change) {

    /** Of fewer beats nobody can say which one is off. */
    static final int FEWEST = 4;

    /** A change of tempo needs more: through four beats a bow can always be drawn. */
    private static final int FEWEST_FOR_A_CHANGE = 5;

    /** So many places for a line to be moved are looked at: those of the intervals that differ most. */
    private static final int MOVES = 3;

    /** The grid of these times, in milliseconds, rising; none of fewer than four, nor where too many are off to say from what. */
    static Optional<Grid> of(double[] times) {
        int n = times.length;
        if (n < FEWEST) {
            return Optional.empty();
        }
        Grid straight = straight(times);
        boolean begun = Math.abs(straight.offsets.get(0)) <= Evenness.NOTICED;
        return Stream.of(
                        begun ? Stream.of(straight) : Stream.<Grid>empty(),
                        mostDiffering(times).mapToObj(at -> moved(times, at)).flatMap(Optional::stream),
                        begun ? Stream.<Grid>empty() : moved(times, 1).stream(),
                        n < FEWEST_FOR_A_CHANGE ? Stream.<Grid>empty() : bowed(times).stream())
                .flatMap(grids -> grids)
                .filter(grid -> grid.beat > 0)
                .min(Comparator.comparingDouble(Grid::faults))
                .filter(grid -> 2 * grid.off() <= n - 2);
    }

    private static Grid straight(double[] times) {
        double beat = slope(times.length, i -> i, i -> times[i], (i, j) -> true);
        double[] from = left(times, i -> beat * i);
        double begin = Evenness.median(from).orElseThrow();
        return grid(beat, 0, 0, times.length, i -> (from[i] - begin) / beat);
    }

    /**
     * A line that is moved at this beat, from 0: the beats on either side of it share their tempo, and nothing else. None when
     * the beat does not lie on the line that it begins, or the move is less than is noticed.
     */
    private static Optional<Grid> moved(double[] times, int at) {
        double beat = slope(times.length, i -> i, i -> times[i], (i, j) -> i < at == j < at);
        double[] from = left(times, i -> beat * i);
        double before = Evenness.median(Arrays.copyOf(from, at)).orElseThrow();
        double after =
                Evenness.median(Arrays.copyOfRange(from, at, from.length)).orElseThrow();
        double noticed = Evenness.NOTICED * beat;
        return Math.abs(from[at] - after) > noticed || Math.abs(from[at] - before) <= noticed
                ? Optional.empty()
                : Optional.of(grid(beat, at + 1, 0, times.length, i -> (from[i] - (i <= at ? before : after)) / beat));
    }

    /** Intervals that lie on a line themselves; none when they grow or shrink by less than is noticed. */
    private static Optional<Grid> bowed(double[] times) {
        int n = times.length;
        double by = slope(n - 1, i -> i, i -> times[i + 1] - times[i], (i, j) -> true);
        double first = Evenness.median(IntStream.range(0, n - 1)
                        .mapToDouble(i -> times[i + 1] - times[i] - by * i)
                        .toArray())
                .orElseThrow();
        double last = first + by * (n - 2);
        if (first <= 0 || last <= 0 || Math.abs(first / last - 1) <= Evenness.NOTICED) {
            return Optional.empty();
        }
        double[] from = left(times, i -> first * i + by * i * (i - 1) / 2);
        double begin = Evenness.median(from).orElseThrow();
        return Optional.of(grid(
                (first + last) / 2,
                0,
                first / last - 1,
                n,
                i -> (from[i] - begin) / (first + by * Math.max(0, i - 1))));
    }

    private static Grid grid(double beat, int kept, double change, int beats, IntToDoubleFunction offset) {
        return new Grid(
                beat, IntStream.range(0, beats).mapToDouble(offset).boxed().toList(), kept, change);
    }

    private static double[] left(double[] times, IntToDoubleFunction place) {
        return IntStream.range(0, times.length)
                .mapToDouble(i -> times[i] - place.applyAsDouble(i))
                .toArray();
    }

    private static IntStream mostDiffering(double[] times) {
        double[] intervals = IntStream.range(1, times.length)
                .mapToDouble(i -> times[i] - times[i - 1])
                .toArray();
        double usual = Evenness.median(intervals).orElseThrow();
        return IntStream.range(1, times.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -Math.abs(intervals[i - 1] - usual)))
                .limit(MOVES)
                .mapToInt(i -> i);
    }

    private interface Pairs {
        boolean compared(int i, int j);
    }

    /** The median, over the points, of the median slope from each to the others that it is compared with. */
    private static double slope(int points, IntToDoubleFunction x, IntToDoubleFunction y, Pairs pairs) {
        return Evenness.median(IntStream.range(0, points)
                        .mapToObj(i -> Evenness.median(IntStream.range(0, points)
                                .filter(j -> j != i && pairs.compared(i, j))
                                .mapToDouble(j -> (y.applyAsDouble(j) - y.applyAsDouble(i))
                                        / (x.applyAsDouble(j) - x.applyAsDouble(i)))
                                .toArray()))
                        .flatMapToDouble(median ->
                                median.isPresent() ? DoubleStream.of(median.getAsDouble()) : DoubleStream.empty())
                        .toArray())
                .orElse(0);
    }

    private int off() {
        return (int)
                offsets.stream().filter(o -> Math.abs(o) > Evenness.NOTICED).count();
    }

    /** How many faults this grid tells of, those that are hardly noticed in part; what could be either is displaced. */
    private double faults() {
        double beats = offsets.stream()
                .mapToDouble(o -> Math.min(1, Math.abs(o) / Evenness.NOTICED))
                .sum();
        return beats + (change != 0 ? 1 : kept != 0 ? 0.5 : 0);
    }

    /**
     * The intervals between beats that are in their places, in milliseconds. One that leads over beats that are off is shared
     * among the beats in it; one that leads over the move of a line tells nothing; where the tempo changes each is given as it
     * would be in the middle.
     */
    double[] intervals(double[] times) {
        int[] placed = IntStream.range(0, times.length)
                .filter(i -> Math.abs(offsets.get(i)) <= Evenness.NOTICED || i + 1 == kept)
                .toArray();
        return IntStream.range(1, placed.length)
                .filter(i -> kept == 0 || placed[i] + 1 < kept || placed[i - 1] + 1 >= kept)
                .mapToDouble(i -> change != 0
                        ? beat
                                * (1
                                        + (offsets.get(placed[i]) - offsets.get(placed[i - 1]))
                                                / (placed[i] - placed[i - 1]))
                        : (times[placed[i]] - times[placed[i - 1]]) / (placed[i] - placed[i - 1]))
                .toArray();
    }
}
