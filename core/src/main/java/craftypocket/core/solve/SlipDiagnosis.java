package craftypocket.core.solve;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.Walk;
import craftypocket.core.run.World;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What may have gone wrong, when the cards in the end do not lie as they should.
 *
 * @param asPlanned whether they lie as they should, so that nothing needs to be explained
 * @param explanations what would explain it, the likeliest first: single slips, and pairs of which neither is enough
 * @param tried how many runs with slips were done
 * @param stopped whether it was ended early
 */
public record SlipDiagnosis(boolean asPlanned, List<Explanation> explanations, int tried, boolean stopped) {

    /** As many observations say what there is to say. */
    public static final int MOST_SEEN = 12;

    /** So many runs take half a second; routines with more pairs of slips than that are looked through in part. */
    private static final int MOST_RUNS = 400_000;

    private static final int MOST_EXPLANATIONS = 12;

    /** Two slips in one run are so much rarer than one. */
    private static final double SECOND = 0.1;

    /**
     * One or two slips that lead to what was seen.
     *
     * @param slips in the order of the steps
     * @param sentences what went wrong, one a slip
     * @param weight how likely it is beside the others, the likeliest 1
     * @param noticed the step at which it would have been noticed, as it could not be done any more; -1 when none
     * @param watch what to watch at the step of the first slip
     */
    public record Explanation(List<Slip> slips, List<String> sentences, double weight, int noticed, String watch) {}

    /** Slips that lead to what was seen. */
    private record Found(List<Slip> slips, double weight, int noticed) {}

    /** What would have been noticed is so much less likely. */
    private static final double NOTICED = 0.2;

    private static final class Search {

        private final Walk walk;
        private final Check[] seen;
        private final Map<String, Integer> past;
        private final Effort effort;
        private final int steps;
        private final List<List<Slip>> slips = new ArrayList<>();
        private final Hands[] before;
        private final long[] fingerprints;

        Search(Walk walk, int seen, Map<String, Integer> past, Effort effort) {
            this.walk = walk;
            this.past = past;
            this.effort = effort;
            this.seen = walk.plan().conditions().subList(0, seen).stream()
                    .map(condition -> condition.check())
                    .toArray(Check[]::new);
            steps = walk.plan().steps().size();
            before = new Hands[steps + 1];
            fingerprints = new long[steps + 1];
            before[0] = walk.freshHands();
            for (int step = 0; step < steps; step++) {
                slips.add(Slip.of(walk, step, before[step]));
                before[step + 1] = another(before[step]);
                walk.perform(step, before[step + 1]);
                fingerprints[step + 1] = before[step + 1].fingerprint();
            }
        }

        private static Hands another(Hands hands) {
            Hands copy = hands.another();
            copy.copyFrom(hands);
            return copy;
        }

        boolean asSeen(Hands hands) {
            for (Check check : seen) {
                if (!check.holds(hands)) {
                    return false;
                }
            }
            return true;
        }

        /** Whether the steps from this one on can be done as they should be. */
        private boolean goOn(int from, Values[] numbers, Hands hands) {
            for (int step = from; step < steps; step++) {
                if (!walk.perform(step, numbers[step], hands)) {
                    return false;
                }
            }
            return true;
        }

        private double weight(Slip slip) {
            String id = walk.plan().steps().get(slip.step()).step().id();
            return slip.kind().often() * (1 + past.getOrDefault(id, 0));
        }

        /** What a first slip explains, alone or with a second one after it. */
        List<Found> with(Slip first) {
            List<Found> found = new ArrayList<>();
            Hands hands = another(before[first.step()]);
            boolean same = !first.perform(walk, hands) || hands.fingerprint() == fingerprints[first.step() + 1];
            if (same || effort.stopped()) {
                return found;
            }
            // Rests are worked out in the numbers, so every search has its own.
            Values[] numbers = IntStream.range(0, steps)
                    .mapToObj(step -> walk.values(step).another())
                    .toArray(Values[]::new);
            Hands twice = hands.another();
            int noticed = -1;
            for (int step = first.step() + 1; step < steps; step++) {
                for (Slip second : noticed < 0 ? slips.get(step) : List.<Slip>of()) {
                    twice.copyFrom(hands);
                    if (second.perform(walk, twice) && goOn(step + 1, numbers, twice) && asSeen(twice)) {
                        found.add(new Found(List.of(first, second), weight(first) * weight(second) * SECOND, -1));
                    }
                }
                if (!walk.perform(step, numbers[step], hands) && noticed < 0) {
                    // It would have been noticed; a second slip before may still have saved it.
                    noticed = step;
                }
            }
            if (asSeen(hands)) {
                found.add(new Found(List.of(first), weight(first) * (noticed < 0 ? 1 : NOTICED), noticed));
            }
            return found;
        }

        /** First slips whose pairs together stay within the limit. */
        List<Slip> firsts() {
            int all = slips.stream().mapToInt(List::size).sum();
            int behind = all;
            long runs = 0;
            List<Slip> firsts = new ArrayList<>();
            for (List<Slip> here : slips) {
                behind -= here.size();
                for (Slip slip : here) {
                    runs += 1 + behind;
                    if (runs <= MOST_RUNS) {
                        firsts.add(slip);
                    }
                }
            }
            return firsts;
        }

        int runs(List<Slip> firsts) {
            return firsts.stream()
                    .mapToInt(first -> 1
                            + slips.subList(first.step() + 1, steps).stream()
                                    .mapToInt(List::size)
                                    .sum())
                    .sum();
        }
    }

    public SlipDiagnosis {
        explanations = List.copyOf(explanations);
    }

    /**
     * A routine with what was seen at its end as its only claims.
     *
     * @param seen what is really so, at least one
     * @throws craftypocket.core.settings.ProblemsFound when the routine or what was seen cannot be read
     */
    public static Plan read(Routine routine, Catalogue catalogue, List<ClaimSpec> seen) {
        List<RoutineClaim> claims = IntStream.range(0, seen.size())
                .mapToObj(i -> new RoutineClaim("seen" + (i + 1), "", seen.get(i)))
                .toList();
        return PlanReader.read(
                new Routine(routine.setUp(), routine.roles(), routine.steps(), claims, routine.ownMoves()), catalogue);
    }

    /**
     * Looks for slips that lead to what was seen in the end.
     *
     * @param plan as it was {@link #read}
     * @param seen of how many things it says that they are so
     * @param world the numbers of the run: what people chose, where hands and chance led
     * @param past by the id of a step, how often the performer slipped in it before
     * @param effort asked between runs whether to stop
     */
    public static SlipDiagnosis of(Plan plan, int seen, World world, Map<String, Integer> past, Effort effort) {
        Search search = new Search(Tracer.walk(plan, world), seen, past, effort);
        if (search.asSeen(search.before[search.steps])) {
            return new SlipDiagnosis(true, List.of(), 0, false);
        }
        List<Slip> firsts = search.firsts();
        List<Found> found = firsts.parallelStream()
                .flatMap(first -> search.with(first).stream())
                .toList();
        boolean whole =
                firsts.size() == search.slips.stream().mapToInt(List::size).sum();
        return new SlipDiagnosis(false, explained(search, found), search.runs(firsts), effort.stopped() || !whole);
    }

    /** Whether the cards, dealt with anew, really end as was seen. */
    private static boolean confirmed(Search search, Found found) {
        Hands hands = search.walk.freshHands();
        for (int step = 0; step < search.steps; step++) {
            int here = step;
            Optional<Slip> slip =
                    found.slips().stream().filter(s -> s.step() == here).findFirst();
            if (slip.isPresent()) {
                slip.get().perform(search.walk, hands);
            } else {
                search.walk.perform(step, hands);
            }
        }
        return search.asSeen(hands);
    }

    /** The likeliest, without pairs of which one slip alone would do. */
    private static List<Explanation> explained(Search search, List<Found> found) {
        Walk walk = search.walk;
        Set<Slip> alone = new HashSet<>();
        found.stream()
                .filter(f -> f.slips().size() == 1)
                .forEach(f -> alone.add(f.slips().get(0)));
        List<Found> likeliest = found.stream()
                .filter(f -> f.slips().size() == 1 || f.slips().stream().noneMatch(alone::contains))
                .sorted(Comparator.comparingDouble((Found f) -> -f.weight()))
                .filter(f -> confirmed(search, f))
                .limit(MOST_EXPLANATIONS)
                .toList();
        double most = likeliest.isEmpty() ? 1 : likeliest.get(0).weight();
        return likeliest.stream()
                .map(f -> new Explanation(
                        f.slips(),
                        f.slips().stream().map(slip -> slip.told(walk)).toList(),
                        f.weight() / most,
                        f.noticed(),
                        walk.plan()
                                .steps()
                                .get(f.slips().get(0).step())
                                .move()
                                .words()
                                .watch()
                                .get(0)))
                .toList();
    }
}
