package craftypocket.core.run;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.IntStream;

/** A layer in which blocks are shuffled by chance: from each state a row of chances of where the followed cards come to lie. */
final class Kernel implements Layer {

    /** No chance of a row is so small that a product with more than this is rounded to nothing. */
    private static final double TINY = 1e-200;

    /** With so many chances it is worth to share the work. */
    private static final long LARGE = 400_000;

    /** Always as many, so that sums are the same on every machine. */
    private static final int LANES = 4;

    private final double[][] rows;
    private final int[][] cells;
    private final int lanes;

    /**
     * @param rows by state before it, its chances; shared where they are the same
     * @param cells by state before it, for each chance the state to which it leads
     */
    Kernel(double[][] rows, int[][] cells) {
        this.rows = rows;
        this.cells = cells;
        long chances = Arrays.stream(rows).mapToLong(row -> row.length).sum();
        lanes = chances < LARGE ? 1 : LANES;
    }

    @Override
    public void forward(double[] in, double[] out) {
        if (lanes == 1) {
            forward(in, out, 0, rows.length);
            return;
        }
        double[][] parts = IntStream.range(0, lanes)
                .parallel()
                .mapToObj(lane -> {
                    double[] part = new double[out.length];
                    forward(in, part, first(lane), first(lane + 1));
                    return part;
                })
                .toArray(double[][]::new);
        for (double[] part : parts) {
            for (int state = 0; state < out.length; state++) {
                out[state] += part[state];
            }
        }
    }

    /** The first state of a lane. */
    private int first(int lane) {
        return (int) ((long) rows.length * lane / lanes);
    }

    /** States that lead to the same states follow one another: what they add is gathered by chance before it goes there. */
    private void forward(double[] in, double[] out, int first, int end) {
        double[] gathered = {};
        for (int state = first; state < end; state++) {
            double[] row = rows[state];
            int[] to = cells[state];
            double ways = in[state];
            if (state == first || to != cells[state - 1]) {
                gathered = new double[row.length];
            }
            if (ways > TINY) {
                for (int cell = 0; cell < row.length; cell++) {
                    gathered[cell] += ways * row[cell];
                }
            } else if (ways > 0) {
                for (int cell = 0; cell < row.length; cell++) {
                    gathered[cell] += row[cell] > 0 ? Layer.product(ways, row[cell]) : 0;
                }
            }
            if (state == end - 1 || to != cells[state + 1]) {
                for (int cell = 0; cell < gathered.length; cell++) {
                    if (gathered[cell] > 0) {
                        out[to[cell]] += gathered[cell];
                    }
                }
            }
        }
    }

    @Override
    public void backward(double[] out, double[] in) {
        backward(Map.of(out, in));
    }

    /** Each row is read once for all of them: rows are too many to be at hand a second time. */
    @Override
    public void backward(Map<double[], double[]> all) {
        double[][] out = all.keySet().toArray(double[][]::new);
        double[][] in = Arrays.stream(out).map(all::get).toArray(double[][]::new);
        IntStream each = IntStream.range(0, lanes);
        (lanes == 1 ? each : each.parallel()).forEach(lane -> backward(out, in, first(lane), first(lane + 1)));
    }

    private void backward(double[][] out, double[][] in, int first, int end) {
        double[][] reached = new double[out.length][];
        for (int state = first; state < end; state++) {
            for (int i = 0; i < out.length; i++) {
                if (state == first || cells[state] != cells[state - 1]) {
                    reached[i] = reached(cells[state], out[i]);
                }
                double ways = product(rows[state], reached[i]);
                in[i][state] += ways > TINY ? ways : carefully(rows[state], reached[i]);
            }
        }
    }

    private static double[] reached(int[] to, double[] out) {
        double[] reached = new double[to.length];
        for (int cell = 0; cell < to.length; cell++) {
            reached[cell] = to[cell] < 0 ? 0 : out[to[cell]];
        }
        return reached;
    }

    /** Of two rows, number by number; four sums take a third of the time of one. */
    private static double product(double[] row, double[] reached) {
        double first = 0;
        double second = 0;
        double third = 0;
        double fourth = 0;
        int cell = 0;
        for (; cell + 3 < row.length; cell += 4) {
            first += row[cell] * reached[cell];
            second += row[cell + 1] * reached[cell + 1];
            third += row[cell + 2] * reached[cell + 2];
            fourth += row[cell + 3] * reached[cell + 3];
        }
        for (; cell < row.length; cell++) {
            first += row[cell] * reached[cell];
        }
        return first + second + (third + fourth);
    }

    private static double carefully(double[] row, double[] reached) {
        double ways = 0;
        for (int cell = 0; cell < row.length; cell++) {
            ways += row[cell] > 0 ? Layer.product(reached[cell], row[cell]) : 0;
        }
        return ways;
    }
}
