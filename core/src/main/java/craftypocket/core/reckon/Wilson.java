package craftypocket.core.reckon;

/**
 * The Wilson score interval: between which shares the true one lies, with 95 % confidence, when a sample of n shows it in
 * k cases.
 *
 * <p>Source: E. B. Wilson, "Probable inference, the law of succession, and statistical inference", Journal of the American
 * Statistical Association 22 (1927) 209–212.
 */
public final class Wilson {

    /** The 97.5 % point of the standard normal distribution. */
    private static final double Z = 1.959963984540054;

    private Wilson() {}

    /** The lower end; 0 for an empty sample. */
    public static double low(long k, long n) {
        return n == 0 ? 0 : Math.max(0, centre(k, n) - half(k, n));
    }

    /** The upper end; 1 for an empty sample. */
    public static double high(long k, long n) {
        return n == 0 ? 1 : Math.min(1, centre(k, n) + half(k, n));
    }

    private static double centre(long k, long n) {
        return (k + Z * Z / 2) / (n + Z * Z);
    }

    private static double half(long k, long n) {
        double p = (double) k / n;
        return Z / (n + Z * Z) * Math.sqrt(n * p * (1 - p) + Z * Z / 4);
    }
}
