package craftypocket.core.run;

import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Namer;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Plan;
import craftypocket.core.settings.Amount;
import java.util.Arrays;
import java.util.BitSet;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * Visits worlds on reused surfaces.
 *
 * <p>Worlds are the leaves of a tree that branches at the choices. What lies before a branch is done once for all worlds
 * beyond it: at each branch the surface is copied and the next number tried, so no world starts from the set-up and none
 * allocates. Workers share an exhaustive survey by taking turns at the first branch.
 */
final class SurveyWorker {

    /** Up to so many worlds, each is counted in the picture of where roles can be. */
    private static final long ENOUGH_FOR_A_PICTURE = 60_000;

    /** In larger surveys one world in so many is: a prime, so that it meets all numbers of every choice. */
    private static final int PICTURE_STRIDE = 7;

    private final Plan plan;
    private final SurveyOptions options;
    private final int worker;
    private final SplittableRandom random;
    private final Chance order = new Chance();
    private final AtomicBoolean naming;
    private final StateSurvey.Sure sure;
    /** Whether what the set-up leaves open lies in another order in each world; otherwise in the order of the pack. */
    private final boolean shuffled;
    /** By card, where it lay in the set-up of the world that is being visited. */
    private final int[] laidAt;
    /** Of which cards that nobody laid a name was read in it. */
    private final BitSet read = new BitSet();

    private final StepJudge judge;
    private final int steps;
    private final Hands start;
    /** By step, the set-up first. */
    private final int[] firstChoice;

    private final Hands[] surfaces;
    private final int[] chosen;
    private final int[] spotOf;
    private final int roles;
    private final Tally tally;
    private final int firstChoiceStep;
    private final int lastChoiceStep;
    private final int pictureEvery;
    private final boolean weighed;
    /** How likely the world is that is being visited, as far as its choices are made. */
    private double weight = 1;

    private int branches;
    private boolean stopped;

    /**
     * @param random for a sample, or null to visit every world
     * @param sure what is known in all worlds
     * @param naming whether names are read of cards that nobody laid; if not, the work stops when one is
     * @param weighed whether each world counts as much as it is likely, and not as one
     */
    SurveyWorker(
            Plan plan,
            SurveyOptions options,
            int worker,
            SplittableRandom random,
            StateSurvey.Sure sure,
            AtomicBoolean naming,
            boolean weighed) {
        this.weighed = weighed;
        this.plan = plan;
        this.options = options;
        this.worker = worker;
        this.random = random;
        this.naming = naming;
        this.sure = sure;
        shuffled = naming.get();
        judge = new StepJudge(plan, options.only());
        judge.tells(sure.told());
        steps = judge.steps();
        start = plan.freshHands();
        roles = start.roleCount();
        firstChoice = new int[steps + 2];
        for (int step = -1; step < steps; step++) {
            firstChoice[step + 2] = firstChoice[step + 1] + judge.choices(step).length;
        }
        laidAt = new int[plan.pack().size()];
        Namer reader = (hands, card, reading) -> {
            if (plan.arrangement().anyCard(card)) {
                read.set(card);
            }
            return reading.of(plan.pack().card(card).front());
        };
        surfaces = new Hands[steps + 2];
        Arrays.setAll(surfaces, i -> start.another());
        Arrays.stream(surfaces).forEach(surface -> surface.namedBy(reader));
        chosen = Tally.nothingChosen(plan);
        spotOf = new int[(steps + 1) * roles];
        tally = new Tally(plan, start.spots());
        tally.weighed = weighed;
        lastChoiceStep = plan.choices().stream().mapToInt(Choice::step).max().orElse(0);
        firstChoiceStep = plan.choices().stream().mapToInt(Choice::step).min().orElse(0);
        long worlds = random != null ? options.sample() : Surveyor.mostWorlds(plan);
        pictureEvery = worlds <= ENOUGH_FOR_A_PICTURE ? 1 : PICTURE_STRIDE;
    }

    Tally everyWorld() {
        if (shuffled) {
            // There are more orders than can be visited.
            stop();
        }
        surfaces[0].copyFrom(start);
        explore(-1, 0, surfaces[0]);
        return asked();
    }

    /** What lies before the first choice is the same in all worlds, and done once; not where the cards lie otherwise in each. */
    Tally sample(int worlds) {
        surfaces[0].copyFrom(start);
        int first = shuffled ? -1 : untilChoice(-1, surfaces[0]);
        for (int i = 0; i < worlds && !stopped; i++) {
            if (shuffled) {
                read.clear();
                judge.shuffledBy(order.from(random.nextLong()));
                surfaces[0].copyFrom(start);
                explore(-1, 0, surfaces[0]);
            } else {
                decide(first, 0, surfaces[0]);
            }
        }
        for (int done = -1; done < first; done++) {
            count(done, tally.pictured);
        }
        return asked();
    }

    private Tally asked() {
        listen();
        for (int condition = 0; condition < tally.untold.length; condition++) {
            tally.untold[condition] = judge.asks(condition);
        }
        return tally;
    }

    /** Once a name is asked for, cards must lie in any order, and all of this is in vain. */
    private void listen() {
        if (!shuffled && !read.isEmpty()) {
            naming.set(true);
        }
    }

    /** Does the steps from this one on to the next choice, and gives the step that has it. */
    private int untilChoice(int from, Hands hands) {
        int step = from;
        while (!stopped && step < steps && !judge.waits(step, hands)) {
            for (int choice = 0; choice < judge.choices(step).length; choice++) {
                tally.widths.met(firstChoice[step + 1] + choice, 0);
            }
            perform(step, hands);
            step++;
        }
        return step;
    }

    private void decide(int step, int level, Hands hands) {
        if (stopped) {
            return;
        }
        if (step == steps) {
            finish();
        } else {
            branch(step, level, hands);
        }
    }

    /** Does the steps from this one on; at a choice, once for each number. */
    private void explore(int from, int level, Hands hands) {
        double picturedBefore = tally.pictured;
        int step = untilChoice(from, hands);
        decide(step, level, hands);
        double below = tally.pictured - picturedBefore;
        for (int done = from; done < step; done++) {
            count(done, below);
        }
    }

    private void finish() {
        if (options.only() != null && !asWanted()) {
            return;
        }
        if (branches == 0 && worker != 0 && random == null) {
            // Without a choice there is one world, and the first worker has it.
            return;
        }
        if (pictured()) {
            tally.pictured += weighed ? weight : 1;
        }
        for (int card = 0; card < laidAt.length && shuffled; card++) {
            chosen[plan.choices().size() + card] = read.get(card) ? laidAt[card] : Tally.NOT_MADE;
        }
        tally.finish(chosen, judge.holds(), weighed ? Math.max(1, Math.round(StateCounts.WEIGHED * weight)) : 1);
        if (random == null && tally.ways > options.exhaustiveUpTo()) {
            stop();
        }
    }

    /** Whether the one choice of which just one number is looked at was made with it. */
    private boolean asWanted() {
        for (int choice = 0; choice < plan.choices().size(); choice++) {
            if (plan.choices().get(choice).key().equals(options.only().key())) {
                return chosen[choice] == options.only().number();
            }
        }
        return false;
    }

    /** Stops counting: the world under way was not gone through to its end, and is left out. */
    private void stop() {
        stopped = true;
        tally.broughtToAnEnd = false;
    }

    /** Worlds of long routines take long: whether to stop is asked at each step, not at each world. */
    private void ask() {
        if ((!shuffled && naming.get())
                || options.cancelled().getAsBoolean()
                || (random == null && options.hurried().getAsBoolean())) {
            stop();
        }
    }

    private void branch(int step, int level, Hands hands) {
        judge.begin(step, hands);
        if (random != null) {
            choose(step, 0, level, hands);
        } else {
            enumerate(step, 0, level, hands);
        }
        Arrays.fill(chosen, firstChoice[step + 1], firstChoice[step + 1] + judge.choices(step).length, Tally.NOT_MADE);
    }

    private void enumerate(int step, int index, int level, Hands hands) {
        if (index == judge.choices(step).length) {
            boolean mine = level > 0 || branches++ % options.workers() == worker;
            if (mine && !stopped) {
                goOn(step, level, hands);
            }
            return;
        }
        Choice choice = judge.choices(step)[index];
        if (choice.needless(hands, judge.values(step))) {
            leave(step, index);
            tally.widths.met(firstChoice[step + 1] + index, 0);
            enumerate(step, index + 1, level, hands);
            return;
        }
        int low = choice.low(hands, judge.values(step));
        int high = choice.high(hands, judge.values(step));
        int possible = 0;
        for (int number = low; number <= high; number++) {
            possible += choice.allows(hands, judge.values(step), number) ? 1 : 0;
        }
        tally.widths.met(firstChoice[step + 1] + index, Math.max(1, possible));
        double before = weight;
        weight /= Math.max(1, possible);
        for (int number = low; number <= high && !stopped; number++) {
            if (choice.allows(hands, judge.values(step), number)) {
                take(step, index, number);
                enumerate(step, index + 1, level, hands);
            }
        }
        if (possible == 0) {
            // Nothing is possible here: the step is then broken, in one world.
            take(step, index, low);
            enumerate(step, index + 1, level, hands);
        }
        weight = before;
    }

    private void choose(int step, int index, int level, Hands hands) {
        if (index == judge.choices(step).length) {
            goOn(step, level, hands);
            return;
        }
        Choice choice = judge.choices(step)[index];
        if (choice.needless(hands, judge.values(step))) {
            leave(step, index);
            choose(step, index + 1, level, hands);
            return;
        }
        int low = choice.low(hands, judge.values(step));
        int high = choice.high(hands, judge.values(step));
        int possible = 0;
        int picked = choice.isChance() ? 1 + random.nextInt(Chance.MOST_SHUFFLES - 1) : low;
        for (int number = low; number <= high && !choice.isChance(); number++) {
            // Each possible number replaces the last with chance 1 in so many: all are equally likely in the end.
            if (choice.allows(hands, judge.values(step), number) && random.nextInt(++possible) == 0) {
                picked = number;
            }
        }
        take(step, index, picked);
        choose(step, index + 1, level, hands);
    }

    /** There is nothing to choose: the cards have run out. */
    private void leave(int step, int index) {
        judge.values(step).set(judge.choices(step)[index].setting(), judge.choices(step)[index].chunk(), 0);
        chosen[firstChoice[step + 1] + index] = Tally.NOT_MADE;
    }

    private void take(int step, int index, int number) {
        Choice choice = judge.choices(step)[index];
        judge.values(step).set(choice.setting(), choice.chunk(), number);
        chosen[firstChoice[step + 1] + index] = choice.isChance() ? number : Math.max(0, Math.min(Amount.MOST, number));
    }

    private void goOn(int step, int level, Hands hands) {
        Hands next = surfaces[level + 1];
        next.copyFrom(hands);
        double picturedBefore = tally.pictured;
        perform(step, next);
        explore(step + 1, level + 1, next);
        count(step, tally.pictured - picturedBefore);
    }

    private void perform(int step, Hands hands) {
        ask();
        if (step == sure.step()) {
            hands.knowsNames(sure.names());
        }
        judge.perform(step, hands);
        if (step < 0) {
            for (int card = 0; card < laidAt.length && shuffled; card++) {
                laidAt[card] = hands.positionIn(0, card);
            }
        }
        listen();
        // Worlds that are visited one after another share what was done before a choice; sampled ones only what is
        // before all.
        boolean shared = step < (random == null ? lastChoiceStep : firstChoiceStep);
        if (shared || pictured()) {
            note(step, hands);
        }
    }

    /** Whether the world that is being visited is one of those of which the picture of places is made. */
    private boolean pictured() {
        return tally.ways % pictureEvery == 0;
    }

    /** Remembers where the roles are after a step, to be counted once it is known how many worlds share it. */
    private void note(int step, Hands hands) {
        for (int role = 0; role < roles; role++) {
            spotOf[(step + 1) * roles + role] = hands.spotOf(role);
        }
    }

    private void count(int step, double worlds) {
        if (worlds == 0) {
            return;
        }
        for (int role = 0; role < roles; role++) {
            int index = (step + 1) * roles + role;
            if (spotOf[index] >= 0) {
                tally.at[index][spotOf[index]] += worlds;
            }
        }
    }
}
