package craftypocket.core.invent;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Claim;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.solve.Effort;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;

/**
 * Finds moves that lead from the layout after a step to a claim: the short form of an {@link Inventor}. It begins in the usual way alone and
 * takes whatever the performer can do; each way that it finds is surveyed as part of the routine, and says in which part of all ways it works.
 *
 * <p>Bound: sequences of at most {@link #MOST_MOVES} moves, {@link #MOST_TRIED} tries. Order: {@link Bridge.Way#ORDER}.
 */
public final class BridgeFinder {

    /** Longer bridges are no bridges but another routine. */
    public static final int MOST_MOVES = 3;

    /** A second or two of search on a small machine. */
    private static final int MOST_TRIED = 200_000;

    private static final int MOST_WAYS = 24;

    /** With so many short ways, nobody asks for longer ones. */
    private static final int ENOUGH_WAYS = 8;

    /** Of each choice that a move leaves open so many numbers are tried in the search. */
    private static final int NUMBERS = 3;

    /** As many layouts of a level are gone on from, all in one round: the shortest ways come first. */
    private static final int BEAM = 1_000;

    private static final SurveyOptions SURVEYED =
            SurveyOptions.withDefaults().withExhaustiveUpTo(2_000).withSample(2_000, 1);

    private final Routine routine;
    private final Catalogue catalogue;
    private final int after;
    private final ClaimSpec goal;
    private final Predicate<Move> allowed;
    private final Plan plain;

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
     * @param effort asked at each layout whether to stop
     */
    public Bridge find(Effort effort) {
        Hands there = Tracer.surface(plain, World.USUAL);
        List<Move> moves = catalogue.moves().stream().filter(allowed).toList();
        Plan plan = PlanReader.read(start(), catalogue, AnyActions.of(moves, plain, there, goal));
        Ground ground = new Ground(plan, NUMBERS);
        List<Hands> start = ground.usual();
        Any any = new Any(plan, ground, start, effort);
        Levels levels = new Levels(
                ground,
                start,
                plan.more().stream().map(TriedStep::of).toList(),
                MOST_MOVES,
                MOST_TRIED,
                BEAM,
                BEAM,
                any);
        levels.search(effort);
        any.levelDone();
        boolean all = levels.followedAll();
        Bridge.Outcome without = all ? Bridge.Outcome.NONE : Bridge.Outcome.STOPPED;
        int used = (int) moves.stream().filter(AnyActions::bridges).count();
        int known = (int) catalogue.moves().stream().filter(AnyActions::bridges).count();
        return new Bridge(
                any.ways.isEmpty() ? without : Bridge.Outcome.FOUND,
                any.ways,
                levels.tried(),
                all ? MOST_MOVES : levels.longest(),
                used,
                known - used);
    }

    /** Seeks whatever leads there. */
    private final class Any implements Levels.Seeker {

        private final Check check;
        private final Ground ground;
        private final List<Hands> start;
        private final Effort effort;
        /** Whether there is one way alone, and what is asked for can be seen in it: what reached it there reaches it always. */
        private final boolean settled;

        private final List<List<TriedStep>> hits = new ArrayList<>();
        private final List<Bridge.Way> ways = new ArrayList<>();

        Any(Plan plan, Ground ground, List<Hands> start, Effort effort) {
            this.ground = ground;
            this.start = start;
            this.effort = effort;
            check = plan.conditions().get(0).check();
            settled = plan.choices().isEmpty() && !(check instanceof Claim claim && claim.ofKnowledge());
        }

        @Override
        public boolean tries(Levels.Node node, List<Hands> states, TriedStep act) {
            return true;
        }

        @Override
        public Levels.Look look(Levels.Node from, TriedStep act, boolean last) {
            return new AnyLook(act, last);
        }

        @Override
        public void reached(Levels.Node from, TriedStep act) {
            hits.add(Levels.with(from.path(), act));
        }

        /** The easiest first. */
        @Override
        public List<Levels.Node> best(Collection<Levels.Node> nodes, int most) {
            return nodes.stream()
                    .sorted(Comparator.comparingInt(node -> cost(node.path())))
                    .limit(most)
                    .toList();
        }

        @Override
        public boolean enough() {
            return ways.size() >= ENOUGH_WAYS;
        }

        /** The easiest of what was reached, each surveyed as part of the routine, one for each list of moves. */
        @Override
        public void levelDone() {
            Map<List<String>, Bridge.Way> best = new LinkedHashMap<>();
            hits.stream()
                    .sorted(Comparator.comparingInt(BridgeFinder::cost))
                    .filter(path -> !stepTooMany(path))
                    .limit(MOST_WAYS * 8L)
                    .forEach(path -> {
                        List<String> names =
                                path.stream().map(act -> act.step().move().id()).toList();
                        double least = best.containsKey(names) ? best.get(names).share() : 0;
                        // Of what comes out always nothing is better.
                        Bridge.Way way = least < 1 ? proved(path) : best.get(names);
                        if (way.share() > least) {
                            best.put(names, way);
                        }
                    });
            best.values().stream()
                    .sorted(Bridge.Way.ORDER)
                    .limit(MOST_WAYS - ways.size())
                    .forEach(ways::add);
            hits.clear();
        }

        /** Whether some of its steps can be left out, and what is left leads there as well. */
        private boolean stepTooMany(List<TriedStep> path) {
            return Jury.someLeftOut(path, act -> true)
                    .filter(some -> !some.isEmpty())
                    .anyMatch(this::reaches);
        }

        private boolean reaches(List<TriedStep> path) {
            return ground.end(start, path)
                    .filter(end -> end.stream().allMatch(check::holds))
                    .isPresent();
        }

        /** A shuffle of so many cards exactly is offered as hands do it, where it works as often then. */
        private Bridge.Way proved(List<TriedStep> path) {
            boolean one = settled && path.stream().noneMatch(TriedStep::chooses);
            Bridge.Way exact = one
                    ? way(path, UnaryOperator.identity(), any -> new Share(1, false))
                    : surveyed(path, UnaryOperator.identity());
            boolean shuffles =
                    path.stream().anyMatch(act -> act.step().step().settings().containsValue(AnyActions.EXACT_CHUNKS));
            if (!shuffles || exact.share() == 0) {
                return exact;
            }
            Bridge.Way rough =
                    surveyed(path, text -> text.equals(AnyActions.EXACT_CHUNKS) ? AnyActions.ROUGH_CHUNKS : text);
            return rough.share() >= exact.share() ? rough : exact;
        }

        /** Ways in which one of the steps cannot be done, or is not what it should be, are not counted. */
        private Bridge.Way surveyed(List<TriedStep> path, UnaryOperator<String> stated) {
            return way(path, stated, all -> {
                Survey survey = Surveyor.survey(
                        PlanReader.read(with(all, List.of(new RoutineClaim("goal", "", goal))), catalogue),
                        SURVEYED.with(effort::stopped));
                double[] fails = survey.findings().stream()
                        .filter(finding -> survey.worlds() > 0 && isNew(finding.condition()))
                        .mapToDouble(finding ->
                                1 - (survey.exhaustive() ? (double) finding.held() / survey.worlds() : finding.low()))
                        .filter(failing -> failing > 0)
                        .toArray();
                // What fails in one way and what fails in another may be the same ways, or others.
                boolean atLeast = !survey.exhaustive() || fails.length > 1;
                double most = survey.worlds() == 0 ? 1 : DoubleStream.of(fails).sum();
                return new Share(Math.max(0, 1 - most), atLeast);
            });
        }

        /** Leaves what makes another card somebody’s, and moves that are not what they should be. */
        private final class AnyLook extends Levels.Look {

            private final TriedStep act;
            private final List<Expectation> expected;

            private final boolean last;
            private boolean holds = true;
            private boolean spoilt;

            AnyLook(TriedStep act, boolean last) {
                super(ground);
                this.act = act;
                this.last = last;
                expected = act.step().expectations();
            }

            @Override
            boolean at(Hands before, Hands after) {
                for (int role = 0; role < before.roleCount(); role++) {
                    spoilt |= before.cardOf(role) >= 0 && before.cardOf(role) != after.cardOf(role);
                }
                for (Expectation expectation : expected) {
                    Hands when = expectation.before() ? before : after;
                    spoilt |= !expectation.check().holds(when, act.world());
                }
                holds &= check.holds(after);
                return !spoilt && (last ? holds : prints.add(after));
            }

            @Override
            boolean useless() {
                return spoilt;
            }

            @Override
            boolean holds() {
                return holds;
            }

            @Override
            int spots() {
                return 0;
            }
        }
    }

    private boolean isNew(Condition condition) {
        return condition.kind() == Condition.Kind.CLAIM || condition.step() >= after;
    }

    private static int cost(List<TriedStep> path) {
        return path.stream()
                .mapToInt(act -> act.step().move().profile().difficulty())
                .sum();
    }

    /**
     * In which part of all ways it works.
     *
     * @param atLeast whether it may be more: of a sample, or where several things fail, each in some ways
     */
    private record Share(double part, boolean atLeast) {}

    /** @param judge tells of a list of steps in which part of all ways it works */
    private Bridge.Way way(List<TriedStep> path, UnaryOperator<String> stated, Function<List<Step>, Share> judge) {
        List<Move> moves = path.stream().map(act -> act.step().move()).toList();
        List<Step> all = new ArrayList<>(routine.steps().subList(0, after));
        for (int i = 0; i < path.size(); i++) {
            Step step = path.get(i).step().step();
            Map<String, String> settings = new HashMap<>(step.settings());
            settings.replaceAll((name, text) -> stated.apply(text));
            all.add(new Step("bridge" + (i + 1), step.move(), settings, Optional.empty()));
        }
        Share share = judge.apply(all);
        return new Bridge.Way(
                all.subList(after, all.size()),
                moves.stream()
                        .mapToInt(move -> move.profile().difficulty())
                        .max()
                        .orElse(1),
                (int) moves.stream().filter(move -> move.profile().secret()).count(),
                oddity(moves),
                share.part(),
                share.atLeast());
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
}
