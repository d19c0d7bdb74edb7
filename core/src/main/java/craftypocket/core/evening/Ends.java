package craftypocket.core.evening;

import craftypocket.core.chance.Chance;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.solve.Effort;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * How a routine can end: all ends where there are few, and some of them where there are many.
 *
 * @param seen the usual end first; no end twice
 * @param all whether these are all there are
 * @param plan the routine; null for an end that was not traced
 * @param effort when it says stop, the usual end stands alone and nothing is proved of the others
 */
record Ends(List<Handover> seen, boolean all, Plan plan, Effort effort) {

    /** More ways than this are not gone one by one. */
    private static final int MOST_TRACED = 400;

    /** So many others stand for all where there are more. */
    static final int SAMPLE = 20;

    /** So many arrangements of what a set-up leaves open: that a card lies at one place in all of them comes once in millions. */
    private static final int ARRANGEMENTS = 5;

    private static final long SEED = 20;

    Ends {
        seen = List.copyOf(seen);
    }

    /** One end, whatever it came from. */
    static Ends only(Handover end) {
        return new Ends(List.of(end), true, null, () -> false);
    }

    static Ends of(Plan plan) {
        return of(plan, () -> false);
    }

    static Ends of(Plan plan, Effort effort) {
        List<Handover> ends = new ArrayList<>();
        ends.add(Handover.after(plan, World.USUAL));
        boolean chance = plan.choices().stream().anyMatch(Choice::isChance);
        boolean all = !chance && collect(plan, Map.of(), ends, new int[] {MOST_TRACED}, effort);
        boolean open = plan.arrangement().any();
        List<World> more = all && !open ? List.of() : worlds(plan, all ? ARRANGEMENTS : SAMPLE);
        for (World world : more) {
            // What differs between some arrangements of what the set-up leaves open is nothing to be told.
            all &= !effort.stopped() && !(open && Tracer.surface(plan, world).namesRead());
            if (!effort.stopped()) {
                ends.add(Handover.after(plan, world));
            }
        }
        return new Ends(ends.stream().distinct().toList(), all, plan, effort);
    }

    /** The ends of all worlds with these numbers; gives up where there are too many. */
    private static boolean collect(
            Plan plan, Map<String, Integer> fixed, List<Handover> ends, int[] left, Effort effort) {
        if (left[0]-- <= 0 || effort.stopped()) {
            return false;
        }
        Trace trace = Tracer.trace(plan, new World(fixed));
        Optional<Trace.Chosen> open = trace.moments().stream()
                .flatMap(moment -> moment.choices().stream())
                .filter(chosen -> !fixed.containsKey(chosen.choice().key()))
                .findFirst();
        if (open.isEmpty()) {
            ends.add(Handover.of(plan, trace.end()));
            return true;
        }
        for (int number = open.get().low(); number <= open.get().high(); number++) {
            Map<String, Integer> more = new HashMap<>(fixed);
            more.put(open.get().choice().key(), number);
            if (!collect(plan, more, ends, left, effort)) {
                return false;
            }
        }
        return true;
    }

    /**
     * Worlds of a plan, drawn with a fixed seed, in each of which what the set-up leaves open lies otherwise; numbers that cannot
     * be are moved to the nearest that can.
     */
    static List<World> worlds(Plan plan, int number) {
        SplittableRandom random = new SplittableRandom(SEED);
        List<World> worlds = new ArrayList<>();
        for (int world = 0; world < number; world++) {
            Map<String, Integer> numbers = new HashMap<>();
            plan.choices()
                    .forEach(choice -> numbers.put(
                            choice.key(), random.nextInt(1, plan.pack().size() + 1)));
            numbers.putAll(plan.arrangement().shuffled(new Chance().from(random.nextLong())));
            worlds.add(new World(numbers));
        }
        return worlds;
    }

    /** The same with these things, as other routines left them. */
    Ends with(Collection<SetUp.LaidThing> things) {
        return new Ends(seen.stream().map(end -> end.with(things)).toList(), all, plan, effort);
    }

    Handover usual() {
        return seen.get(0);
    }

    /** Which of these are proved to be so in every end. Asked only where not all ends were seen. */
    boolean[] proved(List<ClaimSpec> claims) {
        boolean[] proved = new boolean[claims.size()];
        // As many at once as a routine can claim.
        for (int from = 0; from < proved.length && !effort.stopped(); from += Routine.MOST_CLAIMS) {
            int to = Math.min(proved.length, from + Routine.MOST_CLAIMS);
            boolean[] some = provedTogether(claims.subList(from, to));
            System.arraycopy(some, 0, proved, from, some.length);
        }
        return proved;
    }

    private boolean[] provedTogether(List<ClaimSpec> claims) {
        boolean[] proved = new boolean[claims.size()];
        Routine routine = plan.routine();
        Plan asked = PlanReader.read(
                new Routine(
                        routine.setUp(),
                        routine.roles(),
                        routine.steps(),
                        IntStream.range(0, claims.size())
                                .mapToObj(i -> new RoutineClaim("end" + i, "", claims.get(i)))
                                .toList(),
                        routine.ownMoves(),
                        routine.outs()),
                AllMoves.CATALOGUE);
        Survey survey = Surveyor.survey(
                asked,
                SurveyOptions.withDefaults()
                        .withExhaustiveUpTo(MOST_TRACED)
                        .withSample(1, 1)
                        .with(effort::stopped));
        for (int claim = 0; claim < proved.length; claim++) {
            proved[claim] = survey.exhaustive() && survey.findings().get(claim).verdict() == Survey.Verdict.ALWAYS;
        }
        return proved;
    }
}
