package craftypocket.core.run;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Judges all worlds of a plan without visiting each: worlds whose layouts differ only in cards that nobody follows have the
 * same future, and are one state from then on. Each step takes every state and every number of its choices to the states
 * after it. Counting the ways into a state and the ways out of it gives how many worlds fail a condition, for which
 * numbers, and where roles can be.
 *
 * <p>Which cards may stand for one another: those that no role, slug, mark, setting or claim names, regular, and each with
 * a face of its own. Whether anything reads the name of another card all the same, or from where a role was taken, or what
 * the performer knows, is noticed while it goes: then all of it begins anew with that kept apart.
 */
final class StateSurvey {

    /** A survey with more links than this is visited in another way: they would take more time and memory than a sample. */
    private static final int MOST_LINKS = 400_000;

    private static final int MOST_STATES = 60_000;

    /** More worlds than this have no number. */
    private static final double MOST_WORLDS = 9e18;

    /** The conditions of a step are one bit each. */
    private static final int MOST_CONDITIONS = Long.SIZE;

    /** Shares of where roles can be are told in parts of this. */
    private static final int PARTS = 1_000_000;

    private static final int[] NO_NUMBERS = {};

    /** No condition is meant. */
    private static final int WHATEVER = -1;

    private final Plan plan;
    private final SurveyOptions options;
    private final StepJudge judge;
    private final int[][] conditionsOf;
    private final int[] firstChoice;
    private final Hands before;
    private final Hands after;
    private final byte[] canonical;
    private final int roles;

    private boolean knowing;
    private boolean names;
    private boolean origins;
    private boolean[] nameless;
    private boolean[] failsAtFirst;
    private List<States> states;
    private List<Links> links;
    private int linked;
    private int[] chosen;

    private StateSurvey(Plan plan, SurveyOptions options) {
        this.plan = plan;
        this.options = options;
        judge = new StepJudge(plan);
        int steps = judge.steps();
        conditionsOf = new int[steps + 1][];
        firstChoice = new int[steps + 1];
        for (int step = -1; step < steps; step++) {
            int at = step;
            conditionsOf[step + 1] = IntStream.range(0, plan.conditions().size())
                    .filter(i -> plan.conditions().get(i).step() == at)
                    .toArray();
            if (step >= 0) {
                firstChoice[step + 1] = firstChoice[step] + judge.choices(step).length;
            }
        }
        before = plan.freshHands();
        after = plan.freshHands();
        canonical = new byte[before.stateBytes()];
        roles = before.roleCount();
    }

    /** The counts of all worlds; nothing when there is a real shuffle, or too much to count, or it was stopped. */
    static Optional<Tally> of(Plan plan, SurveyOptions options) {
        boolean chance = plan.choices().stream().anyMatch(Choice::isChance);
        StateSurvey survey = new StateSurvey(plan, options);
        boolean fits = Arrays.stream(survey.conditionsOf).allMatch(c -> c.length <= MOST_CONDITIONS)
                && plan.steps().stream().allMatch(step -> ways(step, plan.pack().size()) <= MOST_LINKS);
        return !chance && fits && survey.forward() ? survey.count() : Optional.empty();
    }

    /** An upper bound of the ways in which a step can be done from one state. */
    private static long ways(PlannedStep step, int cards) {
        long ways = 1;
        for (Choice choice : step.choices()) {
            ways = Math.min(Long.MAX_VALUE / (Amount.MOST + 2), ways * choice.widest(cards));
        }
        return ways;
    }

    // ---- forward: the states --------------------------------------------------------------------------------------

    /** Goes through the steps; begins anew when something matters that was not kept apart. */
    private boolean forward() {
        boolean whole = steps();
        while (!whole && asked()) {
            whole = steps();
        }
        return whole;
    }

    /** Keeps apart from now on what was asked for; whether there was such a thing. */
    private boolean asked() {
        boolean more = matters();
        names |= before.namesRead() || after.namesRead();
        origins |= before.originsRead() || after.originsRead();
        if (!knowing && (before.missesKnowledge() || after.missesKnowledge())) {
            knowing = true;
            before.followKnowledge();
            after.followKnowledge();
        }
        return more;
    }

    /** Whether something was asked for that is not kept apart. */
    private boolean matters() {
        return (!names && (before.namesRead() || after.namesRead()))
                || (!origins && (before.originsRead() || after.originsRead()))
                || (!knowing && (before.missesKnowledge() || after.missesKnowledge()));
    }

    private boolean steps() {
        nameless = names ? new boolean[plan.pack().size()] : nameless();
        states = new ArrayList<>();
        links = new ArrayList<>();
        linked = 0;
        if (!knowing) {
            before.leaveKnowledge();
            after.leaveKnowledge();
        }
        after.copyFrom(plan.freshHands());
        before.forgetReads();
        after.forgetReads();
        judge.setUp(after);
        failsAtFirst = failed(-1);
        states.add(new States());
        state(after, states.get(0));
        for (int step = 0; step < judge.steps(); step++) {
            States next = new States();
            links.add(new Links(judge.choices(step).length));
            states.add(next);
            for (int from = 0; from < states.get(step).size(); from++) {
                before.read(states.get(step).bytes(from));
                if (judge.waits(step, before)) {
                    chosen = new int[judge.choices(step).length];
                    Arrays.fill(chosen, Tally.NOT_MADE);
                    judge.begin(step, before);
                    enumerate(step, from, 0);
                } else {
                    chosen = judge.choices(step).length == 0 ? NO_NUMBERS : notMade(step);
                    perform(step, from);
                }
                if (tooMuch(next) || matters()) {
                    return false;
                }
            }
            states.get(step).forgetBytes();
        }
        return !matters();
    }

    private int[] notMade(int step) {
        int[] none = new int[judge.choices(step).length];
        Arrays.fill(none, Tally.NOT_MADE);
        return none;
    }

    private boolean tooMuch(States next) {
        return linked > MOST_LINKS
                || next.size() > MOST_STATES
                || options.cancelled().getAsBoolean()
                || options.hurried().getAsBoolean();
    }

    private void enumerate(int step, int from, int index) {
        Choice[] choices = judge.choices(step);
        if (linked > MOST_LINKS) {
            return;
        }
        if (index == choices.length) {
            perform(step, from);
            return;
        }
        Choice choice = choices[index];
        Values values = judge.values(step);
        if (choice.needless(before, values)) {
            values.set(choice.setting(), choice.chunk(), 0);
            chosen[index] = Tally.NOT_MADE;
            enumerate(step, from, index + 1);
            return;
        }
        int low = choice.low(before, values);
        int high = choice.high(before, values);
        boolean any = false;
        for (int number = low; number <= high; number++) {
            if (choice.allows(before, values, number)) {
                any = true;
                take(step, from, index, number);
            }
        }
        if (!any) {
            // Nothing is possible here: the step is then broken, in one world.
            take(step, from, index, low);
        }
    }

    private void take(int step, int from, int index, int number) {
        Choice choice = judge.choices(step)[index];
        judge.values(step).set(choice.setting(), choice.chunk(), number);
        chosen[index] = Math.max(0, Math.min(Amount.MOST, number));
        enumerate(step, from, index + 1);
    }

    private void perform(int step, int from) {
        after.copyFrom(before);
        judge.perform(step, after);
        long fails = 0;
        int[] conditions = conditionsOf[step + 1];
        for (int i = 0; i < conditions.length; i++) {
            fails |= judge.holds()[conditions[i]] ? 0 : 1L << i;
        }
        links.get(step).add(from, state(after, states.get(step + 1)), fails, chosen);
        linked++;
    }

    private boolean[] failed(int step) {
        int[] conditions = conditionsOf[step + 1];
        boolean[] failed = new boolean[conditions.length];
        for (int i = 0; i < conditions.length; i++) {
            failed[i] = !judge.holds()[conditions[i]];
        }
        return failed;
    }

    private int state(Hands hands, States among) {
        hands.canonical(canonical, nameless, origins);
        int found = among.find(canonical);
        if (found >= 0) {
            return found;
        }
        int[] spots = new int[roles];
        for (int role = 0; role < roles; role++) {
            spots[role] = hands.spotOf(role);
        }
        return among.add(canonical, spots);
    }

    /** By card, whether it may stand for others: nothing names it, and its face is its own. */
    private boolean[] nameless() {
        Set<Side> named = new HashSet<>();
        Routine routine = plan.routine();
        routine.roles().stream().map(Role::card).forEach(text -> name(text, named));
        routine.steps().forEach(step -> {
            step.settings().values().forEach(text -> name(text, named));
            step.onlyIf().ifPresent(claim -> name(claim, named));
        });
        routine.ownMoves()
                .forEach(own ->
                        own.parts().forEach(part -> part.settings().values().forEach(text -> name(text, named))));
        routine.claims().forEach(claim -> name(claim.claim(), named));
        routine.setUp().things().stream().map(SetUp.LaidThing::written).forEach(text -> name(text, named));
        Set<Integer> ordered = new HashSet<>();
        for (int role = 0; role < roles; role++) {
            Arrays.stream(plan.slug(role)).forEach(ordered::add);
        }
        boolean[] free = new boolean[plan.pack().size()];
        for (int card = 0; card < free.length; card++) {
            Card here = plan.pack().card(card);
            int number = card;
            boolean own = IntStream.range(0, free.length)
                    .noneMatch(other ->
                            other != number && plan.pack().card(other).front().equals(here.front()));
            free[card] = own
                    && here.regular()
                    && plan.marks(card).isEmpty()
                    && !named.contains(here.front())
                    && !ordered.contains(card);
        }
        return free;
    }

    private static void name(ClaimSpec claim, Set<Side> named) {
        claim.settings().values().forEach(text -> name(text, named));
        claim.or().forEach(other -> name(other, named));
    }

    private static void name(String text, Set<Side> named) {
        for (String word : CardText.split(text)) {
            CardText.readCard(word).map(Card::front).ifPresent(named::add);
            CardText.read(word).ifPresent(named::add);
        }
    }

    // ---- backward: the counts ---------------------------------------------------------------------------------------

    private Optional<Tally> count() {
        int steps = judge.steps();
        double[][] in = waysIn(new double[] {1});
        double[][] out = waysOut(false);
        double[][] held = waysOut(true);
        if (out[0][0] > MOST_WORLDS) {
            return Optional.empty();
        }
        Tally tally = new Tally(plan, before.spots());
        tally.worlds = whole(out[0][0]);
        tally.allHeld = anyTrue(failsAtFirst) ? 0 : whole(held[0][0]);
        for (int step = 0; step < steps; step++) {
            made(step, in, out, tally);
        }
        for (int i = 0; i < conditionsOf[0].length; i++) {
            if (failsAtFirst[i]) {
                failsAlways(conditionsOf[0][i], tally);
            }
        }
        for (int step = 0; step < steps; step++) {
            for (int bit = 0; bit < conditionsOf[step + 1].length; bit++) {
                fails(step, bit, in, out, tally);
            }
        }
        picture(in, out, tally);
        return Optional.of(tally);
    }

    /** Up to some nine thousand million million a count is exact; beyond that it is rounded, but never to none. */
    private static long whole(double count) {
        return count == 0 ? 0 : Math.max(1, Math.round(count));
    }

    private static boolean anyTrue(boolean[] some) {
        for (boolean one : some) {
            if (one) {
                return true;
            }
        }
        return false;
    }

    /** By moment and state, in how many ways it is reached. */
    private double[][] waysIn(double[] first) {
        return waysIn(first, 0);
    }

    private double[][] waysIn(double[] first, int moment) {
        double[][] in = new double[states.size()][];
        in[moment] = first;
        for (int step = moment; step < links.size(); step++) {
            in[step + 1] = new double[states.get(step + 1).size()];
            Links here = links.get(step);
            for (int link = 0; link < here.size(); link++) {
                in[step + 1][here.to(link)] += in[step][here.from(link)];
            }
        }
        return in;
    }

    /** By moment and state, in how many ways it goes on to the end; if wanted, only those on which all conditions hold. */
    private double[][] waysOut(boolean holding) {
        double[][] out = new double[states.size()][];
        out[links.size()] = new double[states.get(links.size()).size()];
        Arrays.fill(out[links.size()], 1);
        for (int step = links.size() - 1; step >= 0; step--) {
            out[step] = new double[states.get(step).size()];
            Links here = links.get(step);
            for (int link = 0; link < here.size(); link++) {
                if (!holding || here.holds(link)) {
                    out[step][here.from(link)] += out[step + 1][here.to(link)];
                }
            }
        }
        return out;
    }

    /** How often each number of the choices of a step is made. */
    private void made(int step, double[][] in, double[][] out, Tally tally) {
        for (int choice = 0; choice < judge.choices(step).length; choice++) {
            long[] made = tally.made[firstChoice[step] + choice];
            if (made != null) {
                byNumber(step, choice, WHATEVER, in[step], out[step + 1], made);
            }
        }
    }

    /** In how many worlds each number is chosen; if a condition is meant, only those in which it fails in this step. */
    private void byNumber(int step, int choice, int bit, double[] in, double[] out, long[] counts) {
        double[] exact = new double[counts.length];
        Links here = links.get(step);
        for (int link = 0; link < here.size(); link++) {
            int number = here.number(link, choice);
            if (number != Tally.NOT_MADE && (bit == WHATEVER || here.fails(link, bit))) {
                exact[number] += in[here.from(link)] * out[here.to(link)];
            }
        }
        for (int number = 0; number < exact.length; number++) {
            counts[number] = whole(exact[number]);
        }
    }

    /** A condition of the set-up that fails there fails in all worlds. */
    private void failsAlways(int condition, Tally tally) {
        tally.failed[condition] = tally.worlds;
        tally.smallest[condition] = notMadeAtAll();
        for (int choice = 0; choice < tally.made.length; choice++) {
            tally.failedWith[condition][choice] = tally.made[choice];
        }
        int at = 0;
        for (int step = 0; step < links.size(); step++) {
            at = follow(step, firstFrom(step, at), tally.smallest[condition]);
        }
    }

    private int[] notMadeAtAll() {
        int[] none = new int[plan.choices().size()];
        Arrays.fill(none, Tally.NOT_MADE);
        return none;
    }

    private void fails(int step, int bit, double[][] in, double[][] out, Tally tally) {
        Links here = links.get(step);
        double[] failing = new double[states.get(step).size()];
        double[] failedInto = new double[states.get(step + 1).size()];
        double failed = 0;
        double held = 0;
        for (int link = 0; link < here.size(); link++) {
            if (here.fails(link, bit)) {
                failing[here.from(link)] += out[step + 1][here.to(link)];
                failedInto[here.to(link)] += in[step][here.from(link)];
                failed += in[step][here.from(link)] * out[step + 1][here.to(link)];
            } else {
                held += in[step][here.from(link)] * out[step + 1][here.to(link)];
            }
        }
        int condition = conditionsOf[step + 1][bit];
        if (failed == 0) {
            return;
        }
        tally.failed[condition] = held > 0 ? Math.min(whole(failed), tally.worlds - 1) : tally.worlds;
        tally.allHeld = Math.min(tally.allHeld, tally.worlds - tally.failed[condition]);
        double[][] before = failingFrom(step, failing);
        double[][] behind = waysIn(failedInto, step + 1);
        for (int at = 0; at < links.size(); at++) {
            for (int choice = 0; choice < judge.choices(at).length; choice++) {
                int index = firstChoice[at] + choice;
                if (tally.made[index] == null) {
                    continue;
                }
                long[] counts = new long[tally.made[index].length];
                if (at < step) {
                    byNumber(at, choice, WHATEVER, in[at], before[at + 1], counts);
                } else if (at > step) {
                    byNumber(at, choice, WHATEVER, behind[at], out[at + 1], counts);
                } else {
                    byNumber(step, choice, bit, in[step], out[step + 1], counts);
                }
                tally.failedWith[condition][index] = counts;
            }
        }
        tally.smallest[condition] = smallest(step, bit, before);
    }

    /** By moment up to a step and state, in how many ways it goes on to fail there. */
    private double[][] failingFrom(int step, double[] failing) {
        double[][] from = new double[step + 1][];
        from[step] = failing;
        for (int at = step - 1; at >= 0; at--) {
            from[at] = new double[states.get(at).size()];
            Links here = links.get(at);
            for (int link = 0; link < here.size(); link++) {
                from[at][here.from(link)] += from[at + 1][here.to(link)];
            }
        }
        return from;
    }

    /** The first world, in the order of its numbers, in which a condition of a step fails. */
    private int[] smallest(int step, int bit, double[][] failingFrom) {
        int[] numbers = notMadeAtAll();
        int at = 0;
        for (int moment = 0; moment < links.size(); moment++) {
            int link = firstFrom(moment, at);
            Links here = links.get(moment);
            while (moment < step && failingFrom[moment + 1][here.to(link)] == 0) {
                link = nextFrom(moment, link);
            }
            while (moment == step && !here.fails(link, bit)) {
                link = nextFrom(moment, link);
            }
            at = follow(moment, link, numbers);
        }
        return numbers;
    }

    /** Links stand in the order of the states from which they lead. */
    private int firstFrom(int step, int state) {
        Links here = links.get(step);
        int low = 0;
        int high = here.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (here.from(middle) < state) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private int nextFrom(int step, int link) {
        if (link + 1 >= links.get(step).size()) {
            throw new IllegalStateException("no way of step " + step + " fails, although one was counted");
        }
        return link + 1;
    }

    private int follow(int step, int link, int[] numbers) {
        for (int choice = 0; choice < judge.choices(step).length; choice++) {
            numbers[firstChoice[step] + choice] = links.get(step).number(link, choice);
        }
        return links.get(step).to(link);
    }

    /** Where the roles are at each moment, in parts of all worlds. */
    private void picture(double[][] in, double[][] out, Tally tally) {
        tally.pictured = PARTS;
        double[] shares = new double[before.spots()];
        for (int moment = 0; moment < states.size(); moment++) {
            for (int role = 0; role < roles; role++) {
                Arrays.fill(shares, 0);
                for (int state = 0; state < states.get(moment).size(); state++) {
                    int spot = states.get(moment).spots(state)[role];
                    if (spot >= 0) {
                        shares[spot] += in[moment][state] * out[moment][state];
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
