package craftypocket.app.rehearsal;

import craftypocket.core.rehearse.Evenness;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** The run-throughs of all routines, for other features. */
@Service
public class Runs {

    private final RehearsalRepository rehearsals;
    private final JsonMapper json;

    Runs(RehearsalRepository rehearsals, JsonMapper json) {
        this.rehearsals = rehearsals;
        this.json = json;
    }

    /** A run with whose it is. */
    public record Ran(UUID id, UUID routineId, RehearsalDocument run) {}

    /**
     * How long a routine takes by its own runs.
     *
     * @param seconds the median
     * @param spread the standard deviation in seconds
     */
    public record Time(int seconds, double spread) {}

    /** The runs of some time, of one routine or, when it is null, of all, the newest first. */
    public List<Ran> between(UUID routine, Instant from, Instant until, int most) {
        return rehearsals.ofTime(routine, from, until, PageRequest.of(0, most)).stream()
                .map(run -> new Ran(run.id(), run.routineId(), json.readValue(run.text(), RehearsalDocument.class)))
                .toList();
    }

    /** How many there are of them. */
    public int count(UUID routine, Instant from, Instant until) {
        return rehearsals.countOfTime(routine, from, until);
    }

    /** Keeps a run that was written down elsewhere. */
    public void keep(UUID id, UUID routineId, RehearsalDocument run) {
        rehearsals.save(new RehearsalEntity(id, routineId, run, json.writeValueAsString(run)));
    }

    /** How long routines take; those that were never run are missing. */
    public Map<UUID, Time> times() {
        return rehearsals.summaries().stream()
                .collect(Collectors.groupingBy(
                        RunSummary::routineId, Collectors.collectingAndThen(Collectors.toList(), Runs::time)));
    }

    private static Time time(List<RunSummary> runs) {
        double[] seconds =
                runs.stream().mapToDouble(run -> run.totalMillis() / 1000.0).toArray();
        return new Time((int) Math.round(Evenness.median(seconds).orElse(0)), Evenness.deviation(seconds));
    }
}
