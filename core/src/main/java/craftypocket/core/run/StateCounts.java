package craftypocket.core.run;

import craftypocket.core.chance.EachChance;
import craftypocket.core.layout.Hands;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.Stream;

/**
 * Counts over all worlds from the states that they go through: the ways into a state times the ways out of it. Where there
 * are shuffles by chance, ways have a weight, and all of them together weigh one.
 */
final class StateCounts {

    /** More worlds than this have no number: they are weighed, each alike. */
    private static final double MOST_WORLDS = 9e18;

    /** Chances are told in parts of this: as many digits as they have. */
    static final long WEIGHED = 1_000_000_000_000_000L;

    /** Shares of where roles can be are told in parts of this. */
    private static final int PARTS = 1_000_000;

    /** A shuffle that goes wrong is looked for among the first so many at most: a second, if none does. */
    private static final int MOST_SHUFFLES_TRIED = 5_000_000;

    /** The same for a shuffle whose chances are not known, or whose every try does a whole step. */
    private static final int MOST_DRAWS_TRIED = 100_000;

    /** If on average fewer than this would go wrong among all that would be tried, only one is tried. */
    private static final double TOO_FEW = 0.1;

    /** With so many times as many tries as are needed on the average, one of them does it. */
    private static final double ENOUGH_TRIES = 30;

    private static final int NOWHERE = -1;

    /** So many conditions are gone back from together, from where they fail: each needs room for every state. */
    private static final int MOST_TOGETHER = 4;

    private final Plan plan;
    private final StateSurvey survey;
    private final StepJudge judge;
    private final StateGraph graph;
    private final int layers;
    private final Tally tally;
    private final double[][] in;
    private final double[][] out;
    private double scale = 1;

    StateCounts(StateSurvey survey, StateGraph graph) {
        this.survey = survey;
        this.graph = graph;
        plan = survey.plan();
        judge = survey.judge();
        layers = graph.layers().size();
        tally = new Tally(plan, survey.after().spots());
        in = waysIn(0, new double[] {1});
        out = waysOut();
    }

    /** The counts. */
    Tally tally() {
        double all = out[0][0];
        if (all == 0) {
            // The number that is asked for can be chosen in no world.
            return tally;
        }
        tally.weighed = graph.weighed() || all > MOST_WORLDS;
        scale = tally.weighed ? WEIGHED / all : 1;
        tally.worlds = tally.weighed ? WEIGHED : whole(all);
        boolean uncounted = survey.chance() || (graph.weighed() && !graph.singly());
        double ways = uncounted ? 0 : graph.weighed() ? paths() : all;
        tally.ways = ways > MOST_WORLDS ? 0 : Math.round(ways);
        for (int layer = 0; layer < layers; layer++) {
            if (graph.layers().get(layer) instanceof Links links) {
                for (int choice = 0; choice < links.width(); choice++) {
                    long[] made = tally.made[links.firstChoice() + choice];
                    if (made != null) {
                        byNumber(links, choice, NOWHERE, in[layer], out[layer + 1], made);
                    }
                }
            }
        }
        List<Backwards> failing = new ArrayList<>();
        for (int layer = 0; layer < layers; layer++) {
            if (graph.layers().get(layer) instanceof Links links) {
                for (int bit = 0; bit < links.conditions().length; bit++) {
                    if (anyFails(links, bit)) {
                        failing.add(new Backwards(layer, bit));
                    }
                }
            }
        }
        Backwards held = new Backwards(layers, NOWHERE);
        goBack(List.of(held), failing.stream().limit(MOST_TOGETHER).toList());
        tally.allHeld = part(held.ways[0][0], all);
        for (int i = 0; i < failing.size(); i++) {
            if (i > 0 && i % MOST_TOGETHER == 0) {
                goBack(List.of(), failing.stream().skip(i).limit(MOST_TOGETHER).toList());
            }
            fails(failing.get(i));
            // The counts by number need much room.
            failing.get(i).ways = null;
        }
        picture();
        return tally;
    }

    /** A count is exact up to 2^53, some nine thousand million million; above that it is rounded, but never to 0. */
    private long whole(double count) {
        return count == 0 ? 0 : Math.max(1, Math.round(count * scale));
    }

    /** A part of all ways, as a share. It is 1 only if no way is left out. */
    private long part(double part, double all) {
        boolean whole = part >= all && !tally.weighed;
        return whole ? tally.worlds : Math.min(whole(part), tally.worlds);
    }

    // ---- ways --------------------------------------------------------------------------------------------------

    /** By moment and state, in how many ways it is reached from a moment on. */
    private double[][] waysIn(int moment, double[] first) {
        double[][] ways = new double[layers + 1][];
        ways[moment] = first;
        for (int layer = moment; layer < layers; layer++) {
            ways[layer + 1] = new double[graph.size(layer + 1)];
            graph.layers().get(layer).forward(ways[layer], ways[layer + 1]);
        }
        return ways;
    }

    /** How many ways there are, however likely each of them is: without chance each link is one. */
    private double paths() {
        double[] ways = {1};
        for (int layer = 0; layer < layers; layer++) {
            Links links = (Links) graph.layers().get(layer);
            double[] next = new double[graph.size(layer + 1)];
            for (int link = 0; link < links.size(); link++) {
                next[links.to(link)] += ways[links.from(link)];
            }
            ways = next;
        }
        return Arrays.stream(ways).sum();
    }

    /** By moment and state, in how many ways it goes on to the end. */
    private double[][] waysOut() {
        double[][] ways = new double[layers + 1][];
        ways[layers] = new double[graph.size(layers)];
        Arrays.fill(ways[layers], 1);
        for (int layer = layers - 1; layer >= 0; layer--) {
            ways[layer] = new double[graph.size(layer)];
            if (graph.weighed() && !survey.looksAtOne()) {
                // The chances of what comes after a state add up to 1.
                Arrays.fill(ways[layer], 1);
            } else {
                graph.layers().get(layer).backward(ways[layer + 1], ways[layer]);
            }
        }
        return ways;
    }

    /** Ways that are gone back from a layer to the beginning: those in which a condition fails there, or in which all holds. */
    private final class Backwards {
        private final int layer;
        /** Of the condition that fails; {@link #NOWHERE} where all holds. */
        private final int bit;
        /** By moment up to the layer and by state, in how many ways it goes on. */
        private double[][] ways = new double[layers + 1][];

        Backwards(int layer, int bit) {
            this.layer = layer;
            this.bit = bit;
            ways[layer] = bit == NOWHERE
                    ? out[layers]
                    : failing((Links) graph.layers().get(layer));
        }

        private double[] failing(Links links) {
            double[] failing = new double[graph.size(layer)];
            for (int link = 0; link < links.size(); link++) {
                if (links.fails(link, bit)) {
                    failing[links.from(link)] += Layer.product(out[layer + 1][links.to(link)], links.weight(link));
                }
            }
            return failing;
        }
    }

    private boolean anyFails(Links links, int bit) {
        for (int link = 0; link < links.size(); link++) {
            if (links.fails(link, bit)) {
                return true;
            }
        }
        return false;
    }

    /** Goes back with all of them at once; conditions that fail in the same ways from a moment on are one from there. */
    private void goBack(List<Backwards> holding, List<Backwards> failing) {
        for (int layer = layers - 1; layer >= 0; layer--) {
            int now = layer;
            if (graph.layers().get(layer) instanceof Links links && links.conditions().length > 0) {
                holding.forEach(held -> held.ways[now] = holds(links, held.ways[now + 1], graph.size(now)));
                back(layer, failing);
            } else {
                back(layer, Stream.concat(holding.stream(), failing.stream()).toList());
            }
            List<Backwards> here =
                    failing.stream().filter(each -> each.layer >= now).toList();
            for (int one = 1; one < here.size(); one++) {
                for (int other = 0; other < one; other++) {
                    if (Arrays.equals(here.get(one).ways[now], here.get(other).ways[now])) {
                        here.get(one).ways[now] = here.get(other).ways[now];
                    }
                }
            }
        }
    }

    private void back(int layer, List<Backwards> all) {
        Map<double[], double[]> ways = new IdentityHashMap<>();
        List<Backwards> beyond = all.stream().filter(each -> each.layer > layer).toList();
        beyond.forEach(each -> ways.computeIfAbsent(each.ways[layer + 1], any -> new double[graph.size(layer)]));
        graph.layers().get(layer).backward(ways);
        beyond.forEach(each -> each.ways[layer] = ways.get(each.ways[layer + 1]));
    }

    private static double[] holds(Links links, double[] behind, int states) {
        double[] ways = new double[states];
        for (int link = 0; link < links.size(); link++) {
            if (links.holds(link)) {
                ways[links.from(link)] += Layer.product(behind[links.to(link)], links.weight(link));
            }
        }
        return ways;
    }

    private double ways(Links links, int link, double[] before, double[] behind) {
        return Layer.product(Layer.product(before[links.from(link)], links.weight(link)), behind[links.to(link)]);
    }

    /** In how many worlds each number is chosen; if a condition is meant by its bit, only those in which it fails there. */
    private void byNumber(Links links, int choice, int bit, double[] before, double[] behind, long[] counts) {
        double[] exact = new double[counts.length];
        for (int link = 0; link < links.size(); link++) {
            int number = links.number(link, choice);
            if (number != Tally.NOT_MADE && (bit == NOWHERE || links.fails(link, bit))) {
                exact[number] += ways(links, link, before, behind);
            }
        }
        for (int number = 0; number < exact.length; number++) {
            counts[number] = whole(exact[number]);
        }
    }

    // ---- what fails ----------------------------------------------------------------------------------------------

    private void fails(Backwards failing) {
        int layer = failing.layer;
        int bit = failing.bit;
        Links links = (Links) graph.layers().get(layer);
        double[] failedInto = new double[graph.size(layer + 1)];
        double failed = 0;
        double held = 0;
        for (int link = 0; link < links.size(); link++) {
            double ways = ways(links, link, in[layer], out[layer + 1]);
            if (links.fails(link, bit)) {
                failedInto[links.to(link)] += Layer.product(in[layer][links.from(link)], links.weight(link));
                failed += ways;
            } else {
                held += ways;
            }
        }
        int condition = links.conditions()[bit];
        if (failed == 0) {
            return;
        }
        tally.failed[condition] = held > 0 ? Math.min(whole(failed), tally.worlds - 1) : tally.worlds;
        tally.allHeld = Math.min(tally.allHeld, tally.worlds - tally.failed[condition]);
        double[][] before = failing.ways;
        double[][] behind = waysIn(layer + 1, failedInto);
        for (int at = 0; at < layers; at++) {
            if (!(graph.layers().get(at) instanceof Links here)) {
                continue;
            }
            for (int choice = 0; choice < here.width(); choice++) {
                int index = here.firstChoice() + choice;
                if (tally.made[index] == null) {
                    continue;
                }
                long[] counts = new long[tally.made[index].length];
                if (at < layer) {
                    byNumber(here, choice, NOWHERE, in[at], before[at + 1], counts);
                } else if (at > layer) {
                    byNumber(here, choice, NOWHERE, behind[at], out[at + 1], counts);
                } else {
                    byNumber(here, choice, bit, in[at], out[at + 1], counts);
                }
                tally.failedWith[condition][index] = counts;
            }
        }
        tally.smallest[condition] = smallest(condition, layer, bit, before);
        if (!survey.chance()
                && graph.singly()
                && plan.conditions().get(condition).kind() == Condition.Kind.CAN_BE_DONE) {
            int step = plan.conditions().get(condition).step();
            int[] histories = new int[layers];
            int other = survey.otherwise(step, stateBefore(step, tally.smallest[condition], histories));
            tally.otherwise[condition] = other < 0 ? null : worldThrough(step, other, histories);
        }
    }

    /**
     * The state before a step in a world that is counted.
     *
     * @param histories where it is noted by layer by which history that world came
     */
    private int stateBefore(int step, int[] numbers, int[] histories) {
        int at = 0;
        for (int layer = 0; layer < graph.firstLayer(step); layer++) {
            Links links = (Links) graph.layers().get(layer);
            int link = links.firstFrom(at);
            while (!links.goesWith(link, numbers)) {
                link++;
            }
            at = links.to(link);
            histories[layer] = links.history(link);
        }
        return at;
    }

    /** The first of all worlds that come through a state before a step by these histories: up to there they look alike. */
    private int[] worldThrough(int step, int state, int[] histories) {
        int through = graph.firstLayer(step);
        boolean[][] leads = new boolean[through + 1][];
        leads[through] = new boolean[graph.size(through)];
        leads[through][state] = true;
        for (int layer = through - 1; layer >= 0; layer--) {
            Links links = (Links) graph.layers().get(layer);
            leads[layer] = new boolean[graph.size(layer)];
            for (int link = 0; link < links.size(); link++) {
                leads[layer][links.from(link)] |=
                        leads[layer + 1][links.to(link)] && links.history(link) == histories[layer];
            }
        }
        int[] numbers = Tally.nothingChosen(plan);
        int at = 0;
        for (int layer = 0; layer < layers; layer++) {
            Links links = (Links) graph.layers().get(layer);
            int link = links.firstFrom(at);
            while (layer < through
                    ? !leads[layer + 1][links.to(link)] || links.history(link) != histories[layer]
                    : out[layer + 1][links.to(link)] == 0) {
                link++;
            }
            note(links, link, numbers);
            at = links.to(link);
        }
        return numbers;
    }

    // ---- one world in which it fails --------------------------------------------------------------------------------

    /**
     * A world in which a condition fails: the first one in the order of its numbers. Where shuffles fall by chance it is one that
     * is as likely as can be, number by number, with the first shuffle that does it.
     *
     * @param failing the layer in which it fails, with its bit there; {@link #NOWHERE} for any world
     * @return null when no shuffle that was tried does it
     */
    private int[] smallest(int condition, int failing, int bit, double[][] failingFrom) {
        int[] numbers = Tally.nothingChosen(plan);
        return survey.chance()
                ? weighedWorld(condition, failing, bit, failingFrom, numbers)
                : countedWorld(failing, bit, failingFrom, numbers);
    }

    private int[] countedWorld(int failing, int bit, double[][] failingFrom, int[] numbers) {
        int at = 0;
        for (int layer = 0; layer < layers; layer++) {
            if (graph.layers().get(layer) instanceof HandKernel chunks) {
                at = chunks.first(at, wanted(layer, failing, failingFrom), numbers);
                continue;
            }
            Links links = (Links) graph.layers().get(layer);
            int link = links.firstFrom(at);
            while (chance(links, link, layer, failing, bit, failingFrom) == 0) {
                link++;
            }
            note(links, link, numbers);
            at = links.to(link);
        }
        return numbers;
    }

    /** The states after a layer that go on to fail there; beyond that, to the end. */
    private IntPredicate wanted(int layer, int failing, double[][] failingFrom) {
        double[] ways = layer < failing ? failingFrom[layer + 1] : out[layer + 1];
        return state -> ways[state] > 0;
    }

    /** With which chance a link goes on to fail there; beyond that, to go on to the end. */
    private double chance(Links links, int link, int layer, int failing, int bit, double[][] failingFrom) {
        if (layer < failing) {
            return Layer.product(failingFrom[layer + 1][links.to(link)], links.weight(link));
        }
        boolean goesOn = layer != failing || links.fails(link, bit);
        return goesOn ? Layer.product(out[layer + 1][links.to(link)], links.weight(link)) : 0;
    }

    private static void note(Links links, int link, int[] numbers) {
        for (int choice = 0; choice < links.width(); choice++) {
            numbers[links.firstChoice() + choice] = links.number(link, choice);
        }
    }

    /** Goes through the steps on a surface, so that shuffles fall as their numbers say. */
    private int[] weighedWorld(int condition, int failing, int bit, double[][] failingFrom, int[] numbers) {
        Hands hands = survey.before();
        Hands next = survey.after();
        hands.copyFrom(plan.freshHands());
        int at = 0;
        Hands first = hands.another();
        for (int step = -1; step < graph.steps() && at >= 0; step++) {
            survey.atStep(step);
            if (at >= 0) {
                survey.tell(hands, step, at);
            }
            int last = graph.firstLayer(step + 1) - 1;
            boolean falls = false;
            double share = 1;
            for (int layer = graph.firstLayer(step); layer <= last && !falls; layer++) {
                if (graph.layers().get(layer) instanceof HandKernel chunks) {
                    at = chunks.first(at, wanted(layer, failing, failingFrom), numbers);
                    continue;
                }
                Links links = (Links) graph.layers().get(layer);
                int link = likeliest(links, at, layer, failing, bit, failingFrom);
                note(links, link, numbers);
                at = links.to(link);
                boolean draws = layer == last && chanceOf(step) != NOWHERE && judge.waits(step, hands);
                falls = draws || (layer < last && graph.layers().get(layer + 1) instanceof Kernel);
                // The draws that lead there have no known chance.
                share = draws ? 0 : layer < failing ? failingFrom[layer + 1][at] : 1;
            }
            boolean here = failing >= graph.firstLayer(step) && failing <= last;
            if (falls) {
                begin(step, hands, numbers);
                double[] wanted = failing > last ? failingFrom[last + 1] : null;
                at = fall(
                        step,
                        hands,
                        numbers,
                        tries(share),
                        reached -> (!here || fails(condition))
                                && (wanted == null ? out[last + 1][reached] > 0 : wanted[reached] > 0));
            } else {
                perform(step, hands, next, numbers, here ? condition : NOWHERE, at);
            }
            hands.copyFrom(next);
            if (step < 0) {
                first.copyFrom(next);
            }
        }
        if (at >= 0 && survey.names() != null) {
            int[] given = survey.names().given(hands);
            for (int card = 0; card < given.length; card++) {
                if (given[card] >= 0) {
                    numbers[plan.choices().size() + given[card]] = first.positionIn(0, card);
                }
            }
        }
        return at < 0 ? null : numbers;
    }

    /** How many shuffles are tried where one in so many does it; 0 where nobody knows. */
    private static double tries(double share) {
        if (share == 0) {
            return MOST_DRAWS_TRIED;
        }
        double enough = Math.ceil(ENOUGH_TRIES / share);
        return share * MOST_SHUFFLES_TRIED < TOO_FEW ? 1 : Math.min(MOST_SHUFFLES_TRIED, enough);
    }

    /** Does a step with its numbers. If names are read in it, these are such that it leads where it should and fails what it should. */
    private void perform(int step, Hands hands, Hands next, int[] numbers, int failing, int wanted) {
        EachChance draws = new EachChance();
        DrawnNames names = survey.names();
        do {
            next.copyFrom(hands);
            if (names != null) {
                names.drawFrom(draws);
            }
            begin(step, next, numbers);
            next.knownBy(survey.told());
            judge.perform(step, next);
            if (names != null) {
                names.drawFrom(null);
            }
        } while (draws.drew()
                && !((failing == NOWHERE || fails(failing)) && survey.find(next, step) == wanted)
                && draws.next());
    }

    /** Whether a condition failed when it was judged last; of what is asked of knowledge, the state that it leads to says it. */
    private boolean fails(int condition) {
        return judge.asks(condition) || !judge.holds()[condition];
    }

    private int likeliest(Links links, int from, int layer, int failing, int bit, double[][] failingFrom) {
        int best = NOWHERE;
        double most = 0;
        for (int link = links.firstFrom(from); link < links.size() && links.from(link) == from; link++) {
            double chance = chance(links, link, layer, failing, bit, failingFrom);
            if (chance > most) {
                most = chance;
                best = link;
            }
        }
        return best;
    }

    private void begin(int step, Hands hands, int[] numbers) {
        if (judge.waits(step, hands)) {
            judge.begin(step, hands);
            Choice[] choices = judge.choices(step);
            for (int i = 0; i < choices.length; i++) {
                int number = numbers[survey.firstChoice(step) + i];
                judge.values(step).set(choices[i].setting(), choices[i].chunk(), Math.max(0, number));
            }
        }
    }

    /** Which choice of a step is how something falls by chance. */
    private int chanceOf(int step) {
        Choice[] choices = judge.choices(step);
        for (int choice = 0; choice < choices.length; choice++) {
            if (choices[choice].isChance()) {
                return choice;
            }
        }
        return NOWHERE;
    }

    /** Tries one shuffle after another until one falls as wanted; gives the state that it leads to, or {@link #NOWHERE}. */
    private int fall(int step, Hands hands, int[] numbers, double tries, IntPredicate wanted) {
        Choice[] choices = judge.choices(step);
        int chance = chanceOf(step);
        Hands next = survey.after();
        Fallen fallen = new Fallen(survey);
        for (int shuffle = 1; shuffle <= (fallen.tells() ? tries : Math.min(tries, MOST_DRAWS_TRIED)); shuffle++) {
            if (survey.stopped()) {
                return NOWHERE;
            }
            if (!fallen.asNever(shuffle)) {
                continue;
            }
            judge.values(step).set(choices[chance].setting(), 0, shuffle);
            next.copyFrom(hands);
            next.knownBy(survey.told());
            next.shuffles().mixedBy(fallen.over(next));
            judge.perform(step, next);
            next.shuffles().mixedBy(null);
            int reached = survey.find(next, step);
            if (reached >= 0 && wanted.test(reached)) {
                numbers[survey.firstChoice(step) + chance] = shuffle;
                return reached;
            }
        }
        return NOWHERE;
    }

    /** Where the roles are at each moment, in parts of all worlds. */
    private void picture() {
        tally.pictured = PARTS;
        int roles = survey.after().roleCount();
        double[] shares = new double[survey.after().spots()];
        for (int moment = 0; moment <= graph.steps(); moment++) {
            int layer = graph.firstLayer(moment);
            States states = graph.states(moment);
            for (int role = 0; role < roles; role++) {
                Arrays.fill(shares, 0);
                for (int state = 0; state < states.size(); state++) {
                    int spot = states.spots(state)[role];
                    if (spot >= 0) {
                        shares[spot] += in[layer][state] * out[layer][state];
                    }
                }
                for (int spot = 0; spot < shares.length; spot++) {
                    double part = shares[spot] / out[0][0] * PARTS;
                    tally.at[moment * roles + role][spot] = part == 0 ? 0 : (int) Math.max(1, Math.round(part));
                }
            }
        }
    }
}
