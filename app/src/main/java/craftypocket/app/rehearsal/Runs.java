package craftypocket.app.rehearsal;

import craftypocket.app.routines.RoutineService;
import craftypocket.core.rehearse.Evenness;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The run-throughs of all routines, for other features. */
@Service
public class Runs {

    /** Two runs a week for a year. */
    private static final int MOST_RUNS = 100;

    private final RehearsalRepository rehearsals;
    private final RoutineService routines;
    private final JdbcClient database;
    private final JsonMapper json;

    Runs(RehearsalRepository rehearsals, RoutineService routines, JdbcClient database, JsonMapper json) {
        this.rehearsals = rehearsals;
        this.routines = routines;
        this.database = database;
        this.json = json;
    }

    /**
     * How long a routine takes by its own runs.
     *
     * @param seconds the median
     * @param spread the standard deviation in seconds
     */
    public record Time(int seconds, double spread) {}

    /**
     * Keeps a run; the same sent again is kept once. It outlives its routine, and is then known by its title.
     *
     * @param routine null when the routine was not known here
     * @return the run with the title of the routine as it is called now
     */
    @Transactional
    public RehearsalDocument keep(UUID id, UUID routine, RehearsalDocument run) {
        String title = routines.title(routine)
                .or(() -> Optional.ofNullable(run.routine()).filter(each -> !each.isBlank()))
                .orElseThrow(RoutineService::notThere);
        RehearsalDocument titled = run.of(title);
        if (rehearsals.existsById(id)) {
            return titled;
        }
        rehearsals.saveAndFlush(new RehearsalEntity(id, routine, title, titled, json.writeValueAsString(titled)));
        keepSlips(id, run, routines.moves(routine));
        return titled;
    }

    /** Where and why it slipped, to be counted. */
    private void keepSlips(UUID id, RehearsalDocument run, Map<String, String> moves) {
        Set<String> why = new TreeSet<>();
        for (RehearsalDocument.StepRun step : run.steps()) {
            why.addAll(step.reasons());
            if (step.slips() > 0) {
                database.sql("insert into run_slip (run_id, step_id, move, slips) values (?, ?, ?, ?)")
                        .params(id, step.stepId(), moves.get(step.stepId()), step.slips())
                        .update();
            }
        }
        why.forEach(reason -> database.sql("insert into run_reason (run_id, reason) values (?, ?)")
                .params(id, reason)
                .update());
    }

    /** How long steps of a routine took in its last runs, in seconds, by step and day; what took no time was not done. */
    @Transactional(readOnly = true)
    public Map<String, Map<LocalDate, List<Double>>> secondsOfSteps(UUID routine) {
        Map<String, Map<LocalDate, List<Double>>> seconds = new HashMap<>();
        for (RehearsalEntity run :
                rehearsals.findByRoutineIdOrderByStartedAtDesc(routine, PageRequest.of(0, MOST_RUNS))) {
            RehearsalDocument done = json.readValue(run.text(), RehearsalDocument.class);
            LocalDate day = LocalDate.ofInstant(done.startedAt(), ZoneId.systemDefault());
            done.steps().stream()
                    .filter(step -> step.millis() > 0)
                    .forEach(step -> seconds.computeIfAbsent(step.stepId(), id -> new TreeMap<>())
                            .computeIfAbsent(day, each -> new ArrayList<>())
                            .add(step.millis() / 1000.0));
        }
        return seconds;
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
