package craftypocket.app.routines;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
@RequestMapping("/api/routines")
@AnswersWithProblems
class RoutineController {

    /** A title for a routine that starts from an empty deck. */
    record NewRoutine(
            @NotBlank(message = "a routine needs a title") @Size(max = 120, message = "at most 120 letters")
            String title) {}

    private final RoutineService routines;
    private final RoutineFiles files;

    RoutineController(RoutineService routines, RoutineFiles files) {
        this.routines = routines;
        this.files = files;
    }

    @GetMapping
    List<RoutineEntry> all() {
        return routines.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredRoutine> create(@Valid @RequestBody NewRoutine wanted) {
        return created(routines.create(RoutineDocument.empty(wanted.title())));
    }

    @PostMapping("/from-file")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredRoutine> fromFile(@RequestBody JsonNode file) {
        return created(routines.create(files.read(file)));
    }

    @GetMapping("/{id}")
    ResponseEntity<StoredRoutine> find(@PathVariable UUID id) {
        return tagged(routines.find(id));
    }

    @GetMapping("/{id}/file")
    ResponseEntity<RoutineDocument> file(@PathVariable UUID id) {
        RoutineDocument document = routines.find(id).routine();
        String name = document.title().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        ContentDisposition attachment = ContentDisposition.attachment()
                .filename(name + ".routine.json", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attachment.toString())
                .body(document);
    }

    @PutMapping("/{id}")
    ResponseEntity<StoredRoutine> edit(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String version,
            @Valid @RequestBody RoutineDocument document) {
        return tagged(routines.edit(id, version(version), document));
    }

    @PostMapping("/{id}/undo")
    ResponseEntity<StoredRoutine> undo(
            @PathVariable UUID id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String version) {
        return tagged(routines.undo(id, version(version)));
    }

    @PostMapping("/{id}/redo")
    ResponseEntity<StoredRoutine> redo(
            @PathVariable UUID id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String version) {
        return tagged(routines.redo(id, version(version)));
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredRoutine> copy(@PathVariable UUID id) {
        return created(routines.copy(id));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        routines.delete(id);
    }

    @PostMapping("/{id}/restore")
    ResponseEntity<StoredRoutine> restore(@PathVariable UUID id) {
        return tagged(routines.restore(id));
    }

    private static ResponseEntity<StoredRoutine> created(StoredRoutine routine) {
        return ResponseEntity.created(URI.create("/api/routines/" + routine.id()))
                .eTag("\"" + routine.version() + "\"")
                .body(routine);
    }

    private static ResponseEntity<StoredRoutine> tagged(StoredRoutine routine) {
        return ResponseEntity.ok().eTag("\"" + routine.version() + "\"").body(routine);
    }

    private static long version(String ifMatch) {
        if (ifMatch == null) {
            throw new Refusal(
                    HttpStatus.PRECONDITION_REQUIRED,
                    "Which version?",
                    "An edit says which version it is of, in the header If-Match. Load the routine first.");
        }
        String number = ifMatch.replace("\"", "").strip();
        if (!number.matches("\\d{1,18}")) {
            throw new Refusal(
                    HttpStatus.BAD_REQUEST,
                    "Not a version",
                    "If-Match is “" + ifMatch + "”: it must be the ETag of the routine. Load the routine first.");
        }
        return Long.parseLong(number);
    }
}
