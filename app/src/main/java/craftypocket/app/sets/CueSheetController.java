package craftypocket.app.sets;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.print.PrintedPages;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
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

/** Cue sheets: of a set as it is sent, so that what was not saved yet is on them too. */
@RestController
@RequestMapping("/api/evening")
@AnswersWithProblems
class CueSheetController {

    private static final MediaType MARKDOWN = MediaType.parseMediaType("text/markdown;charset=UTF-8");

    private final Evenings evenings;

    CueSheetController(Evenings evenings) {
        this.evenings = evenings;
    }

    /** One page for the pocket ({@code a6}), or one for the prop table ({@code a4}). */
    @PostMapping(value = "/cues.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cuePage(
            @RequestParam(defaultValue = "a4") @Pattern(regexp = "a4|a6", message = "must be a4 or a6") String paper,
            @Valid @RequestBody SetDocument set) {
        byte[] pdf = sheet(set).pdf(PrintedPages.Paper.valueOf(paper.toUpperCase(Locale.ROOT)));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"cues-" + paper + ".pdf\"")
                .body(pdf);
    }

    /** The same as Markdown. */
    @PostMapping(value = "/cues.md", produces = "text/markdown")
    ResponseEntity<String> cueText(@Valid @RequestBody SetDocument set) {
        return ResponseEntity.ok()
                .contentType(MARKDOWN)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"cues.md\"")
                .body(sheet(set).markdown());
    }

    private CueSheet sheet(SetDocument set) {
        List<ActRead> acts = evenings.read(set);
        return CueSheet.of(set, acts, evenings.evening(set));
    }
}
