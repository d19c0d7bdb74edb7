package craftypocket.core.reckon;

import java.util.ArrayList;
import java.util.List;

/**
 * How an order of cards on top of the pack stands real riffles, exactly: somebody deals to a secret number, the dealt cards go
 * back, the deck is riffled, and the next card of the order below the key, the old top card, is taken for theirs.
 *
 * <p>After r riffles each place of the deck carries one of 2^r labels, all equally likely, and the cards of one label are a block of
 * the deck as it was, in its order (D. Bayer, P. Diaconis, “Trailing the dovetail shuffle to its lair”, Annals of Applied
 * Probability 2 (1992) 294–313). Theirs lies directly below the key before that. So the key and theirs carry one label, or the key
 * is the last of one block and theirs the first of another; in both cases it is counted in how many ways no other card of the
 * order falls between them, going round from the bottom to the top. Cards beyond the order count only where they share a block
 * with its last cards, which then fall higher.
 *
 * <p>In the formulas {@code first} is how many cards of the key’s block lie above the key, {@code second} how many of the block of
 * theirs lie below theirs as far as these blocks belong to the order wholly; {@code own} how many cards of the order are in the last
 * block that it reaches, which has {@code last} cards; and {@code others} how many cards of the order are in other blocks.
 */
public final class OrderUnderRiffles {

    /** An order of half the pack. */
    public static final int MOST_IN_ORDER = 26;

    public static final int MOST_RIFFLES = 5;

    /**
     * How often it is right for one number.
     *
     * @param number that was thought of
     * @param share with which chance
     */
    public record Odds(int number, double share) {}

    private final int cards;
    private final int order;
    private final int labels;
    private final double[][] choose;
    /** By base and exponent. */
    private final double[][] power;
    /**
     * By the label of the last block and how many other cards of the order lie above and below: in how many ways these can be
     * labelled where the key and theirs share one block.
     */
    private final double[][][] oneBlock;
    /** The same where they are in two blocks. */
    private final double[][][] twoBlocks;

    private OrderUnderRiffles(int cards, int order, int riffles) {
        this.cards = cards;
        this.order = order;
        labels = 1 << riffles;
        choose = new double[cards + 1][cards + 1];
        for (int n = 0; n <= cards; n++) {
            choose[n][0] = 1;
            for (int k = 1; k <= n; k++) {
                choose[n][k] = choose[n - 1][k - 1] + choose[n - 1][k];
            }
        }
        power = new double[labels + 1][cards + 1];
        for (int base = 0; base <= labels; base++) {
            power[base][0] = 1;
            for (int n = 1; n <= cards; n++) {
                power[base][n] = power[base][n - 1] * base;
            }
        }
        oneBlock = new double[labels][order][order];
        twoBlocks = new double[labels][order][order];
        for (int block = 0; block < labels; block++) {
            for (int above = 0; above < order; above++) {
                for (int below = 0; above + below < order; below++) {
                    label(block, above, below);
                }
            }
        }
    }

    private void label(int block, int above, int below) {
        for (int keys = 0; keys < block; keys++) {
            oneBlock[block][above][below] += power[keys][above] * power[block - 1 - keys][below];
            for (int theirs = keys + 1; theirs < block; theirs++) {
                twoBlocks[block][above][below] += power[keys][above] * power[block - 1 - theirs][below];
            }
        }
    }

    /**
     * By the number thought of, from 1.
     *
     * @param cards in the pack
     * @param order how many cards the order has, from 2
     * @param riffles how often the deck is riffled, from 0
     */
    public static List<Odds> byNumber(int cards, int order, int riffles) {
        OrderUnderRiffles all = new OrderUnderRiffles(cards, order, riffles);
        double[] right = all.right();
        List<Odds> odds = new ArrayList<>();
        // At one the key itself is theirs, and nothing below it can be.
        odds.add(new Odds(1, 0));
        for (int number = 2; number <= order; number++) {
            odds.add(new Odds(number, right[number - 1]));
        }
        return odds;
    }

    /** By where the key lies, from 1, with which chance the next card of the order below it is the one that lay there. */
    private double[] right() {
        double[] ways = new double[order];
        for (int own = 1; own <= order; own++) {
            for (int last = own; last <= cards - order + own; last++) {
                double places = choose[cards][order - own + last];
                for (int key = 1; key < order; key++) {
                    ways[key] += places * (theirsFirstOfLast(own, last, key) + keyInLast(own, last, key));
                }
                for (int first = 0; first < order; first++) {
                    for (int second = 0; first + second + 2 <= order - own; second++) {
                        aboveLast(own, last, first, second, places, ways);
                    }
                }
            }
        }
        for (int key = 1; key < order; key++) {
            ways[key] /= power[labels][cards];
        }
        return ways;
    }

    /** Neither the key nor theirs is in the last block: adds to the ways of each place of the key. */
    private void aboveLast(int own, int last, int first, int second, double places, double[] ways) {
        int others = order - own - first - second - 2;
        int free = cards - (order - own + last);
        double below = below(first, second, others, own, last);
        double around = around(first, second, others, own, last);
        for (int above = 0; above <= others; above++) {
            double one = 0;
            double two = 0;
            for (int block = 1; block < labels; block++) {
                double beyond = power[labels - 1 - block][free];
                one += oneBlock[block][above][others - above] * beyond;
                two += twoBlocks[block][above][others - above] * beyond;
            }
            double labelled = choose[others][above] * places;
            ways[first + 1 + above] += labelled * (one * below + two * (below + around));
        }
    }

    /** Theirs is the first of the last block, and the key the last of a block above it. */
    private double theirsFirstOfLast(int own, int last, int key) {
        if (key != order - own) {
            return 0;
        }
        int free = cards - (key + last);
        double ways = 0;
        for (int first = 0; first < key; first++) {
            int above = key - 1 - first;
            double blocks = 0;
            for (int block = 1; block < labels; block++) {
                for (int keys = 0; keys < block; keys++) {
                    blocks += power[keys][above] * power[labels - 1 - block][free];
                }
            }
            ways += blocks * (firstOfLast(first, above, last) + aroundToLast(first, above, own, last));
        }
        return ways;
    }

    /** Both are in the last block. */
    private double keyInLast(int own, int last, int key) {
        int above = order - own;
        int first = key - 1 - above;
        if (first < 0 || first + 2 > own) {
            return 0;
        }
        double blocks = 0;
        for (int block = 0; block < labels; block++) {
            blocks += power[block][above] * power[labels - 1 - block][cards - above - last];
        }
        double ways = 0;
        for (int before = 0; before <= above; before++) {
            ways += choose[first + before][before] * choose[last - first - 2 + above - before][above - before];
        }
        return blocks * ways;
    }

    // ---- how the marked places can follow one another
    // ----------------------------------------------------------------

    /** Theirs comes below the key, with nothing between but cards of the last block that are beyond the order. */
    private double below(int first, int second, int others, int own, int last) {
        double ways = 0;
        for (int before = 0; before <= others; before++) {
            for (int gone = 0; gone <= last; gone++) {
                double rest = falls(second, others - before, last - gone);
                for (int between = 1; gone >= own && between <= last - gone; between++) {
                    rest += falls(second, others - before, last - gone - between);
                }
                ways += falls(first, before, gone) * rest;
            }
        }
        return ways;
    }

    /** Theirs comes first of all, and below the key nothing but cards of the last block that are beyond the order. */
    private double around(int first, int second, int others, int own, int last) {
        double ways = 0;
        for (int under = 0; under <= last - own; under++) {
            int rest = last - under;
            int all = first + second + others + rest;
            ways += choose[all][rest] * choose[all - rest][others] * choose[first + second][first];
        }
        return ways;
    }

    /** Theirs, the first of the last block, comes directly below the key. */
    private double firstOfLast(int first, int others, int last) {
        double ways = 0;
        for (int before = 0; before <= others; before++) {
            ways += choose[first + before][before] * choose[last - 1 + others - before][others - before];
        }
        return ways;
    }

    /** Theirs, the first of the last block, comes first of all, and below the key nothing of the order. */
    private double aroundToLast(int first, int others, int own, int last) {
        double ways = 0;
        for (int under = 0; under <= last - own; under++) {
            ways += falls(first, others, last - 1 - under);
        }
        return ways;
    }

    /** In how many orders three kinds of cards can follow one another; none where there are less than none. */
    private double falls(int some, int others, int more) {
        return more < 0 ? 0 : choose[some + others + more][more] * choose[some + others][others];
    }
}
