package craftypocket.core.solve;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Reads;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.Walk;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
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

    /** Two surfaces come to the same only if nothing that anybody could ask for differs, such as a number that was noted. */
    private static final Reads KEPT = Reads.everything();

    /**
     * What comes of a surface.
     *
     * @param seconds the slips after which what was seen comes of it
     * @param seen whether it does without any
     * @param noticed the first step that cannot be done as it should; -1 when all can
     * @param read whether names of cards were read, which then are told from each other
     */
    private record After(List<Slip> seconds, boolean seen, int noticed, boolean read) {}

    private static final class Search {

        /** What one thread works on. */
        private final class Work {
            /** Rests are worked out in the numbers. */
            private final Values[] numbers = IntStream.range(0, steps)
                    .mapToObj(step -> walk.values(step).another())
                    .toArray(Values[]::new);

            private final Hands twice = before[0].another();
            private final byte[] scratch = new byte[twice.stateBytes()];
        }

        private final Walk walk;
        private final Check[] seen;
        private final Map<String, Integer> past;
        private final Effort effort;
        private final int steps;
        private final List<List<Slip>> slips = new ArrayList<>();
        private final Hands[] before;
        private final long[] fingerprints;
        /** By step, whether what was seen comes of a surface before it, by its fingerprint: many slips come to the same. */
        private final List<Map<Long, Boolean>> comesOf = new ArrayList<>();
        /** The same of what comes of it with one more slip, or with none. */
        private final List<Map<Long, After>> afters = new ArrayList<>();
        /** By step, the cards that nothing tells from others from then on. */
        private final boolean[][] nameless;

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
            nameless = new boolean[steps + 1][walk.plan().pack().size()];
            for (int step = 0; step <= steps; step++) {
                comesOf.add(new ConcurrentHashMap<>());
                afters.add(new ConcurrentHashMap<>());
                for (int card = 0; card < nameless[step].length; card++) {
                    nameless[step][card] = !walk.plan().toldApartAfter(step - 1, card)
                            && !walk.plan().ordered(card);
                }
            }
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

        /** Whether what was seen comes of the cards that were slipped with twice, if all goes well from this step on. */
        private boolean leadsThere(int from, Work work) {
            Hands hands = work.twice;
            long[] fingerprints = new long[steps + 1];
            Boolean known = null;
            int step = from;
            hands.forgetReads();
            while (known == null) {
                fingerprints[step] = hands.fingerprint(work.scratch, nameless[step], KEPT);
                known = comesOf.get(step).get(fingerprints[step]);
                if (known == null && step == steps) {
                    known = asSeen(hands);
                } else if (known == null && !walk.perform(step, work.numbers[step], hands)) {
                    known = false;
                } else if (known == null) {
                    step++;
                }
            }
            // Where a name was read the cards are told apart after all.
            for (int passed = from; passed <= step && !hands.namesRead(); passed++) {
                comesOf.get(passed).put(fingerprints[passed], known);
            }
            return known;
        }

        private double weight(Slip slip) {
            String id = walk.plan().steps().get(slip.step()).step().id();
            return slip.kind().often() * (1 + past.getOrDefault(id, 0));
        }

        /** What a first slip explains, alone or with a second one after it. */
        List<Found> with(Slip first) {
            Hands hands = another(before[first.step()]);
            boolean same = !first.perform(walk, hands) || hands.fingerprint() == fingerprints[first.step() + 1];
            if (same || effort.stopped()) {
                return List.of();
            }
            After after = after(first.step() + 1, hands, new Work());
            List<Found> found = new ArrayList<>();
            for (Slip second : after.seconds()) {
                found.add(new Found(List.of(first, second), weight(first) * weight(second) * SECOND, -1));
            }
            if (after.seen()) {
                int noticed = after.noticed();
                found.add(new Found(List.of(first), weight(first) * (noticed < 0 ? 1 : NOTICED), noticed));
            }
            return found;
        }

        /** What comes of a surface before a step, whatever slip led to it. The cards are used up. */
        private After after(int step, Hands hands, Work work) {
            if (step == steps) {
                hands.forgetReads();
                return new After(List.of(), asSeen(hands), -1, hands.namesRead());
            }
            long fingerprint = hands.fingerprint(work.scratch, nameless[step], KEPT);
            After known = afters.get(step).get(fingerprint);
            if (known != null) {
                return known;
            }
            Hands next = another(hands);
            next.forgetReads();
            boolean done = walk.perform(step, work.numbers[step], next);
            boolean read = next.namesRead();
            boolean holds = !next.held().isEmpty();
            List<Slip> seconds = new ArrayList<>(0);
            for (Slip second : slips.get(step)) {
                if (second.ofHold() && !holds) {
                    continue;
                }
                work.twice.copyFrom(second.follows() ? next : hands);
                work.twice.forgetReads();
                boolean slipped = second.follows()
                        ? done && second.performAfter(walk, work.twice)
                        : second.perform(walk, work.twice);
                read |= work.twice.namesRead();
                if (slipped) {
                    if (leadsThere(step + 1, work)) {
                        seconds.add(second);
                    }
                    read |= work.twice.namesRead();
                }
            }
            After then = after(step + 1, next, work);
            if (done) {
                seconds.addAll(then.seconds());
            }
            // What cannot be done is noticed; a slip before it may still have saved it.
            After after = new After(seconds, then.seen(), done ? then.noticed() : step, read || then.read());
            if (!after.read()) {
                afters.get(step).put(fingerprint, after);
            }
            return after;
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
        ProblemsFound.throwIfAny(IntStream.range(0, seen.size())
                .boxed()
                .flatMap(i -> seen.get(i).unasked("seen[" + i + "]").stream())
                .toList());
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
        List<Found> found = found(search, firsts);
        boolean whole =
                firsts.size() == search.slips.stream().mapToInt(List::size).sum();
        return new SlipDiagnosis(false, explained(search, found), search.runs(firsts), effort.stopped() || !whole);
    }

    private static List<Found> found(Search search, List<Slip> firsts) {
        return firsts.parallelStream()
                .flatMap(first -> search.with(first).stream())
                .toList();
    }

    /** All slips, and pairs of slips, of which what was seen comes, likely or not. */
    static List<List<Slip>> all(Plan plan, int seen, World world) {
        Search search = new Search(Tracer.walk(plan, world), seen, Map.of(), () -> false);
        return found(search, search.firsts()).stream().map(Found::slips).toList();
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
