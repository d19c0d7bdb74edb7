package craftypocket.core.run;

import java.util.Arrays;
import java.util.Map;

/** A layer in which blocks are shuffled by chance: from each state a row of chances of where the followed cards come to lie. */
final class Kernel implements Layer {

    /** No chance of a row is so small that a product with more than this is rounded to nothing. */
    private static final double TINY = 1e-200;

    private final double[][] rows;
    private final int[][] cells;

    /**
     * @param rows by state before it, its chances; shared where they are the same
     * @param cells by state before it, for each chance the state to which it leads
     */
    Kernel(double[][] rows, int[][] cells) {
        this.rows = rows;
        this.cells = cells;
    }

    @Override
    public void forward(double[] in, double[] out) {
        for (int state = 0; state < rows.length; state++) {
            double[] row = rows[state];
            int[] to = cells[state];
            double ways = in[state];
            if (ways > TINY) {
                for (int cell = 0; cell < row.length; cell++) {
                    if (row[cell] > 0) {
                        out[to[cell]] += ways * row[cell];
                    }
                }
            } else if (ways > 0) {
                for (int cell = 0; cell < row.length; cell++) {
                    if (row[cell] > 0) {
                        out[to[cell]] += Layer.product(ways, row[cell]);
                    }
                }
            }
        }
    }

    @Override
    public void backward(double[] out, double[] in) {
        for (int state = 0; state < rows.length; state++) {
            in[state] += backward(rows[state], cells[state], out);
        }
    }

    /** Each row is read once for all of them: rows are too many to be at hand a second time. */
    @Override
    public void backward(Map<double[], double[]> all) {
        double[][] out = all.keySet().toArray(double[][]::new);
        double[][] in = Arrays.stream(out).map(all::get).toArray(double[][]::new);
        for (int state = 0; state < rows.length; state++) {
            for (int i = 0; i < out.length; i++) {
                in[i][state] += backward(rows[state], cells[state], out[i]);
            }
        }
    }

    private static double backward(double[] row, int[] to, double[] out) {
        double ways = 0;
        for (int cell = 0; cell < row.length; cell++) {
            if (row[cell] > 0) {
                ways += row[cell] * out[to[cell]];
            }
        }
        return ways > TINY ? ways : carefully(row, to, out);
    }

    private static double carefully(double[] row, int[] to, double[] out) {
        double ways = 0;
        for (int cell = 0; cell < row.length; cell++) {
            ways += row[cell] > 0 ? Layer.product(out[to[cell]], row[cell]) : 0;
        }
        return ways;
    }
}
