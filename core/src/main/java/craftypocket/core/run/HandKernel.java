package craftypocket.core.run;

import java.util.Arrays;
import java.util.Map;
import java.util.function.IntPredicate;

/** A layer in which hands shuffle blocks in so many chunks that these are not kept one by one. */
final class HandKernel implements Layer {

    private final Kernel kernel;
    private final Way[] ways;
    private final int[][] to;

    /**
     * How a block lies before it is shuffled.
     *
     * @param law how it is
     * @param places where the followed cards lie, in ascending order
     * @param choices by chunk, which of the plan’s choices it is; -1 for none
     */
    record Way(ChunkLaw law, int[] places, int[] choices) {}

    /**
     * @param rows by state before it, in how many ways its cards come to lie in each way
     * @param to by state before it, the state to which each of these leads
     * @param ways by state before it, how its block is shuffled; null where none is
     */
    HandKernel(double[][] rows, int[][] to, Way[] ways) {
        kernel = new Kernel(rows, to);
        this.to = to;
        this.ways = ways;
    }

    @Override
    public void forward(double[] in, double[] out) {
        kernel.forward(in, out);
    }

    @Override
    public void backward(double[] out, double[] in) {
        kernel.backward(out, in);
    }

    @Override
    public void backward(Map<double[], double[]> all) {
        kernel.backward(all);
    }

    /** The first numbers that lead from a state to one that is wanted: they are noted, and that one is given. */
    int first(int state, IntPredicate wanted, int[] numbers) {
        Way way = ways[state];
        if (way == null) {
            return to[state][0];
        }
        int[] cells = way.law.row(way.places).cells();
        int[] found = {-1};
        int[] chosen = way.law.first(way.places, cell -> {
            found[0] = to[state][Arrays.binarySearch(cells, cell)];
            return wanted.test(found[0]);
        });
        for (int chunk = 0; chunk < chosen.length; chunk++) {
            if (way.choices[chunk] >= 0) {
                numbers[way.choices[chunk]] = chosen[chunk];
            }
        }
        return found[0];
    }
}
