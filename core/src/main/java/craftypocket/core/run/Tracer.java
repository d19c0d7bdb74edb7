package craftypocket.core.run;

import craftypocket.core.claims.Belief;
import craftypocket.core.claims.Check;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.layout.Watcher;
import craftypocket.core.moves.Need;
import craftypocket.core.read.Arrangement;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Obstacle;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Follows a plan through one world. */
public final class Tracer {

    private record Snapshot(
            Trace.Said said,
            boolean skipped,
            Optional<Obstacle> broken,
            List<Trace.Chosen> choices,
            Layout layout,
            Roles roles,
            Optional<Known> known,
            Optional<Need.Knowledge> missing,
            List<Trace.Shown> shown,
            List<Trace.Shown> alsoSeen,
            List<Trace.BeliefState> beliefs,
            Optional<Trace.Passed> passed,
            List<String> remarks,
            List<Hold> lost,
            List<Trace.SpoiltCard> spoilt) {}

    /** The roles at one moment: their cards, who else knows their names, and which card is taken for each. */
    private record Roles(int[] cards, List<List<Integer>> names, int[] taken) {}

    private final Plan plan;
    private final World world;
    private final Hands hands;
    /** What is known in all ways; null where it is not asked. */
    private final Knowledge knowledge;

    private final boolean[] outcomes;
    private final List<Trace.Shown> shown = new ArrayList<>();
    private final Set<Trace.Shown> alsoSeen = new LinkedHashSet<>();
    /** What lay uppermost in the open before the step. */
    private List<Trace.Shown> inView = List.of();

    private final List<Hold> lost = new ArrayList<>();
    private Optional<Trace.Passed> passed = Optional.empty();
    private List<String> remarks = List.of();
    private Optional<Need.Knowledge> missing = Optional.empty();
    /** Where a hold went last, in a sentence. */
    private String went = "";

    private final List<Values> numbers = new ArrayList<>();
    private boolean readOpenNames;

    private Tracer(Plan plan, World world, Knowledge knowledge) {
        this.plan = plan;
        this.world = world;
        this.knowledge = knowledge;
        Hands laid = plan.handsIn(world.numbers());
        hands = knowledge == null ? laid : laid.living(false);
        if (knowledge != null) {
            hands.copyFrom(laid);
        }
        outcomes = new boolean[plan.conditions().size()];
        hands.namedBy((surface, card, reading) -> {
            readOpenNames |= plan.arrangement().anyCard(card);
            return reading.of(plan.pack().card(card).front());
        });
        hands.showing().watchedBy(new Watcher() {
            @Override
            public void shown(int card, boolean front, int turnedTo) {
                shown.add(new Trace.Shown(card, front, turnedTo));
            }

            @Override
            public void alsoSeen(int card, boolean front, int seenBy) {
                alsoSeen.add(new Trace.Shown(card, front, seenBy));
            }

            @Override
            public void passes(Place place, int really, int seeming, int thickest, int carries) {
                passed = Optional.of(new Trace.Passed(place, really, seeming, thickest, carries));
            }

            @Override
            public void lost(Hold hold) {
                lost.add(hold);
            }
        });
    }

    /** The trace of a plan in a world. Numbers outside what is possible are moved to the nearest that is. */
    public static Trace trace(Plan plan, World world) {
        return traced(plan, world).run();
    }

    /** The traces of a plan in one world after another. */
    public static Function<World, Trace> traces(Plan plan) {
        Knowledge deciding = deciding(plan);
        return world -> new Tracer(plan, world, deciding).run();
    }

    private static Tracer traced(Plan plan, World world) {
        return new Tracer(plan, world, deciding(plan));
    }

    /** What is done in a world can depend on what is known in all of them. */
    private static Knowledge deciding(Plan plan) {
        boolean decides = plan.steps().stream().anyMatch(PlannedStep::decidedByKnowledge);
        return decides ? Knowledge.of(plan, SurveyOptions.withDefaults()).orElse(null) : null;
    }

    /** The same, with what the performer knows at each moment. */
    static Trace trace(Plan plan, World world, Knowledge knowledge) {
        return new Tracer(plan, world, knowledge).run();
    }

    /** The surface after the last step of a plan, in a world. */
    public static Hands surface(Plan plan, World world) {
        Tracer tracer = traced(plan, world);
        tracer.run();
        tracer.hands.showing().watchedBy(null);
        return tracer.hands;
    }

    /** The steps of a plan with the numbers of a world. */
    public static Walk walk(Plan plan, World world) {
        Tracer tracer = traced(plan, world);
        tracer.run();
        return new Walk(plan, world, tracer.numbers);
    }

    private Trace run() {
        List<Snapshot> snapshots = new ArrayList<>();
        hands.showing().atStep(-1);
        hands.showing().lookAround();
        hands.showing().feel();
        snapshots.add(snapshot(-1, Trace.Said.SET_UP, false, Optional.empty(), setUpChoices()));
        judge(-1, Condition.Kind.CLAIM);
        for (int index = 0; index < plan.steps().size(); index++) {
            snapshots.add(step(index));
            judge(index, Condition.Kind.CLAIM);
        }
        return new Trace(moments(snapshots), boxed(), readOpenNames);
    }

    /** Where the named cards lie that nobody laid. */
    private List<Trace.Chosen> setUpChoices() {
        Arrangement arrangement = plan.arrangement();
        List<Trace.Chosen> chosen = new ArrayList<>();
        for (int i = 0; i < arrangement.choices().size(); i++) {
            int place = hands.positionIn(0, arrangement.named().get(i));
            chosen.add(new Trace.Chosen(arrangement.choices().get(i), place, 1, hands.size(0)));
        }
        return chosen;
    }

    private Snapshot step(int index) {
        PlannedStep step = plan.steps().get(index);
        hands.showing().atStep(index);
        shown.clear();
        inView = inView();
        alsoSeen.clear();
        lost.clear();
        passed = Optional.empty();
        remarks = List.of();
        missing = Optional.empty();
        Values values = step.values().another();
        numbers.add(values);
        boolean told = !step.isConditional() || hands.tells();
        boolean applies = step.decide(hands);
        if (!applies) {
            // A step that is skipped owes nothing.
            set(index, Condition.Kind.EXPECTED_BEFORE, true);
            set(index, Condition.Kind.EXPECTED_AFTER, true);
            set(index, Condition.Kind.CAN_BE_DONE, told);
            return snapshot(index, new Trace.Said(step, null), true, Optional.empty(), List.of());
        }
        List<Trace.Chosen> chosen = new ArrayList<>(step.choices().size());
        step.begin(hands, values);
        for (Choice choice : step.choices()) {
            if (choice.needless(hands, values)) {
                values.set(choice.setting(), choice.chunk(), 0);
            } else {
                chosen.add(choose(choice, values));
            }
        }
        boolean ready = step.ready(hands, values);
        Optional<Obstacle> obstacle =
                ready ? Optional.empty() : step.obstacle(hands, values).map(this::withWhatWent);
        judge(index, Condition.Kind.EXPECTED_BEFORE);
        missing = knowledge == null ? Optional.empty() : step.missing(hands);
        hands.knownBy(null);
        if (obstacle.isEmpty()) {
            remarks = step.remarks(hands, values);
            List<Hold> before = hands.held();
            step.perform(hands, values);
            noteWhatWent(index, before);
            judge(index, Condition.Kind.EXPECTED_AFTER);
        } else {
            step.breaks(hands);
        }
        set(index, Condition.Kind.CAN_BE_DONE, told && obstacle.isEmpty() && missing.isEmpty());
        return snapshot(index, new Trace.Said(step, values), false, obstacle, chosen);
    }

    /** When and why the hold went that was let go last. */
    private void noteWhatWent(int index, List<Hold> before) {
        if (before.isEmpty()) {
            return;
        }
        List<Hold> after = hands.held();
        before.stream()
                .filter(hold -> hold.kind().byFinger() || hold.kind().ofCards())
                .filter(hold -> after.stream().noneMatch(kept -> kept.kind() == hold.kind()))
                .findFirst()
                .ifPresent(hold -> {
                    boolean byAccident = lost.stream().anyMatch(each -> each.kind() == hold.kind());
                    went = "The " + hold.kind().word() + (byAccident ? " was lost in step " : " was used in step ")
                            + (index + 1) + ", “"
                            + plan.steps().get(index).move().name() + "”.";
                });
    }

    private Obstacle withWhatWent(Obstacle obstacle) {
        return obstacle.hold() && !went.isEmpty() ? obstacle.adding(went) : obstacle;
    }

    /** What was stated that people believe, and the piles that they take for more or fewer cards than there are. */
    private List<Trace.BeliefState> beliefs(int step) {
        List<Trace.BeliefState> states = new ArrayList<>(0);
        String[] spokenOf = new String[hands.placeCount()];
        for (Belief belief : plan.beliefsAt(step)) {
            if (belief.claim().taken().isPresent()) {
                // What a pile is taken for changes with what is seen to come and go.
                spokenOf[belief.claim().taken().get().place()] = belief.id();
            } else {
                states.add(new Trace.BeliefState(
                        belief.id(), belief.sentence(), belief.claim().holds(hands), Optional.empty()));
            }
        }
        for (int place = 0; place < hands.placeCount(); place++) {
            int taken = hands.believed(place);
            if ((spokenOf[place] != null || taken != hands.size(place))
                    && hands.showing().inTheOpen(place)) {
                String label = hands.places().at(place).label();
                states.add(new Trace.BeliefState(
                        spokenOf[place] == null ? "" : spokenOf[place],
                        Sentence.capital(label) + " "
                                + (taken == 1 ? "is taken for one card" : "is taken for " + taken + " cards"),
                        taken == hands.size(place),
                        Optional.of(hands.places().at(place))));
            }
        }
        return states;
    }

    private List<Trace.Shown> inView() {
        List<Trace.Shown> seen = new ArrayList<>(2);
        for (int place = 0; place < hands.placeCount(); place++) {
            if (hands.size(place) > 0 && hands.places().at(place).kind().open()) {
                seen.add(new Trace.Shown(hands.card(place, 1), hands.faceUp(place, 1), Knower.EVERYBODY));
            }
        }
        return seen;
    }

    private Trace.Chosen choose(Choice choice, Values values) {
        int low = choice.low(hands, values);
        int high = choice.high(hands, values);
        // What is left out at the ends is not to be chosen, and the middle is that of what is.
        while (!choice.isChance() && low < high && !choice.allows(hands, values, low)) {
            low++;
        }
        while (!choice.isChance() && low < high && !choice.allows(hands, values, high)) {
            high--;
        }
        if (!choice.isChance() && low == high && !choice.allows(hands, values, low)) {
            // Nothing is possible here: as in a survey, the first is taken.
            low = choice.low(hands, values);
            high = low;
        }
        boolean any = choice.amount().kind() == Amount.Kind.ANY;
        boolean middle = any || choice.amount().source() != null;
        int usual = choice.isChance()
                ? 1
                : middle ? (low + high) / 2 : choice.amount().middle();
        int wanted = world.numbers().getOrDefault(choice.key(), usual);
        int number = nearestAllowed(choice, values, Math.max(low, Math.min(high, wanted)), low, high);
        values.set(choice.setting(), choice.chunk(), number);
        return new Trace.Chosen(choice, number, low, high);
    }

    private int nearestAllowed(Choice choice, Values values, int wanted, int low, int high) {
        for (int off = 0; off <= high - low; off++) {
            for (int number : new int[] {wanted + off, wanted - off}) {
                if (number >= low && number <= high && choice.allows(hands, values, number)) {
                    return number;
                }
            }
        }
        return wanted;
    }

    private void judge(int step, Condition.Kind kind) {
        for (int i : plan.conditionsAt(step, kind)) {
            Check check = plan.conditions().get(i).check();
            outcomes[i] = step < 0 ? check.holds(hands) : check.holds(hands, numbers.get(step));
        }
    }

    private void set(int step, Condition.Kind kind, boolean outcome) {
        for (int i : plan.conditionsAt(step, kind)) {
            outcomes[i] = outcome;
        }
    }

    private Snapshot snapshot(
            int step, Trace.Said said, boolean skipped, Optional<Obstacle> broken, List<Trace.Chosen> choices) {
        return new Snapshot(
                said,
                skipped,
                broken,
                List.copyOf(choices),
                hands.layout(),
                roles(),
                known(step),
                missing,
                List.copyOf(shown),
                newlySeen(),
                beliefs(step),
                passed,
                remarks,
                List.copyOf(lost),
                spoilt());
    }

    private List<Trace.Shown> newlySeen() {
        List<Trace.Shown> newly = new ArrayList<>(0);
        for (Trace.Shown seen : alsoSeen) {
            if (!inView.contains(seen) && !shown.contains(seen)) {
                newly.add(seen);
            }
        }
        return newly;
    }

    private List<Trace.SpoiltCard> spoilt() {
        if (!hands.anySpoilt()) {
            return List.of();
        }
        List<Trace.SpoiltCard> spoilt = new ArrayList<>();
        for (int card = 0; card < plan.pack().size(); card++) {
            for (Spoilt how : Spoilt.values()) {
                if (hands.spoilt(card, how)) {
                    spoilt.add(new Trace.SpoiltCard(card, how));
                }
            }
        }
        return spoilt;
    }

    private List<Trace.Moment> moments(List<Snapshot> snapshots) {
        List<Trace.Moment> moments = new ArrayList<>();
        for (int i = 0; i < snapshots.size(); i++) {
            Snapshot at = snapshots.get(i);
            moments.add(new Trace.Moment(
                    at.said(),
                    at.skipped(),
                    at.broken(),
                    at.choices(),
                    at.layout(),
                    roles(at),
                    at.shown(),
                    at.alsoSeen(),
                    at.beliefs(),
                    at.passed(),
                    at.remarks(),
                    at.lost(),
                    at.spoilt(),
                    i == 0 ? Optional.empty() : Optional.of(snapshots.get(i - 1).layout()),
                    at.known(),
                    at.missing()));
        }
        return moments;
    }

    /** What is known now; what comes next is told by it. */
    private Optional<Known> known(int step) {
        Optional<Known> known = Optional.ofNullable(knowledge).flatMap(all -> all.after(step, hands));
        known.ifPresent(now -> {
            hands.knowsNames(now.names());
            hands.knownBy(now);
        });
        return known;
    }

    private Roles roles() {
        int roles = hands.roleCount();
        int[] cards = new int[roles];
        int[] taken = new int[roles];
        List<List<Integer>> names = new ArrayList<>(roles);
        for (int role = 0; role < roles; role++) {
            cards[role] = hands.cardOf(role);
            taken[role] = hands.takenFor(role);
            List<Integer> knowers = new ArrayList<>(0);
            for (int knower = 1; knower < plan.people().size(); knower++) {
                if (hands.knowsName(knower, role)) {
                    knowers.add(knower);
                }
            }
            names.add(knowers);
        }
        return new Roles(cards, names, taken);
    }

    /** Where the roles are; before a role is chosen, where the card lies that it will become in this world. */
    private List<Trace.RoleState> roles(Snapshot at) {
        List<Trace.RoleState> states = new ArrayList<>();
        for (int role = 0; role < at.roles().cards().length; role++) {
            boolean chosen = at.roles().cards()[role] >= 0;
            int card = chosen ? at.roles().cards()[role] : hands.cardOf(role);
            states.add(state(at, role, card, chosen));
        }
        return states;
    }

    private static Trace.RoleState state(Snapshot at, int role, int card, boolean chosen) {
        List<Integer> names = at.roles().names().get(role);
        int taken = at.roles().taken()[role];
        for (Pile pile : at.layout().piles()) {
            int position = pile.positionOf(card);
            if (position > 0) {
                return new Trace.RoleState(
                        card,
                        chosen,
                        pile.place(),
                        position,
                        pile.size() + 1 - position,
                        pile.faceUp(position),
                        names,
                        taken);
            }
        }
        return new Trace.RoleState(card, chosen, null, 0, 0, false, names, taken);
    }

    private List<Boolean> boxed() {
        List<Boolean> boxed = new ArrayList<>();
        for (boolean outcome : outcomes) {
            boxed.add(outcome);
        }
        return boxed;
    }
}
