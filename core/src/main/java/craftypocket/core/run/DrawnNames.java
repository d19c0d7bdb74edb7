package craftypocket.core.run;

import craftypocket.core.cards.Side;
import craftypocket.core.chance.EachChance;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Namer;
import craftypocket.core.read.Plan;
import craftypocket.core.reckon.Reading;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * The names of cards of which the set-up says nothing. A name is drawn when something is read of it, and no finer than that:
 * of how many letters it has, say, but not which of the names of so many letters. What is drawn stays, and counts for what is
 * drawn later: no two cards have the same name.
 */
final class DrawnNames implements Namer {

    /** A surface has one byte for what is drawn of a name. */
    private static final int MOST_SETS = 255;

    /** More names than this that matter at once take too long to count. */
    private static final int MOST_DRAWN = 8;

    private final boolean[] nameless;
    private final Side[] fronts;
    /** Which names a card can have; the first is all that are left open. */
    private final List<BitSet> sets = new ArrayList<>();

    private final Map<Asked, Parts> parts = new HashMap<>();
    private final Map<List<Integer>, Double> ways = new HashMap<>();
    private boolean tooMany;
    private boolean drew;

    private EachChance draws;
    private Demand demand;

    /** What was read of names that are one of a set. */
    private record Asked(int set, Reading reading) {}

    /** The numbers that can be read, and for each the set of the names of which it is. */
    private record Parts(int[] numbers, int[] sets) {}

    /** What a step asked of a card’s name while no name could be drawn. */
    record Demand(int card, Reading reading) {}

    DrawnNames(Plan plan) {
        nameless = new boolean[plan.pack().size()];
        for (int card = 0; card < nameless.length; card++) {
            nameless[card] = plan.arrangement().anyCard(card);
        }
        fronts = plan.pack().cards().stream().map(card -> card.front()).toArray(Side[]::new);
        BitSet all = new BitSet();
        IntStream.range(0, nameless.length).filter(card -> nameless[card]).forEach(all::set);
        sets.add(all);
    }

    /** From where names are drawn from now on; null where nothing can be drawn, and what is asked is only noted. */
    void drawFrom(EachChance newDraws) {
        draws = newDraws;
    }

    /** What was asked first while nothing could be drawn, once. */
    Optional<Demand> demanded() {
        Optional<Demand> asked = Optional.ofNullable(demand);
        demand = null;
        return asked;
    }

    /** Whether anything was read of a name that is left open. */
    boolean drew() {
        return drew;
    }

    /** Whether there was too much to draw. */
    boolean tooMany() {
        return tooMany;
    }

    @Override
    public int read(Hands hands, int card, Reading reading) {
        if (!nameless[card]) {
            return reading.of(fronts[card]);
        }
        Parts split = parts.computeIfAbsent(new Asked(hands.drawn(card), reading), this::split);
        if (split.numbers.length == 1) {
            return split.numbers[0];
        }
        drew = true;
        if (draws == null) {
            demand = demand == null ? new Demand(card, reading) : demand;
            return split.numbers[0];
        }
        int part = draws.among(odds(hands, card, split));
        hands.draw(card, split.sets[part]);
        return split.numbers[part];
    }

    private Parts split(Asked asked) {
        Map<Integer, BitSet> byNumber = new TreeMap<>();
        sets.get(asked.set()).stream()
                .forEach(name -> byNumber.computeIfAbsent(asked.reading().of(fronts[name]), any -> new BitSet())
                        .set(name));
        int[] numbers = byNumber.keySet().stream().mapToInt(number -> number).toArray();
        return new Parts(
                numbers, byNumber.values().stream().mapToInt(this::numberOf).toArray());
    }

    private int numberOf(BitSet set) {
        int found = sets.indexOf(set);
        if (found < 0 && sets.size() > MOST_SETS) {
            tooMany = true;
            return 0;
        }
        if (found < 0) {
            sets.add(set);
        }
        return found < 0 ? sets.size() - 1 : found;
    }

    /** In how many ways the names that matter can be given out, for each part that a card’s name can be of. */
    private double[] odds(Hands hands, int card, Parts split) {
        int[] drawn = IntStream.range(0, nameless.length)
                .filter(other -> other != card && hands.drawn(other) != 0)
                .map(hands::drawn)
                .toArray();
        if (drawn.length >= MOST_DRAWN) {
            tooMany = true;
        }
        double[] odds = new double[split.sets.length];
        for (int part = 0; part < odds.length; part++) {
            int[] all = Arrays.copyOf(drawn, drawn.length + 1);
            all[drawn.length] = split.sets[part];
            Arrays.sort(all);
            odds[part] = tooMany ? 1 : ways(IntStream.of(all).boxed().toList());
        }
        return odds;
    }

    /** In how many ways cards can have different names, each one of its set. */
    private double ways(List<Integer> wanted) {
        Double known = ways.get(wanted);
        if (known == null) {
            known = wanted.isEmpty() ? 1.0 : count(wanted);
            ways.put(wanted, known);
        }
        return known;
    }

    /**
     * The last of them has any name of its set, but for those that another one has: of those that share the name, the others are
     * then in both sets at once.
     */
    private double count(List<Integer> wanted) {
        int last = wanted.size() - 1;
        List<Integer> others = wanted.subList(0, last);
        BitSet set = sets.get(wanted.get(last));
        double all = set.cardinality() * ways(others);
        for (int i = 0; i < others.size(); i++) {
            BitSet both = (BitSet) set.clone();
            both.and(sets.get(others.get(i)));
            if (!both.isEmpty()) {
                int[] shared = others.stream().mapToInt(other -> other).toArray();
                shared[i] = numberOf(both);
                Arrays.sort(shared);
                all -= ways(IntStream.of(shared).boxed().toList());
            }
        }
        return all;
    }

    /**
     * A name for each card of which something was drawn, no two the same: by card, the number of the card that has this name; -1
     * where nothing was drawn.
     */
    int[] given(Hands hands) {
        int[] given = new int[nameless.length];
        Arrays.fill(given, -1);
        int[] cards = IntStream.range(0, nameless.length)
                .filter(card -> hands.drawn(card) != 0)
                .toArray();
        give(hands, cards, 0, new BitSet(), given);
        return given;
    }

    private boolean give(Hands hands, int[] cards, int next, BitSet used, int[] given) {
        if (next == cards.length) {
            return true;
        }
        BitSet set = sets.get(hands.drawn(cards[next]));
        for (int name = set.nextSetBit(0); name >= 0; name = set.nextSetBit(name + 1)) {
            if (!used.get(name)) {
                used.set(name);
                given[cards[next]] = name;
                if (give(hands, cards, next + 1, used, given)) {
                    return true;
                }
                used.clear(name);
            }
        }
        return false;
    }
}
