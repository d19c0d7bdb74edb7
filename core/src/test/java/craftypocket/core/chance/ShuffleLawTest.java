package craftypocket.core.chance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Where followed cards come to lie, against all shuffles of small packets, done one by one from the definitions: every cut
 * with every interleaving, every choice of gaps, every order.
 */
class ShuffleLawTest {

    /** An order of the cards, by old place from the top, and how many ways lead to it. */
    private record Fallen(int[] order, double weight) {}

    private static List<Fallen> riffles(int cards, int cut) {
        List<Fallen> all = new ArrayList<>();
        for (int marks = 0; marks < 1 << cards; marks++) {
            int upper = cards - Integer.bitCount(marks);
            if (cut >= 0 && upper != cut) {
                continue;
            }
            int[] order = new int[cards];
            int fromUpper = 0;
            int fromLower = upper;
            for (int place = 0; place < cards; place++) {
                order[place] = (marks >> place & 1) == 0 ? fromUpper++ : fromLower++;
            }
            all.add(new Fallen(order, 1));
        }
        return all;
    }

    private static List<Fallen> overhands(int cards, int chunks) {
        List<Fallen> all = new ArrayList<>();
        for (int gaps = 0; gaps < 1 << (cards - 1); gaps++) {
            if (Integer.bitCount(gaps) != chunks - 1) {
                continue;
            }
            List<Integer> order = new ArrayList<>();
            List<Integer> chunk = new ArrayList<>();
            for (int card = 0; card < cards; card++) {
                chunk.add(card);
                if (card == cards - 1 || (gaps >> card & 1) == 1) {
                    order.addAll(0, chunk);
                    chunk.clear();
                }
            }
            all.add(new Fallen(order.stream().mapToInt(i -> i).toArray(), 1));
        }
        return all;
    }

    private static void orders(List<Integer> begun, int cards, List<Fallen> all) {
        if (begun.size() == cards) {
            all.add(new Fallen(begun.stream().mapToInt(i -> i).toArray(), 1));
        }
        for (int card = 0; card < cards; card++) {
            if (!begun.contains(card)) {
                begun.add(card);
                orders(begun, cards, all);
                begun.remove(begun.size() - 1);
            }
        }
    }

    private static void agree(ShuffleLaw law, List<Fallen> all) {
        for (int[] from : subsets(law.cards())) {
            Map<Integer, Double> expected = new HashMap<>();
            for (Fallen fallen : all) {
                int cell = 0;
                for (int i = from.length - 1; i >= 0; i--) {
                    int card = from[i];
                    cell = cell * law.cards()
                            + IntStream.range(0, law.cards())
                                    .filter(place -> fallen.order[place] == card)
                                    .findFirst()
                                    .orElseThrow();
                }
                expected.merge(cell, fallen.weight / all.size(), Double::sum);
            }
            double[] chances = law.places(from);
            for (int cell = 0; cell < chances.length; cell++) {
                assertThat(chances[cell])
                        .as(
                                "%s from %s, cell %d",
                                law, List.of(IntStream.of(from).boxed().toArray()), cell)
                        .isCloseTo(expected.getOrDefault(cell, 0.0), within(1e-12));
                assertThat(chances[cell] > 0).isEqualTo(expected.containsKey(cell));
            }
        }
    }

    /** None, each one, each two and each three. */
    private static List<int[]> subsets(int cards) {
        return IntStream.range(0, 1 << cards)
                .filter(set -> Integer.bitCount(set) <= 3)
                .mapToObj(set -> IntStream.range(0, cards)
                        .filter(i -> (set >> i & 1) == 1)
                        .toArray())
                .toList();
    }

    @Test
    void riffles_of_small_packets() {
        for (int cards = 1; cards <= 8; cards++) {
            agree(new ShuffleLaw(ShuffleLaw.Kind.RIFFLE, cards, 0), riffles(cards, -1));
        }
    }

    @Test
    void riffles_with_the_cut_given() {
        for (int cut = 0; cut <= 7; cut++) {
            agree(new ShuffleLaw(ShuffleLaw.Kind.CUT_RIFFLE, 7, cut), riffles(7, cut));
        }
    }

    @Test
    void overhand_shuffles_in_chunks_by_chance() {
        for (int chunks = 1; chunks <= 8; chunks++) {
            agree(new ShuffleLaw(ShuffleLaw.Kind.OVERHAND, 8, chunks), overhands(8, chunks));
        }
    }

    @Test
    void a_wash() {
        List<Fallen> all = new ArrayList<>();
        orders(new ArrayList<>(), 6, all);
        agree(new ShuffleLaw(ShuffleLaw.Kind.WASH, 6, 0), all);
    }

    /**
     * P. Diaconis, “Group representations in probability and statistics”, 1988, chapter 4D: a riffle of 52 cards leaves the top
     * card on top with chance (2^52 + ... )/…: by the coins, it is on top when the first final place is marked for the upper
     * packet, or all places are marked for the lower one.
     */
    @Test
    void the_top_card_of_a_whole_pack() {
        double[] chances = new ShuffleLaw(ShuffleLaw.Kind.RIFFLE, 52, 0).places(new int[] {0});
        assertThat(chances[0]).isEqualTo(0.5 + Math.scalb(1.0, -52));
        for (int place = 1; place < 52; place++) {
            assertThat(chances[place]).isEqualTo(Math.scalb(1.0, -place - 1));
        }
    }

    @Test
    void all_chances_of_whole_packs_add_up_to_one() {
        for (ShuffleLaw law : List.of(
                new ShuffleLaw(ShuffleLaw.Kind.RIFFLE, 52, 0),
                new ShuffleLaw(ShuffleLaw.Kind.RIFFLE, 104, 0),
                new ShuffleLaw(ShuffleLaw.Kind.CUT_RIFFLE, 52, 40),
                new ShuffleLaw(ShuffleLaw.Kind.OVERHAND, 52, 8),
                new ShuffleLaw(ShuffleLaw.Kind.WASH, 52, 0))) {
            for (int[] from : List.of(new int[] {0, 51}, new int[] {20, 21}, new int[] {3, 40})) {
                double sum = 0;
                for (double chance : law.places(from)) {
                    sum += chance;
                }
                assertThat(sum).as("%s", law).isCloseTo(1, within(1e-12));
            }
        }
    }
}
