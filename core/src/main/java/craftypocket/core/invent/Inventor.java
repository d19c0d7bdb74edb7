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
import java.util.Comparator;
import java.util.HashSet;
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
 * <p>A node is the set of all states that some steps lead to; equal sets with as many choices are one node. They are gone through level by
 * level, at most {@link #BEAM} of each number of choices at a level: those first in which the cards that are asked for lie at fewest places.
 * Whatever reaches the end is handed to a {@link Jury}. Between two nodes it can be stopped, and goes on there when it is asked again: what
 * is found, and in which order, depends on the question alone.
 */
public final class Inventor {

    /** As many sets of states of a level are followed, for each number of choices. */
    private static final int BEAM = 240;

    /** As many wait for the next level; then those are dropped that would not be followed. */
    private static final int MOST_WAITING = 20 * BEAM;

    /** With more piles there are more ways to carry cards from one to another than can be tried. */
    private static final int MOST_PILES = 4;

    /** So many numbers of earlier steps are spoken of. */
    private static final int MOST_KNOWN = 4;

    /** Of each choice so many numbers are tried in the search; whether it goes with all of them is for the jury to say. */
    private static final int NUMBERS = 5;

    /** Some minutes of search on a small machine. */
    public static final int MOST_TRIED = 4_000_000;

    /** With so many answers nobody reads on. */
    public static final int MOST_FOUND = 60;

    private static final List<Place> NEW_PILES = Stream.of("left", "right", "front", "back", "near", "far")
            .map(name -> new Place(Place.Kind.TABLE, name))
            .toList();

    private record Node(List<Act> path, int choices, int spots, int states, long print, Set<Long> before) {

        long key() {
            return 31 * print + choices;
        }
    }

    private final Question question;
    private final Catalogue catalogue;
    private final Plan plan;
    private final Ground ground;
    private final Check goal;
    private final int[] roles;
    private final List<Act> actions;
    private final List<Hands> start;
    private final Jury jury;
    /** The piles that can be made on the way: the first one first, for the other way round is the same. */
    private final List<Place> fresh;

    /** The sets of states that were followed. */
    private final Set<Long> followed = new HashSet<>();

    private final Map<List<String>, Invention> found = new LinkedHashMap<>();
    private List<Node> level;
    /** By set of states and number of choices, those of the next level that are most promising so far. */
    private final Map<Long, Node> next = new LinkedHashMap<>();

    private int at;
    private volatile int length = 1;
    private volatile int tried;
    private volatile boolean done;

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
        actions = plan.more().stream().map(Act::of).toList();
        start = ground.start();
        jury = new Jury(question, catalogue, question.beginning(), plan, goal, roles);
        Node root = new Node(List.of(), 0, 0, start.size(), ground.print(start), Set.of());
        level = List.of(root);
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
        return done;
    }

    /** How many steps it tried on sets of states. */
    public int tried() {
        return tried;
    }

    /** How many steps the procedures have that are being tried. */
    public int length() {
        return Math.min(length, question.steps());
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
        while (!done && !effort.stopped()) {
            if (at < level.size() && tried < MOST_TRIED && found.size() < MOST_FOUND) {
                expand(level.get(at));
                at++;
                effort.reached(Math.max((double) tried / MOST_TRIED, (double) (length - 1) / question.steps()));
            } else if (length < question.steps()
                    && tried < MOST_TRIED
                    && found.size() < MOST_FOUND
                    && !next.isEmpty()) {
                level = best(next.values());
                next.clear();
                level.forEach(node -> followed.add(node.key()));
                at = 0;
                length++;
            } else {
                done = true;
            }
        }
    }

    /** Of each number of choices those that are most promising. */
    private List<Node> best(Collection<Node> all) {
        Map<Integer, List<Node>> byChoices = new TreeMap<>(Comparator.reverseOrder());
        all.forEach(node -> byChoices
                .computeIfAbsent(Math.min(node.choices(), question.choices() + 1), any -> new ArrayList<>())
                .add(node));
        Comparator<Node> promising = Comparator.comparingInt(Node::spots)
                .thenComparingInt(Node::states)
                .thenComparingLong(node -> node.print() * (2 * question.seed() + 1));
        return byChoices.values().stream()
                .flatMap(nodes -> nodes.stream().sorted(promising).limit(BEAM))
                .sorted(promising)
                .toList();
    }

    private void expand(Node node) {
        List<Hands> states = states(node.path());
        Set<Long> ends = new HashSet<>();
        boolean last = node.path().size() + 1 == question.steps();
        for (Act act : actions) {
            if (!needed(node, act)
                    || makesSecondBeforeFirst(states, act)
                    || (act.chooses() && !act.counted() && !ground.moves(states, act, roles))) {
                continue;
            }
            tried++;
            Look look = new Look(last);
            boolean possible = ground.each(states, act, look::at);
            if (!possible || look.spoilt || look.carries || look.prints.tooMany()) {
                continue;
            }
            int choices = node.choices() + (act.chooses() ? 1 : 0);
            if (look.holds && choices >= question.choices()) {
                List<Act> path = with(node.path(), act);
                if (ends.add(ground.print(states(path)))) {
                    judge(path);
                }
                continue;
            }
            if (last) {
                continue;
            }
            long print = look.prints.number();
            if (!node.before().contains(print) && print != node.print()) {
                Set<Long> before = new HashSet<>(node.before());
                before.add(node.print());
                int spots = Math.min(look.spots.size(), look.fromBottom.size());
                await(new Node(with(node.path(), act), choices, spots, look.prints.count(), print, before));
            }
        }
    }

    /** Keeps a node for the next level, as long as it is among the most promising ones. */
    private void await(Node node) {
        if (!followed.contains(node.key())) {
            next.putIfAbsent(node.key(), node);
        }
        if (next.size() > MOST_WAITING) {
            List<Node> best = best(next.values());
            next.clear();
            best.forEach(each -> next.put(each.key(), each));
        }
    }

    /** Enough steps must be left for the choices that are asked for. */
    private boolean needed(Node node, Act act) {
        int left = question.steps() - node.path().size() - 1;
        int choices = node.choices() + (act.chooses() ? 1 : 0);
        boolean secret = act.step().move().profile().secret();
        long secrets = node.path().stream()
                .filter(done -> done.step().move().profile().secret())
                .count();
        return choices + left >= question.choices() && (!secret || secrets < question.secret());
    }

    private boolean makesSecondBeforeFirst(List<Hands> states, Act act) {
        Map<String, String> settings = act.step().step().settings();
        return settings.containsValue(fresh.get(1).text())
                && !settings.containsValue(fresh.get(0).text())
                && states.stream()
                        .anyMatch(hands -> fresh.stream()
                                .allMatch(place -> hands.size(hands.places().indexOf(place)) == 0));
    }

    private List<Hands> states(List<Act> path) {
        List<Hands> states = start;
        for (Act act : path) {
            List<Hands> after = new ArrayList<>();
            ground.after(states, act, after);
            states = after;
        }
        return states;
    }

    private void judge(List<Act> path) {
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

    private static List<Act> with(List<Act> path, Act act) {
        List<Act> longer = new ArrayList<>(path);
        longer.add(act);
        return List.copyOf(longer);
    }

    /** Looks at what comes of a step in all states. */
    private final class Look {

        private final Ground.Prints prints = ground.new Prints();
        private final Set<Long> spots = new HashSet<>();
        private final Set<Long> fromBottom = new HashSet<>();
        private final boolean last;
        private final int up = ups(start.get(0));
        private boolean holds = true;
        private boolean spoilt;
        /** Whether in every state a whole pile is only put somewhere else. */
        private boolean carries = true;

        Look(boolean last) {
            this.last = last;
        }

        boolean at(Hands before, Hands after) {
            carries = carries && carriesAPile(before, after);
            spots.add(Ground.spots(after, roles, false));
            fromBottom.add(Ground.spots(after, roles, true));
            holds &= question.anywhere() ? spots.size() == 1 && after.spotOf(roles[0]) >= 0 : goal.holds(after);
            spoilt = roles.length > 0 && ups(after) != up;
            return !spoilt && (last ? holds : prints.add(after));
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
