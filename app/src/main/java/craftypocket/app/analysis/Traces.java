package craftypocket.app.analysis;

import craftypocket.app.performer.PerformerNotes;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Line;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Tells what happens in one world, as the performer wants to be spoken to. */
@Component
public class Traces {

    private final RoutineFiles files;
    private final PerformerNotes notes;

    Traces(RoutineFiles files, PerformerNotes notes) {
        this.files = files;
        this.notes = notes;
    }

    TraceDocument document(Plan plan, Trace trace) {
        return TraceDocument.of(plan, trace, notes.hand()::say, notes.forced());
    }

    /**
     * What happens on one line of a routine; nothing where it cannot be read, or is no more.
     *
     * @param line the id of an out; empty for the main line
     */
    public Optional<TraceDocument> ofLine(Routine routine, String line, World world) {
        Optional<Out> seen =
                routine.outs().stream().filter(out -> out.id().equals(line)).findFirst();
        if (!line.isEmpty() && seen.isEmpty()) {
            return Optional.empty();
        }
        try {
            Line alone = seen.map(out -> Line.along(routine, out)).orElseGet(() -> Line.main(routine));
            Plan plan = files.plan(alone.routine());
            return Optional.of(document(plan, Tracer.trace(plan, world)));
        } catch (ProblemsFound unread) {
            return Optional.empty();
        }
    }
}
