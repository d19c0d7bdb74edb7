package craftypocket.core.edit;

import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import java.util.List;

/** Does a step once more, right after it. */
public final class Doubling {

    private Doubling() {}

    /**
     * The routine with a step twice. On the line of an out, a step of the line that it leaves is done once more in the out.
     *
     * @param line the id of an out; empty for the main line
     * @throws craftypocket.core.settings.ProblemsFound when there is no such step, or there are too many then
     */
    public static Edited of(Routine routine, String line, String id) {
        Step step = routine.allSteps()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Edited.refused(
                        "step", id, "there is no such step any more", "Choose one of the steps that there are"));
        return Adding.of(routine, line, id, List.of(step));
    }
}
