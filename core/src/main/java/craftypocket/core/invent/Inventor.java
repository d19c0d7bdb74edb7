package craftypocket.core.invent;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Claim;
import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Setting;
import craftypocket.core.solve.Effort;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Finds procedures in which people choose freely and the end is the same all the same.
 *
 * <p>A node is the set of all states that some steps lead to. {@link Levels} goes through them: those first in which the cards that are
 * asked for lie at fewest places, as many of each number of choices. Whatever reaches the end is handed to a {@link Jury}.
 */
public final class Inventor {

    /** As many sets of states of a level are followed in the first round, for each number of choices. */
    private static final int NARROW = 4;

    /** As many in the last: 252 in all rounds. */
    private static final int WIDE = 128;

    /** With more piles there are more ways to carry cards from one to another than can be tried. */
    private static final int MOST_PILES = 4;

    /** So many numbers of earlier steps are spoken of. */
    private static final int MOST_KNOWN = 4;

    /** Of each choice so many numbers are tried in the search; whether it goes with all of them is for the jury to say. */
    static final int NUMBERS = 5;

    /** Some minutes of search on a small machine. */
    public static final int MOST_TRIED = 4_000_000;

    /** With so many answers nobody reads on. */
    public static final int MOST_FOUND = 60;

    private static final List<Place> NEW_PILES = Stream.of("left", "right", "front", "back", "near", "far")
            .map(name -> new Place(Place.Kind.TABLE, name))
            .toList();

    private final Question question;
    private final Catalogue catalogue;
    private final Plan plan;
    private final Ground ground;
    private final Check goal;
    private final int[] roles;
    private final List<TriedStep> actions;
    private final List<Hands> start;
    private final Jury jury;
    /** The piles that can be made on the way: the first one first, for the other way round is the same. */
    private final List<Place> fresh;

    private final Map<List<String>, Invention> found = new LinkedHashMap<>();
    private final Levels levels;

    /** The node from which the last ends were reached, and these ends. */
    private Levels.Node endsOf;

    private final Set<Long> ends = new HashSet<>();

    /**
     * Reads the question.
     *
     * @throws craftypocket.core.settings.ProblemsFound when it cannot be read, or there are too many states to begin with
     */
    public Inventor(Question question, Catalogue catalogue) {
        this.question = question;
        this.catalogue = catalogue;
        Plan plain = PlanReader.read(question.beginning(), catalogue);
        List<Hands> there = new Ground(plain, Integer.MAX_VALUE).start();
        List<Place> piles = piles(there);
        fresh = NEW_PILES.stream()
                .filter(place -> !piles.contains(place))
                .limit(2)
                .toList();
        List<Place> all = Stream.concat(piles.stream(), fresh.stream()).toList();
        List<Step> candidates = FairActions.of(question, catalogue, there.get(0).size(0), all, known(plain));
        plan = PlanReader.read(question.beginning(), catalogue, candidates);
        ground = new Ground(plan, NUMBERS);
        goal = plan.conditions().get(0).check();
        roles = roles(plan, question.goal());
        requireAskable();
        actions = plan.more().stream().map(TriedStep::of).toList();
        start = ground.start();
        jury = new Jury(question, catalogue, question.beginning(), plan, goal, roles);
        levels = new Levels(ground, start, actions, question.steps(), MOST_TRIED, NARROW, WIDE, new Fair());
    }

    private void requireAskable() {
        boolean known = goal instanceof Claim claim && claim.ofKnowledge();
        List<Problem> problems = new ArrayList<>();
        if (question.anywhere() && roles.length == 0) {
            problems.add(new Problem(
                    "goal.settings.role", "", "there is no such card", "Name a role of the routine, such as A"));
        }
        if (known && !question.anywhere()) {
            problems.add(new Problem(
                    "goal.kind",
                    question.goal().kind(),
                    "what you know is told of a whole routine only",
                    "Ask where a card is, or for one place of it"));
        }
        ProblemsFound.throwIfAny(problems);
    }

    /** The deck, and the other piles in the open that there are, at most {@link #MOST_PILES}. */
    private static List<Place> piles(List<Hands> start) {
        Hands any = start.get(0);
        Set<Place> piles = new LinkedHashSet<>();
        for (int place = 0; place < any.placeCount(); place++) {
            int here = place;
            if (any.places().at(place).kind().open() && start.stream().anyMatch(hands -> hands.size(here) > 0)) {
                piles.add(any.places().at(place));
            }
        }
        piles.add(Place.DECK);
        return piles.stream().limit(MOST_PILES).toList();
    }

    /** The amounts of earlier steps that somebody at the table knows. */
    private static List<String> known(Plan plan) {
        return plan.steps().stream()
                .flatMap(step -> step.choices().stream())
                .filter(choice -> choice.setting() instanceof AmountSetting amount
                        && amount.isHeard() != AmountSetting.Heard.NEVER)
                .map(Choice::key)
                .limit(MOST_KNOWN)
                .toList();
    }

    /** The roles whose cards the claim is about. */
    private static int[] roles(Plan plan, ClaimSpec claim) {
        return spoken(claim)
                .mapToInt(text -> plan.cast().roleOf(text))
                .filter(role -> role >= 0)
                .distinct()
                .toArray();
    }

    private static Stream<String> spoken(ClaimSpec claim) {
        Stream<String> here = ClaimKinds.find(claim.kind()).stream()
                .flatMap(kind -> kind.settings().all().stream())
                .filter(setting -> setting.kind() == Setting.Kind.ROLE)
                .map(setting -> claim.settings().getOrDefault(setting.name(), setting.usual()));
        return Stream.concat(here, claim.or().stream().flatMap(Inventor::spoken));
    }

    /** How the search ended, if it did. */
    public boolean done() {
        return levels.done();
    }

    /** How many steps it tried on sets of states. */
    public int tried() {
        return levels.tried();
    }

    /** How many steps the longest procedures have that were tried. */
    public int length() {
        return levels.longest();
    }

    /** How many different actions there are. */
    public int actions() {
        return actions.size();
    }

    /** In how many different layouts it begins. */
    public int states() {
        return start.size();
    }

    /** What was found up to now, in the order in which it was. */
    public List<Invention> found() {
        synchronized (found) {
            return List.copyOf(found.values());
        }
    }

    /** Searches, or goes on where it was stopped. */
    public void search(Effort effort) {
        levels.search(effort);
    }

    /** Seeks what nobody minds, in which people choose as often as is asked. */
    private final class Fair implements Levels.Seeker {

        /** The steps that make the second new pile and not the first. */
        private final Set<TriedStep> second = Collections.newSetFromMap(new IdentityHashMap<>());

        /** The states that were last asked about, and whether neither of the new piles is there in some of them. */
        private List<Hands> asked;

        private boolean neitherThere;

        Fair() {
            actions.stream()
                    .filter(act -> act.step()
                            .step()
                            .settings()
                            .containsValue(fresh.get(1).text()))
                    .filter(act -> !act.step()
                            .step()
                            .settings()
                            .containsValue(fresh.get(0).text()))
                    .forEach(second::add);
        }

        private boolean makesSecondBeforeFirst(List<Hands> states, TriedStep act) {
            if (states != asked) {
                asked = states;
                neitherThere = states.stream()
                        .anyMatch(hands -> fresh.stream()
                                .allMatch(place -> hands.size(hands.places().indexOf(place)) == 0));
            }
            return neitherThere && second.contains(act);
        }

        @Override
        public boolean tries(Levels.Node node, List<Hands> states, TriedStep act) {
            return needed(node, act) && !makesSecondBeforeFirst(states, act);
        }

        /** Enough steps must be left for the choices that are asked for. */
        private boolean needed(Levels.Node node, TriedStep act) {
            int left = question.steps() - node.path().size() - 1;
            boolean secret = act.step().move().profile().secret();
            long secrets = node.path().stream()
                    .filter(done -> done.step().move().profile().secret())
                    .count();
            return choices(node, act) + left >= question.choices() && (!secret || secrets < question.secret());
        }

        private static int choices(Levels.Node node, TriedStep act) {
            return node.choices() + (act.chooses() ? 1 : 0);
        }

        @Override
        public Levels.Look look(Levels.Node from, TriedStep act, boolean last) {
            boolean matters = !act.chooses() || act.counted() || roles.length == 0;
            return new FairLook(choices(from, act) >= question.choices(), matters, last);
        }

        @Override
        public void reached(Levels.Node from, TriedStep act) {
            if (from != endsOf) {
                endsOf = from;
                ends.clear();
            }
            List<TriedStep> path = Levels.with(from.path(), act);
            levels.end(path).filter(end -> ends.add(ground.print(end))).ifPresent(any -> judge(path));
        }

        /** Of each number of choices those that are most promising. */
        @Override
        public List<Levels.Node> best(Collection<Levels.Node> all, int most) {
            Map<Integer, List<Levels.Node>> byChoices = new TreeMap<>(Comparator.reverseOrder());
            all.forEach(node -> byChoices
                    .computeIfAbsent(Math.min(node.choices(), question.choices() + 1), any -> new ArrayList<>())
                    .add(node));
            Comparator<Levels.Node> promising = Comparator.comparingInt(Levels.Node::spots)
                    .thenComparingInt(Levels.Node::states)
                    .thenComparingLong(node -> node.print() * (2 * question.seed() + 1));
            return byChoices.values().stream()
                    .flatMap(nodes -> nodes.stream().sorted(promising).limit(most))
                    .sorted(promising)
                    .toList();
        }

        @Override
        public boolean enough() {
            return found.size() >= MOST_FOUND;
        }

        @Override
        public void levelDone() {
            // Each is judged as it is found.
        }
    }

    private void judge(List<TriedStep> path) {
        List<String> sort = Jury.sort(path);
        if (found.containsKey(sort)) {
            return;
        }
        jury.judge(path).ifPresent(invention -> {
            synchronized (found) {
                found.put(sort, invention);
            }
        });
    }

    /** Leaves what only carries a pile away, and what turns cards over. */
    private final class FairLook extends Levels.Look {

        private final Spots spots = new Spots(roles);
        private final boolean last;
        private final int up = ups(start.get(0));
        private boolean holds;
        private boolean spoilt;
        /** Whether in every state a whole pile is only put somewhere else. */
        private boolean carries = true;

        /** Whether it depends on a choice in it where the cards lie, in some state, or on its number what comes later. */
        private boolean matters;

        private Hands state;
        private Spots ofState;

        /**
         * @param chosen whether people choose as often by then as is asked
         * @param matters whether it matters what is chosen in it, wherever the cards lie
         */
        FairLook(boolean chosen, boolean matters, boolean last) {
            super(ground);
            this.last = last;
            this.matters = matters;
            holds = chosen;
        }

        private void chosen(Hands before, Hands after) {
            if (before != state) {
                state = before;
                ofState = new Spots(roles);
            }
            ofState.add(after);
            matters = ofState.count() > 1;
        }

        @Override
        boolean at(Hands before, Hands after) {
            carries = carries && carriesAPile(before, after);
            spots.add(after);
            if (!matters) {
                chosen(before, after);
            }
            holds = holds && (question.anywhere() ? spots.one() && after.spotOf(roles[0]) >= 0 : goal.holds(after));
            spoilt = roles.length > 0 && ups(after) != up;
            return !spoilt && (last ? holds : prints.add(after));
        }

        @Override
        boolean useless() {
            return spoilt || carries || !matters;
        }

        @Override
        boolean holds() {
            return holds;
        }

        @Override
        int spots() {
            return spots.count();
        }
    }

    /** Whether a whole pile is only put somewhere else. */
    private static boolean carriesAPile(Hands before, Hands after) {
        int gone = -1;
        int come = -1;
        for (int place = 0; place < before.placeCount(); place++) {
            boolean was = before.size(place) > 0;
            boolean is = after.size(place) > 0;
            gone = was && !is ? place : gone;
            come = is && !was ? place : come;
        }
        boolean carried = gone >= 0 && come >= 0 && before.size(gone) == after.size(come);
        for (int position = 1; carried && position <= before.size(gone); position++) {
            carried = before.slot(gone, position) == after.slot(come, position);
        }
        return carried;
    }

    /** How many cards lie face up: where nobody asks for faces, none is turned over. */
    private static int ups(Hands hands) {
        int up = 0;
        for (int place = 0; place < hands.placeCount(); place++) {
            for (int position = 1; position <= hands.size(place); position++) {
                up += hands.faceUp(place, position) ? 1 : 0;
            }
        }
        return up;
    }
}
