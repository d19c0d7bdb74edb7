package craftypocket.core.evening;

import craftypocket.core.read.Plan;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The order of a set, and from a longer list the choice, that costs least: the fewest and easiest things to put right, no
 * method or ending twice in a row, strong routines at the ends, all within the time.
 *
 * <p>Bound: {@link #MOST} routines. Order: by all subsets, from small to large; for each subset the cheapest way to end
 * with a routine, told apart by which routine last used the deck; under a limit of time also the dearer ways that are quicker. So the
 * answer is the best there is.
 *
 * @param order the indexes of the routines in the better order
 * @param leftOut the indexes of those that did not fit into the time
 * @param cost what this order costs
 * @param costNow what the order that was given costs; all of it, whether it fits or not
 * @param reasons for each place, why this routine is there
 */
public record BetterOrder(
        List<Integer> order, List<Integer> leftOut, int cost, int costNow, List<List<String>> reasons) {

    /** As many routines are put in order. */
    public static final int MOST = 12;

    /** Two of the same method in a row. */
    static final int SAME_METHOD = 6;

    /** Two of the same ending in a row. */
    static final int SAME_ENDING = 4;

    /** A point of strength that is missed at the end, or at the beginning. */
    static final int WEAK_END = 3;

    static final int WEAK_BEGINNING = 2;

    /** A routine that is left out: dearer than anything that it could cost. */
    static final int LEFT_OUT = 200;

    private static final int SECONDS_A_MINUTE = 60;

    public BetterOrder {
        order = List.copyOf(order);
        leftOut = List.copyOf(leftOut);
        reasons = List.copyOf(reasons);
    }

    /** Finds the best order of these routines for a time. */
    public static BetterOrder of(List<Act> acts, int minutes) {
        return new Costs(acts).best(minutes);
    }

    /** What orders cost: by pairs, worked out once. */
    static final class Costs {

        private final List<Act> acts;
        private final int count;
        private final boolean[] deck;
        private final Resets[][] resets;
        private final int[][] next;
        private final double strongest;
        private final double weakest;

        Costs(List<Act> acts) {
            this.acts = acts;
            count = acts.size();
            if (count > MOST) {
                throw new IllegalArgumentException(count + " routines are more than " + MOST);
            }
            deck = new boolean[count];
            resets = new Resets[count][count];
            next = new int[count][count];
            List<Handover> ends = new ArrayList<>();
            List<Asks> asks = new ArrayList<>();
            for (int act = 0; act < count; act++) {
                Plan plan = acts.get(act).plan();
                SetUp setUp = plan.routine().setUp();
                deck[act] = Handover.usesDeck(setUp);
                ends.add(Handover.after(plan, World.USUAL));
                asks.add(Asks.of(plan));
            }
            for (int a = 0; a < count; a++) {
                for (int b = 0; b < count; b++) {
                    if (a != b && deck[a] && deck[b]) {
                        resets[a][b] = Resets.before(ends.get(a), acts.get(b).plan());
                    }
                    boolean method = asks.get(a).method() == asks.get(b).method();
                    boolean ending = !asks.get(a).ending().isEmpty()
                            && asks.get(a).ending().equals(asks.get(b).ending());
                    next[a][b] = (method ? SAME_METHOD : 0) + (ending ? SAME_ENDING : 0);
                }
            }
            strongest = acts.stream().mapToDouble(Act::strength).max().orElse(0);
            weakest = acts.stream().mapToDouble(Act::strength).min().orElse(0);
        }

        /** What is to be put right before one, after that one which used the deck last; -1 for none. */
        private int cost(int lastDeck, int act) {
            return lastDeck < 0 || !deck[act] ? 0 : resets[lastDeck][act].cost();
        }

        private int seconds(int lastDeck, int act) {
            return acts.get(act).seconds() + (lastDeck < 0 || !deck[act] ? 0 : resets[lastDeck][act].seconds());
        }

        private int first(int act) {
            int weak = (int) Math.round((strongest - acts.get(act).strength()) * WEAK_BEGINNING);
            return weak + misplaced(act, Act.Spot.CLOSER);
        }

        private int last(int act) {
            int weak = (int) Math.round((strongest - acts.get(act).strength()) * WEAK_END);
            return weak + misplaced(act, Act.Spot.OPENER);
        }

        /** What belongs to the other end costs as much as a routine that is left out. */
        private int misplaced(int act, Act.Spot wrong) {
            return acts.get(act).spot() == wrong && count > 1 ? LEFT_OUT : 0;
        }

        /** An opener that is not first, or a closer that is not last. */
        private int inside(int act, int place, int size) {
            Act.Spot spot = acts.get(act).spot();
            boolean wrong = spot == Act.Spot.OPENER && place > 0 || spot == Act.Spot.CLOSER && place < size - 1;
            return wrong ? LEFT_OUT : 0;
        }

        private boolean allowed(int act, int place) {
            boolean others = acts.get(place).stays() && place != act;
            return !others && (!acts.get(act).stays() || act == place);
        }

        /** What an order costs, those left out included. */
        int of(List<Integer> order) {
            int cost = LEFT_OUT * (count - order.size());
            int lastDeck = -1;
            for (int place = 0; place < order.size(); place++) {
                int act = order.get(place);
                cost += cost(lastDeck, act) + inside(act, place, order.size());
                cost += place == 0 ? first(act) : next[order.get(place - 1)][act];
                cost += place == order.size() - 1 ? last(act) : 0;
                lastDeck = deck[act] ? act : lastDeck;
            }
            return cost;
        }

        BetterOrder best(int minutes) {
            List<Integer> given = new ArrayList<>();
            for (int act = 0; act < count; act++) {
                given.add(act);
            }
            int limit = minutes > 0 ? minutes * SECONDS_A_MINUTE : Integer.MAX_VALUE;
            List<Integer> best = null;
            // As many as fit: sizes from all down to one.
            for (int size = count; size >= 1 && best == null; size--) {
                best = new Search(size, limit).best();
            }
            List<Integer> order = best == null ? List.of() : best;
            List<Integer> out =
                    given.stream().filter(act -> !order.contains(act)).toList();
            return new BetterOrder(order, out, of(order), of(given), reasons(order));
        }

        private List<List<String>> reasons(List<Integer> order) {
            List<List<String>> all = new ArrayList<>();
            int lastDeck = -1;
            for (int place = 0; place < order.size(); place++) {
                int act = order.get(place);
                List<String> here = new ArrayList<>();
                if (acts.get(act).stays()) {
                    here.add("You keep it at this place.");
                }
                if (place == 0 && acts.get(act).spot() == Act.Spot.OPENER) {
                    here.add("It is an opener.");
                }
                if (place == order.size() - 1 && acts.get(act).spot() == Act.Spot.CLOSER) {
                    here.add("It is a closer.");
                }
                boolean strong = strongest > weakest && acts.get(act).strength() == strongest;
                if (place == order.size() - 1 && strong) {
                    here.add("Nothing gets stronger reactions.");
                }
                if (place > 0) {
                    here.add(after(order.get(place - 1), act, lastDeck));
                }
                if (here.isEmpty()) {
                    here.add("Begun with this, the whole needs least to be put right.");
                }
                lastDeck = deck[act] ? act : lastDeck;
                all.add(List.copyOf(here));
            }
            return all;
        }

        private String after(int before, int act, int lastDeck) {
            String right;
            if (!deck[act]) {
                right = "It has its own packet";
            } else if (lastDeck < 0) {
                right = "The deck is as it was laid";
            } else {
                int things = resets[lastDeck][act].list().size();
                right = things == 0
                        ? "Nothing is to be put right before it"
                        : "Only " + (things == 1 ? "one thing is" : things + " things are")
                                + " to be put right before it";
            }
            return right
                    + (next[before][act] == 0 ? ", and it works and ends in another way than the one before." : ".");
        }

        /** The cheapest order of so many routines. */
        private final class Search {

            private final int size;
            private final int limit;
            /** By subset, last routine, and last routine with the deck (the count for none): what no other way there beats. */
            private final List<List<Label>> labels;

            Search(int size, int limit) {
                this.size = size;
                this.limit = limit;
                labels = new ArrayList<>(Collections.nCopies((1 << count) * count * (count + 1), List.of()));
            }

            private int state(int subset, int last, int lastDeck) {
                return (subset * count + last) * (count + 1) + (lastDeck < 0 ? count : lastDeck);
            }

            List<Integer> best() {
                for (int act = 0; act < count; act++) {
                    if (allowed(act, 0)) {
                        reach(0, act, -1, new Label(first(act) + inside(act, 0, size), seconds(-1, act), act, null));
                    }
                }
                Label best = null;
                for (int subset = 1; subset < 1 << count; subset++) {
                    int place = Integer.bitCount(subset);
                    for (int last = 0; place <= size && last < count; last++) {
                        for (int deckAt = -1; deckAt < count; deckAt++) {
                            for (Label label : labels.get(state(subset, last, deckAt))) {
                                if (place < size) {
                                    goOn(subset, place, deckAt, label);
                                } else if (best == null || label.cost + last(last) < best.cost + last(best.act)) {
                                    best = label;
                                }
                            }
                        }
                    }
                }
                return best == null ? null : best.path();
            }

            private void goOn(int subset, int place, int deckAt, Label label) {
                for (int act = 0; act < count; act++) {
                    if ((subset & 1 << act) == 0 && allowed(act, place)) {
                        int more = cost(deckAt, act) + next[label.act][act] + inside(act, place, size);
                        int time = label.seconds + seconds(deckAt, act);
                        reach(subset, act, deckAt, new Label(label.cost + more, time, act, label));
                    }
                }
            }

            private void reach(int subset, int act, int deckAt, Label label) {
                int there = state(subset | 1 << act, act, deck[act] ? act : deckAt);
                List<Label> kept = labels.get(there);
                if (label.seconds > limit || kept.stream().anyMatch(other -> beats(other, label))) {
                    return;
                }
                List<Label> better = new ArrayList<>(kept.size() + 1);
                kept.stream().filter(other -> !beats(label, other)).forEach(better::add);
                better.add(label);
                labels.set(there, better);
            }

            /** What is no dearer and no slower is as good whatever follows; without a limit nobody asks for the time. */
            private boolean beats(Label one, Label other) {
                return one.cost <= other.cost && (one.seconds <= other.seconds || limit == Integer.MAX_VALUE);
            }
        }

        /** One way to begin: what it costs and how long it takes, its last routine, and the way before it. */
        private record Label(int cost, int seconds, int act, Label before) {

            List<Integer> path() {
                List<Integer> path = new ArrayList<>();
                for (Label label = this; label != null; label = label.before) {
                    path.add(0, label.act);
                }
                return path;
            }
        }
    }
}
