package craftypocket.core.advise;

import craftypocket.core.cards.Side;
import craftypocket.core.read.Plan;
import craftypocket.core.run.Trace;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** What the rules of the trade say of a routine, looked up in one world. */
public final class Hints {

    private Hints() {}

    /**
     * The hints on a plan as it goes in a trace of it, in the order of the steps.
     *
     * @param forced the faces that were forced on these people before
     */
    public static List<Hint> of(Plan plan, Trace trace, Set<Side> forced) {
        return Stream.of(
                        new RepetitionRules(plan, trace, forced),
                        new HandingOutRules(plan, trace),
                        new AttentionRules(plan, trace),
                        new DisplayRules(plan, trace),
                        new KnowledgeRules(plan, trace),
                        new EndingRules(plan, trace))
                .flatMap(rules -> rules.hints().stream())
                .sorted(Comparator.comparingInt(Hint::step))
                .toList();
    }
}
