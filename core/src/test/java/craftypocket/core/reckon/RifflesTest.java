package craftypocket.core.reckon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Script;
import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Kit;
import craftypocket.core.layout.Places;
import craftypocket.core.run.Survey;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Arrays;
import org.apache.commons.statistics.inference.ChiSquareTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RifflesTest {

    private static final double LEVEL = 0.001;

    /**
     * Published: D. Bayer, P. Diaconis, "Trailing the dovetail shuffle to its lair", Annals of Applied Probability 2 (1992)
     * 294–313, table 1.
     */
    @ParameterizedTest
    @CsvSource({
        "1, 1.000",
        "2, 1.000",
        "3, 1.000",
        "4, 1.000",
        "5, 0.924",
        "6, 0.614",
        "7, 0.334",
        "8, 0.167",
        "9, 0.085",
        "10, 0.043"
    })
    void fifty_two_cards_are_as_far_from_random_as_published(int riffles, double distance) {
        assertThat(Riffles.distance(52, riffles)).isCloseTo(distance, within(0.0005));
    }

    /** Published: OEIS A008292. */
    @Test
    void eulerian_numbers_are_the_known_ones() {
        assertThat(Riffles.eulerian(5)).extracting(BigInteger::intValue).containsExactly(1, 26, 66, 26, 1);
    }

    @Test
    void probabilities_of_all_orders_sum_to_one() {
        for (int riffles : new int[] {1, 3, 7}) {
            BigInteger[] orders = Riffles.eulerian(52);
            BigDecimal sum = BigDecimal.ZERO;
            for (int r = 1; r <= 52; r++) {
                sum = sum.add(Riffles.orderProbability(52, riffles, r).multiply(new BigDecimal(orders[r - 1])));
            }
            assertThat(sum.doubleValue()).as("%d riffles", riffles).isCloseTo(1, within(1e-20));
        }
    }

    /** Reference: the chi-square test of Apache Commons Statistics. Level 0.001, fixed seeds. */
    @Test
    void sampled_riffles_fall_as_the_exact_model_says() {
        int cards = 6;
        int riffles = 2;
        int samples = 60_000;
        long[] observed = new long[cards];
        Hands hands = new Hands(Kit.plain(cards, 0), new Places(), 0);
        Hands start = hands.another();
        for (int card = 0; card < cards; card++) {
            start.lay(0, card, false);
        }
        for (int number = 1; number <= samples; number++) {
            hands.copyFrom(start);
            Chance draws = hands.chance(number);
            for (int i = 0; i < riffles; i++) {
                hands.shuffles().riffle(0, 1, draws);
            }
            observed[risingSequences(hands, cards) - 1]++;
        }
        BigInteger[] orders = Riffles.eulerian(cards);
        int possible = 1 << riffles;
        double[] expected = new double[possible];
        for (int r = 1; r <= possible; r++) {
            expected[r - 1] =
                    Riffles.orderProbability(cards, riffles, r).doubleValue() * orders[r - 1].doubleValue() * samples;
        }

        assertThat(Arrays.stream(observed).skip(possible).sum()).isZero();
        assertThat(ChiSquareTest.withDefaults()
                        .test(expected, Arrays.copyOf(observed, possible))
                        .getPValue())
                .isGreaterThan(LEVEL);
    }

    private static int risingSequences(Hands hands, int cards) {
        int sequences = 1;
        for (int card = 1; card < cards; card++) {
            sequences += hands.positionIn(0, card) < hands.positionIn(0, card - 1) ? 1 : 0;
        }
        return sequences;
    }

    @Test
    void cards_smeared_over_the_table_are_evenly_spread() {
        long[] top = new long[8];
        Hands hands = new Hands(Kit.plain(8, 0), new Places(), 0);
        for (int card = 0; card < 8; card++) {
            hands.lay(0, card, false);
        }
        for (int number = 1; number <= 40_000; number++) {
            hands.shuffles().wash(0, hands.chance(number));
            top[hands.card(0, 1)]++;
        }

        assertThat(ChiSquareTest.withDefaults().test(top).getPValue()).isGreaterThan(LEVEL);
    }

    /** Published model: R. Pemantle, "Randomization time for the overhand shuffle", Journal of Theoretical Probability 2 (1989). */
    @ParameterizedTest
    @CsvSource({"2, 1", "4, 1", "5, 1", "6, 1", "7, 1", "9, 1", "12, 1", "20, 1", "4, 2", "7, 2", "9, 2", "4, 3", "7, 3"
    })
    void neighbours_survive_overhand_shuffles_as_often_as_the_model_says(int chunks, int times) {
        Survey.Finding finding = Script.deck(52)
                .key("K", "AS", 20)
                .key("A", "2S", 21)
                .step("spectator-overhand", "chunks", String.valueOf(chunks), "times", String.valueOf(times))
                .claim("directly-below", "role", "A", "of", "K")
                .verdict(0);
        double exact = Overhands.neighboursStay(52, chunks, times);

        // Parted cards can come together again: hardly ever after two or three shuffles, never after one.
        assertThat(finding.low())
                .isEqualTo(finding.high())
                .isBetween(exact - 1e-14, exact + (times > 1 ? 0.01 : 1e-14));
    }

    @Test
    void forty_two_of_fifty_two_is_four_in_five() {
        assertThat(Riffles.topStays(42, 10)).isCloseTo(0.8, within(0.01));
    }
}
