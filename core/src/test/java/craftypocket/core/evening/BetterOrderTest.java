package craftypocket.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Demos;
import craftypocket.core.read.Plan;
import craftypocket.core.run.World;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The better order against trying every order there is. */
class BetterOrderTest {

    private static List<Act> acts(int number, long seed) throws IOException {
        SplittableRandom random = new SplittableRandom(seed);
        List<Demos.Demo> demos = new ArrayList<>(Demos.all());
        List<Act> acts = new ArrayList<>();
        for (int act = 0; act < number; act++) {
            Demos.Demo demo = demos.remove(random.nextInt(demos.size()));
            acts.add(new Act(
                    demo.title(),
                    demo.script().plan(),
                    60 + random.nextInt(240),
                    10,
                    Act.Spot.ANYWHERE,
                    false,
                    1 + random.nextInt(5)));
        }
        return acts;
    }

    private static Act fixed(Act act, Act.Spot spot, boolean stays) {
        return new Act(act.title(), act.plan(), act.seconds(), act.spread(), spot, stays, act.strength());
    }

    /** Every order, one after another: the next one in the order of the dictionary. */
    private static boolean next(List<Integer> order) {
        int at = order.size() - 2;
        while (at >= 0 && order.get(at) > order.get(at + 1)) {
            at--;
        }
        if (at < 0) {
            return false;
        }
        int larger = order.size() - 1;
        while (order.get(larger) < order.get(at)) {
            larger--;
        }
        Collections.swap(order, at, larger);
        Collections.reverse(order.subList(at + 1, order.size()));
        return true;
    }

    private static int cheapest(List<Act> acts) {
        BetterOrder.Costs costs = new BetterOrder.Costs(acts);
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, acts.size()).boxed().toList());
        int best = Integer.MAX_VALUE;
        int tried = 0;
        do {
            boolean kept = IntStream.range(0, order.size())
                    .allMatch(place -> !acts.get(place).stays() || order.get(place) == place);
            if (kept) {
                best = Math.min(best, costs.of(order));
            }
            tried++;
        } while (next(order));
        assertThat(tried).isEqualTo(IntStream.rangeClosed(1, acts.size()).reduce(1, (a, b) -> a * b));
        return best;
    }

    @Test
    void eight_routines_are_as_cheap_as_the_cheapest_of_all_40320_orders() throws IOException {
        for (long seed = 1; seed <= 3; seed++) {
            List<Act> acts = acts(8, seed);

            BetterOrder better = BetterOrder.of(acts, 0);

            assertThat(better.cost()).isEqualTo(cheapest(acts)).isLessThanOrEqualTo(better.costNow());
            assertThat(better.order()).containsExactlyInAnyOrder(0, 1, 2, 3, 4, 5, 6, 7);
            assertThat(better.reasons()).hasSize(8);
        }
    }

    @Test
    void what_is_fixed_stays_and_openers_and_closers_are_where_they_belong() throws IOException {
        List<Act> acts = acts(7, 9);
        acts.set(2, fixed(acts.get(2), Act.Spot.ANYWHERE, true));
        acts.set(4, fixed(acts.get(4), Act.Spot.OPENER, false));
        acts.set(1, fixed(acts.get(1), Act.Spot.CLOSER, false));

        BetterOrder better = BetterOrder.of(acts, 0);

        assertThat(better.order().get(2)).isEqualTo(2);
        assertThat(better.order().get(0)).isEqualTo(4);
        assertThat(better.order().get(6)).isEqualTo(1);
        assertThat(better.cost()).isEqualTo(cheapest(acts));
        assertThat(better.reasons().get(0)).contains("It is an opener.");
        assertThat(better.reasons().get(2)).contains("You keep it at this place.");
    }

    @Test
    void of_a_longer_list_as_many_are_chosen_as_fit_into_the_time() throws IOException {
        List<Act> acts = acts(8, 4);
        int shortest = acts.stream().mapToInt(Act::seconds).min().orElseThrow();

        BetterOrder better = BetterOrder.of(acts, 8);

        int seconds =
                better.order().stream().mapToInt(act -> acts.get(act).seconds()).sum();
        assertThat(seconds).isLessThanOrEqualTo(8 * 60);
        assertThat(better.leftOut()).isNotEmpty();
        assertThat(better.order().size() + better.leftOut().size()).isEqualTo(8);
        assertThat(BetterOrder.of(acts, (shortest - 1) / 60).order()).isEmpty();
    }

    /** Within a limit a dearer beginning may be the only one that leaves time for the rest: all orders of all choices are tried. */
    @Test
    void within_a_time_no_order_of_as_many_routines_is_cheaper() throws IOException {
        int cases = 0;
        int tight = 0;
        for (long seed = 20; seed < 28; seed++) {
            List<Act> acts = acts(5, seed);
            BetterOrder.Costs costs = new BetterOrder.Costs(acts);
            int[][] between = new int[5][5];
            for (int a = 0; a < 5; a++) {
                for (int b = 0; b < 5; b++) {
                    Plan first = acts.get(a).plan();
                    Plan second = acts.get(b).plan();
                    boolean deck = a != b
                            && Handover.usesDeck(first.routine().setUp())
                            && Handover.usesDeck(second.routine().setUp());
                    between[a][b] = deck
                            ? Resets.before(Handover.after(first, World.USUAL), second)
                                    .seconds()
                            : 0;
                }
            }
            int all = acts.stream().mapToInt(Act::seconds).sum() / 60 + 4;
            for (int minutes = 3; minutes <= all; minutes++) {
                BetterOrder better = BetterOrder.of(acts, minutes);
                int[] best = {0, Integer.MAX_VALUE};
                choose(acts, between, costs, new ArrayList<>(), minutes * 60, best);
                assertThat(better.order()).hasSize(best[0]);
                assertThat(best[0] == 0 ? best[1] : better.cost()).isEqualTo(best[1]);
                cases++;
                tight += better.cost() > BetterOrder.of(acts, 0).cost() ? 1 : 0;
            }
        }
        assertThat(cases).isGreaterThan(80);
        assertThat(tight).isGreaterThan(40);
    }

    /** Tries everything that can follow; of as many routines as can be had, the least cost. */
    private static void choose(
            List<Act> acts, int[][] between, BetterOrder.Costs costs, List<Integer> order, int left, int[] best) {
        if (order.size() > best[0] || order.size() == best[0] && best[0] > 0 && costs.of(order) < best[1]) {
            best[0] = order.size();
            best[1] = costs.of(order);
        }
        int lastDeck = -1;
        for (int act : order) {
            lastDeck = Handover.usesDeck(acts.get(act).plan().routine().setUp()) ? act : lastDeck;
        }
        for (int act = 0; act < acts.size(); act++) {
            int time = acts.get(act).seconds() + (lastDeck < 0 ? 0 : between[lastDeck][act]);
            if (!order.contains(act) && time <= left) {
                order.add(act);
                choose(acts, between, costs, order, left - time, best);
                order.remove(order.size() - 1);
            }
        }
    }
}
