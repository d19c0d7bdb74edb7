package craftypocket.app.routines;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Attachment;
import craftypocket.app.http.EditId;
import craftypocket.app.http.Visible;
import craftypocket.app.versions.Tags;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
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

/** Routines on the shelf, their history, and the bin. */
@RestController
@RequestMapping("/api/routines")
@AnswersWithProblems
@StoresData
class RoutineController {

    /** A title for a routine that starts from an empty deck. */
    record NewRoutine(
            @Visible(message = "a routine needs a title of one line that can be seen")
            @Size(max = 120, message = "at most 120 letters")
            String title) {}

    private final RoutineService routines;
    private final Beginnings beginnings;
    private final RoutineFiles files;

    RoutineController(RoutineService routines, Beginnings beginnings, RoutineFiles files) {
        this.beginnings = beginnings;
        this.files = files;
        this.routines = routines;
    }

    /** Every routine on the shelf, by its title. */
    @GetMapping
    List<RoutineEntry> all() {
        return routines.all();
    }

    /** Puts an empty routine on the shelf. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredRoutine> create(
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit, @Valid @RequestBody NewRoutine wanted) {
        return created(edit, id -> routines.create(RoutineDocument.empty(wanted.title()), id));
    }

    /** Puts the routine of a file on the shelf. */
    @PostMapping("/from-file")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredRoutine> fromFile(
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit, @RequestBody JsonNode file) {
        return created(edit, id -> routines.create(file, id));
    }

    /** What a new routine can begin with, by what people see. */
    @GetMapping("/beginnings")
    List<Beginnings.Beginning> beginnings() {
        return beginnings.all();
    }

    /** What was deleted, the last first. */
    @GetMapping("/bin")
    List<BinEntry> bin() {
        return routines.bin();
    }

    /** Throws away for good whatever was deleted. */
    @DeleteMapping("/bin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void emptyBin() {
        routines.emptyBin();
    }

    /** Throws one deleted routine away for good. */
    @DeleteMapping("/bin/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void throwAway(@PathVariable UUID id) {
        routines.throwAway(id);
    }

    /** A routine, with where its history stands. */
    @GetMapping("/{id}")
    ResponseEntity<StoredRoutine> find(@PathVariable UUID id) {
        return tagged(routines.find(id));
    }

    /** The routine as a file. */
    @GetMapping("/{id}/file")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = RoutineDocument.class)))
    ResponseEntity<JsonNode> file(@PathVariable UUID id) {
        JsonNode document = routines.file(id);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        Attachment.called(document.path("title").asString(), "routine.json"))
                .body(document);
    }

    /** Puts a new state in the place of the old one. The same edit sent again changes nothing more. */
    @PutMapping("/{id}")
    ResponseEntity<StoredRoutine> edit(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String version,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody RoutineDocument document) {
        return edited(id, edit, editId -> routines.edit(id, version, editId, document));
    }

    /** Goes back by one edit. */
    @PostMapping("/{id}/undo")
    ResponseEntity<StoredRoutine> undo(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String version,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit) {
        return edited(id, edit, editId -> routines.undo(id, version, editId));
    }

    /** Brings back the edit that was undone last. */
    @PostMapping("/{id}/redo")
    ResponseEntity<StoredRoutine> redo(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String version,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit) {
        return edited(id, edit, editId -> routines.redo(id, version, editId));
    }

    /** Puts a copy on the shelf. */
    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredRoutine> copy(
            @PathVariable UUID id, @RequestHeader(name = EditId.HEADER, required = false) UUID edit) {
        return created(edit, copy -> routines.copy(id, copy));
    }

    /** Takes a routine from the shelf into the bin. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        routines.delete(id);
    }

    /** Takes a routine from the bin back to the shelf. */
    @PostMapping("/{id}/restore")
    ResponseEntity<StoredRoutine> restore(@PathVariable UUID id) {
        return tagged(routines.restore(id));
    }

    /** Makes a routine of this id. The same may be under way already, sent a moment before: then that one counts. */
    private ResponseEntity<StoredRoutine> created(UUID edit, Function<UUID, StoredRoutine> makes) {
        UUID id = EditId.orNew(edit);
        StoredRoutine routine;
        try {
            routine = makes.apply(id);
        } catch (DataIntegrityViolationException there) {
            routine = routines.find(id);
        }
        return ResponseEntity.created(URI.create("/api/routines/" + routine.id()))
                .eTag(Tags.of(routine.version()))
                .body(routine);
    }

    /** Does an edit. The same may be under way already, sent a moment before: then that one counts. */
    private ResponseEntity<StoredRoutine> edited(UUID id, UUID edit, Function<UUID, StoredRoutine> does) {
        UUID editId = EditId.orNew(edit);
        try {
            return tagged(does.apply(editId));
        } catch (OptimisticLockingFailureException changed) {
            return tagged(routines.done(id, editId).orElseThrow(() -> changed));
        }
    }

    private static ResponseEntity<StoredRoutine> tagged(StoredRoutine routine) {
        return ResponseEntity.ok().eTag(Tags.of(routine.version())).body(routine);
    }
}
