package craftypocket.core.run;

import craftypocket.core.layout.Hands;
import craftypocket.core.read.Obstacle;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Values;
import java.util.List;

/** The steps of a plan with the numbers of one world, ready to be done again, also with other numbers. */
public final class Walk {

    private final Plan plan;
    private final List<Values> values;

    Walk(Plan plan, List<Values> values) {
        this.plan = plan;
        this.values = List.copyOf(values);
    }

    public Plan plan() {
        return plan;
    }

    /** The numbers of a step in this world; not to be changed. */
    public Values values(int step) {
        return values.get(step);
    }

    /**
     * Does a step, unless its condition says that it is not needed.
     *
     * @param numbers its numbers; what is the rest of something is worked out in them
     * @return whether it could be done, or lacked only knowledge that is believed to be there; otherwise nothing changed
     */
    public boolean perform(int step, Values numbers, Hands hands) {
        hands.atStep(step);
        PlannedStep planned = plan.steps().get(step);
        if (!planned.applies(hands)) {
            return true;
        }
        if (!planned.ready(hands, numbers)) {
            // Whoever believes to know a card goes on all the same; only what the hands cannot do is noticed.
            return planned.obstacle(hands, numbers).flatMap(Obstacle::unknown).isPresent();
        }
        planned.perform(hands, numbers);
        return true;
    }
}
