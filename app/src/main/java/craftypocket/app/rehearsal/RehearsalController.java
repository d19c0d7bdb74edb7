package craftypocket.app.rehearsal;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.EditId;
import craftypocket.app.routines.RoutineService;
import craftypocket.core.rehearse.WeakSteps;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.PageRequest;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the run-throughs of each routine. */
@RestController
@RequestMapping("/api")
@AnswersWithProblems
@StoresData
class RehearsalController {

    /** As many as a chart can show. */
    private static final int MOST_LISTED = 200;

    private final RehearsalRepository rehearsals;
    private final Runs runs;
    private final RoutineService routines;
    private final JsonMapper json;

    RehearsalController(RehearsalRepository rehearsals, Runs runs, RoutineService routines, JsonMapper json) {
        this.runs = runs;
        this.rehearsals = rehearsals;
        this.routines = routines;
        this.json = json;
    }

    /** Keeps a run. The same run sent again is kept once. A run of a routine that is gone is kept by the title it brings along. */
    @PostMapping("/routines/{id}/rehearsals")
    @ResponseStatus(HttpStatus.CREATED)
    RehearsalDocument keep(
            @PathVariable UUID id,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody RehearsalDocument run) {
        UUID runId = EditId.orNew(edit);
        try {
            return runs.keep(runId, id, run);
        } catch (DataIntegrityViolationException sentTwiceAtOnce) {
            if (rehearsals.existsById(runId)) {
                return run;
            }
            throw sentTwiceAtOnce;
        }
    }

    /** The runs of a routine, the newest first, two hundred at a time: {@code page} 0 has the last ones. */
    @GetMapping("/routines/{id}/rehearsals")
    List<RehearsalDocument> runs(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "at least 0")
                    @Max(value = 100_000, message = "at most 100,000")
                    int page) {
        routines.requireExisting(id);
        return rehearsals.findByRoutineIdOrderByStartedAtDesc(id, PageRequest.of(page, MOST_LISTED)).stream()
                .map(r -> json.readValue(r.text(), RehearsalDocument.class))
                .toList();
    }

    /** A step that slipped in the last runs: how often, and why, the most frequent reason first. */
    record WeakStepDocument(
            @NotNull String stepId, int slips, @NotNull List<String> reasons) {}

    /** Where the last two hundred runs of a routine slipped, the worst step first. */
    @GetMapping("/routines/{id}/weak-steps")
    List<WeakStepDocument> weakSteps(@PathVariable UUID id) {
        return WeakSteps.of(runs(id, 0).stream()
                        .flatMap(run -> run.steps().stream())
                        .map(step -> new WeakSteps.Gone(step.stepId(), step.slips(), step.reasons()))
                        .toList())
                .stream()
                .map(weak -> new WeakStepDocument(weak.step(), weak.slips(), weak.reasons()))
                .toList();
    }

    /** When each routine was last rehearsed. */
    @GetMapping("/rehearsals/last")
    List<LastRehearsal> last() {
        return rehearsals.last();
    }
}
