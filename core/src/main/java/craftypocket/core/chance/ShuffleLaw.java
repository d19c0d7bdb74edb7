package craftypocket.core.chance;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Where a few cards of a packet come to lie when it is shuffled by chance, exactly.
 *
 * <p>A riffle is turned round: every final place is marked for the upper or the lower packet, and the p-th mark of the upper
 * one is its p-th card. Counted from its own end no card needs to know where the packet was cut, but where a card of the
 * upper packet comes to lie below one of the lower. Marked by fair coins the cut is binomial; with the cut given all markings
 * with so many marks of the upper packet are equally likely. (P. Diaconis, “Group representations in probability and
 * statistics”, 1988, chapter 4D, gives the three ways to describe this shuffle, and that they are the same.)
 *
 * @param kind how it is shuffled
 * @param cards how many cards are
 * @param part the cut of {@link Kind#CUT_RIFFLE}, the number of chunks of {@link Kind#OVERHAND}; else 0
 */
public record ShuffleLaw(Kind kind, int cards, int part) {

    /** How a packet is shuffled by chance. */
    public enum Kind {
        /** The cut is binomial, every interleaving equally likely. */
        RIFFLE,
        /** The cut is given, every interleaving equally likely. */
        CUT_RIFFLE,
        /** The chunks end at any of the gaps between cards, all equally likely. */
        OVERHAND,
        /** All orders are equally likely. */
        WASH
    }

    private static final int MOST_CARDS = 104;

    private static final double[][] CHOOSE = choose();

    private static final double[] POWERS = IntStream.rangeClosed(0, MOST_CARDS)
            .mapToDouble(n -> Math.scalb(1.0, n))
            .toArray();

    private static double[][] choose() {
        double[][] choose = new double[MOST_CARDS + 1][MOST_CARDS + 1];
        for (int n = 0; n <= MOST_CARDS; n++) {
            choose[n][0] = 1;
            for (int k = 1; k <= n; k++) {
                choose[n][k] = choose[n - 1][k - 1] + choose[n - 1][k];
            }
        }
        return choose;
    }

    private static double choose(int from, int count) {
        return count < 0 || count > from ? 0 : CHOOSE[from][count];
    }

    /** How many cells {@link #places} has for so many followed cards. */
    public int cells(int followed) {
        int cells = 1;
        for (int i = 0; i < followed; i++) {
            cells *= cards;
        }
        return cells;
    }

    /**
     * The chances of where followed cards come to lie.
     *
     * @param from where they lie, counted from 0, ascending
     * @return by {@code Σ to[i] · cards^i} the chance that each comes to lie at its place {@code to[i]}, counted from 0
     */
    public double[] places(int[] from) {
        double[] chances = new double[cells(from.length)];
        switch (kind) {
            case RIFFLE, CUT_RIFFLE -> {
                if (kind == Kind.RIFFLE && from.length == 2) {
                    pair(from[0], from[1], chances);
                } else {
                    new Riffle(from, chances).run();
                }
            }
            case OVERHAND -> new Overhand(from, chances).from(0, 0, 0, 0, 1, 0);
            case WASH -> even(from.length, new int[from.length], 0, chances);
        }
        return chances;
    }

    /** What {@link Riffle} says of two cards, in a tenth of the time: the frequent case has thousands of such rows. */
    private void pair(int high, int low, double[] chances) {
        double[] chooseBetween = new double[cards];
        for (int between = 0; between < cards; between++) {
            chooseBetween[between] = choose(between, low - high - 1);
        }
        double scale = Math.scalb(1.0, -cards);
        for (int first = 0; first < cards; first++) {
            double above = first >= high ? choose(first, high) * scale : 0;
            double free = first <= high ? POWERS[first] * scale : 0;
            for (int second = first + 1; second < cards; second++) {
                double below = second <= low ? choose(cards - second - 1, cards - low - 1) : 0;
                double together = chooseBetween[second - first - 1];
                double apart = POWERS[second - first - 1];
                chances[first + cards * second] =
                        above * (together * POWERS[cards - second - 1] + below * apart) + free * together * below;
            }
            for (int second = 0; second < first && second <= low && first >= high; second++) {
                chances[first + cards * second] = crossed(high, low, first, second) * scale;
            }
        }
    }

    /** The upper card comes to lie below the lower one: so many of its packet, a sum over how many, lie above both. */
    private double crossed(int high, int low, int first, int second) {
        double[] aboveBoth = CHOOSE[second];
        double[] between = CHOOSE[first - second - 1];
        double[] belowBoth = CHOOSE[cards - first - 1];
        int last = low - second - high - 1;
        int least = Math.max(Math.max(0, -last), high - (first - second - 1));
        int most = Math.min(Math.min(second, high), cards - first - 1 - last);
        double sum = 0;
        for (int above = least; above <= most; above++) {
            sum += aboveBoth[above] * between[high - above] * belowBoth[above + last];
        }
        return sum;
    }

    private void even(int followed, int[] to, int next, double[] chances) {
        if (next == followed) {
            double chance = 1;
            for (int i = 0; i < followed; i++) {
                chance /= cards - i;
            }
            chances[cell(to)] = chance;
            return;
        }
        for (int place = 0; place < cards; place++) {
            int wanted = place;
            if (Arrays.stream(to, 0, next).noneMatch(taken -> taken == wanted)) {
                to[next] = place;
                even(followed, to, next + 1, chances);
            }
        }
    }

    private int cell(int[] to) {
        int cell = 0;
        for (int i = to.length - 1; i >= 0; i--) {
            cell = cell * cards + to[i];
        }
        return cell;
    }

    /** The first so many followed cards are of the upper packet, the others of the lower one. */
    private final class Riffle {

        private final int[] from;
        private final double[] chances;
        private final int[] to;
        private final double scale = Math.scalb(1.0, -cards);
        private int uppers;

        Riffle(int[] from, double[] chances) {
            this.from = from;
            this.chances = chances;
            to = new int[from.length];
        }

        void run() {
            for (uppers = 0; uppers <= from.length; uppers++) {
                if (leastCut() <= mostCut()) {
                    choosePlaces(0, 1);
                }
            }
        }

        private int leastCut() {
            int least = uppers == 0 ? 0 : from[uppers - 1] + 1;
            return kind == Kind.CUT_RIFFLE ? Math.max(part, least) : least;
        }

        private int mostCut() {
            int most = uppers == from.length ? cards : from[uppers];
            return kind == Kind.CUT_RIFFLE ? Math.min(part, most) : most;
        }

        /**
         * Cards of one packet keep their order; those of the upper one go down, those of the lower one up.
         *
         * @param ways the markings between the cards of each packet, counted from its own end
         */
        private void choosePlaces(int next, double ways) {
            if (next == from.length) {
                double chance = chance(ways);
                if (chance > 0) {
                    chances[cell(to)] += chance;
                }
                return;
            }
            boolean upper = next < uppers;
            boolean alone = next == 0 || next == uppers;
            int least = alone ? 0 : to[next - 1] + 1;
            int first = upper ? Math.max(least, from[next]) : least;
            int last = upper ? cards - 1 : from[next];
            int cardsBefore = alone ? (upper ? from[next] : 0) : from[next] - from[next - 1] - 1;
            for (int place = first; place <= last; place++) {
                if (upper || !taken(place)) {
                    to[next] = place;
                    int between = alone ? (upper ? place : 0) : place - to[next - 1] - 1;
                    double here = choose(between, cardsBefore);
                    if (!upper && next == from.length - 1) {
                        here *= choose(cards - place - 1, cards - from[next] - 1);
                    }
                    choosePlaces(next + 1, ways * here);
                }
            }
        }

        private boolean taken(int place) {
            for (int i = 0; i < uppers; i++) {
                if (to[i] == place) {
                    return true;
                }
            }
            return false;
        }

        private double chance(double ways) {
            boolean noLower = uppers == from.length;
            int above = uppers == 0 ? -1 : to[uppers - 1];
            int below = noLower ? cards : to[uppers];
            if (kind == Kind.RIFFLE && above < below) {
                // All upper ones lie above all lower ones: what is between is free.
                return ways * POWERS[below - above - 1] * scale;
            }
            double sum = 0;
            int least = leastCut();
            int most = mostCut();
            for (int cut = least; cut <= most; cut++) {
                sum += withCut(cut);
            }
            return kind == Kind.RIFFLE ? sum * scale : sum / choose(cards, part);
        }

        /** The markings with so many upper ones: paths through the points that the followed cards are. */
        private double withCut(int cut) {
            double ways = 1;
            int place = 0;
            int marked = 0;
            int upper = 0;
            int lower = uppers;
            while (ways > 0 && (upper < uppers || lower < from.length)) {
                boolean isUpper = lower == from.length || (upper < uppers && to[upper] < to[lower]);
                int at = isUpper ? to[upper] : to[lower];
                int before = isUpper ? from[upper] : at - (from[lower] - cut);
                ways *= choose(at - place, before - marked);
                place = at + 1;
                marked = before + (isUpper ? 1 : 0);
                upper += isUpper ? 1 : 0;
                lower += isUpper ? 0 : 1;
            }
            return ways * choose(cards - place, cut - marked);
        }
    }

    /** The chunks in which followed cards are, one after another; all other boundaries are free. */
    private final class Overhand {

        private final int[] from;
        private final double[] chances;

        Overhand(int[] from, double[] chances) {
            this.from = from;
            this.chances = chances;
        }

        /**
         * @param next the first card whose chunk is not chosen
         * @param end where the last chosen chunk ends
         * @param boundaries how many ends of chosen chunks are between cards
         * @param within how many gaps lie within chosen chunks
         * @param scale {@code cards^next}
         * @param cell of the cards before
         */
        void from(int next, int end, int boundaries, int within, int scale, int cell) {
            if (next == from.length) {
                int free = cards - 1 - boundaries - within;
                chances[cell] += choose(free, part - 1 - boundaries) / choose(cards - 1, part - 1);
                return;
            }
            for (int first = end; first <= from[next]; first++) {
                int starts = first > end && first > 0 ? 1 : 0;
                for (int last = from[next] + 1; last <= cards; last++) {
                    int ends = last < cards ? 1 : 0;
                    int card = next;
                    int factor = scale;
                    int here = cell;
                    while (card < from.length && from[card] < last) {
                        here += factor * (cards - last + from[card] - first);
                        factor *= cards;
                        card++;
                    }
                    from(card, last, boundaries + starts + ends, within + last - first - 1, factor, here);
                }
            }
        }
    }
}
