package craftypocket.core.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.moves.AllMoves;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Twelve picture cards on top, a card thought of by an hour. Common practice: it survives two riffles at most. */
class OrderUnderRifflesTest {

    private static List<OrderUnderRiffles.Odds> after(int riffles) {
        return OrderUnderRiffles.byNumber(52, 12, riffles, AllMoves.CATALOGUE, () -> false);
    }

    private static double mean(List<OrderUnderRiffles.Odds> odds) {
        return odds.stream()
                .skip(1)
                .mapToDouble(OrderUnderRiffles.Odds::share)
                .average()
                .orElseThrow();
    }

    @Test
    void after_one_riffle_every_hour_but_one_is_certain() {
        List<OrderUnderRiffles.Odds> odds = after(1);

        assertThat(odds).hasSize(12);
        assertThat(odds.subList(1, 12))
                // Only a cut of eleven cards or fewer could part the order: once in some fifty thousand riffles.
                .allSatisfy(hour -> assertThat(hour.share()).isGreaterThan(0.9995));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void at_one_the_key_itself_is_theirs_and_nothing_below_it_can_be(int riffles) {
        assertThat(after(riffles).get(0).share()).isZero();
    }

    @Test
    void it_is_high_after_two_riffles_and_clearly_worse_after_three() {
        double two = mean(after(2));
        double three = mean(after(3));

        assertThat(two).isGreaterThan(0.9).isLessThan(1);
        assertThat(three).isLessThan(two - 0.05);
    }

    /**
     * Worked out another way: m riffles are one cut into 2^m packets whose cards fall anyhow, so that each place of the
     * riffled deck draws one of the packets (published: D. Bayer, P. Diaconis, Annals of Applied Probability 2 (1992)
     * 294–313).
     */
    @ParameterizedTest
    @ValueSource(ints = {2, 3})
    void it_agrees_with_one_shuffle_of_many_packets(int riffles) {
        Random random = new Random(7);
        int trials = 20_000;
        for (OrderUnderRiffles.Odds hour : after(riffles).subList(1, 12)) {
            int right = 0;
            for (int trial = 0; trial < trials; trial++) {
                right += rightOnce(hour.number(), 1 << riffles, random) ? 1 : 0;
            }
            assertThat(hour.share()).as("hour %d", hour.number()).isCloseTo((double) right / trials, within(0.02));
        }
    }

    /** Whether the first of the twelve court cards below the key is the one at the hour, after one such shuffle. */
    private static boolean rightOnce(int hour, int packets, Random random) {
        int[] packetOf = random.ints(52, 0, packets).toArray();
        int[] next = new int[packets];
        for (int place = 0; place < 52; place++) {
            for (int packet = packetOf[place] + 1; packet < packets; packet++) {
                next[packet]++;
            }
        }
        int[] deck = new int[52];
        for (int place = 0; place < 52; place++) {
            // The dealt cards lie reversed: the key, dealt first, is at hour − 1, theirs at the hour.
            deck[place] = ++next[packetOf[place]];
        }
        int key = IntStream.range(0, 52)
                .filter(p -> deck[p] == hour - 1)
                .findFirst()
                .orElseThrow();
        for (int below = 1; below < 52; below++) {
            int card = deck[(key + below) % 52];
            if (card <= 12) {
                return card == hour;
            }
        }
        return false;
    }

    @Test
    void each_share_lies_within_its_interval_and_is_the_same_again() {
        assertThat(after(2)).allSatisfy(hour -> {
            assertThat(hour.low()).isLessThanOrEqualTo(hour.share());
            assertThat(hour.high()).isGreaterThanOrEqualTo(hour.share());
        });
        assertThat(after(2)).isEqualTo(after(2));
    }
}
