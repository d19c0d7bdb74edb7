package craftypocket.core.solve;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Claim;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

/**
 * Finds moves that lead from the layout after a step to a claim.
 *
 * <p>Bound: sequences of at most {@link #MOST_MOVES} moves, {@link #MOST_LAYOUTS} layouts. Order: {@link Bridge.Way#ORDER}. Cost: one move on a copied surface for each try. Every way is traced again as part of the routine, and surveyed,
 * before it is given.
 */
public final class BridgeFinder {

    /** Longer bridges are no bridges but another routine. */
    public static final int MOST_MOVES = 3;

    /** A second or two of search on a small machine. */
    private static final int MOST_LAYOUTS = 60_000;

    /** How many layouts are looked at before it is told again how far the search is. */
    private static final int TOLD_EVERY = 500;

    private static final int MOST_WAYS = 24;

    /** With so many short ways, nobody asks for longer ones. */
    private static final int ENOUGH_WAYS = 8;

    /** Small numbers that are worth trying anywhere. */
    private static final int SMALL = 5;

    /** Of a move with more amounts than this the others stay as usual: all of them together are too many. */
    private static final int VARIED_AMOUNTS = 2;

    /** Of a move with several shuffles the first is varied, and the others are done as hands do them. */
    private static final int VARIED_CHUNKS = 1;

    private static final String EXACT_CHUNKS = "7 8 6 rest";

    private static final String ROUGH_CHUNKS = "7±2 8±2 6±2 rest";

    private static final int SURVEYED_WORLDS = 2_000;

    /** What a bridge is made of: what the performer does to cards, and not what others do or what is shown. */
    private static final Set<Family> FAMILIES =
            EnumSet.of(Family.CUTS, Family.SHUFFLES, Family.CONTROLS, Family.HANDLING);

    private record Node(Hands hands, List<PlannedStep> moves, int cost) {}

    private final Routine routine;
    private final Catalogue catalogue;
    private final int after;
    private final ClaimSpec goal;
    private final Predicate<Move> allowed;
    private final Plan plain;
    private Effort effort;
    /** Whether there is one way alone, and what is asked for can be seen in it: what reached the goal there reaches it always. */
    private boolean settled;

    /**
     * Reads what is asked for.
     *
     * @param after the step after which the bridge begins; empty for the set-up
     * @param goal what must be true at its end
     * @param allowed which moves the performer can do
     * @throws craftypocket.core.settings.ProblemsFound when the routine or the goal cannot be read
     */
    public BridgeFinder(Routine routine, Catalogue catalogue, String after, ClaimSpec goal, Predicate<Move> allowed) {
        this.routine = routine;
        this.catalogue = catalogue;
        this.after = routine.steps().stream().map(Step::id).toList().indexOf(after) + 1;
        this.goal = goal;
        this.allowed = allowed;
        ProblemsFound.throwIfAny(goal.unasked("goal"));
        plain = PlanReader.read(start(), catalogue);
    }

    private Routine start() {
        return with(routine.steps().subList(0, after), List.of(new RoutineClaim("goal", "", goal)));
    }

    /**
     * Searches.
     *
     * @param asked asked at each layout whether to stop
     */
    public Bridge find(Effort asked) {
        effort = asked;
        Hands there = Tracer.surface(plain, World.USUAL);
        Plan plan = PlanReader.read(start(), catalogue, candidates(plain, there));
        Check check = plan.conditions().get(0).check();
        settled = plan.choices().isEmpty() && !(check instanceof Claim claim && claim.ofKnowledge());
        Hands from = Tracer.surface(plan, World.USUAL);
        return search(plan, from, check);
    }

    private Bridge search(Plan plan, Hands from, Check check) {
        List<Bridge.Way> ways = new ArrayList<>();
        Set<Long> seen = new HashSet<>(List.of(from.fingerprint()));
        List<Node> level = List.of(new Node(from, List.of(), 0));
        int tried = 0;
        // What a move that could not be done was tried on serves for the next.
        Hands free = null;
        for (int moves = 1; moves <= MOST_MOVES && ways.size() < ENOUGH_WAYS; moves++) {
            List<Node> next = new ArrayList<>();
            List<Node> hits = new ArrayList<>();
            for (Node node : level) {
                for (PlannedStep step : plan.more()) {
                    if (effort.stopped() || tried >= MOST_LAYOUTS) {
                        ways.addAll(offered(hits, ways.size()));
                        return bridge(Bridge.Outcome.STOPPED, ways, tried, moves);
                    }
                    free = free == null ? from.another() : free;
                    free.copyFrom(node.hands());
                    if (!step.perform(free)) {
                        continue;
                    }
                    Hands hands = free;
                    free = null;
                    tried++;
                    if (tried % TOLD_EVERY == 0) {
                        effort.reached((double) tried / MOST_LAYOUTS);
                    }
                    List<PlannedStep> path = new ArrayList<>(node.moves());
                    path.add(step);
                    Node reached = new Node(
                            hands, path, node.cost() + step.move().profile().difficulty());
                    if (check.holds(hands)) {
                        hits.add(reached);
                    } else if (seen.add(hands.fingerprint())) {
                        next.add(reached);
                    }
                }
            }
            ways.addAll(offered(hits, ways.size()));
            level = next;
        }
        return bridge(Bridge.Outcome.NONE, ways, tried, MOST_MOVES);
    }

    private Bridge bridge(Bridge.Outcome without, List<Bridge.Way> ways, int tried, int within) {
        int all = (int) catalogue.moves().stream().filter(BridgeFinder::bridges).count();
        int used = (int) catalogue.moves().stream()
                .filter(move -> bridges(move) && allowed.test(move))
                .count();
        return new Bridge(ways.isEmpty() ? without : Bridge.Outcome.FOUND, ways, tried, within, used, all - used);
    }

    /** The easiest hits, each traced and surveyed as part of the routine, one for each list of moves. */
    private List<Bridge.Way> offered(List<Node> hits, int already) {
        Map<List<String>, Bridge.Way> best = new LinkedHashMap<>();
        hits.stream()
                .sorted(Comparator.comparingInt(Node::cost))
                .limit(MOST_WAYS * 8L)
                .forEach(hit -> {
                    List<String> names =
                            hit.moves().stream().map(m -> m.move().id()).toList();
                    double least = best.containsKey(names) ? best.get(names).share() : 0;
                    // Of what comes out always nothing is better.
                    Bridge.Way way = least < 1 ? proved(hit) : best.get(names);
                    if (way.share() > least) {
                        best.put(names, way);
                    }
                });
        return best.values().stream()
                .sorted(Bridge.Way.ORDER)
                .limit(MOST_WAYS - already)
                .toList();
    }

    /** A shuffle of so many cards exactly is offered as hands do it, where it works as often then. */
    private Bridge.Way proved(Node hit) {
        Bridge.Way exact =
                settled ? way(hit, UnaryOperator.identity(), any -> 1) : surveyed(hit, UnaryOperator.identity());
        boolean shuffles =
                hit.moves().stream().anyMatch(move -> move.step().settings().containsValue(EXACT_CHUNKS));
        if (!shuffles || exact.share() == 0) {
            return exact;
        }
        Bridge.Way rough = surveyed(hit, text -> text.equals(EXACT_CHUNKS) ? ROUGH_CHUNKS : text);
        return rough.share() >= exact.share() ? rough : exact;
    }

    private Bridge.Way surveyed(Node hit, UnaryOperator<String> stated) {
        return way(hit, stated, all -> {
            Survey survey = Surveyor.survey(
                    PlanReader.read(with(all, List.of(new RoutineClaim("goal", "", goal))), catalogue),
                    SurveyOptions.withDefaults()
                            .with(effort::stopped)
                            .withExhaustiveUpTo(SURVEYED_WORLDS)
                            .withSample(SURVEYED_WORLDS, 1));
            return survey.worlds() == 0 ? 0 : (double) survey.findings().get(0).held() / survey.worlds();
        });
    }

    /** @param share in how many of all ways of a list of steps the goal is reached */
    private Bridge.Way way(Node hit, UnaryOperator<String> stated, ToDoubleFunction<List<Step>> share) {
        List<Step> steps = hit.moves().stream().map(PlannedStep::step).toList();
        List<Step> all = new ArrayList<>(routine.steps().subList(0, after));
        for (int i = 0; i < steps.size(); i++) {
            Map<String, String> settings = new HashMap<>(steps.get(i).settings());
            settings.replaceAll((name, text) -> stated.apply(text));
            all.add(new Step("bridge" + (i + 1), steps.get(i).move(), settings, Optional.empty()));
        }
        return new Bridge.Way(
                all.subList(after, all.size()),
                hit.moves().stream()
                        .mapToInt(m -> m.move().profile().difficulty())
                        .max()
                        .orElse(1),
                (int) hit.moves().stream()
                        .filter(m -> m.move().profile().secret())
                        .count(),
                oddity(hit.moves().stream().map(PlannedStep::move).toList()),
                share.applyAsDouble(all));
    }

    /**
     * How far moves are from what everybody does with cards. Cuts and shuffles look natural, whatever they do, and so does
     * what is not seen at all; a move for which one must look at the cards is less so, arranging piles and cards still
     * less; and each visible action after the first is one more thing that wants a reason.
     */
    private static int oddity(List<Move> moves) {
        int oddity = 0;
        int visible = 0;
        for (Move move : moves) {
            boolean arranges = move.family() == Family.HANDLING;
            boolean looks = move.profile().cover() == Profile.Cover.REASON;
            if (arranges) {
                oddity += move.profile().secret() ? 1 : 2;
            } else if (looks) {
                oddity++;
            }
            visible += move.profile().cover() == Profile.Cover.ELSEWHERE ? 0 : 1;
        }
        return oddity + Math.max(0, visible - 1);
    }

    private Routine with(List<Step> steps, List<RoutineClaim> claims) {
        return new Routine(routine.setUp(), routine.roles(), steps, claims, routine.ownMoves());
    }

    /** Every allowed move with every setting worth trying. */
    private List<Step> candidates(Plan plan, Hands there) {
        Set<Integer> numbers = new TreeSet<>();
        for (int n = 1; n <= SMALL; n++) {
            numbers.add(n);
        }
        int cards = there.size(0);
        Set<Integer> asked = new TreeSet<>();
        goal.settings().values().stream()
                .flatMap(text -> Amount.read(text).stream())
                .filter(amount -> amount.kind() == Amount.Kind.EXACT)
                .map(Amount::low)
                .forEach(asked::add);
        for (int number : asked) {
            numbers.addAll(List.of(number, number - 1, cards - number, cards - number + 1));
        }
        for (int role = 0; role < plan.cast().parts().size(); role++) {
            int position = there.cardOf(role) < 0 ? 0 : there.positionIn(0, there.cardOf(role));
            if (position > 0) {
                numbers.addAll(List.of(position - 1, position, cards - position, cards - position + 1));
                for (int number : asked) {
                    numbers.add(Math.floorMod(position - number, Math.max(1, cards)));
                    numbers.add(Math.floorMod(position - (cards - number + 1), Math.max(1, cards)));
                }
            }
        }
        List<Step> candidates = new ArrayList<>();
        for (Move move : catalogue.moves()) {
            if (bridges(move) && allowed.test(move)) {
                vary(move, numbers, plan, candidates);
            }
        }
        return candidates;
    }

    /** Whether it is what the performer does to cards, without chance. */
    private static boolean bridges(Move move) {
        boolean chance = move.settings().all().stream().anyMatch(s -> s instanceof ChanceSetting);
        return FAMILIES.contains(move.family()) && move.profile().actor() == Profile.Actor.PERFORMER && !chance;
    }

    private void vary(Move move, Set<Integer> numbers, Plan plan, List<Step> into) {
        List<Map<String, String>> all = new ArrayList<>(List.of(Map.of()));
        int amounts = 0;
        int chunks = 0;
        for (Setting setting : move.settings().all()) {
            boolean varied = switch (setting.kind()) {
                case AMOUNT -> ++amounts <= VARIED_AMOUNTS;
                case CHUNKS -> ++chunks <= VARIED_CHUNKS;
                default -> true;
            };
            List<String> values = switch (setting.kind()) {
                case AMOUNT ->
                    varied
                            ? numbers.stream()
                                    .filter(n -> n > 0)
                                    .map(String::valueOf)
                                    .toList()
                            : List.of(setting.usual());
                case CHUNKS ->
                    ((ChunksSetting) setting).partial()
                            ? List.of("5")
                            : varied ? List.of(EXACT_CHUNKS, "1 rest", "rest") : List.of(EXACT_CHUNKS);
                case OPTION -> setting.options().stream().map(Option::name).toList();
                case ROLE -> plan.cast().parts().stream().map(Cast.Part::letter).toList();
                default -> List.of(setting.usual());
            };
            List<Map<String, String>> more = new ArrayList<>();
            for (Map<String, String> settings : all) {
                for (String value : values) {
                    Map<String, String> longer = new HashMap<>(settings);
                    longer.put(setting.name(), value);
                    more.add(longer);
                }
            }
            all = more;
        }
        for (Map<String, String> settings : all) {
            into.add(new Step("candidate" + into.size(), move.id(), settings, Optional.empty()));
        }
    }
}
