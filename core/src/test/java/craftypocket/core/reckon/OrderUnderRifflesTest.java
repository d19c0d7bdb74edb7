package craftypocket.core.reckon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Survey;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Twelve picture cards on top, a card thought of by an hour. Common practice: it survives two riffles at most. */
class OrderUnderRifflesTest {

    private static final String SLUG = "AS 2S 3S 4S 5S 6S 7S 8S 9S 10S JS QS";

    private static double[] after(int riffles) {
        return OrderUnderRiffles.byNumber(52, 12, riffles).stream()
                .mapToDouble(OrderUnderRiffles.Odds::share)
                .toArray();
    }

    private static double mean(double[] shares) {
        return IntStream.range(1, shares.length)
                .mapToDouble(i -> shares[i])
                .average()
                .orElseThrow();
    }

    /** By hand, one riffle of three cards, two of them an order: of eight ways only lower, upper, lower parts them, and then round. */
    @Test
    void of_three_cards_each_riffle_keeps_two_in_their_order() {
        // Two cards follow one another round whatever lies between, if that is of no order.
        assertThat(OrderUnderRiffles.byNumber(3, 2, 1).get(1).share()).isEqualTo(1);
        // Of three, all an order: 123, 123, 123, 123 and the five others, of which 231 and 312 go round.
        assertThat(OrderUnderRiffles.byNumber(3, 3, 1).get(1).share()).isEqualTo(6 / 8.0);
    }

    @Test
    void after_one_riffle_every_hour_but_one_is_nearly_certain() {
        // Only a cut of eleven cards or fewer can part the order.
        assertThat(after(1)).hasSize(12);
        assertThat(IntStream.range(1, 12))
                .allSatisfy(i -> assertThat(after(1)[i]).isBetween(0.99999, 1.0));
        assertThat(IntStream.range(1, 12))
                .allSatisfy(i -> assertThat(after(0)[i]).isEqualTo(1));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void at_one_the_key_itself_is_theirs_and_nothing_below_it_can_be(int riffles) {
        assertThat(after(riffles)[0]).isZero();
    }

    @Test
    void it_is_high_after_two_riffles_and_clearly_worse_after_three() {
        assertThat(mean(after(2))).isBetween(0.9, 1.0);
        assertThat(mean(after(3))).isLessThan(mean(after(2)) - 0.05);
    }

    /** Every way in which the places can be labelled, put one by one: packs of 3 to 8, orders from two cards to all of them. */
    @ParameterizedTest
    @CsvSource({"3,1", "3,2", "4,1", "4,3", "5,2", "6,1", "6,2", "6,3", "7,1", "7,2", "8,1", "8,2"})
    void it_is_what_all_labellings_say(int cards, int riffles) {
        int packets = 1 << riffles;
        long ways = Math.round(Math.pow(packets, cards));
        for (int order = 2; order <= cards; order++) {
            long[] right = new long[order];
            for (long way = 0; way < ways; way++) {
                int[] packetOf = new int[cards];
                long left = way;
                for (int place = 0; place < cards; place++) {
                    packetOf[place] = (int) (left % packets);
                    left /= packets;
                }
                int[] deck = riffled(packetOf, packets);
                for (int number = 2; number <= order; number++) {
                    right[number - 1] += right(deck, number, order) ? 1 : 0;
                }
            }
            List<OrderUnderRiffles.Odds> odds = OrderUnderRiffles.byNumber(cards, order, riffles);
            for (int number = 2; number <= order; number++) {
                assertThat(odds.get(number - 1).share())
                        .as("%d cards, %d in order, %d riffles, number %d", cards, order, riffles, number)
                        .isCloseTo((double) right[number - 1] / ways, within(1e-12));
            }
        }
    }

    /** A million shuffles in all rounds: four standard deviations. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3})
    void it_agrees_with_very_many_shuffles_of_52(int riffles) {
        Random random = new Random(7);
        int trials = Rounds.all() ? 1_000_000 : 100_000;
        int[] right = new int[12];
        for (int trial = 0; trial < trials; trial++) {
            int[] deck = riffled(random.ints(52, 0, 1 << riffles).toArray(), 1 << riffles);
            for (int hour = 2; hour <= 12; hour++) {
                right[hour - 1] += right(deck, hour, 12) ? 1 : 0;
            }
        }
        for (int hour = 2; hour <= 12; hour++) {
            double share = after(riffles)[hour - 1];
            double deviation = Math.sqrt(share * (1 - share) / trials);
            assertThat((double) right[hour - 1] / trials).as("hour %d", hour).isCloseTo(share, within(4 * deviation));
        }
    }

    /** The moves themselves, in a sample of worlds. */
    @ParameterizedTest
    @ValueSource(ints = {2, 7, 12})
    void the_moves_do_it_as_often(int number) {
        Survey.Finding found = Script.deck(52)
                .order(SLUG)
                .selection("A", "Mirela")
                .role("K", RoleKind.KEY, "", "AS")
                .role("S", RoleKind.SLUG, "", SLUG)
                .step("deal-to-number", "role", "A", "at", String.valueOf(number))
                .step("spectator-riffle", "times", "2")
                .claim(ClaimSpec.of("next-of-order", "role", "A", "key", "K", "slug", "S"))
                .verdict(0);

        assertThat(after(2)[number - 1]).isBetween(found.low() - 0.002, found.high() + 0.002);
    }

    /** By place the card, from 1: the cards of one packet are a block of the deck, in its order. */
    private static int[] riffled(int[] packetOf, int packets) {
        int[] next = new int[packets];
        for (int packet : packetOf) {
            for (int later = packet + 1; later < packets; later++) {
                next[later]++;
            }
        }
        int[] deck = new int[packetOf.length];
        for (int place = 0; place < deck.length; place++) {
            deck[place] = ++next[packetOf[place]];
        }
        return deck;
    }

    /** The dealt cards lie reversed, the key just above theirs: whether the first card of the order below the key is theirs. */
    private static boolean right(int[] deck, int number, int order) {
        int key = IntStream.range(0, deck.length)
                .filter(place -> deck[place] == number - 1)
                .findFirst()
                .orElseThrow();
        for (int below = 1; below < deck.length; below++) {
            int card = deck[(key + below) % deck.length];
            if (card <= order) {
                return card == number;
            }
        }
        return false;
    }
}
