package craftypocket.core.run;

import craftypocket.core.chance.ShuffleLaw;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Order;
import craftypocket.core.layout.Slot;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.IntToLongFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A step in which blocks are shuffled, by chance or in rough chunks, followed without doing it once for each way in which the
 * cards can fall.
 *
 * <p>It is done up to the shuffle from each state. What is the same but for the order of the block is one group; within it
 * only the places of the few cards matter that anything tells apart, and where these come to lie is reckoned: chunk by chunk,
 * or by the {@link ShuffleLaw}. From each place reached it is then done to its end. So its move must {@linkplain
 * craftypocket.core.moves.Trait#MIXES_APART mix apart}.
 */
final class ShuffleStep {

    /** With more cards to follow in one block there are too many places. */
    private static final int MOST_FOLLOWED = 3;

    /** How many places and chances are kept at most, eight bytes each. */
    private static final long MOST_CELLS = 15_000_000;

    /** Places of three cards of chunks by chance take so many times as long to reckon. */
    private static final int SLOW = 40;

    private static final double[] CERTAIN = {1};

    private static final String TOO_MANY_PLACES = "shuffled cards can come to lie at too many places";

    private static final int NONE = -2;

    private final StateSurvey survey;
    private final StepJudge judge;
    private final int step;
    private final States from;
    private final States next;
    private final Hands before;
    private final Hands after;
    private final Hands sorted;
    private final byte[] bytes;
    private final boolean[] distinct;
    /** By card, whether only its place matters once it is shuffled: a card of no role, of which nobody reads the name. */
    private final boolean[] loose;

    private final int[] conditionsBefore;
    private final int[] conditionsAfter;
    private final List<ChunksSetting> rough;
    /** Whether every second chunk comes to lie turned over above the others. */
    private final boolean turns;
    /** By choice, whether anything depends on it once the cards are shuffled. */
    private final boolean[] matters;

    private final List<Layer> layers = new ArrayList<>();
    private final List<Integer> sizes = new ArrayList<>();
    private final States keys = new States();
    private final List<ShuffledBlock> groups = new ArrayList<>();
    /** By group, in which chunks its block is shuffled. */
    private final Map<Integer, ChunkLaw> laws = new HashMap<>();

    private final List<long[]> endings = new ArrayList<>();
    private long cells;
    /** Of which law and places the chances are reckoned, and how many these are. */
    private final Set<List<Object>> worked = new HashSet<>();

    private long work;
    /** How many links its layers have. */
    private int linked;

    private boolean apart = true;

    /** Whether chunks are taken all at once, not one by one. */
    private final boolean allAtOnce;

    /** Whether there are too many ways to take them one by one. */
    private boolean manyChunks;

    /** What the surface was when the wanted block was about to be shuffled. */
    private int placeNow;

    private int depthNow;
    private int countNow;
    /** How it falls; null for chunks. */
    private ShuffleLaw lawNow;

    private int timesNow;
    private boolean caught;
    private int calls;

    ShuffleStep(StateSurvey survey, int step, States from, States next, boolean allAtOnce) {
        this.allAtOnce = allAtOnce;
        this.survey = survey;
        this.step = step;
        this.from = from;
        this.next = next;
        judge = survey.judge();
        before = survey.before();
        after = survey.after();
        sorted = after.another();
        bytes = new byte[after.stateBytes()];
        distinct = new boolean[survey.plan().pack().size()];
        loose = survey.freeNames().clone();
        for (int card = 0; card < loose.length; card++) {
            loose[card] |= survey.shufflesOrder() && survey.onlyOrdered(card);
        }
        List<Condition> conditions = survey.plan().conditions();
        conditionsBefore = Arrays.stream(survey.conditionsOf(step))
                .filter(i -> conditions.get(i).kind() == Condition.Kind.EXPECTED_BEFORE)
                .toArray();
        conditionsAfter = Arrays.stream(survey.conditionsOf(step))
                .filter(i -> conditions.get(i).kind() != Condition.Kind.EXPECTED_BEFORE)
                .toArray();
        PlannedStep planned = survey.plan().steps().get(step);
        Choice[] choices = judge.choices(step);
        matters = new boolean[choices.length];
        for (int i = 0; i < choices.length; i++) {
            matters[i] = matters(planned, choices[i]);
        }
        turns = planned.move().has(Trait.TURNS_CHUNKS);
        Values values = judge.values(step);
        rough = planned.move().settings().all().stream()
                .flatMap(s -> s instanceof ChunksSetting chunks ? Stream.of(chunks) : Stream.empty())
                .filter(chunks -> !values.allExact(chunks))
                .toList();
    }

    private static boolean matters(PlannedStep step, Choice choice) {
        return !(choice.setting() instanceof AmountSetting amount) || !amount.isOfShuffle() || step.notes(amount);
    }

    /** Whether it could be done if chunks were taken all at once. */
    boolean manyChunks() {
        return manyChunks;
    }

    List<Layer> layers() {
        return layers;
    }

    /** How many states there are after each layer but the last. */
    List<Integer> sizes() {
        return sizes;
    }

    /** Follows it; false when it cannot be done in this way. */
    boolean follow() {
        if (!suits()) {
            return false;
        }
        Choice[] choices = judge.choices(step);
        int amounts = (int) Arrays.stream(choices)
                .filter(c -> c.setting() instanceof AmountSetting)
                .count();
        Links first = new Links(survey.firstChoice(step), amounts, conditionsBefore);
        ShuffleNodes[] nodes = {new ShuffleNodes()};
        survey.byEach(step, first, true, (state, chosen, weight) -> {
            boolean waits = judge.waits(step, before);
            setOthers();
            after.copyFrom(before);
            caught = false;
            calls = 0;
            after.shuffles()
                    .mixedBy((place, depth, count, law, times) ->
                            calls++ > 0 || caught(place, depth, count, law, times));
            after.knownBy(survey.told());
            judge.perform(step, after);
            after.shuffles().mixedBy(null);
            apart &= caught || !waits || rough.isEmpty();
            if (apart) {
                int node = caught ? group(state, chosen, 0, nodes[0]) : end(nodes[0]);
                first.add(state, node, survey.failing(conditionsBefore), weight, chosen);
            }
        });
        readsNoNames();
        add(first, nodes[0].size());
        while (apart && nodes[0].anyGoesOn()) {
            nodes[0] = rough.isEmpty() || allAtOnce ? fall(nodes[0]) : chunks(nodes[0]);
            nodes[0] = apart ? goOn(nodes[0]) : nodes[0];
        }
        if (!apart) {
            return false;
        }
        Links last = new Links(0, 0, conditionsAfter);
        for (int node = 0; node < nodes[0].size(); node++) {
            long[] ending = endings.get(nodes[0].at(node));
            last.add(node, (int) ending[0], ending[1], 1);
        }
        layers.add(last);
        return true;
    }

    private void add(Layer layer, int size) {
        layers.add(layer);
        sizes.add(size);
    }

    /** Amounts must be chosen before all chunks, and chunks so that each can be taken by itself. */
    private boolean suits() {
        Choice[] choices = judge.choices(step);
        int amounts = 0;
        while (amounts < choices.length && choices[amounts].setting() instanceof AmountSetting) {
            amounts++;
        }
        boolean later =
                Arrays.stream(choices, amounts, choices.length).anyMatch(c -> c.setting() instanceof AmountSetting);
        boolean chance = Arrays.stream(choices).anyMatch(Choice::isChance);
        return !later && (chance ? rough.isEmpty() : rough.stream().allMatch(this::oneByOne));
    }

    private boolean oneByOne(ChunksSetting chunks) {
        Values values = judge.values(step);
        int rest = values.restOf(chunks);
        return (rest < 0 || rest == values.statedCount(chunks) - 1)
                && values.stated(chunks).stream()
                        .noneMatch(a -> a.low() == 0 && a.kind() != Amount.Kind.ANY && a.kind() != Amount.Kind.REST);
    }

    /** Sets the numbers that only say how cards fall, which do not matter up to the shuffle: the first chunk takes all cards. */
    private void setOthers() {
        Setting chunked = null;
        for (Choice choice : judge.choices(step)) {
            boolean first = choice.setting() != chunked;
            if (choice.setting() instanceof ChunksSetting) {
                judge.values(step).set(choice.setting(), choice.chunk(), first ? Amount.MOST : 0);
                chunked = choice.setting();
            } else if (!(choice.setting() instanceof AmountSetting)) {
                judge.values(step).set(choice.setting(), choice.chunk(), 1);
            }
        }
    }

    // ---- up to the shuffle -----------------------------------------------------------------------------------------

    private boolean caught(int place, int depth, int count, ShuffleLaw law, int times) {
        if (!after.mixesUnseen(place, depth, count)) {
            apart = false;
            survey.tooMuch("faces can come into view as cards are shuffled");
        }
        placeNow = place;
        depthNow = depth;
        countNow = count;
        lawNow = law;
        timesNow = times;
        after.write(bytes);
        caught = true;
        return true;
    }

    /** The node of the surface that was caught. */
    private int group(int state, int[] chosen, int call, ShuffleNodes nodes) {
        boolean fits = lawNow != null
                || (call < rough.size() && rough.get(call).left(before, judge.values(step), 0) == countNow);
        // What is held in cards that chunks leave over, or turn over, depends on how many these are.
        fits &= before.holdsNothing() || lawNow != null || !counts(call);
        if (!fits) {
            apart = false;
            return 0;
        }
        sorted.read(bytes);
        int[] followed = followedFirst(placeNow, depthNow, countNow);
        if (followed.length > MOST_FOLLOWED) {
            apart = false;
            if (!holdsOrder() || !survey.summarizesOrders(step)) {
                survey.tooMuch("more than three cards matter in one shuffle");
            }
            return 0;
        }
        int cell = 0;
        for (int i = followed.length - 1; i >= 0; i--) {
            cell = cell * countNow + followed[i];
        }
        int group = group(state, chosen, call, followed, cell);
        if (!apart) {
            return 0;
        }
        return node(group, cell, falling(group), nodes);
    }

    /** Of a block on the sorted surface, lets the cards that are followed lie first; gives where they lay, from 0. */
    private int[] followedFirst(int place, int depth, int count) {
        byte[] slots = new byte[count];
        int[] followed = new int[count];
        boolean[] mine = new boolean[count];
        boolean up = usualSide(place, depth, count);
        int many = 0;
        sorted.distinct(loose, survey.kept(), distinct);
        for (int position = 0; position < count; position++) {
            byte slot = sorted.slot(place, depth + position + 1);
            slots[position] = slot;
            mine[position] = Slot.faceUp(slot) != up || distinct[Slot.card(slot)];
            if (mine[position]) {
                followed[many++] = position;
            }
        }
        if (many <= MOST_FOLLOWED) {
            sort(followed, many, position -> traits(slots[position]));
            byte[] ordered = new byte[count];
            for (int i = 0; i < many; i++) {
                ordered[i] = slots[followed[i]];
            }
            int at = many;
            for (int position = 0; position < count; position++) {
                if (!mine[position]) {
                    ordered[at++] = slots[position];
                }
            }
            sorted.arrange(place, depth, ordered);
        }
        return Arrays.copyOf(followed, many);
    }

    private Falling falling(int group) {
        if (groups.get(group).tellsOrder()) {
            return new Falling(lawNow, 1);
        }
        return lawNow != null ? new Falling(lawNow, timesNow) : allAtOnce ? Falling.IN_CHUNKS : Falling.DONE;
    }

    private int node(int group, int cell, Falling falling, ShuffleNodes nodes) {
        int[] here = groups.get(group).nodes(falling);
        if (here[cell] < 0) {
            here[cell] = nodes.add(group, cell, falling);
        }
        return here[cell];
    }

    /** Few numbers, by insertion. */
    private static void sort(int[] numbers, int count, IntToLongFunction by) {
        for (int i = 1; i < count; i++) {
            int number = numbers[i];
            int at = i;
            while (at > 0 && by.applyAsLong(numbers[at - 1]) > by.applyAsLong(number)) {
                numbers[at] = numbers[at - 1];
                at--;
            }
            numbers[at] = number;
        }
    }

    /** Which side most cards of the block have up. */
    private boolean usualSide(int place, int depth, int count) {
        int up = 0;
        for (int position = 1; position <= count; position++) {
            up += sorted.faceUp(place, depth + position) ? 1 : 0;
        }
        return 2 * up > count;
    }

    private long traits(byte slot) {
        return sorted.traits(Slot.card(slot), loose) << 1 | (Slot.faceUp(slot) ? 1 : 0);
    }

    /** Whether the block that is shuffled has cards that only an order tells from others. */
    private boolean holdsOrder() {
        return IntStream.rangeClosed(depthNow + 1, depthNow + countNow)
                .anyMatch(position -> survey.onlyOrdered(after.card(placeNow, position)));
    }

    /** @param cell where its followed cards lie, which counts only where it makes a difference to an order */
    private int group(int state, int[] chosen, int call, int[] followed, int cell) {
        byte[] surface = new byte[bytes.length];
        boolean ordered = survey.shufflesOrder() && survey.order() != null;
        survey.canonical(sorted, surface, ordered ? survey.freeNames() : loose);
        ByteBuffer key =
                ByteBuffer.allocate(surface.length + Short.BYTES * (chosen.length + 4) + 1 + 2 * Integer.BYTES);
        key.putInt(ordered ? cell : 0).putInt(ordered ? timesNow : 0);
        key.put(surface)
                .putShort((short) call)
                .putShort((short) placeNow)
                .putShort((short) depthNow)
                .putShort((short) countNow);
        key.put((byte) (lawNow == null ? 0 : 1));
        for (int i = 0; i < chosen.length; i++) {
            key.putShort((short) (matters[i] ? chosen[i] : 0));
        }
        int found = keys.find(key.array());
        if (found >= 0) {
            return found;
        }
        ShuffledBlock made = new ShuffledBlock(
                surface,
                state,
                chosen.clone(),
                call,
                placeNow,
                depthNow,
                countNow,
                followed.length,
                counts(call),
                ordered ? orderFall(followed) : null,
                new HashMap<>());
        // Chunks have so many places for each number of cards that are taken.
        cells += (long) made.room() * (lawNow == null ? countNow + 1 : timesNow);
        if (cells > MOST_CELLS) {
            apart = false;
            survey.tooMuch(TOO_MANY_PLACES);
            return 0;
        }
        apart &= survey.keeps(made.room() / 2);
        groups.add(made);
        return keys.add(key.array(), chosen);
    }

    /** The node of a step that ended without a shuffle any more. */
    private int end(ShuffleNodes nodes) {
        long fails = survey.failing(conditionsAfter);
        int to = survey.state(after, next);
        endings.add(new long[] {to, fails});
        return nodes.add(ShuffleNodes.ENDED, endings.size() - 1, Falling.DONE);
    }

    // ---- how the cards fall ----------------------------------------------------------------------------------------

    /** Lets blocks fall by chance. One that has to be riffled three times becomes one that has to be riffled twice, and so on. */
    private ShuffleNodes fall(ShuffleNodes nodes) {
        int most = IntStream.range(0, nodes.size())
                .map(node -> nodes.falling(node).times())
                .max()
                .orElse(0);
        ShuffleNodes here = nodes;
        for (int times = most; times > 0 && apart; times--) {
            groups.forEach(group -> group.nodes().clear());
            here = fall(here, times);
        }
        return here;
    }

    /** Those that still fall so often do so once. */
    private ShuffleNodes fall(ShuffleNodes nodes, int times) {
        ShuffleNodes fallen = new ShuffleNodes();
        double[][] rows = new double[nodes.size()][];
        int[][] cells = new int[nodes.size()][];
        int[][] to = new int[nodes.size()][];
        HandKernel.Way[] ways = new HandKernel.Way[nodes.size()];
        ShuffleRows chances = ShuffleRows.kept();
        List<List<Object>> ordered = new ArrayList<>();
        Map<List<Object>, int[]> targets = new HashMap<>();
        for (int node = 0; node < nodes.size() && apart; node++) {
            Falling falling = nodes.falling(node);
            if (falling.times() < times) {
                rows[node] = CERTAIN;
                to[node] = new int[] {
                    nodes.group(node) == ShuffleNodes.ENDED
                            ? fallen.add(ShuffleNodes.ENDED, nodes.at(node), falling)
                            : node(nodes.group(node), nodes.at(node), falling, fallen)
                };
                ordered.add(List.of());
                continue;
            }
            ShuffledBlock group = groups.get(nodes.group(node));
            int[] places = places(nodes.at(node), group);
            int[] order = order(places);
            int[] ascending = Arrays.stream(order).map(i -> places[i]).toArray();
            boolean slow =
                    falling.law() != null && falling.law().kind() == ShuffleLaw.Kind.OVERHAND && group.followed() > 2;
            long more = (long) group.cells() * (slow ? SLOW : 1);
            Object how = falling.law() == null ? law(nodes.group(node)) : falling.law();
            boolean another =
                    worked.add(List.of(how, IntStream.of(ascending).boxed().toList()));
            work += another ? more : 0;
            boolean atOnce = falling.law() != null || (group.followed() <= ChunkLaw.MOST_FOLLOWED && !group.counts());
            if (work > MOST_CELLS || !atOnce) {
                apart = false;
                survey.tooMuch(TOO_MANY_PLACES);
            }
            // By cell, the chance and the state to which it leads.
            apart &= !survey.tooMuch() && survey.keeps(another ? 2L * group.cells() : 0);
            if (apart && falling.law() == null) {
                ways[node] = new HandKernel.Way(law(nodes.group(node)), ascending, choicesOf(group.call()));
                ChunkLaw.Row row = ways[node].law().row(ascending);
                rows[node] = row.ways();
                cells[node] = Arrays.stream(row.cells())
                        .map(cell -> cell(group, order, cell))
                        .toArray();
                ordered.add(List.of(nodes.group(node), node));
            } else if (apart && group.tellsOrder()) {
                rows[node] = group.order().row();
                cells[node] = IntStream.range(0, group.room()).toArray();
                ordered.add(List.of(nodes.group(node), node));
            } else if (apart) {
                rows[node] = chances.of(falling.law(), ascending);
                ordered.add(
                        List.of(nodes.group(node), IntStream.of(order).boxed().toList()));
                cells[node] = targets.computeIfAbsent(
                        ordered.get(node),
                        any -> IntStream.range(0, group.cells())
                                .map(cell -> cell(group, order, cell))
                                .toArray());
            }
        }
        if (!apart) {
            return nodes;
        }
        Map<int[], Integer> reached = new IdentityHashMap<>();
        for (int node = 0; node < nodes.size(); node++) {
            if (to[node] == null) {
                Falling next = nodes.falling(node).next();
                reach(nodes.group(node), rows[node], cells[node], next, fallen, reached);
            }
        }
        // Where the cards of two states come to lie in the same order, they lead to the same states.
        Map<List<Object>, int[]> states = new HashMap<>();
        for (int node = 0; node < nodes.size(); node++) {
            if (to[node] == null) {
                int[] mine =
                        groups.get(nodes.group(node)).nodes(nodes.falling(node).next());
                int[] target = cells[node];
                to[node] = states.computeIfAbsent(
                        List.of(nodes.falling(node), ordered.get(node)),
                        any -> Arrays.stream(target).map(cell -> mine[cell]).toArray());
            }
        }
        boolean hands = Arrays.stream(ways).anyMatch(Objects::nonNull);
        add(hands ? new HandKernel(rows, to, ways) : new Kernel(rows, to), fallen.size());
        return fallen;
    }

    /** Finds the state for each place at which the cards can come to lie. Where all places have their state already, it looks no further. */
    private void reach(
            int group, double[] row, int[] cells, Falling falling, ShuffleNodes fallen, Map<int[], Integer> reached) {
        int[] here = groups.get(group).nodes(falling);
        int now = reached.getOrDefault(here, 0);
        int possible = groups.get(group).possible();
        for (int cell = 0; cell < row.length && now < possible; cell++) {
            if (row[cell] > 0 && here[cells[cell]] < 0) {
                here[cells[cell]] = fallen.add(group, cells[cell], falling);
                now++;
            }
        }
        reached.put(here, now);
    }

    /** Of a law, whose cards are in ascending order, the cell of the group. */
    private static int cell(ShuffledBlock group, int[] order, int lawCell) {
        int cell = 0;
        int left = lawCell;
        for (int card : order) {
            cell += left % group.count() * group.scale(card);
            left /= group.count();
        }
        return cell;
    }

    private static int[] places(int cell, ShuffledBlock group) {
        int[] places = new int[group.followed()];
        int left = cell;
        for (int i = 0; i < places.length; i++) {
            places[i] = left % group.count();
            left /= group.count();
        }
        return places;
    }

    private static int[] order(int[] places) {
        int[] order = new int[places.length];
        for (int i = 0; i < order.length; i++) {
            order[i] = i;
        }
        sort(order, order.length, i -> places[i]);
        return order;
    }

    /** Whether chunks may leave cards over; those that end at a break never do. */
    private boolean leaves(ChunksSetting setting) {
        return setting.partial() && !judge.values(step).toBreak(setting);
    }

    /** Whether how many cards the chunks of a block took or turned over is told. */
    private boolean counts(int call) {
        return lawNow == null && (turns || leaves(rough.get(call)));
    }

    /** In which chunks the block of a group is shuffled. */
    private ChunkLaw law(int group) {
        return laws.computeIfAbsent(group, any -> law(groups.get(any)));
    }

    private ChunkLaw law(ShuffledBlock group) {
        ChunksSetting setting = rough.get(group.call());
        int[] choices = choicesOf(group.call());
        List<Integer> only = IntStream.of(choices)
                .mapToObj(choice ->
                        choice < 0 ? Choice.ALL : judge.choices(step)[choice - survey.firstChoice(step)].only())
                .toList();
        List<Amount> amounts = judge.values(step).stated(setting);
        ChunkLaw law =
                survey.law(new ChunkLaw.Chunks(amounts, only, survey.weighed(), group.count(), leaves(setting), turns));
        for (int chunk = 0; chunk < choices.length && allAtOnce; chunk++) {
            for (int gone = 0; gone <= group.count(); gone++) {
                if (choices[chunk] >= 0 && law.reaches(chunk, gone)) {
                    survey.made(choices[chunk], law.numbers(chunk, gone));
                }
            }
        }
        return law;
    }

    /** By chunk of a setting, which of the plan’s choices it is; -1 for none. */
    private int[] choicesOf(int call) {
        ChunksSetting setting = rough.get(call);
        int next = survey.firstChoice(step)
                + (int) Arrays.stream(judge.choices(step))
                        .takeWhile(c -> c.setting() != setting)
                        .count();
        List<Amount> amounts = judge.values(step).stated(setting);
        int[] choices = new int[amounts.size()];
        for (int chunk = 0; chunk < choices.length; chunk++) {
            choices[chunk] = amounts.get(chunk).isChoice() ? next++ : -1;
        }
        return choices;
    }

    /** In the chunks of a setting, one after another. */
    private ShuffleNodes chunks(ShuffleNodes nodes) {
        int call = IntStream.range(0, nodes.size())
                .filter(node -> nodes.group(node) != ShuffleNodes.ENDED)
                .map(node -> groups.get(nodes.group(node)).call())
                .findFirst()
                .orElseThrow();
        int[] choices = choicesOf(call);
        // From each place at least so many are reached.
        long least = IntStream.range(0, nodes.size())
                .filter(node -> nodes.group(node) != ShuffleNodes.ENDED)
                .mapToLong(node -> law(nodes.group(node)).taken())
                .sum();
        limit(least);
        ShuffleNodes here = nodes;
        int[] taken = new int[nodes.size()];
        for (int chunk = 0; chunk < choices.length && apart; chunk++) {
            Chunk layer = new Chunk(chunk, choices[chunk]);
            layer.take(here, taken);
            // A survey that was stopped, or has too much to follow, ends between two chunks.
            apart &= !survey.tooMuch();
            here = layer.after;
            taken = Arrays.copyOf(layer.taken, layer.after.size());
        }
        return here;
    }

    /** Not more chunks than can be kept are taken one by one. */
    private void limit(long chunks) {
        if (chunks > survey.mostChunks() || !survey.hasRoomFor(chunks)) {
            apart = false;
            manyChunks = true;
        }
    }

    /** One chunk of a setting, from all states in which those before are taken. */
    private final class Chunk {
        private final int chunk;
        private final int choice;
        private final Links links;
        private final ShuffleNodes after = new ShuffleNodes();
        /** By group, cards taken and cell, its state; only used where some were reached. */
        private final Map<Integer, int[]> known = new HashMap<>();

        private int groupNow = NONE;
        private int[] knownNow = {};
        private ChunkLaw chunkedNow;
        private int roomNow;
        private int[] taken = new int[64];

        /** @param choice which of the plan’s choices it is; -1 for none */
        Chunk(int chunk, int choice) {
            this.chunk = chunk;
            this.choice = choice;
            links = new Links(Math.max(0, choice), choice < 0 ? 0 : 1);
        }

        private void met(int numbers) {
            if (choice >= 0) {
                survey.made(choice, numbers);
            }
        }

        void take(ShuffleNodes nodes, int[] before) {
            for (int node = 0; node < nodes.size() && apart; node++) {
                int group = nodes.group(node);
                if (group == ShuffleNodes.ENDED) {
                    met(0);
                    links.add(node, to(ShuffleNodes.ENDED, 0, nodes.at(node)), 0, 1, Tally.NOT_MADE);
                    continue;
                }
                int gone = before[node];
                int[] places = places(nodes.at(node), groups.get(group));
                int counted = nodes.at(node) / groups.get(group).cells();
                enter(group);
                ChunkLaw.Taken can = chunkedNow.taken(chunk, gone);
                met(chunkedNow.numbers(chunk, gone));
                for (int i = 0; i < can.takes().length; i++) {
                    int to = to(group, places, counted, gone, can.takes()[i]);
                    links.add(node, to, 0, can.weight(), can.numbers()[i]);
                }
                limit(linked + links.size());
            }
            linked += links.size();
            add(links, after.size());
        }

        /** So many of the cards that are left are taken. */
        private int to(int group, int[] places, int counted, int gone, int takes) {
            enter(group);
            int count = chunkedNow.chunks().count();
            ChunkLaw.Chunks chunks = chunkedNow.chunks();
            int more = chunks.turns() ? (chunk % 2 == 1 ? takes : 0) : chunks.leaves() ? takes : 0;
            int cell = counted + more;
            for (int i = places.length - 1; i >= 0; i--) {
                cell = cell * count + chunks.moved(places[i], chunk, gone, takes);
            }
            return to(group, gone + takes, cell);
        }

        /** What there is to know of a group is looked up once for all its states that follow one another. */
        private void enter(int group) {
            if (group != groupNow) {
                groupNow = group;
                knownNow = known.computeIfAbsent(group, any -> ShuffledBlock.none(room(group)));
                chunkedNow = group == ShuffleNodes.ENDED ? null : law(group);
                roomNow = group == ShuffleNodes.ENDED ? 0 : groups.get(group).room();
            }
        }

        private int to(int group, int now, int cell) {
            enter(group);
            int key = group == ShuffleNodes.ENDED ? 0 : now * roomNow + cell;
            if (group != ShuffleNodes.ENDED && knownNow[key] >= 0) {
                return knownNow[key];
            }
            int node = after.add(group, cell, Falling.DONE);
            taken = node < taken.length ? taken : Arrays.copyOf(taken, 2 * taken.length);
            taken[node] = now;
            knownNow[key] = node;
            return node;
        }

        private int room(int group) {
            return group == ShuffleNodes.ENDED
                    ? 1
                    : (groups.get(group).count() + 1) * groups.get(group).room();
        }
    }

    // ---- from the shuffle on ---------------------------------------------------------------------------------------

    /** Does the step on from where the cards have fallen: to the next block that is shuffled, or to its end. */
    private ShuffleNodes goOn(ShuffleNodes nodes) {
        ShuffleNodes on = new ShuffleNodes();
        Links links = new Links(0, 0);
        for (int node = 0; node < nodes.size() && apart; node++) {
            if (nodes.group(node) == ShuffleNodes.ENDED) {
                links.add(node, on.add(ShuffleNodes.ENDED, nodes.at(node), Falling.DONE), 0, 1);
                continue;
            }
            ShuffledBlock group = groups.get(nodes.group(node));
            int[] places = places(nodes.at(node), group);
            // Of chunks or of an order.
            int counted = nodes.at(node) / group.cells();
            survey.at(step, group.state());
            judge.begin(step, before);
            setAmounts(group.chosen());
            setOthers();
            int[] stated = group.counts() ? setChunks(group.call(), group.count(), counted) : null;
            int from = node;
            OrderFall.Between each = (between, chance) -> {
                if (apart) {
                    links.add(from, goOn(group, places, counted, between, on), 0, chance);
                }
            };
            if (group.tellsOrder()) {
                each.come(counted, 1);
            } else {
                OrderFall.each(group.order(), places, each);
            }
            if (stated != null) {
                setChunks(group.call(), stated);
            }
            if (next.size() > StateSurvey.MOST_STATES) {
                apart = false;
                survey.tooMuch(TOO_MANY_PLACES);
            }
            apart &= !survey.tooMuch();
        }
        readsNoNames();
        add(links, on.size());
        return on;
    }

    /** The same from one state; gives the one that it leads to. */
    private int goOn(ShuffledBlock group, int[] places, int counted, int between, ShuffleNodes on) {
        after.copyFrom(before);
        caught = false;
        calls = 0;
        after.shuffles().mixedBy((place, depth, count, law, times) -> {
            int call = calls++;
            if (call == group.call()) {
                // Cards that chunks leave over lie as they do here; only how many cards the chunks took says which
                // these are.
                after.write(bytes);
                sorted.read(group.counts() ? bytes : group.surface());
                if (group.counts()) {
                    followedFirst(place, depth, group.count());
                } else {
                    after.read(group.surface());
                }
                after.arrange(place, depth, arranged(group, places, turns ? counted : 0));
                if (survey.shufflesOrder()) {
                    after.orderFell(place, between);
                }
            }
            return call != group.call() + 1 || caught(place, depth, count, law, times);
        });
        after.knownBy(survey.told());
        judge.perform(step, after);
        after.shuffles().mixedBy(null);
        return caught ? group(group.state(), group.chosen(), group.call() + 1, on) : end(on);
    }

    /** How cards of an order fall with the block that is shuffled; null where that is no whole pile, or nobody knows how they lie. */
    private OrderFall orderFall(int[] followed) {
        Order order = survey.order();
        sorted.read(bytes);
        if (!sorted.orderLies() || depthNow > 0 || countNow < sorted.size(placeNow)) {
            return null;
        }
        byte[] slots = new byte[countNow];
        for (int i = 0; i < countNow; i++) {
            slots[i] = sorted.slot(placeNow, i + 1);
        }
        return OrderFall.of(order, survey.plan().slug(order.slug()), sorted, slots, followed, lawNow, timesNow);
    }

    /** What is drawn of a name before the shuffle would not be known after it. */
    private void readsNoNames() {
        if (survey.namesDemanded()) {
            apart = false;
            survey.tooMuch("a name is read in a step that shuffles");
        }
    }

    private void setAmounts(int[] chosen) {
        Choice[] choices = judge.choices(step);
        for (int i = 0; i < choices.length; i++) {
            if (choices[i].setting() instanceof AmountSetting) {
                judge.values(step).set(choices[i].setting(), choices[i].chunk(), chosen[i]);
            }
        }
    }

    /** Chunks that take so many cards, or of which every second one does; gives what was set before. */
    private int[] setChunks(int call, int count, int counted) {
        int[] before = judge.values(step).allChosen(rough.get(call));
        int[] now = new int[before.length];
        now[0] = turns ? count - counted : counted;
        if (turns && now.length > 1) {
            now[1] = counted;
        }
        setChunks(call, now);
        return before;
    }

    private void setChunks(int call, int[] numbers) {
        for (int chunk = 0; chunk < numbers.length; chunk++) {
            judge.values(step).set(rough.get(call), chunk, numbers[chunk]);
        }
    }

    /** The block with the cards to follow at their places, the others between them in their order; the first so many are turned over. */
    private byte[] arranged(ShuffledBlock group, int[] places, int turned) {
        byte[] slots = new byte[group.count()];
        boolean[] full = new boolean[group.count()];
        for (int i = 0; i < places.length; i++) {
            slots[places[i]] = sorted.slot(group.place(), group.depth() + i + 1);
            full[places[i]] = true;
        }
        int other = group.followed();
        for (int place = 0; place < group.count(); place++) {
            if (!full[place]) {
                slots[place] = sorted.slot(group.place(), group.depth() + ++other);
            }
            slots[place] = place < turned ? Slot.turned(slots[place]) : slots[place];
        }
        return slots;
    }
}
