package craftypocket.core.run;

import craftypocket.core.layout.Hands;
import craftypocket.core.read.Plan;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the performer knows at each moment of a routine, by what he lived through: found by going through all ways. */
public final class Knowledge {

    private final Plan plan;
    /** By moment, the set-up first. */
    private final List<Histories> histories;
    /** By moment and by what was lived through. */
    private final List<Map<Long, Known>> known;

    Knowledge(Plan plan, List<Histories> histories, List<Map<Long, Known>> known) {
        this.plan = plan;
        this.histories = histories.stream().map(Histories::withoutStates).toList();
        this.known = known;
    }

    /** How much it has to remember: so many histories, over all moments. */
    public int size() {
        return histories.stream().mapToInt(Histories::size).sum()
                + known.stream().mapToInt(Map::size).sum();
    }

    /** Goes through all ways; nothing when there are too many states to keep apart, or it was stopped: a sample proves no knowledge. */
    public static Optional<Knowledge> of(Plan plan, SurveyOptions options) {
        return StateSurvey.known(plan, options);
    }

    /** What is known on a surface after a step, -1 being the set-up; what makes no difference any more is forgotten on it. */
    Optional<Known> after(int step, Hands hands) {
        histories.get(step + 1).goOn(hands);
        return Optional.ofNullable(known.get(step + 1).get(hands.lived()));
    }

    /** The trace in a world with what is known at each moment. */
    public Trace trace(World world) {
        return Tracer.trace(plan, world, this);
    }
}
