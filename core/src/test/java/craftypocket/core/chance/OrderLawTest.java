package craftypocket.core.chance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Labelling;
import craftypocket.core.reckon.OrderUnderRiffles;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How many cards of an order lie between two others after riffles. */
class OrderLawTest {

    /**
     * Against all labellings of small packets.
     */
    @Test
    void every_labelling_of_small_packets() {
        SplittableRandom random = new SplittableRandom(7);
        for (int round = 0; round < 120; round++) {
            int cards = 2 + random.nextInt(6);
            int riffles = cards > 5 ? 1 : 1 + random.nextInt(2);
            boolean[] order = new boolean[cards];
            for (int i = 0; i < cards; i++) {
                order[i] = random.nextBoolean();
            }
            int key = random.nextInt(cards);
            int wanted = (key + 1 + random.nextInt(cards - 1)) % cards;
            int most = 1 + random.nextInt(3);

            double[][] expected = new double[most + 1][cards * cards];
            int labels = 1 << riffles;
            int all = (int) Math.pow(labels, cards);
            List<Integer> deck = IntStream.range(0, cards).boxed().toList();
            for (int labelling = 0; labelling < all; labelling++) {
                List<Integer> riffled = Labelling.riffled(deck, labels, labelling);
                int met = 0;
                int at = riffled.indexOf(key);
                for (int below = 1; riffled.get((at + below) % cards) != wanted; below++) {
                    met += order[riffled.get((at + below) % cards)] ? 1 : 0;
                }
                expected[Math.min(most, met)][at + cards * riffled.indexOf(wanted)] += 1.0 / all;
            }

            double[][] chances = OrderLaw.between(order, riffles, key, wanted, most);
            for (int met = 0; met <= most; met++) {
                assertThat(chances[met])
                        .as("%d cards, met %d", cards, met)
                        .containsExactly(expected[met], within(1e-12));
            }
        }
    }

    /** Where nothing is counted, it is what the law of shuffles says of two cards. */
    @Test
    void two_cards_come_to_lie_as_in_any_riffle() {
        double[] places = new ShuffleLaw(ShuffleLaw.Kind.RIFFLE, 52, 0).places(new int[] {10, 30});
        double[][] chances = OrderLaw.between(new boolean[52], 1, 10, 30, 1);

        assertThat(chances[0]).containsExactly(places, within(1e-14));
        assertThat(chances[1]).containsOnly(0.0);
    }

    /** The tile has a sum of its own, for an order on top whose next card is theirs. */
    @Test
    void the_order_of_the_tile() {
        boolean[] order = new boolean[52];
        for (int i = 0; i < 12; i++) {
            order[i] = true;
        }
        for (int riffles = 1; riffles <= 3; riffles++) {
            List<OrderUnderRiffles.Odds> odds = OrderUnderRiffles.byNumber(52, 12, riffles);
            for (int number = 2; number <= 12; number++) {
                double[][] chances = OrderLaw.between(order, riffles, number - 2, number - 1, 1);
                double share = 0;
                for (double chance : chances[0]) {
                    share += chance;
                }
                assertThat(share)
                        .as("%d, riffled %d times", number, riffles)
                        .isCloseTo(odds.get(number - 1).share(), within(1e-12));
            }
        }
    }
}
