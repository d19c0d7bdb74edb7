package craftypocket.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.chance.Chance;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.apache.commons.statistics.inference.ChiSquareTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The shuffles of the surface, against lists and against what each shuffle must keep. */
class HandsShufflesTest {

    private static Hands deck(int cards) {
        Hands hands = new Hands(Kit.plain(cards, 0), new Places(), 0);
        for (int card = 0; card < cards; card++) {
            hands.lay(0, card, card % 3 == 0);
        }
        return hands;
    }

    private static List<Integer> order(Hands hands) {
        return IntStream.rangeClosed(1, hands.size(0))
                .mapToObj(p -> hands.card(0, p))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 12, 51, 52})
    void every_shuffle_keeps_every_card_and_its_side(int cards) {
        for (int number = 1; number <= 200; number++) {
            Hands hands = deck(cards);
            Chance draws = hands.chance(number);
            hands.shuffles().riffle(0, 1, draws);
            hands.shuffles().riffleAt(0, 0, cards, cards / 2, draws);
            hands.shuffles().overhandByChance(0, Math.min(5, cards), 1, draws);
            hands.shuffles().wash(0, draws);

            assertThat(order(hands))
                    .as("shuffle %d", number)
                    .containsExactlyInAnyOrderElementsOf(
                            IntStream.range(0, cards).boxed().toList());
            for (int position = 1; position <= cards; position++) {
                assertThat(hands.faceUp(0, position)).isEqualTo(hands.card(0, position) % 3 == 0);
            }
        }
    }

    @Test
    void a_riffle_with_a_set_cut_keeps_both_packets_in_order() {
        for (int number = 1; number <= 300; number++) {
            Hands hands = deck(20);
            hands.shuffles().riffleAt(0, 2, 16, 5, hands.chance(number));
            List<Integer> order = order(hands);

            assertThat(order.subList(0, 2)).containsExactly(0, 1);
            assertThat(order.subList(18, 20)).containsExactly(18, 19);
            assertThat(order.stream().filter(c -> c >= 2 && c < 7).toList()).isSorted();
            assertThat(order.stream().filter(c -> c >= 7 && c < 18).toList()).isSorted();
        }
    }

    /** All interleavings of two and two cards are equally likely: six of them. Chi-square, level 0.001. */
    @Test
    void every_interleaving_of_set_packets_is_equally_likely() {
        Map<List<Integer>, Integer> counts = new HashMap<>();
        for (int number = 1; number <= 12_000; number++) {
            Hands hands = deck(4);
            hands.shuffles().riffleAt(0, 0, 4, 2, hands.chance(number));
            counts.merge(order(hands), 1, Integer::sum);
        }

        assertThat(counts).hasSize(6);
        long[] observed = counts.values().stream().mapToLong(Integer::longValue).toArray();
        assertThat(ChiSquareTest.withDefaults().test(observed).getPValue()).isGreaterThan(0.001);
    }

    /** The cut of a free riffle is binomial: of four cards, the top card comes from the lower packet as often as computed. */
    @Test
    void a_free_riffle_gives_each_order_as_often_as_the_model_says() {
        Map<List<Integer>, Integer> counts = new HashMap<>();
        int samples = 32_000;
        for (int number = 1; number <= samples; number++) {
            Hands hands = deck(3);
            hands.shuffles().riffle(0, 1, hands.chance(number));
            counts.merge(order(hands), 1, Integer::sum);
        }
        // Of eight equally likely ways four leave the order; each of the four others comes once.
        assertThat(counts).hasSize(5);
        double[] expected = counts.keySet().stream()
                .mapToDouble(order -> samples * (order.equals(List.of(0, 1, 2)) ? 4 : 1) / 8.0)
                .toArray();
        long[] observed = counts.values().stream().mapToLong(Integer::longValue).toArray();
        assertThat(ChiSquareTest.withDefaults().test(expected, observed).getPValue())
                .isGreaterThan(0.001);
    }

    @Test
    void an_overhand_shuffle_cuts_each_gap_equally_often() {
        long[] gaps = new long[9];
        for (int number = 1; number <= 9_000; number++) {
            Hands hands = deck(10);
            hands.shuffles().overhandByChance(0, 3, 1, hands.chance(number));
            List<Integer> order = order(hands);
            for (int gap = 0; gap < 9; gap++) {
                boolean together = order.indexOf(gap + 1) == order.indexOf(gap) + 1;
                gaps[gap] += together ? 0 : 1;
            }
        }

        assertThat(ChiSquareTest.withDefaults().test(gaps).getPValue()).isGreaterThan(0.001);
    }

    @Test
    void a_fingerprint_tells_orders_sides_and_holds_apart() {
        Hands hands = deck(8);
        long before = hands.fingerprint();
        Hands same = hands.another();
        same.copyFrom(hands);
        assertThat(same.fingerprint()).isEqualTo(before);

        same.hold(0, Hold.Kind.BREAK, 3);
        assertThat(same.fingerprint()).isNotEqualTo(before);
        hands.turn(0, 2, 2);
        assertThat(hands.fingerprint()).isNotEqualTo(before);
        hands.turn(0, 2, 2);
        assertThat(hands.fingerprint()).isEqualTo(before);
        hands.cut(0, 3);
        assertThat(hands.fingerprint()).isNotEqualTo(before);
    }
}
