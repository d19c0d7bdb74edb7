package craftypocket.core.seem;

import craftypocket.core.claims.ClaimSpec;
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

/**
 * Whether everything can be examined, over all ways. A survey knows what was stated that people believe, and how many cards they take a pile
 * for; what they have seen it does not carry along. So each way in which they would see something else than they think is looked for by
 * following the ways one by one. Where there are too many of them, nothing is said.
 */
public final class Examined {

    /** As many ways are followed one by one. */
    static final int MOST_WAYS = 2000;

    private static final String KIND = "beliefs-true";

    private final Plan plan;
    private final int moment;
    private int ways;
    private int clean;
    private World unclean;

    private Examined(Plan plan, int moment) {
        this.plan = plan;
        this.moment = moment;
    }

    /** A survey with what can be said of it. */
    public static Survey of(Plan plan, Survey survey) {
        List<Finding> findings = new ArrayList<>();
        boolean changed = false;
        for (Finding finding : survey.findings()) {
            Finding judged = judged(plan, finding, survey.worlds());
            changed |= judged != finding;
            findings.add(judged);
        }
        return changed ? survey.with(findings) : survey;
    }

    private static Finding judged(Plan plan, Finding finding, long worlds) {
        Optional<ClaimSpec> claim = finding.condition().kind() == Condition.Kind.CLAIM
                ? plan.routine().claims().stream()
                        .filter(stated -> stated.id().equals(finding.condition().id()))
                        .findFirst()
                        .map(RoutineClaim::claim)
                : Optional.empty();
        if (claim.isEmpty() || !speaksOfIt(claim.get()) || finding.verdict() == Verdict.NEVER) {
            return finding;
        }
        boolean alone = claim.get().or().isEmpty() && !claim.get().not();
        Examined examined = new Examined(plan, finding.condition().step() + 1);
        boolean all = alone && examined.follow(new HashMap<>());
        if (!all) {
            // What is known to fail in some ways stays so; of how many is not told by those that were followed.
            boolean fails = alone && finding.verdict() == Verdict.SOMETIMES;
            return fails ? finding : finding.untold(examined.unclean);
        }
        return examined.unclean == null
                ? finding
                : finding.holdingIn((double) examined.clean / examined.ways, worlds, examined.unclean);
    }

    private static boolean speaksOfIt(ClaimSpec claim) {
        return claim.kind().equals(KIND) || claim.or().stream().anyMatch(Examined::speaksOfIt);
    }

    /** Follows all ways that begin so; whether there were not too many. */
    private boolean follow(Map<String, Integer> numbers) {
        Trace trace = Tracer.trace(plan, new World(numbers));
        for (int i = 0; i <= moment && i < trace.moments().size(); i++) {
            for (Trace.Chosen chosen : trace.moments().get(i).choices()) {
                if (!numbers.containsKey(chosen.choice().key())) {
                    return branch(numbers, chosen);
                }
            }
        }
        if (Seeming.upTo(plan, trace, moment).unclean().isEmpty()) {
            clean++;
        } else if (unclean == null) {
            unclean = new World(numbers);
        }
        return ++ways <= MOST_WAYS;
    }

    private boolean branch(Map<String, Integer> numbers, Trace.Chosen chosen) {
        boolean all = true;
        for (int number = chosen.low(); number <= chosen.high() && all; number++) {
            Map<String, Integer> more = new HashMap<>(numbers);
            more.put(chosen.choice().key(), number);
            all = follow(more);
        }
        return all;
    }
}
