package craftypocket.core.run;

import java.util.Map;

/** How the states of one moment lead to those of the next: in how many ways, or with which chance. */
interface Layer {

    /** Adds to what each state after it is reached by what leads there. */
    void forward(double[] in, double[] out);

    /** Adds to what each state before it leads to what is reached from there. */
    void backward(double[] out, double[] in);

    /** The same of several at once: for each of those after it, what is given for those before it. */
    default void backward(Map<double[], double[]> all) {
        all.forEach(this::backward);
    }

    /** A way that is possible keeps a chance above 0, however small: rounding never makes it impossible. */
    static double product(double one, double other) {
        double product = one * other;
        return product == 0 && one > 0 && other > 0 ? Double.MIN_VALUE : product;
    }
}
