package craftypocket.core.seem;

import craftypocket.core.claims.Claim;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.claims.kinds.NothingStrange;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.run.EachWay;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Survey.Finding;
import craftypocket.core.run.Survey.Verdict;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Function;

/**
 * What people have seen decides some claims: that all can be examined, that nothing strange was to be seen. A survey does not carry along
 * what they see, and leaves them untold. So the ways are followed one by one, up to {@link #MOST_WAYS}. Where there are more, where a
 * shuffle falls by chance, or where a name is read of a card that the set-up leaves open, they stay untold, and so does a claim of which
 * an alternative is enough.
 */
public final class JudgedBySight {

    /** As many ways are followed one by one: two free stops in a full deck, in about a second. */
    static final int MOST_WAYS = 3000;

    private final Plan plan;
    private final int condition;
    private final ClaimSpec claim;
    private int ways;
    private int held;
    private double likely;
    private boolean named;
    private World fails;
    private String because = "";

    private JudgedBySight(Plan plan, int condition, ClaimSpec claim) {
        this.plan = plan;
        this.condition = condition;
        this.claim = claim;
    }

    /**
     * A survey with what can be said of such claims.
     *
     * @param stopped asked at each way; what is stopped is untold
     */
    public static Survey of(Plan plan, Survey survey, BooleanSupplier stopped) {
        List<Finding> findings = new ArrayList<>(survey.findings());
        Function<World, Trace> traces = null;
        for (int i = 0; i < findings.size(); i++) {
            Finding finding = findings.get(i);
            if (finding.verdict() == Verdict.UNTOLD
                    && finding.condition().check() instanceof Claim claim
                    && claim.bySight()) {
                traces = traces == null ? Tracer.traces(plan) : traces;
                JudgedBySight judged = new JudgedBySight(plan, i, stated(plan, finding.condition()));
                findings.set(i, judged.of(traces, survey, stopped));
            }
        }
        return traces == null ? survey : survey.with(findings);
    }

    private static ClaimSpec stated(Plan plan, Condition condition) {
        return plan.routine().claims().stream()
                .filter(stated -> stated.id().equals(condition.id()))
                .findFirst()
                .orElseThrow()
                .claim();
    }

    private Finding of(Function<World, Trace> traces, Survey survey, BooleanSupplier stopped) {
        Finding finding = survey.findings().get(condition);
        if (!claim.or().isEmpty()) {
            return finding;
        }
        int moment = finding.condition().step() + 1;
        boolean all = EachWay.follow(
                traces, moment, MOST_WAYS, () -> named || stopped.getAsBoolean(), (world, trace, part) -> {
                    named |= trace.readOpenNames();
                    see(world, trace, moment, part);
                });
        if (!all || named) {
            return fails == null ? finding : finding.untold(fails, because);
        }
        double share = survey.counted() ? (double) held / ways : likely;
        return finding.holdingIn(held == ways ? 1 : share, survey.worlds(), fails, because);
    }

    private void see(World world, Trace trace, int moment, double part) {
        boolean done = trace.moments().subList(0, moment + 1).stream()
                .allMatch(m -> m.broken().isEmpty());
        boolean stated = trace.outcomes().get(condition);
        List<String> against = against(Seeming.upTo(plan, trace, moment));
        // Without eyes it is so, or it is not claimed to be so. Where a step could not be done nothing is so.
        boolean so = stated != claim.not() && against.isEmpty();
        boolean holds = done ? so != claim.not() : stated;
        ways++;
        held += holds ? 1 : 0;
        likely += holds ? part : 0;
        if (!holds && fails == null) {
            fails = world;
            because = against.isEmpty() ? "" : against.get(0);
        }
    }

    private List<String> against(Seeming seeming) {
        return claim.kind().equals(NothingStrange.ID)
                ? seeming.moments().stream()
                        .flatMap(seen -> seen.flaws().stream())
                        .map(Wonder::sentence)
                        .toList()
                : seeming.unclean().stream().map(Unclean::sentence).toList();
    }
}
