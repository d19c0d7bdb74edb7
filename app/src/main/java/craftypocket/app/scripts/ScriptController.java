package craftypocket.app.scripts;

import craftypocket.app.computing.Computations;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Attachment;
import craftypocket.app.performer.PerformerNotes;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.app.routines.RoutineService;
import craftypocket.app.scripts.RoutineScript.Wanted;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.async.DeferredResult;

/** Routines to be read: on paper, as text, and on a phone. */
@RestController
@RequestMapping("/api/routines/{id}")
@AnswersWithProblems
class ScriptController {

    private static final MediaType MARKDOWN = MediaType.parseMediaType("text/markdown;charset=UTF-8");
    private static final MediaType HTML = MediaType.parseMediaType("text/html;charset=UTF-8");

    private final RoutineService routines;
    private final RoutineFiles files;
    private final PerformerNotes notes;
    private final Computations computations;

    ScriptController(RoutineService routines, RoutineFiles files, PerformerNotes notes, Computations computations) {
        this.routines = routines;
        this.files = files;
        this.notes = notes;
        this.computations = computations;
    }

    /** What to do and say, with the deck after each step, as a PDF. */
    @GetMapping(value = "/script.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string", format = "binary")))
    DeferredResult<Object> scriptPages(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "true") boolean outs,
            @RequestParam(defaultValue = "true") boolean patter,
            @RequestParam(defaultValue = "true") boolean times) {
        return handedOut(id, "pdf", MediaType.APPLICATION_PDF, script -> script.pdf(new Wanted(outs, patter, times)));
    }

    /** The same as Markdown. */
    @GetMapping(value = "/script.md", produces = "text/markdown")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string")))
    DeferredResult<Object> scriptText(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "true") boolean outs,
            @RequestParam(defaultValue = "true") boolean patter,
            @RequestParam(defaultValue = "true") boolean times) {
        return handedOut(id, "md", MARKDOWN, script -> script.markdown(new Wanted(outs, patter, times)));
    }

    /** The same as one page for a phone, which needs no network. */
    @GetMapping(value = "/pocket.html", produces = MediaType.TEXT_HTML_VALUE)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string")))
    DeferredResult<Object> pocketRoutine(@PathVariable UUID id) {
        return handedOut(
                id,
                "html",
                HTML,
                script -> PocketFile.of(script.title(), List.of(PocketFile.Part.of(script)), List.of()));
    }

    private <T> DeferredResult<Object> handedOut(
            UUID id, String ending, MediaType type, Function<RoutineScript, T> written) {
        RoutineDocument routine = routines.find(id).routine();
        return computations.whole(effort -> {
            RoutineScript script = RoutineScript.of(routine, files, notes.hand()::say, effort);
            return ResponseEntity.ok()
                    .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.called(routine.title(), ending))
                    .contentType(type)
                    .body(written.apply(script));
        });
    }
}
