package craftypocket.core.run;

import craftypocket.core.chance.EachChance;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.Claim;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Knowing;
import craftypocket.core.layout.Order;
import craftypocket.core.layout.Reads;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
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

    /** Ways of doing steps, each of which is done. With more than this a survey is visited in another way: a sample is quicker. */
    private static final int MOST_WAYS = 600_000;

    /** Ways of which each is only reckoned, chunk by chunk: they take some ten bytes each. */
    private static final int MOST_LINKS = 6_000_000;

    /** States of one moment: each takes some hundred bytes. */
    static final int MOST_STATES = 60_000;

    /** The conditions of a step are one bit each. */
    private static final int MOST_CONDITIONS = Long.SIZE;

    /** A role is forgotten as soon as it is somebody’s. */
    private static final int NOT_READ = -2;

    private final Plan plan;
    private final SurveyOptions options;
    private final Part part;
    private final Room room;
    /** By role, the last step in which it was seen to matter whose card it is. */
    private final int[] readBy;
    /** The step that is done. */
    private int stepNow;
    /** The roles whose cards make no difference after the step any more, a bit each: a key that is not asked for again. */
    private int matterNoMore;

    private final StepJudge judge;
    /** Whether something falls by chance. */
    private final boolean chance;
    /** Whether ways are weighed, and not counted. */
    private boolean weighed;

    private Widths widths;
    private final int[][] conditionsOf;
    private final int[] firstChoice;
    private Hands before;
    private Hands after;
    private byte[] canonical;
    /** By step, whether it is done once for each way in which its cards can be shuffled. */
    private final boolean[] plainly;

    /** By step, whether its chunks are taken all at once. */
    private final boolean[] allAtOnce;

    private final Map<ChunkLaw.Chunks, ChunkLaw> laws = new HashMap<>();

    /** What the performer knows by moment, the set-up first; null while nobody asks. */
    private List<AlikeStates> alike;

    /** By moment, what makes no difference any more of what he lived through; while somebody asks. */
    private final List<Histories> histories = new ArrayList<>();

    private boolean manyFaces;
    private Knowing told;
    /** What is drawn of names, once some are read; null before. */
    private DrawnNames names;

    /** What is kept apart, since somebody asked for it. */
    private final Reads kept = new Reads();

    /** The step in which cards of an order are shuffled: from its end only how many of them come between two cards is kept. */
    private int orderUntil = Integer.MAX_VALUE;

    /** Between which cards; null as long as nobody asks. */
    private Order order;

    /** Whether in this step names were read before anything was chosen. */
    private boolean namesFirst;

    /** By card, whether it may stand for others in the step under way, as the seven of clubs for any card that nobody follows. */
    private boolean[] nameless;

    /** The same after the step. */
    private boolean[] namelessAfter;

    private StateGraph graph;
    /** For how many links it has taken room. */
    private long linksKept;

    private int ways;
    /** Whether the survey should begin anew, since a step is done in another way now: by law instead of way by way. */
    private boolean retried;

    private String why = "there are more things to keep apart than it can count";

    /**
     * A part of what is asked, for which only some of the cards matter.
     *
     * @param judged which conditions of the plan are
     * @param pictured the roles of whose cards it matters to the end where they lie, a bit each
     */
    private record Part(IntPredicate judged, int pictured) {

        static final Part WHOLE = new Part(any -> true, -1);
    }

    private StateSurvey(Plan plan, SurveyOptions options, Part part, Room room) {
        this.plan = plan;
        this.room = room;
        this.options = options;
        this.part = part;
        judge = new StepJudge(plan, options.only(), part.judged);
        chance = plan.choices().stream().anyMatch(Choice::isChance);
        weighed = chance;
        int steps = judge.steps();
        conditionsOf = new int[steps + 1][];
        firstChoice = new int[steps + 2];
        for (int step = -1; step < steps; step++) {
            int at = step;
            conditionsOf[step + 1] = IntStream.range(0, plan.conditions().size())
                    .filter(i -> plan.conditions().get(i).step() == at && part.judged.test(i))
                    .toArray();
            firstChoice[step + 2] = firstChoice[step + 1] + judge.choices(step).length;
        }
        before = plan.freshHands();
        after = plan.freshHands();
        canonical = new byte[before.stateBytes()];
        readBy = new int[before.roleCount()];
        Arrays.fill(readBy, NOT_READ);
        plainly = new boolean[steps];
        allAtOnce = new boolean[steps];
    }

    /**
     * How a part of the survey ended.
     *
     * @param tally the counts of all worlds; nothing when there is too much to count, or it was stopped
     * @param why what there was too much of, in words; empty when it was stopped
     * @param sure what is known all the same, if anything asks for knowledge and there was too much
     */
    record Outcome(Optional<Tally> tally, String why, Sure sure) {}

    /**
     * What is known for sure although there is too much to go through: what was known before there was, and stays so.
     *
     * @param step before which
     * @param names the roles whose names are known then in all ways, a bit each
     * @param told the later steps of which it is settled and told then whether they are to be done
     */
    record Sure(int step, int names, Set<Integer> told) {

        static final Sure NOTHING = new Sure(0, 0, Set.of());
    }

    static Outcome of(Plan plan, SurveyOptions options) {
        return inRoom(options, room -> of(plan, options, room));
    }

    private static Outcome of(Plan plan, SurveyOptions options, Room room) {
        StateSurvey survey = new StateSurvey(plan, options, Part.WHOLE, room);
        boolean fits = Arrays.stream(survey.conditionsOf).allMatch(c -> c.length <= MOST_CONDITIONS);
        Optional<Tally> tally = fits && survey.forward()
                ? Optional.of(new StateCounts(survey, survey.graph).tally())
                : Optional.empty();
        boolean stopped = survey.stopped();
        return new Outcome(
                tally,
                tally.isPresent() || stopped ? "" : survey.why,
                tally.isEmpty() && !stopped ? survey.sure() : Sure.NOTHING);
    }

    /**
     * The same by parts, where all together is too much: each claim with no other cards followed than those it asks for, the other
     * conditions by themselves, and where the card of each role can be. Nothing where that is too much as well, or where somebody
     * asks what the performer knows, which can depend on all cards. How often everything holds together is not told by it.
     */
    static Optional<Tally> inParts(Plan plan, SurveyOptions options) {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(i -> plan.conditions().get(i).kind() != Condition.Kind.CLAIM, 0));
        for (int condition = 0; condition < plan.conditions().size(); condition++) {
            int claim = condition;
            if (plan.conditions().get(claim).kind() == Condition.Kind.CLAIM) {
                parts.add(new Part(i -> i == claim, 0));
            }
        }
        for (int role = 0; role < plan.cast().parts().size(); role++) {
            parts.add(new Part(any -> false, 1 << role));
        }
        Tally all = null;
        // As many at once as there are threads: all of them together need too much room.
        for (int first = 0; first < parts.size(); first += options.workers()) {
            List<Part> some = parts.subList(first, Math.min(parts.size(), first + options.workers()));
            List<Optional<Tally>> tallies =
                    some.parallelStream().map(part -> of(plan, options, part)).toList();
            for (int i = 0; i < tallies.size(); i++) {
                Tally tally = tallies.get(i).orElse(null);
                if (tally == null || (all != null && (all.worlds != tally.worlds || all.weighed != tally.weighed))) {
                    return Optional.empty();
                }
                all = all == null ? tally : all;
                all.join(tally, some.get(i).judged, some.get(i).pictured);
            }
        }
        return Optional.of(all);
    }

    private static Optional<Tally> of(Plan plan, SurveyOptions options, Part part) {
        return inRoom(options, room -> {
            StateSurvey survey = new StateSurvey(plan, options, part, room);
            return survey.forward() ? Optional.of(new StateCounts(survey, survey.graph).tally()) : Optional.empty();
        });
    }

    private static boolean ofKnowledge(Condition condition) {
        return condition.check() instanceof Claim claim && claim.ofKnowledge();
    }

    private Sure sure() {
        boolean asked = plan.steps().stream().anyMatch(PlannedStep::asks)
                || plan.conditions().stream().anyMatch(StateSurvey::ofKnowledge);
        if (asked && alike == null) {
            // Nobody had asked before it became too much.
            live();
            forward();
        }
        if (!asked || alike.isEmpty()) {
            return Sure.NOTHING;
        }
        int step = alike.size() - 1;
        States last = graph.states(step);
        before.forgetAsked();
        return new Sure(
                step,
                alike.get(step).sureNames(),
                IntStream.range(step, judge.steps())
                        .filter(later -> plan.steps().get(later).isConditional()
                                && AlikeStates.told(last, before, plan.steps().get(later)))
                        .boxed()
                        .collect(Collectors.toSet()));
    }

    /** Says of what there is too much; what is said last counts. */
    void tooMuch(String what) {
        why = what;
    }

    /** An upper bound of the ways in which a step can be done from one state, one by one. */
    private static long ways(List<Choice> choices, int cards) {
        long ways = 1;
        for (Choice choice : choices) {
            ways = Math.min(Long.MAX_VALUE / (Amount.MOST + 2), ways * choice.widest(cards));
        }
        return ways;
    }

    /**
     * What the performer knows at each moment in each way; nothing when there is too much to go through.
     */
    static Optional<Knowledge> known(Plan plan, SurveyOptions options) {
        return inRoom(options, room -> {
            StateSurvey survey = new StateSurvey(plan, options, Part.WHOLE, room);
            survey.live();
            return survey.forward()
                    ? Optional.of(new Knowledge(
                            plan,
                            survey.histories,
                            survey.alike.stream().map(AlikeStates::known).toList()))
                    : Optional.empty();
        });
    }

    /** Does it, and where others have too much of the memory again when they are over. */
    private static <T> T inRoom(SurveyOptions options, Function<Room, T> does) {
        try (Room room = new Room()) {
            T done = does.apply(room);
            while (room.refused() && room.awaits(options::ends)) {
                done = does.apply(room);
            }
            return done;
        }
    }

    /** Follows what the performer lives through. */
    private void live() {
        before = before.living(manyFaces);
        after = before.another();
        if (names != null) {
            before.namedBy(names);
            after.namedBy(names);
        }
        canonical = new byte[before.stateBytes()];
        alike = new ArrayList<>();
    }

    /** Goes through the steps; begins anew when something matters that was not kept apart. */
    private boolean forward() {
        boolean whole = steps();
        while (!whole && (part == Part.WHOLE || !judge.unanswered()) && (asked() || retried)) {
            whole = steps();
        }
        return whole;
    }

    /** From now on keeps apart what a step asked for, such as the name of a card. Says whether any step asked for anything new. */
    private boolean asked() {
        boolean more = matters();
        Order missed = orderMissed();
        if (missed != null) {
            boolean tells =
                    missed.tells() && (order == null || order.sameCards(missed) && missed.most() > order.most());
            if (!tells) {
                tooMuch("an order is asked for that shuffles have broken up");
                return false;
            }
            order = order == null ? missed : order.and(missed);
        }
        if (names == null && (before.namesRead() || after.namesRead())) {
            names = new DrawnNames(plan);
            orderUntil = Integer.MAX_VALUE;
            before = before.drawing();
            after = before.another();
            before.namedBy(names);
            after.namedBy(names);
            canonical = new byte[before.stateBytes()];
            manyFaces |= before.sawTooMany();
        }
        kept.add(before.reads());
        kept.add(after.reads());
        for (int role = 0; role < readBy.length; role++) {
            boolean read = ((before.rolesMissed() | after.rolesMissed()) >>> role & 1) != 0;
            readBy[role] = read ? stepNow : readBy[role];
        }
        boolean faces = !manyFaces && (before.sawTooMany() || after.sawTooMany());
        manyFaces |= faces;
        if (faces || (alike == null && judge.unanswered())) {
            live();
        }
        return more;
    }

    /** Whether a step asked for something, such as the name of a card, that the states do not keep apart. */
    private boolean matters() {
        return (names == null && (before.namesRead() || after.namesRead()))
                || !kept.covers(before.reads())
                || !kept.covers(after.reads())
                || (before.rolesMissed() | after.rolesMissed()) != 0
                || orderMissed() != null
                || (alike == null && judge.unanswered())
                || (!manyFaces && (before.sawTooMany() || after.sawTooMany()));
    }

    private Order orderMissed() {
        return before.orderMissed() != null ? before.orderMissed() : after.orderMissed();
    }

    /** From now on, cards of orders are told from others up to this step, which shuffles them, and not after it. Says whether that is new. */
    boolean summarizesOrders(int step) {
        boolean news = orderUntil == Integer.MAX_VALUE && names == null;
        orderUntil = news ? step : orderUntil;
        retried |= news;
        return news;
    }

    /** Whether the step under way shuffles cards of an order. */
    boolean shufflesOrder() {
        return stepNow == orderUntil;
    }

    /** The cards of an order of which the states keep how many come between which two; null where no claim asks. */
    Order order() {
        return order;
    }

    /** Whether a card is told from others in the step under way only because it belongs to an order. */
    boolean onlyOrdered(int card) {
        return plan.ordered(card) && !plan.toldApartAfter(stepNow - 1, card);
    }

    private boolean steps() {
        retried = false;
        ways = 0;
        linksKept = 0;
        room.empty();
        widths = new Widths(plan.choices().size());
        if (alike != null) {
            alike.clear();
            histories.clear();
        }
        after.copyFrom(plan.freshHands());
        before.followOrder(order);
        after.followOrder(order);
        before.forgetReads();
        after.forgetReads();
        graph = new StateGraph(weighed, new States());
        // A set-up that leaves cards open is laid from these states; so cards keep their numbers here.
        after.write(canonical);
        graph.states(-1).add(canonical, new int[after.roleCount()]);
        for (int step = -1; step < judge.steps(); step++) {
            atStep(step);
            if (!follow(step) || tooMuch() || matters()) {
                return false;
            }
            if (alike != null) {
                histories.add(Histories.of(graph.states(step + 1), before));
                graph.join(histories.get(step + 1));
                States reached = graph.states(step + 1);
                boolean more = step + 1 < judge.steps();
                alike.add(new AlikeStates(reached, before, more ? plan.steps().get(step + 1) : null));
                judgeKnown(step, reached);
            }
            if (!weighed && (widths.uneven() || drawn())) {
                // Some ways are likelier than others: from the beginning again, weighing them.
                weighed = true;
                retried = true;
                return false;
            }
        }
        return !matters();
    }

    /** Whether any name was drawn. */
    private boolean drawn() {
        return names != null && names.drew();
    }

    /** Judges what is claimed of what the performer knows after a step, now that all states after it are there. */
    private void judgeKnown(int step, States reached) {
        Links last = (Links) graph.layers().get(graph.layers().size() - 1);
        List<Integer> asking = IntStream.range(0, last.conditions().length)
                .filter(bit -> judge.asks(last.conditions()[bit])
                        && plan.conditions().get(last.conditions()[bit]).kind() == Condition.Kind.CLAIM)
                .boxed()
                .toList();
        for (int bit : asking) {
            Check check = plan.conditions().get(last.conditions()[bit]).check();
            boolean[] holds = new boolean[reached.size()];
            for (int state = 0; state < holds.length; state++) {
                before.read(reached.bytes(state));
                before.knownBy(alike.get(step + 1).of(state));
                holds[state] = check.holds(before);
            }
            for (int link = 0; link < last.size(); link++) {
                last.judge(link, bit, holds[last.to(link)]);
            }
        }
        before.knownBy(null);
    }

    /** The surface {@link #before} a step is in a state; what the performer knows there is told on it and on the one after it. */
    void at(int step, int state) {
        before.read(graph.states(step).bytes(state));
        tell(before, step, state);
    }

    /** A state that looks alike to the performer, in which the step is skipped where it is done in this one, or the other way round; -1 for none. */
    int otherwise(int step, int state) {
        return alike == null ? -1 : alike.get(step).otherwise(state);
    }

    /** Tells a surface what the performer knows on it, which is in a state before a step. */
    void tell(Hands hands, int step, int state) {
        told = knowing(step, state);
        if (told != null) {
            hands.knowsNames(alike.get(step).names(state));
        }
        hands.knownBy(told);
    }

    /** What was told last. */
    Knowing told() {
        return told;
    }

    /** What the performer knows in a state before a step; null where nobody asks. */
    Knowing knowing(int step, int state) {
        return alike == null || step < 0 ? null : alike.get(step).of(state);
    }

    /** States are of this step from now on. */
    void atStep(int step) {
        stepNow = step;
        matterNoMore = 0;
        for (int role = 0; role < readBy.length; role++) {
            boolean matters = (part.pictured >>> role & 1) != 0 || readBy[role] > step;
            matterNoMore |= matters ? 0 : 1 << role;
        }
        nameless = namelessAfter(step - 1);
        // What is claimed of knowledge is judged once all is done.
        boolean judged = alike != null
                && Arrays.stream(conditionsOf(step))
                        .anyMatch(i -> ofKnowledge(plan.conditions().get(i)));
        namelessAfter = judged ? nameless : namelessAfter(step);
    }

    private boolean[] namelessAfter(int step) {
        boolean[] free = new boolean[plan.pack().size()];
        for (int card = 0; card < free.length; card++) {
            // Who reads names reads those that were stated too, and those that were named before.
            free[card] = names == null
                    ? !plan.toldApartAfter(step, card) && (step >= orderUntil || !plan.ordered(card))
                    : plan.arrangement().anyCard(card);
        }
        return free;
    }

    private boolean follow(int step) {
        States next = new States();
        List<Choice> choices = List.of(judge.choices(step));
        boolean chance = choices.stream().anyMatch(Choice::isChance);
        boolean shuffles = step >= 0
                && !plainly[step]
                && plan.steps().get(step).move().has(Trait.MIXES_APART)
                && choices.stream().anyMatch(c -> c.isChance() || c.setting() instanceof ChunksSetting);
        if (shuffles) {
            ShuffleStep shuffle = new ShuffleStep(this, step, graph.states(step), next, allAtOnce[step]);
            boolean followed = shuffle.follow();
            if (!followed && shuffle.manyChunks() && !allAtOnce[step]) {
                allAtOnce[step] = true;
                return follow(step);
            }
            if (followed) {
                graph.add(shuffle.layers(), shuffle.sizes(), next, chance || names != null);
                return true;
            }
            if (!retried) {
                // A step that the law of shuffles does not fit is done once for each way.
                retried = !chance && !matters();
                plainly[step] = retried;
            }
            return false;
        }
        if (chance) {
            tooMuch("something falls by chance within another move");
            return choices.get(choices.size() - 1).isChance()
                    && choices.stream().noneMatch(c -> c.setting() instanceof ChunksSetting)
                    && eachWay(step, next, choices.size() - 1);
        }
        if (ways(choices, plan.pack().size()) > MOST_WAYS) {
            tooMuch("one step can go in too many ways");
            return false;
        }
        return eachWay(step, next, choices.size());
    }

    /**
     * A step that is done in each way: with each number of its choices, and as each name and each of its few draws can come out.
     *
     * @param numbers how many of its choices are numbers; what is beyond them falls by chance
     */
    private boolean eachWay(int step, States next, int numbers) {
        boolean chance = numbers < judge.choices(step).length;
        Links links = new Links(firstChoice(step), numbers, conditionsOf(step));
        EachChance draws = new EachChance();
        after.drawFrom(chance ? draws : null);
        byEach(step, links, chance, (from, chosen, weight) -> {
            if (chance && judge.waits(step, before)) {
                judge.values(step).set(judge.choices(step)[numbers].setting(), 0, 1);
            }
            drawNames(draws);
            boolean more = true;
            while (more && ways <= MOST_WAYS && !draws.tooMany()) {
                after.copyFrom(before);
                after.knownBy(told);
                judge.perform(step, after);
                links.add(from, state(after, next), failing(links.conditions()), weight * draws.weight(), chosen);
                ways += draws.drew() ? 1 : 0;
                more = draws.next();
            }
            drawNames(null);
        });
        after.drawFrom(null);
        graph.add(List.of(links), List.of(), next, chance || names != null);
        return ways <= MOST_WAYS && !draws.tooMany() && (names == null || !names.tooMany());
    }

    private void drawNames(EachChance draws) {
        if (names != null) {
            names.drawFrom(draws);
        }
    }

    /** The conditions of a list that failed when they were judged last, a bit each. */
    long failing(int[] conditions) {
        long fails = 0;
        for (int i = 0; i < conditions.length; i++) {
            fails |= judge.holds()[conditions[i]] ? 0 : 1L << i;
        }
        return fails;
    }

    /** In how many ways the chunks of one step are taken one by one at most. */
    long mostChunks() {
        return options.chunks();
    }

    /** Whether there is room for so many more cells of eight bytes. */
    boolean keeps(long cells) {
        boolean fits = room.take(cells);
        if (!fits) {
            tooMuch("other surveys need the memory that is left");
        }
        return fits;
    }

    /** Whether so many more links can be kept. */
    boolean hasRoomFor(long more) {
        return graph.links() + more <= MOST_LINKS;
    }

    boolean tooMuch() {
        States last = graph.states(graph.steps());
        boolean many = ways > MOST_WAYS || last.size() > MOST_STATES || graph.links() > MOST_LINKS;
        if (many) {
            tooMuch("too many layouts are possible");
        }
        long more = graph.links() - linksKept;
        linksKept = graph.links();
        return many || !keeps(more) || stopped();
    }

    /** Whether nobody waits any more, or too long. */
    boolean stopped() {
        return options.ends();
    }

    // ---- the ways of doing a step ---------------------------------------------------------------------------------

    /** One way of doing a step from a state, which {@link #before} then is; its numbers are set. */
    interface Way {
        void goes(int from, int[] chosen, double weight);
    }

    /**
     * Calls back for each state before a step and each way of doing the step there, in order.
     *
     * @param links to which the ways are added
     * @param amounts whether only the amounts are chosen: chunks and chance are left
     */
    void byEach(int step, Links links, boolean amounts, Way way) {
        States states = graph.states(step);
        namesFirst = false;
        for (int from = 0; from < states.size() && !stops(); from++) {
            List<DrawnNames.Demand> first = new ArrayList<>();
            int kept = links.size();
            while (!byEach(step, from, first, amounts, way)) {
                links.cutBackTo(kept);
            }
        }
    }

    /**
     * The same from one state.
     *
     * @param first what is to be drawn of names before anything is chosen
     * @return false when there was more of that, which is now added to it: then all of this is in vain
     */
    private boolean byEach(int step, int from, List<DrawnNames.Demand> first, boolean amounts, Way way) {
        int[] chosen = new int[judge.choices(step).length];
        EachChance draws = new EachChance();
        do {
            at(step, from);
            drawNames(draws);
            first.forEach(asked -> before.read(asked.card(), asked.reading()));
            drawNames(null);
            Arrays.fill(chosen, Tally.NOT_MADE);
            if (judge.waits(step, before)) {
                judge.begin(step, before);
                enumerate(step, from, 0, amounts, chosen, draws.weight(), way);
            } else if (Arrays.stream(judge.choices(step)).allMatch(choice -> choice.only() == Choice.ALL)) {
                ways++;
                notMade(step);
                way.goes(from, chosen, draws.weight());
            }
            Optional<DrawnNames.Demand> more = names == null ? Optional.empty() : names.demanded();
            if (more.isPresent()) {
                namesFirst = true;
                first.add(more.get());
                return false;
            }
        } while (draws.next() && !stops());
        return true;
    }

    /** Where cards come to lie in such chunks: reckoned once. */
    ChunkLaw law(ChunkLaw.Chunks chunks) {
        return laws.computeIfAbsent(chunks, ChunkLaw::new);
    }

    /** In some state the choices of a step are not made. */
    void notMade(int step) {
        for (int choice = 0; choice < judge.choices(step).length; choice++) {
            widths.met(firstChoice(step) + choice, 0);
        }
    }

    /** In some state a choice is made among so many numbers. */
    void made(int choice, int numbers) {
        widths.met(choice, numbers);
    }

    private boolean stops() {
        return ways > MOST_WAYS || matters();
    }

    private void enumerate(int step, int from, int index, boolean amounts, int[] chosen, double weight, Way way) {
        Choice[] choices = judge.choices(step);
        if (ways > MOST_WAYS) {
            return;
        }
        if (index == choices.length || (amounts && !(choices[index].setting() instanceof AmountSetting))) {
            ways++;
            way.goes(from, chosen, weight);
            return;
        }
        Choice choice = choices[index];
        Values values = judge.values(step);
        if (choice.needless(before, values) && choice.only() != Choice.ALL) {
            // A choice that is not made here is not made with the number that is asked for either.
            return;
        }
        if (choice.needless(before, values)) {
            values.set(choice.setting(), choice.chunk(), 0);
            widths.met(firstChoice(step) + index, 0);
            chosen[index] = Tally.NOT_MADE;
            enumerate(step, from, index + 1, amounts, chosen, weight, way);
            return;
        }
        int low = choice.low(before, values);
        int high = choice.high(before, values);
        int possible = 0;
        for (int number = low; number <= high; number++) {
            possible += choice.allows(before, values, number) ? 1 : 0;
        }
        widths.met(firstChoice(step) + index, Math.max(1, possible));
        double each = weighed ? weight / Math.max(1, possible) : 1;
        for (int number = low; number <= high; number++) {
            if (choice.allows(before, values, number)) {
                choose(step, index, number, chosen);
                enumerate(step, from, index + 1, amounts, chosen, each, way);
            }
        }
        if (possible == 0 && choice.only() == Choice.ALL) {
            // Nothing is possible here: the step is then broken, in one world.
            choose(step, index, low, chosen);
            enumerate(step, from, index + 1, amounts, chosen, each, way);
        }
    }

    private void choose(int step, int index, int number, int[] chosen) {
        Choice choice = judge.choices(step)[index];
        judge.values(step).set(choice.setting(), choice.chunk(), number);
        chosen[index] = Math.max(0, Math.min(Amount.MOST, number));
    }

    // ---- states -------------------------------------------------------------------------------------------------

    /** The number of the state that a surface is in. */
    int state(Hands hands, States among) {
        int found = find(hands, among);
        if (found >= 0) {
            return found;
        }
        int[] spots = new int[hands.roleCount()];
        for (int role = 0; role < spots.length; role++) {
            spots[role] = hands.spotOf(role);
        }
        return among.add(canonical, spots);
    }

    /** The number of the state that a surface is in after a step, or -1 when it is none of these. */
    int find(Hands hands, int step) {
        if (alike != null) {
            histories.get(step + 1).goOn(hands);
        }
        return find(hands, graph.states(step + 1));
    }

    private int find(Hands hands, States among) {
        hands.forgetRoles(matterNoMore);
        if (stepNow >= orderUntil) {
            hands.summarizeOrder();
        }
        hands.canonical(canonical, namelessAfter, kept);
        return among.find(canonical);
    }

    /** The surface in the middle of a step, with what may stand for others made the same: what has no name. */
    void canonical(Hands hands, byte[] into, boolean[] free) {
        hands.canonical(into, free, kept);
    }

    Plan plan() {
        return plan;
    }

    StepJudge judge() {
        return judge;
    }

    /** Whether something falls by chance. */
    boolean chance() {
        return chance || drawn();
    }

    /** Whether in this step names were read where none can be drawn. */
    boolean namesDemanded() {
        return names != null && (namesFirst || names.demanded().isPresent());
    }

    /** What is drawn of names; null where none is read. */
    DrawnNames names() {
        return names;
    }

    /** Whether ways are weighed, and not counted. */
    boolean weighed() {
        return weighed;
    }

    /** Whether of one choice just one number is looked at. */
    boolean looksAtOne() {
        return options.only() != null;
    }

    /** The surface before a step. */
    Hands before() {
        return before;
    }

    /** The surface on which steps are done. */
    Hands after() {
        return after;
    }

    boolean[] freeNames() {
        return nameless;
    }

    /** What is kept apart, since somebody asked for it. */
    Reads kept() {
        return kept;
    }

    /** The conditions that belong to a step; -1 is the set-up. */
    int[] conditionsOf(int step) {
        return conditionsOf[step + 1];
    }

    /** Where the choices of a step begin among those of the plan. */
    int firstChoice(int step) {
        return firstChoice[step + 1];
    }
}
