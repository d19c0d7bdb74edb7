package craftypocket.core.reckon;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;

/**
 * Exact odds of riffle shuffles: two packets with a binomial cut, every interleaving equally likely.
 *
 * <p>After D. Bayer, P. Diaconis, “Trailing the dovetail shuffle to its lair”, Annals of Applied Probability 2 (1992)
 * 294–313: after m riffles of n cards an order with r rising sequences has the probability
 * {@code C(2^m + n − r, n) / 2^(m n)}, and so many orders have r rising sequences as the Eulerian number says.
 */
public final class Riffles {

    /** More cards than this are no pack; the numbers are exact at any size, only slower. */
    public static final int MOST_CARDS = 104;

    private static final MathContext DIGITS = new MathContext(30);

    private Riffles() {}

    /**
     * How many orders of n cards have each number of rising sequences.
     *
     * @return by r − 1, for r from 1 to n
     */
    public static BigInteger[] eulerian(int cards) {
        BigInteger[] row = {BigInteger.ONE};
        for (int n = 2; n <= cards; n++) {
            BigInteger[] next = new BigInteger[n];
            for (int r = 1; r <= n; r++) {
                BigInteger same = r <= n - 1 ? row[r - 1].multiply(BigInteger.valueOf(r)) : BigInteger.ZERO;
                BigInteger one = r >= 2 ? row[r - 2].multiply(BigInteger.valueOf(n - r + 1L)) : BigInteger.ZERO;
                next[r - 1] = same.add(one);
            }
            row = next;
        }
        return row;
    }

    /** The probability of one order with so many rising sequences. */
    public static BigDecimal orderProbability(int cards, int riffles, int risingSequences) {
        BigInteger ways = choose(BigInteger.TWO.pow(riffles).add(BigInteger.valueOf(cards - risingSequences)), cards);
        return new BigDecimal(ways).divide(new BigDecimal(BigInteger.TWO.pow(riffles * cards)), DIGITS);
    }

    /**
     * How far the deck still is from any order being equally likely: total variation distance, from 1, told at once, to 0.
     */
    public static double distance(int cards, int riffles) {
        BigInteger[] orders = eulerian(cards);
        BigDecimal even = BigDecimal.ONE.divide(new BigDecimal(factorial(cards)), DIGITS);
        BigDecimal sum = BigDecimal.ZERO;
        for (int r = 1; r <= cards; r++) {
            BigDecimal apart =
                    orderProbability(cards, riffles, r).subtract(even).abs();
            sum = sum.add(apart.multiply(new BigDecimal(orders[r - 1])));
        }
        return sum.divide(BigDecimal.valueOf(2), DIGITS).doubleValue();
    }

    /** The chance that the top card of the upper packet is on top after one riffle of packets of these sizes. */
    public static double topStays(int upper, int lower) {
        return (double) upper / (upper + lower);
    }

    private static BigInteger choose(BigInteger from, int count) {
        BigInteger ways = BigInteger.ONE;
        for (int i = 0; i < count; i++) {
            ways = ways.multiply(from.subtract(BigInteger.valueOf(i)));
        }
        return ways.signum() <= 0 ? BigInteger.ZERO : ways.divide(factorial(count));
    }

    private static BigInteger factorial(int n) {
        BigInteger product = BigInteger.ONE;
        for (int i = 2; i <= n; i++) {
            product = product.multiply(BigInteger.valueOf(i));
        }
        return product;
    }
}
