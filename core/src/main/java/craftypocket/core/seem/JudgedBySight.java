package craftypocket.core.seem;

import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.claims.kinds.NothingStrange;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Survey.Finding;
import craftypocket.core.run.Survey.Verdict;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * What people have seen decides some claims: that all can be examined, that nothing strange was to be seen. A survey does not carry along
 * what they see. So the ways are followed one by one, up to {@link #MOST_WAYS}. Where there are more, where a shuffle falls by chance, or
 * where a name is read of a card that the set-up leaves open, no verdict is given but one that needs no eyes.
 */
public final class JudgedBySight {

    /** As many ways are followed one by one: two free stops in a full deck, in about a second. */
    static final int MOST_WAYS = 3000;

    private final Function<World, Trace> traces;
    private final Plan plan;
    private final int condition;
    private final boolean not;
    private final boolean strange;
    private int ways;
    private int held;
    private boolean all = true;
    private World fails;
    private String because = "";

    private JudgedBySight(Plan plan, Function<World, Trace> traces, int condition, ClaimSpec claim) {
        this.plan = plan;
        this.traces = traces;
        this.condition = condition;
        not = claim.not();
        strange = claim.kind().equals(NothingStrange.ID);
    }

    /** A survey with what can be said of such claims. */
    public static Survey of(Plan plan, Survey survey) {
        List<Finding> findings = new ArrayList<>(survey.findings());
        Function<World, Trace> traces = null;
        for (int i = 0; i < findings.size(); i++) {
            Optional<ClaimSpec> claim = claim(plan, findings.get(i));
            if (claim.isPresent()) {
                traces = traces == null ? Tracer.traces(plan) : traces;
                findings.set(i, new JudgedBySight(plan, traces, i, claim.get()).judged(claim.get(), survey));
            }
        }
        return traces == null ? survey : survey.with(findings);
    }

    private static Optional<ClaimSpec> claim(Plan plan, Finding finding) {
        return finding.condition().kind() == Condition.Kind.CLAIM
                ? plan.routine().claims().stream()
                        .filter(stated -> stated.id().equals(finding.condition().id()))
                        .findFirst()
                        .map(RoutineClaim::claim)
                        .filter(JudgedBySight::bySight)
                : Optional.empty();
    }

    private static boolean bySight(ClaimSpec claim) {
        return ClaimKinds.find(claim.kind()).orElseThrow().bySight()
                || claim.or().stream().anyMatch(JudgedBySight::bySight);
    }

    private static boolean denies(ClaimSpec claim) {
        return claim.not() && bySight(new ClaimSpec(claim.kind(), Map.of(), false, List.of()))
                || claim.or().stream().anyMatch(JudgedBySight::denies);
    }

    private Finding judged(ClaimSpec claim, Survey survey) {
        Finding finding = survey.findings().get(condition);
        boolean denies = denies(claim);
        // Eyes can only take away from what such a claim says: what fails without them fails with them.
        if (finding.verdict() == Verdict.NEVER && !denies
                || finding.verdict() == Verdict.ALWAYS && denies && claim.or().isEmpty()) {
            return finding;
        }
        all = claim.or().isEmpty();
        double likely = follow(new HashMap<>()).orElse(0);
        if (!all) {
            boolean failsBlind = finding.verdict() == Verdict.SOMETIMES && !denies;
            return fails == null && failsBlind
                    ? finding.untold(finding.failing(), finding.because())
                    : finding.untold(fails, because);
        }
        double share = survey.counted() ? (double) held / ways : likely;
        return finding.holdingIn(share, survey.worlds(), fails, because);
    }

    /** Follows all ways that begin so, while all can be; how likely it is in them, or nothing where they are not possible. */
    private OptionalDouble follow(Map<String, Integer> numbers) {
        World world = new World(numbers);
        Trace trace = traces.apply(world);
        int moment = plan.conditions().get(condition).step() + 1;
        for (int i = 0; i <= moment; i++) {
            for (Trace.Chosen chosen : trace.moments().get(i).choices()) {
                Integer number = numbers.get(chosen.choice().key());
                if (number == null) {
                    all &= !chosen.choice().isChance();
                    return branch(numbers, chosen);
                }
                if (number != chosen.number()) {
                    // Another number was taken in its place, which has its turn.
                    return OptionalDouble.empty();
                }
            }
        }
        all &= ++ways <= MOST_WAYS && !trace.readOpenNames();
        return OptionalDouble.of(holds(world, trace, moment) ? 1 : 0);
    }

    /** Each number that is possible is as likely as the others. */
    private OptionalDouble branch(Map<String, Integer> numbers, Trace.Chosen chosen) {
        double likely = 0;
        int possible = 0;
        for (int number = chosen.low(); number <= chosen.high() && all; number++) {
            Map<String, Integer> more = new HashMap<>(numbers);
            more.put(chosen.choice().key(), number);
            OptionalDouble found = follow(more);
            likely += found.orElse(0);
            possible += found.isPresent() ? 1 : 0;
        }
        return possible == 0 ? OptionalDouble.empty() : OptionalDouble.of(likely / possible);
    }

    private boolean holds(World world, Trace trace, int moment) {
        boolean done = trace.moments().subList(0, moment + 1).stream()
                .allMatch(m -> m.broken().isEmpty());
        List<String> against = against(Seeming.upTo(plan, trace, moment));
        // Without eyes it is so, or it is not claimed to be so.
        boolean so = trace.outcomes().get(condition) != (not && done) && against.isEmpty();
        boolean holds = done ? so != not : trace.outcomes().get(condition);
        held += holds ? 1 : 0;
        if (!holds && fails == null) {
            fails = world;
            because = against.isEmpty() ? "" : against.get(0);
        }
        return holds;
    }

    private List<String> against(Seeming seeming) {
        return strange
                ? seeming.moments().stream()
                        .flatMap(seen -> seen.flaws().stream())
                        .map(Wonder::sentence)
                        .toList()
                : seeming.unclean();
    }
}
