package craftypocket.core.run;

import craftypocket.core.chance.ShuffleLaw;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Slot;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Values;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
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

    /** It ends there: no block is shuffled any more. */
    private static final int ENDED = -1;

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
    private final int[] conditionsBefore;
    private final int[] conditionsAfter;
    private final List<ChunksSetting> rough;
    /** By choice, whether anything depends on it once the cards are shuffled. */
    private final boolean[] matters;

    private final List<Layer> layers = new ArrayList<>();
    private final List<Integer> sizes = new ArrayList<>();
    private final States keys = new States();
    private final List<Group> groups = new ArrayList<>();
    private final List<long[]> endings = new ArrayList<>();
    private long cells;
    /** Of which law and places the chances are reckoned, and how many these are. */
    private final Set<List<Object>> worked = new HashSet<>();

    private long work;
    /** How many links its layers have. */
    private int linked;

    private boolean apart = true;

    /**
     * What is the same but for the order of the block that is shuffled.
     *
     * @param surface with the cards to follow first in the block
     * @param state from which such a surface is reached
     * @param chosen with which numbers
     * @param call how many blocks were shuffled before in this step
     * @param followed how many cards are to be followed
     * @param nodes by how they have to fall and by cell, its states
     */
    private record Group(
            byte[] surface,
            int state,
            int[] chosen,
            int call,
            int place,
            int depth,
            int count,
            int followed,
            Map<Falling, int[]> nodes) {

        /** How many places its followed cards have. */
        int cells() {
            int cells = 1;
            for (int i = 0; i < followed; i++) {
                cells *= count;
            }
            return cells;
        }

        /** By cell, the state in which its cards lie there and have still to fall like this; -1 for none. */
        int[] nodes(Falling falling) {
            return nodes.computeIfAbsent(falling, any -> none(cells()));
        }
    }

    /**
     * How a block has still to fall by chance.
     *
     * @param law by which it does; null for chunks
     * @param times how often; 0 when it has fallen
     */
    private record Falling(ShuffleLaw law, int times) {

        static final Falling DONE = new Falling(null, 0);

        Falling next() {
            return times == 1 ? DONE : new Falling(law, times - 1);
        }
    }

    /** States in the middle of the step: a group, where its cards lie and how they have to fall, or an end. */
    private static final class Nodes {
        private int[] group = new int[64];
        private int[] at = new int[64];
        private Falling[] falling = new Falling[64];
        private int size;

        int add(int newGroup, int newAt, Falling newFalling) {
            if (size == group.length) {
                group = Arrays.copyOf(group, 2 * size);
                at = Arrays.copyOf(at, 2 * size);
                falling = Arrays.copyOf(falling, 2 * size);
            }
            group[size] = newGroup;
            at[size] = newAt;
            falling[size] = newFalling;
            return size++;
        }
    }

    /** What the surface was when the wanted block was about to be shuffled. */
    private int placeNow;

    private int depthNow;
    private int countNow;
    /** How it falls; null for chunks. */
    private ShuffleLaw lawNow;

    private int timesNow;
    private boolean caught;
    private int calls;

    ShuffleStep(StateSurvey survey, int step, States from, States next) {
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
        Values values = judge.values(step);
        rough = planned.move().settings().all().stream()
                .flatMap(s -> s instanceof ChunksSetting chunks ? Stream.of(chunks) : Stream.empty())
                .filter(chunks -> !values.allExact(chunks))
                .toList();
    }

    private static boolean matters(PlannedStep step, Choice choice) {
        return !(choice.setting() instanceof AmountSetting amount) || !amount.isOfShuffle() || step.notes(amount);
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
        Nodes[] nodes = {new Nodes()};
        survey.byEach(step, first, true, (state, chosen, weight) -> {
            boolean waits = judge.waits(step, before);
            setOthers();
            after.copyFrom(before);
            caught = false;
            calls = 0;
            after.mixedBy((place, depth, count, law, times) -> calls++ > 0 || caught(place, depth, count, law, times));
            after.knownBy(survey.told());
            judge.perform(step, after);
            after.mixedBy(null);
            apart &= caught || !waits || rough.isEmpty();
            if (apart) {
                int node = caught ? group(state, chosen, 0, nodes[0]) : end(nodes[0]);
                first.add(state, node, survey.failing(conditionsBefore), weight, chosen);
            }
        });
        readsNoNames();
        add(first, nodes[0].size);
        while (apart && Arrays.stream(nodes[0].group, 0, nodes[0].size).anyMatch(group -> group != ENDED)) {
            nodes[0] = rough.isEmpty() ? fall(nodes[0]) : chunks(nodes[0]);
            nodes[0] = apart ? goOn(nodes[0]) : nodes[0];
        }
        if (!apart) {
            return false;
        }
        Links last = new Links(0, 0, conditionsAfter);
        for (int node = 0; node < nodes[0].size; node++) {
            long[] ending = endings.get(nodes[0].at[node]);
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
        return !chunks.partial()
                && !values.toBreak(chunks)
                && (rest < 0 || rest == values.statedCount(chunks) - 1)
                && values.stated(chunks).stream()
                        .noneMatch(a -> a.low() == 0 && a.kind() != Amount.Kind.ANY && a.kind() != Amount.Kind.REST);
    }

    /** Numbers that only say how cards fall, of which none is wanted here. */
    private void setOthers() {
        for (Choice choice : judge.choices(step)) {
            if (!(choice.setting() instanceof AmountSetting)) {
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
    private int group(int state, int[] chosen, int call, Nodes nodes) {
        boolean fits =
                lawNow != null || (call < rough.size() && rough.get(call).most(before, judge.values(step)) == countNow);
        sorted.read(bytes);
        byte[] slots = new byte[countNow];
        boolean[] mine = new boolean[countNow];
        int[] followed = new int[MOST_FOLLOWED];
        int count = 0;
        boolean up = usualSide();
        sorted.distinct(survey.freeNames(), distinct);
        for (int position = 0; position < countNow; position++) {
            byte slot = sorted.slot(placeNow, depthNow + position + 1);
            slots[position] = slot;
            mine[position] = Slot.faceUp(slot) != up || distinct[Slot.card(slot)];
            if (mine[position] && count < MOST_FOLLOWED) {
                followed[count] = position;
            }
            count += mine[position] ? 1 : 0;
        }
        if (!fits || count > MOST_FOLLOWED) {
            apart = false;
            survey.tooMuch("more than three cards matter in one shuffle");
            return 0;
        }
        sort(followed, count, position -> traits(slots[position]));
        byte[] ordered = new byte[countNow];
        int cell = 0;
        for (int i = count - 1; i >= 0; i--) {
            ordered[i] = slots[followed[i]];
            cell = cell * countNow + followed[i];
        }
        int at = count;
        for (int position = 0; position < countNow; position++) {
            if (!mine[position]) {
                ordered[at++] = slots[position];
            }
        }
        sorted.arrange(placeNow, depthNow, ordered);
        int group = group(state, chosen, call, count);
        if (!apart) {
            return 0;
        }
        return node(group, cell, lawNow == null ? Falling.DONE : new Falling(lawNow, timesNow), nodes);
    }

    private int node(int group, int cell, Falling falling, Nodes nodes) {
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
    private boolean usualSide() {
        int up = 0;
        for (int position = 1; position <= countNow; position++) {
            up += sorted.faceUp(placeNow, depthNow + position) ? 1 : 0;
        }
        return 2 * up > countNow;
    }

    private long traits(byte slot) {
        return sorted.traits(Slot.card(slot), survey.freeNames()) << 1 | (Slot.faceUp(slot) ? 1 : 0);
    }

    private int group(int state, int[] chosen, int call, int followed) {
        byte[] surface = new byte[bytes.length];
        survey.canonical(sorted, surface);
        ByteBuffer key = ByteBuffer.allocate(surface.length + Short.BYTES * (chosen.length + 4) + 1);
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
        Group made = new Group(
                surface, state, chosen.clone(), call, placeNow, depthNow, countNow, followed, new HashMap<>());
        // Chunks have so many places for each number of cards that are taken.
        cells += (long) made.cells() * (lawNow == null ? countNow + 1 : timesNow);
        if (cells > MOST_CELLS) {
            apart = false;
            survey.tooMuch(TOO_MANY_PLACES);
            return 0;
        }
        groups.add(made);
        return keys.add(key.array(), chosen);
    }

    /** The node of a step that ended without a shuffle any more. */
    private int end(Nodes nodes) {
        long fails = survey.failing(conditionsAfter);
        int to = survey.state(after, next);
        endings.add(new long[] {to, fails});
        return nodes.add(ENDED, endings.size() - 1, Falling.DONE);
    }

    // ---- how the cards fall ----------------------------------------------------------------------------------------

    /** By chance, as often as it is done: those that fall oftener come to where those that fall less often are. */
    private Nodes fall(Nodes nodes) {
        int most = IntStream.range(0, nodes.size)
                .map(node -> nodes.falling[node].times)
                .max()
                .orElse(0);
        Nodes here = nodes;
        for (int times = most; times > 0 && apart; times--) {
            groups.forEach(group -> group.nodes.clear());
            here = fall(here, times);
        }
        return here;
    }

    /** Those that still fall so often do so once. */
    private Nodes fall(Nodes nodes, int times) {
        Nodes fallen = new Nodes();
        double[][] rows = new double[nodes.size][];
        int[][] cells = new int[nodes.size][];
        int[][] to = new int[nodes.size][];
        ShuffleRows chances = ShuffleRows.kept();
        List<List<Object>> ordered = new ArrayList<>();
        Map<List<Object>, int[]> targets = new HashMap<>();
        for (int node = 0; node < nodes.size && apart; node++) {
            Falling falling = nodes.falling[node];
            if (falling.times < times) {
                rows[node] = CERTAIN;
                to[node] = new int[] {
                    nodes.group[node] == ENDED
                            ? fallen.add(ENDED, nodes.at[node], falling)
                            : node(nodes.group[node], nodes.at[node], falling, fallen)
                };
                ordered.add(List.of());
                continue;
            }
            Group group = groups.get(nodes.group[node]);
            int[] places = places(nodes.at[node], group);
            int[] order = order(places);
            int[] ascending = Arrays.stream(order).map(i -> places[i]).toArray();
            boolean slow = falling.law.kind() == ShuffleLaw.Kind.OVERHAND && group.followed > 2;
            long more = (long) group.cells() * (slow ? SLOW : 1);
            work += worked.add(
                            List.of(falling.law, IntStream.of(ascending).boxed().toList()))
                    ? more
                    : 0;
            if (work > MOST_CELLS) {
                apart = false;
                survey.tooMuch(TOO_MANY_PLACES);
            }
            apart &= !survey.tooMuch();
            if (apart) {
                rows[node] = chances.of(falling.law, ascending);
                ordered.add(
                        List.of(nodes.group[node], IntStream.of(order).boxed().toList()));
                cells[node] = targets.computeIfAbsent(ordered.get(node), any -> cells(group, order));
            }
        }
        if (!apart) {
            return nodes;
        }
        for (int node = 0; node < nodes.size; node++) {
            if (to[node] == null) {
                Falling next = nodes.falling[node].next();
                reach(nodes.group[node], rows[node], cells[node], next, fallen);
            }
        }
        // Where the cards of two states come to lie in the same order, they lead to the same states.
        Map<List<Object>, int[]> states = new HashMap<>();
        for (int node = 0; node < nodes.size; node++) {
            if (to[node] == null) {
                int[] mine = groups.get(nodes.group[node]).nodes(nodes.falling[node].next());
                int[] target = cells[node];
                to[node] = states.computeIfAbsent(
                        List.of(nodes.falling[node], ordered.get(node)),
                        any -> Arrays.stream(target).map(cell -> mine[cell]).toArray());
            }
        }
        add(new Kernel(rows, to), fallen.size);
        return fallen;
    }

    private void reach(int group, double[] row, int[] cells, Falling falling, Nodes fallen) {
        int[] here = groups.get(group).nodes(falling);
        for (int cell = 0; cell < row.length; cell++) {
            if (row[cell] > 0 && here[cells[cell]] < 0) {
                here[cells[cell]] = fallen.add(group, cells[cell], falling);
            }
        }
    }

    /** By cell of a law, whose cards are in ascending order, the cell of the group. */
    private static int[] cells(Group group, int[] order) {
        int[] cells = new int[group.cells()];
        for (int cell = 0; cell < cells.length; cell++) {
            int left = cell;
            for (int card : order) {
                cells[cell] += left % group.count * scale(group, card);
                left /= group.count;
            }
        }
        return cells;
    }

    private static int scale(Group group, int card) {
        int scale = 1;
        for (int i = 0; i < card; i++) {
            scale *= group.count;
        }
        return scale;
    }

    private static int[] places(int cell, Group group) {
        int[] places = new int[group.followed];
        int left = cell;
        for (int i = 0; i < places.length; i++) {
            places[i] = left % group.count;
            left /= group.count;
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

    /** In the chunks of a setting, one after another. */
    private Nodes chunks(Nodes nodes) {
        int call = IntStream.range(0, nodes.size)
                .filter(node -> nodes.group[node] != ENDED)
                .map(node -> groups.get(nodes.group[node]).call)
                .findFirst()
                .orElseThrow();
        ChunksSetting setting = rough.get(call);
        List<Amount> amounts = judge.values(step).stated(setting);
        int choice = survey.firstChoice(step)
                + (int) Arrays.stream(judge.choices(step))
                        .takeWhile(c -> c.setting() != setting)
                        .count();
        Nodes here = nodes;
        int[] taken = new int[nodes.size];
        for (int chunk = 0; chunk < amounts.size() && apart; chunk++) {
            Amount amount = amounts.get(chunk);
            int only = amount.isChoice() ? judge.choices(step)[choice - survey.firstChoice(step)].only() : Choice.ALL;
            Chunk layer =
                    new Chunk(amount.isChoice() ? choice : 0, amount, only, chunk == 0, chunk == amounts.size() - 1);
            layer.take(here, taken);
            here = layer.after;
            taken = Arrays.copyOf(layer.taken, layer.after.size);
            choice += amount.isChoice() ? 1 : 0;
        }
        return here;
    }

    /** One chunk of a setting, from all states in which those before are taken. */
    private final class Chunk {
        private final int choice;
        private final Amount amount;
        private final int only;
        private final boolean first;
        private final boolean last;
        private final Links links;
        private final Nodes after = new Nodes();
        /** By group, cards taken and cell, its state; only used where some were reached. */
        private final Map<Integer, int[]> known = new HashMap<>();

        private int groupNow = ENDED;
        private int[] knownNow = {};
        private int[] taken = new int[64];

        Chunk(int choice, Amount amount, int only, boolean first, boolean last) {
            this.choice = choice;
            this.amount = amount;
            this.only = only;
            this.first = first;
            this.last = last;
            links = new Links(choice, amount.isChoice() ? 1 : 0);
        }

        private void met(int numbers) {
            if (amount.isChoice()) {
                survey.made(choice, numbers);
            }
        }

        void take(Nodes nodes, int[] before) {
            for (int node = 0; node < nodes.size && apart; node++) {
                if (nodes.group[node] == ENDED) {
                    met(0);
                    links.add(node, to(ENDED, 0, nodes.at[node]), 0, 1, Tally.NOT_MADE);
                    continue;
                }
                Group group = groups.get(nodes.group[node]);
                int[] places = places(nodes.at[node], group);
                int left = group.count - before[node];
                if (!amount.isChoice()) {
                    int number = amount.kind() == Amount.Kind.REST ? left : Math.min(amount.low(), left);
                    links.add(node, to(nodes.group[node], places, before[node], last ? left : number), 0, 1);
                } else if (left == 0 && !first) {
                    if (only != Choice.ALL) {
                        continue;
                    }
                    met(0);
                    links.add(node, to(nodes.group[node], places, before[node], 0), 0, 1, Tally.NOT_MADE);
                } else {
                    boolean any = amount.kind() == Amount.Kind.ANY;
                    int low = Math.min(any ? 1 : amount.low(), left);
                    int high = any ? left : Math.min(amount.high(), left);
                    met(high - low + 1);
                    double weight = survey.weighed() ? 1.0 / (high - low + 1) : 1;
                    for (int number = low; number <= high; number++) {
                        if (only != Choice.ALL && number != only) {
                            continue;
                        }
                        int takes = last ? left : number;
                        links.add(node, to(nodes.group[node], places, before[node], takes), 0, weight, number);
                    }
                }
                apart &= survey.hasRoomFor(linked + links.size());
            }
            linked += links.size();
            add(links, after.size);
        }

        /** So many of the cards that are left go on top of those that are taken. */
        private int to(int group, int[] places, int before, int takes) {
            int count = groups.get(group).count;
            int cell = 0;
            for (int i = places.length - 1; i >= 0; i--) {
                int place = places[i];
                cell = cell * count
                        + (place < before ? place + takes : place < before + takes ? place - before : place);
            }
            return to(group, before + takes, cell);
        }

        private int to(int group, int now, int cell) {
            if (group != groupNow) {
                groupNow = group;
                knownNow = known.computeIfAbsent(group, any -> none(room(group)));
            }
            int key = group == ENDED ? 0 : now * groups.get(group).cells() + cell;
            if (group != ENDED && knownNow[key] >= 0) {
                return knownNow[key];
            }
            int node = after.add(group, cell, Falling.DONE);
            taken = node < taken.length ? taken : Arrays.copyOf(taken, 2 * taken.length);
            taken[node] = now;
            knownNow[key] = node;
            return node;
        }

        private int room(int group) {
            return group == ENDED
                    ? 1
                    : (groups.get(group).count + 1) * groups.get(group).cells();
        }
    }

    private static int[] none(int size) {
        int[] none = new int[size];
        Arrays.fill(none, -1);
        return none;
    }

    // ---- from the shuffle on ---------------------------------------------------------------------------------------

    /** Does the step on from where the cards have fallen: to the next block that is shuffled, or to its end. */
    private Nodes goOn(Nodes nodes) {
        Nodes on = new Nodes();
        Links links = new Links(0, 0);
        for (int node = 0; node < nodes.size && apart; node++) {
            if (nodes.group[node] == ENDED) {
                links.add(node, on.add(ENDED, nodes.at[node], Falling.DONE), 0, 1);
                continue;
            }
            Group group = groups.get(nodes.group[node]);
            byte[] arranged = arranged(group, places(nodes.at[node], group));
            survey.at(step, group.state);
            judge.begin(step, before);
            setAmounts(group.chosen);
            setOthers();
            after.copyFrom(before);
            caught = false;
            calls = 0;
            after.mixedBy((place, depth, count, law, times) -> {
                int call = calls++;
                if (call == group.call) {
                    after.read(group.surface);
                    after.arrange(place, depth, arranged);
                }
                return call != group.call + 1 || caught(place, depth, count, law, times);
            });
            after.knownBy(survey.told());
            judge.perform(step, after);
            after.mixedBy(null);
            links.add(node, caught ? group(group.state, group.chosen, group.call + 1, on) : end(on), 0, 1);
            if (next.size() > StateSurvey.MOST_STATES) {
                apart = false;
                survey.tooMuch(TOO_MANY_PLACES);
            }
            apart &= !survey.tooMuch();
        }
        readsNoNames();
        add(links, on.size);
        return on;
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

    /** The block with the cards to follow at their places, the others between them in their order. */
    private byte[] arranged(Group group, int[] places) {
        sorted.read(group.surface);
        byte[] slots = new byte[group.count];
        boolean[] full = new boolean[group.count];
        for (int i = 0; i < places.length; i++) {
            slots[places[i]] = sorted.slot(group.place, group.depth + i + 1);
            full[places[i]] = true;
        }
        int other = group.followed;
        for (int place = 0; place < group.count; place++) {
            if (!full[place]) {
                slots[place] = sorted.slot(group.place, group.depth + ++other);
            }
        }
        return slots;
    }
}
