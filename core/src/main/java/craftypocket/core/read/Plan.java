package craftypocket.core.read;

import craftypocket.core.cards.Mark;
import craftypocket.core.cards.Pack;
import craftypocket.core.claims.Belief;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Props;
import craftypocket.core.moves.Expectation;
import craftypocket.core.routine.Routine;
import craftypocket.core.settings.Cast;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** A routine that was read: ready to be traced in any world and surveyed over all of them. */
public final class Plan {

    private final Routine routine;
    private final Pack pack;
    private final Cast cast;
    private final List<String> people;
    private final List<PlannedStep> steps;
    private final List<Choice> choices;
    private final List<Condition> conditions;
    /** The numbers of the conditions by moment, the set-up first, and by kind. */
    private final int[][] conditionsAt;

    private final List<Belief> beliefs;
    private final Hands start;
    private final Arrangement arrangement;
    private final int[] apart;
    private final boolean[] ordered;
    private final List<PlannedStep> more;

    Plan(
            Routine routine,
            Pack pack,
            Cast cast,
            List<String> people,
            List<PlannedStep> steps,
            List<Condition> claims,
            List<Belief> beliefs,
            Hands start,
            Arrangement arrangement,
            int[] apart,
            List<PlannedStep> more) {
        this.more = List.copyOf(more);
        this.routine = routine;
        this.pack = pack;
        this.cast = cast;
        this.people = List.copyOf(people);
        this.steps = List.copyOf(steps);
        this.arrangement = arrangement;
        this.apart = apart;
        this.choices = Stream.concat(
                        arrangement.choices().stream(), steps.stream().flatMap(s -> s.choices().stream()))
                .toList();
        this.conditions = conditions(steps, claims);
        conditionsAt = byMoment();
        this.start = start;
        ordered = new boolean[pack.size()];
        for (int role = 0; role < cast.parts().size(); role++) {
            Arrays.stream(start.orderOf(role)).forEach(card -> ordered[card] = true);
        }
        this.beliefs = List.copyOf(beliefs);
    }

    /**
     * What people believe at a moment: of what they were led to believe by then, the last about each subject.
     *
     * @param step the index of the step after which it is; -1 for the set-up
     */
    public List<Belief> beliefsAt(int step) {
        return inForce(beliefs, step);
    }

    static List<Belief> inForce(List<Belief> beliefs, int step) {
        if (beliefs.isEmpty()) {
            return beliefs;
        }
        Map<String, Belief> last = new LinkedHashMap<>();
        beliefs.stream()
                .filter(belief -> belief.after() <= step)
                .sorted(Comparator.comparingInt(Belief::after))
                .forEach(belief -> last.put(belief.about(), belief));
        return List.copyOf(last.values());
    }

    private int[][] byMoment() {
        int[][] sorted = new int[(steps.size() + 1) * Condition.Kind.values().length][0];
        for (int i = 0; i < conditions.size(); i++) {
            Condition condition = conditions.get(i);
            int at = slot(condition.step(), condition.kind());
            sorted[at] = Arrays.copyOf(sorted[at], sorted[at].length + 1);
            sorted[at][sorted[at].length - 1] = i;
        }
        return sorted;
    }

    private static int slot(int step, Condition.Kind kind) {
        return (step + 1) * Condition.Kind.values().length + kind.ordinal();
    }

    private static List<Condition> conditions(List<PlannedStep> steps, List<Condition> claims) {
        List<Condition> all = new ArrayList<>(claims);
        for (int index = 0; index < steps.size(); index++) {
            String id = steps.get(index).step().id();
            for (Expectation expected : steps.get(index).expectations()) {
                Condition.Kind kind =
                        expected.before() ? Condition.Kind.EXPECTED_BEFORE : Condition.Kind.EXPECTED_AFTER;
                all.add(new Condition(kind, id, index, expected.sentence(), expected.check()));
            }
            all.add(new Condition(
                    Condition.Kind.CAN_BE_DONE,
                    id,
                    index,
                    "“" + steps.get(index).move().name() + "” can be done",
                    null));
        }
        return List.copyOf(all);
    }

    public Routine routine() {
        return routine;
    }

    public Pack pack() {
        return pack;
    }

    /** The things that are used, and how large the cards are. */
    public Props props() {
        return start.stowing().props();
    }

    public Cast cast() {
        return cast;
    }

    /** Who can know a name: “you”, then the spectators. */
    public List<String> people() {
        return people;
    }

    public List<PlannedStep> steps() {
        return steps;
    }

    /** Steps that were read beside the routine, to be tried on its layouts. */
    public List<PlannedStep> more() {
        return more;
    }

    /** What the set-up leaves open. */
    public Arrangement arrangement() {
        return arrangement;
    }

    /** Whether after a step something tells a card from others, whoever holds it: it is named somewhere, marked or special. */
    public boolean toldApartAfter(int step, int card) {
        return apart[card] > step;
    }

    /** Whether a card belongs to an order, and so is told from others by whoever asks for that. */
    public boolean ordered(int card) {
        return ordered[card];
    }

    /** All choices, in the order in which they are made: first where named cards lie that nobody laid. */
    public List<Choice> choices() {
        return choices;
    }

    public List<Condition> conditions() {
        return conditions;
    }

    /** The numbers of the conditions of a kind that are judged at a step; -1 for the set-up. Not to be changed. */
    public int[] conditionsAt(int step, Condition.Kind kind) {
        return conditionsAt[slot(step, kind)];
    }

    /** The marks of a card. */
    public List<Mark> marks(int card) {
        return Arrays.stream(Mark.values())
                .filter(mark -> start.marked(card, mark))
                .toList();
    }

    /** The cards of a role's slug in order; empty for a role of one card. */
    public int[] slug(int role) {
        return start.orderOf(role).clone();
    }

    /**
     * A fresh surface with the set-up laid as in a world.
     *
     * @param numbers of the world by key
     */
    public Hands handsIn(Map<String, Integer> numbers) {
        Hands hands = freshHands();
        int[] places = arrangement.places(numbers);
        if (Arrays.stream(places).anyMatch(place -> place > 0)) {
            arrangement.lay(hands, places, null);
        }
        return hands;
    }

    /** A fresh surface with the set-up laid, what it leaves open in the order of the pack. */
    public Hands freshHands() {
        Hands hands = start.another();
        hands.copyFrom(start);
        return hands;
    }
}
