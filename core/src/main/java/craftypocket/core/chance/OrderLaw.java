package craftypocket.core.chance;

/**
 * How many cards of an order come to lie between two cards of a packet that is riffled, exactly.
 *
 * <p>After r riffles each place of the packet carries one of 2^r labels, all equally likely, and the cards of one label are a block
 * of the packet as it was, in its order (D. Bayer, P. Diaconis, “Trailing the dovetail shuffle to its lair”, Annals of Applied
 * Probability 2 (1992) 294–313). The two cards part the places into three: above both, between them, and below both. So each
 * block is cut twice, and with so many cards of each block in each part there are as many labellings as these cards can be
 * mixed within the parts. That number is a product over the blocks but for the sizes of the parts; so it is summed block by block,
 * and within a block part by part.
 */
public final class OrderLaw {

    private final int cards;
    private final boolean[] order;
    private final int most;
    /** By number, one through its factorial. */
    private final double[] among;

    /** By the place from 0 that comes next, how many lie above both cards, how many between them, and how many of the order were met. */
    private double[] ways;

    private OrderLaw(boolean[] order, int most) {
        cards = order.length;
        this.order = order;
        this.most = most;
        among = new double[cards + 1];
        among[0] = 1;
        for (int n = 1; n <= cards; n++) {
            among[n] = among[n - 1] / n;
        }
    }

    /**
     * The chances.
     *
     * @param order by place from 0, whether a card of the order lies there
     * @param riffles how often the packet is riffled
     * @param key the place of the card below which they are counted, going on from the top after the bottom
     * @param wanted the place of the card up to which they are, another one
     * @param most with so many of them or more it is not counted on
     * @return by how many, by {@code place of the key + cards · place of the wanted card} afterwards, from 0
     */
    public static double[][] between(boolean[] order, int riffles, int key, int wanted, int most) {
        OrderLaw law = new OrderLaw(order, most);
        double[][] chances = new double[most + 1][order.length * order.length];
        law.add(1 << riffles, key, wanted, true, chances);
        law.add(1 << riffles, wanted, key, false, chances);
        return chances;
    }

    /** Adds the chances where one of the two lies above the other. */
    private void add(int labels, int upper, int lower, boolean keyFirst, double[][] chances) {
        ways = new double[(cards + 1) * (cards + 1) * (cards + 1) * (most + 1)];
        ways[0] = 1;
        for (int label = 0; label < labels; label++) {
            run(1, 0, upper, lower, !keyFirst);
            meet(upper);
            run(0, 1, upper, lower, keyFirst);
            meet(lower);
            run(0, 0, upper, lower, !keyFirst);
        }
        double scale = Math.pow(labels, -cards);
        for (int above = 0; above + 2 <= cards; above++) {
            for (int between = 0; above + between + 2 <= cards; between++) {
                int second = above + 1 + between;
                int cell = keyFirst ? above + cards * second : second + cards * above;
                double mixed = scale / among[above] / among[between] / among[cards - 2 - above - between];
                for (int met = 0; met <= most; met++) {
                    chances[met][cell] += ways[at(cards, above, between) + met] * mixed;
                }
            }
        }
    }

    private int at(int place, int above, int between) {
        return ((place * (cards + 1) + above) * (cards + 1) + between) * (most + 1);
    }

    /**
     * The next cards of a block come to lie in one of the three parts: any number of them, but none of the two.
     *
     * @param above 1 where that is above both
     * @param between 1 where it is between them
     * @param counts whether those of the order that come to lie there count
     */
    private void run(int above, int between, int upper, int lower, boolean counts) {
        // From the last place up: what is added to is not gone on from.
        for (int place = cards - 1; place >= 0; place--) {
            int met = 0;
            for (int to = place; to < cards && to != upper && to != lower; to++) {
                met += counts && order[to] ? 1 : 0;
                int run = to + 1 - place;
                for (int before = 0; before <= place; before++) {
                    int from = at(place, before, 0);
                    int into = at(to + 1, before + above * run, between * run);
                    add(from, into, (place - before + 1) * (most + 1), met, among[run]);
                }
            }
        }
    }

    /** @param states how many states are gone on from, one after another */
    private void add(int from, int into, int states, int met, double times) {
        if (met == 0) {
            for (int i = 0; i < states; i++) {
                ways[into + i] += ways[from + i] * times;
            }
            return;
        }
        for (int i = 0; i < states; i++) {
            int before = i % (most + 1);
            ways[into + i - before + Math.min(most, before + met)] += ways[from + i] * times;
        }
    }

    /** Where one of the two comes next, it comes to lie at its place. */
    private void meet(int card) {
        int states = (cards + 1) * (cards + 1) * (most + 1);
        for (int i = 0; i < states; i++) {
            ways[at(card + 1, 0, 0) + i] += ways[at(card, 0, 0) + i];
        }
    }
}
