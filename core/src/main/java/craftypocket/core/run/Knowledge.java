package craftypocket.core.run;

import craftypocket.core.read.Plan;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the performer knows at each moment of a routine, by what he lived through: found by going through all ways. */
public final class Knowledge {

    private final Plan plan;
    /** By moment, the set-up first, and by what was lived through. */
    private final List<Map<Long, Known>> known;

    private Knowledge(Plan plan, List<Map<Long, Known>> known) {
        this.plan = plan;
        this.known = known;
    }

    /** Goes through all ways; nothing when there are too many states to keep apart, or it was stopped: a sample proves no knowledge. */
    public static Optional<Knowledge> of(Plan plan, SurveyOptions options) {
        return StateSurvey.known(plan, options).map(known -> new Knowledge(plan, known));
    }

    /** What is known after a step, -1 being the set-up, by what was lived through. */
    Optional<Known> after(int step, long lived) {
        return Optional.ofNullable(known.get(step + 1).get(lived));
    }

    /** The trace in a world with what is known at each moment. */
    public Trace trace(World world) {
        return Tracer.trace(plan, world, this);
    }
}
