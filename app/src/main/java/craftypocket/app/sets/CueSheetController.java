package craftypocket.app.sets;

import craftypocket.app.computing.Computations;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Attachment;
import craftypocket.app.performer.PerformerNotes;
import craftypocket.app.print.PrintedPages;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.app.routines.RoutineService;
import craftypocket.app.scripts.PocketFile;
import craftypocket.app.scripts.RoutineScript;
import craftypocket.core.solve.Effort;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.async.DeferredResult;

/** Cue sheets: of a set as it is sent, so that what was not saved yet is on them too. */
@RestController
@RequestMapping("/api/evening")
@AnswersWithProblems
class CueSheetController {

    private static final MediaType MARKDOWN = MediaType.parseMediaType("text/markdown;charset=UTF-8");

    private static final MediaType HTML = MediaType.parseMediaType("text/html;charset=UTF-8");

    private final RoutineService routines;
    private final RoutineFiles files;
    private final PerformerNotes notes;
    private final Evenings evenings;
    private final Computations computations;

    CueSheetController(
            RoutineService routines,
            RoutineFiles files,
            PerformerNotes notes,
            Evenings evenings,
            Computations computations) {
        this.routines = routines;
        this.files = files;
        this.notes = notes;
        this.evenings = evenings;
        this.computations = computations;
    }

    /** One page for the pocket ({@code a6}), or one for the prop table ({@code a4}). */
    @PostMapping(value = "/cues.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string", format = "binary")))
    DeferredResult<Object> cuePage(
            @RequestParam(defaultValue = "a4") @Pattern(regexp = "a4|a6", message = "must be a4 or a6") String paper,
            @Valid @RequestBody SetDocument set) {
        return computations.whole(effort -> ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"cues-" + paper + ".pdf\"")
                .body(sheet(set, effort).pdf(PrintedPages.Paper.valueOf(paper.toUpperCase(Locale.ROOT)))));
    }

    /** The same as Markdown. */
    @PostMapping(value = "/cues.md", produces = "text/markdown")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string")))
    DeferredResult<Object> cueText(@Valid @RequestBody SetDocument set) {
        return computations.whole(effort -> ResponseEntity.ok()
                .contentType(MARKDOWN)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"cues.md\"")
                .body(sheet(set, effort).markdown()));
    }

    /** The set as one page for a phone, which needs no network: set-ups, cues, what to put right in between, and every step. */
    @PostMapping(value = "/pocket.html", produces = MediaType.TEXT_HTML_VALUE)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string")))
    DeferredResult<Object> pocketSet(@Valid @RequestBody SetDocument set) {
        return computations.whole(effort -> {
            EveningDocument evening = evenings.evening(set, effort);
            List<ActRead> acts = evenings.read(set);
            List<PocketFile.Part> parts = new ArrayList<>();
            for (int i = 0; i < acts.size(); i++) {
                Computations.requireTime(effort);
                parts.add(part(set, acts.get(i), evening.stages().get(i), effort));
            }
            List<PocketFile.Listed> lists = List.of(
                    new PocketFile.Listed("In the bag", false, evening.packList()),
                    new PocketFile.Listed(
                            "Before the next table",
                            true,
                            evening.forNextTable().stream()
                                    .map(EveningDocument.ResetDocument::sentence)
                                    .toList()));
            return ResponseEntity.ok()
                    .contentType(HTML)
                    .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.called(set.title(), "html"))
                    .body(PocketFile.of(set.title(), parts, lists));
        });
    }

    private PocketFile.Part part(SetDocument set, ActRead act, EveningDocument.StageDocument stage, Effort effort) {
        RoutineDocument routine =
                routines.onShelf(set.acts().get(act.index()).routine()).orElseThrow();
        return new PocketFile.Part(
                act.act().title(),
                stage.resets().stream()
                        .map(EveningDocument.ResetDocument::sentence)
                        .toList(),
                act.bring(),
                act.firstWords(),
                act.cues(),
                RoutineScript.of(routine, files, notes.hand()::say, effort));
    }

    private CueSheet sheet(SetDocument set, Effort effort) {
        EveningDocument evening = evenings.evening(set, effort);
        Computations.requireTime(effort);
        return CueSheet.of(set, evenings.read(set), evening);
    }
}
