package craftypocket.core.run;

import craftypocket.core.cards.CardText;
import craftypocket.core.claims.Claim;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Places;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Plan;
import craftypocket.core.reckon.Wilson;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Surveys the worlds of a plan. */
public final class Surveyor {

    /** A list of numbers in a reason is cut here: more of them say nothing. */
    private static final int MOST_NUMBERS_TOLD = 4;

    /** A world with more choices than this is told by the first ones. */
    private static final int MOST_CHOICES_TOLD = 6;

    /** A sample is always drawn in this many lanes, so that it is the same on machines with more or fewer cores. */
    private static final int SAMPLE_LANES = 8;

    /**
     * The bound of {@link #mostWorlds} takes every open choice for the whole deck and every conditional step for done, so
     * a routine within this factor of the limit is tried; when it has too many worlds after all, it is sampled.
     */
    private static final long BOUND_SLACK = 32;

    private final Plan plan;
    private final SurveyOptions options;
    /** Whether cards of which nobody said where they lie lie in any order: only once somebody has read a name. */
    private final AtomicBoolean naming = new AtomicBoolean();

    /** What is known in all worlds, although they cannot be counted. */
    private StateSurvey.Sure sure = StateSurvey.Sure.NOTHING;

    /** Why not all worlds could be counted. */
    private String why = "";

    private Surveyor(Plan plan, SurveyOptions options) {
        this.plan = plan;
        this.options = options;
    }

    /** Visits every world when there are few enough, else a sample with the seed of the options. */
    public static Survey survey(Plan plan, SurveyOptions options) {
        return new Surveyor(plan, options).run();
    }

    /** So many worlds, drawn in the thread that asks: what is seen of a survey before it is done. They settle no verdict. */
    public static Survey glance(Plan plan, SurveyOptions options, int worlds) {
        Surveyor surveyor = new Surveyor(plan, options.withWorkers(1).withSample(worlds, options.seed()));
        Tally tally = surveyor.sample();
        tally.broughtToAnEnd = false;
        return surveyor.survey(tally, Extent.SAMPLE);
    }

    /** An upper bound of the number of worlds, or {@link Long#MAX_VALUE}. */
    public static long mostWorlds(Plan plan) {
        long product = 1;
        for (Choice choice : plan.choices()) {
            long widest = choice.widest(plan.pack().size());
            if (product > Long.MAX_VALUE / widest) {
                return Long.MAX_VALUE;
            }
            product *= widest;
        }
        return product;
    }

    private Survey run() {
        if (options.byStates()) {
            StateSurvey.Outcome states = StateSurvey.of(plan, options);
            if (states.tally().isPresent()) {
                return survey(states.tally().get(), Extent.ALL);
            }
            Optional<Tally> parts = states.why().isEmpty() ? Optional.empty() : StateSurvey.inParts(plan, options);
            if (parts.isPresent()) {
                return survey(parts.get(), Extent.ALL);
            }
            why = states.why();
            sure = states.sure();
        }
        boolean chance = plan.choices().stream().anyMatch(Choice::isChance);
        boolean exhaustive = !chance && mostWorlds(plan) / BOUND_SLACK <= options.exhaustiveUpTo();
        Tally tally = exhaustive ? everyWorld() : null;
        if (exhaustive && !tally.broughtToAnEnd && options.cancelled().getAsBoolean()) {
            return survey(tally, Extent.BEGUN);
        }
        if (exhaustive && (!tally.broughtToAnEnd || tally.ways > options.exhaustiveUpTo())) {
            // There are too many worlds, or too little time, to visit them all.
            exhaustive = false;
        }
        return exhaustive ? survey(tally, Extent.ALL) : survey(sample(), Extent.SAMPLE);
    }

    /** Which worlds were looked at. */
    private enum Extent {
        ALL,
        SAMPLE,
        /** The first ones in order: they say nothing of the others. */
        BEGUN
    }

    private Survey survey(Tally tally, Extent extent) {
        return new Survey(
                tally.worlds,
                tally.allHeld,
                tally.allHeldAtMost < 0 ? tally.allHeld : tally.allHeldAtMost,
                extent == Extent.ALL,
                !tally.weighed,
                tally.ways,
                extent == Extent.SAMPLE ? why : "",
                extent == Extent.SAMPLE ? options.seed() : 0,
                !tally.broughtToAnEnd,
                findings(tally, extent),
                bands(tally));
    }

    private Tally everyWorld() {
        Tally counted = everyWorld(false);
        // Where some ways are likelier than others, they are visited once more and weighed.
        return counted.broughtToAnEnd && counted.widths.uneven() ? everyWorld(true) : counted;
    }

    private Tally everyWorld(boolean weighed) {
        return together(
                options.workers(),
                lane -> new SurveyWorker(plan, options, lane, null, sure, naming, weighed).everyWorld());
    }

    private Tally sample() {
        int share = options.sample() / SAMPLE_LANES;
        int left = options.sample() % SAMPLE_LANES;
        return together(
                SAMPLE_LANES,
                lane -> new SurveyWorker(plan, options, lane, random(lane), sure, naming, false)
                        .sample(share + (lane < left ? 1 : 0)));
    }

    /** The lanes share one seed, and a lane that is done once more draws the same worlds. */
    private SplittableRandom random(int lane) {
        SplittableRandom seeded = new SplittableRandom(options.seed());
        SplittableRandom random = seeded.split();
        for (int before = 0; before < lane; before++) {
            random = seeded.split();
        }
        return random;
    }

    private Tally together(int lanes, IntFunction<Tally> work) {
        Tally tally;
        boolean asked;
        do {
            boolean named = naming.get();
            tally = visit(lanes, work);
            // Somebody asked for a name, which was not followed: once more, following it.
            asked = named != naming.get();
        } while (asked);
        return tally;
    }

    private Tally visit(int lanes, IntFunction<Tally> work) {
        IntStream each = IntStream.range(0, lanes);
        // Each tally is added as soon as it is there: of a long routine they are large.
        return (options.workers() > 1 ? each.parallel() : each)
                .mapToObj(work)
                .reduce(Tally::plus)
                .orElseThrow();
    }

    private List<Survey.Finding> findings(Tally tally, Extent extent) {
        List<Survey.Finding> findings = new ArrayList<>();
        // Many conditions fail first in the same world.
        Map<IntBuffer, World> worlds = new HashMap<>();
        for (int i = 0; i < plan.conditions().size(); i++) {
            if (tally.untold[i]) {
                findings.add(Survey.Finding.untold(plan.conditions().get(i)));
                continue;
            }
            long failed = tally.failed[i];
            long held = tally.worlds - failed;
            Survey.Finding finding = new Survey.Finding(
                    plan.conditions().get(i),
                    verdict(failed, held, extent == Extent.ALL || (extent == Extent.SAMPLE && tally.broughtToAnEnd)),
                    held,
                    low(held, tally.worlds, extent),
                    high(held, tally.worlds, extent),
                    failed == 0 || tally.smallest[i] == null
                            ? null
                            : worlds.computeIfAbsent(
                                    IntBuffer.wrap(tally.smallest[i]), smallest -> world(smallest.array())),
                    tally.otherwise[i] == null ? null : world(tally.otherwise[i]),
                    failed == 0 ? "" : because(tally, i) + lookAlike(tally, i),
                    failed == 0 ? List.of() : charts(tally, i));
            boolean bySight = finding.condition().check() instanceof Claim claim && claim.bySight();
            findings.add(bySight ? withoutEyes(finding) : finding);
        }
        return findings;
    }

    /**
     * What a check tells of a claim that eyes decide too. They can only take away from what it says, or add to what it denies: what
     * always fails, or is always denied, stays so. Of anything else it is told at most that it fails in a world.
     */
    private static Survey.Finding withoutEyes(Survey.Finding finding) {
        boolean denies = ((Claim) finding.condition().check()).deniesSight();
        if (finding.verdict() == (denies ? Survey.Verdict.ALWAYS : Survey.Verdict.NEVER)) {
            return finding;
        }
        return denies ? finding.untold(null, "") : finding.untold(finding.failing(), finding.because());
    }

    /** @param whole whether all worlds were looked at, or as many as were to be drawn: what was broken off proves neither always nor never */
    private static Survey.Verdict verdict(long failed, long held, boolean whole) {
        if (failed == 0) {
            return held > 0 && whole ? Survey.Verdict.ALWAYS : Survey.Verdict.OPEN;
        }
        return held == 0 && whole ? Survey.Verdict.NEVER : Survey.Verdict.SOMETIMES;
    }

    private static double low(long held, long worlds, Extent extent) {
        if (worlds == 0) {
            return 0;
        }
        return switch (extent) {
            case ALL -> (double) held / worlds;
            case SAMPLE -> Wilson.low(held, worlds);
            case BEGUN -> 0;
        };
    }

    private static double high(long held, long worlds, Extent extent) {
        if (worlds == 0) {
            return 1;
        }
        return switch (extent) {
            case ALL -> (double) held / worlds;
            case SAMPLE -> Wilson.high(held, worlds);
            case BEGUN -> 1;
        };
    }

    private List<Survey.Chart> charts(Tally tally, int condition) {
        List<Survey.Chart> charts = new ArrayList<>();
        for (int choice = 0; choice < tally.made.length; choice++) {
            if (tally.made[choice] == null) {
                continue;
            }
            long[] failed = tally.failedWith[condition][choice];
            List<Survey.Bar> bars = new ArrayList<>();
            for (int number = 0; number < tally.made[choice].length; number++) {
                long made = tally.made[choice][number];
                if (made > 0) {
                    long held = made - (failed == null ? 0 : failed[number]);
                    // Both parts are rounded.
                    bars.add(new Survey.Bar(number, made, Math.max(0, held)));
                }
            }
            if (bars.size() > 1) {
                charts.add(new Survey.Chart(plan.choices().get(choice), bars));
            }
        }
        return charts;
    }

    private World world(int[] chosen) {
        Map<String, Integer> numbers = new TreeMap<>();
        int choices = plan.choices().size();
        for (int number = 0; number < chosen.length; number++) {
            if (chosen[number] != Tally.NOT_MADE) {
                String key = number < choices
                        ? plan.choices().get(number).key()
                        : plan.arrangement().key(number - choices);
                numbers.put(key, chosen[number]);
            }
        }
        return new World(numbers);
    }

    /**
     * When the failures are just the worlds in which one choice takes certain numbers, that is the reason; otherwise the
     * smallest failing world is told.
     */
    private String because(Tally tally, int condition) {
        if (tally.failed[condition] == tally.worlds) {
            return "fails every way";
        }
        for (int choice = 0; choice < tally.made.length; choice++) {
            String numbers = culprits(tally, condition, choice);
            if (!numbers.isEmpty()) {
                return "fails if " + told(choice, numbers);
            }
        }
        int[] smallest = tally.smallest[condition];
        if (smallest == null) {
            return "fails after shuffles so unlikely that none was found to show it";
        }
        List<String> told = new ArrayList<>();
        boolean falls = false;
        for (int choice = 0; choice < plan.choices().size() && told.size() <= MOST_CHOICES_TOLD; choice++) {
            boolean made = smallest[choice] != Tally.NOT_MADE;
            if (made && plan.choices().get(choice).isChance()) {
                // The number of a shuffle says nothing: it is there to be looked at.
                falls = true;
            } else if (made) {
                told.add(told(choice, String.valueOf(smallest[choice])));
            }
        }
        told.addAll(namesOf(smallest));
        String more = told.size() > MOST_CHOICES_TOLD ? " and so on" : "";
        if (falls && told.isEmpty()) {
            return "fails, for example, when the cards fall as shown";
        }
        more += falls ? ", and the cards fall as shown" : "";
        return "fails, for example, if "
                + told.stream().limit(MOST_CHOICES_TOLD).collect(Collectors.joining(" and "))
                + more;
    }

    /** Of a step of which nobody can tell if it is to be done: two ways that look alike. */
    private String lookAlike(Tally tally, int condition) {
        int[] one = tally.smallest[condition];
        int[] other = tally.otherwise[condition];
        if (one == null || other == null) {
            return "";
        }
        String differs = IntStream.range(0, plan.choices().size())
                .filter(choice -> one[choice] != other[choice])
                .limit(MOST_CHOICES_TOLD)
                .mapToObj(choice -> other[choice] == Tally.NOT_MADE ? "" : told(choice, String.valueOf(other[choice])))
                .filter(told -> !told.isEmpty())
                .collect(Collectors.joining(" and "));
        return "; it looks the same to you if " + differs + ", and then you should do the opposite";
    }

    /** Which cards those are in a world of which nobody said where they lie: a role’s by its role, others by their place. */
    private List<String> namesOf(int[] chosen) {
        int choices = plan.choices().size();
        List<Integer> cards = IntStream.range(0, chosen.length - choices)
                .filter(card -> chosen[choices + card] != Tally.NOT_MADE)
                .boxed()
                .toList();
        Hands end = cards.isEmpty() ? null : Tracer.surface(plan, world(chosen));
        List<String> told = new ArrayList<>();
        for (int card : cards) {
            String sign = CardText.sign(plan.pack().card(card));
            told.add(IntStream.range(0, end.roleCount())
                    .filter(role -> end.cardOf(role) == card)
                    .mapToObj(role -> plan.cast().part(role).label() + " is " + sign)
                    .findFirst()
                    .orElse(sign + " lies at place " + chosen[choices + card]));
        }
        return told;
    }

    /** A choice in words; with its step where another one would be told in the same words. */
    private String told(int choice, String numbers) {
        Choice which = plan.choices().get(choice);
        boolean another = plan.choices().stream()
                .anyMatch(
                        other -> other.step() != which.step() && other.told("#").equals(which.told("#")));
        return which.told(numbers) + (another ? " in step " + (which.step() + 1) : "");
    }

    /** The numbers of a choice with which the condition always fails, when it fails with no others; otherwise empty. */
    private static String culprits(Tally tally, int condition, int choice) {
        long[] failed = tally.failedWith[condition][choice];
        if (failed == null) {
            return "";
        }
        // Parts of a whole that are worked out in different ways differ in their last digits.
        long rounding = tally.weighed ? StateCounts.WEIGHED / 1_000_000_000_000L : 0;
        List<Integer> numbers = new ArrayList<>();
        long explained = 0;
        for (int number = 0; number < failed.length; number++) {
            if (failed[number] > 0) {
                if (failed[number] < tally.made[choice][number] - rounding) {
                    return "";
                }
                numbers.add(number);
                explained += failed[number];
            }
        }
        if (explained < tally.failed[condition] - rounding) {
            return "";
        }
        int first = numbers.get(0);
        int last = numbers.get(numbers.size() - 1);
        if (last - first + 1 == numbers.size()) {
            return first == last ? String.valueOf(first) : first + " to " + last;
        }
        String list = String.join(
                ", ",
                numbers.stream().limit(MOST_NUMBERS_TOLD).map(String::valueOf).toList());
        return numbers.size() > MOST_NUMBERS_TOLD ? list + " …" : list;
    }

    private List<List<List<Survey.Spot>>> bands(Tally tally) {
        int roles = plan.cast().parts().size();
        Places places = plan.freshHands().places();
        int row = plan.pack().size() + 1;
        List<List<List<Survey.Spot>>> bands = new ArrayList<>();
        for (int moment = 0; moment <= plan.steps().size(); moment++) {
            List<List<Survey.Spot>> here = new ArrayList<>();
            for (int role = 0; role < roles; role++) {
                List<Survey.Spot> spots = new ArrayList<>();
                double[] counts = tally.at[moment * roles + role];
                for (int spot = 0; spot < counts.length; spot++) {
                    if (counts[spot] > 0) {
                        spots.add(new Survey.Spot(places.at(spot / row), spot % row, counts[spot] / tally.pictured));
                    }
                }
                here.add(List.copyOf(spots));
            }
            bands.add(List.copyOf(here));
        }
        return bands;
    }
}
