package craftypocket.app.sets;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.EditId;
import craftypocket.app.versions.Tags;
import jakarta.validation.Valid;
import java.net.URI;
import java.util.List;
import java.util.UUID;
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

/** Keeps sets. */
@RestController
@RequestMapping("/api/sets")
@AnswersWithProblems
@StoresData
class SetController {

    private final SetService sets;

    SetController(SetService sets) {
        this.sets = sets;
    }

    /** All sets, by title. */
    @GetMapping
    List<StoredSet> sets() {
        return sets.all();
    }

    /** One set. */
    @GetMapping("/{id}")
    ResponseEntity<StoredSet> set(@PathVariable UUID id) {
        return tagged(sets.find(id));
    }

    /** Keeps a new set. The same sent again is kept once. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredSet> keepNewSet(
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit, @Valid @RequestBody SetDocument set) {
        UUID id = EditId.orNew(edit);
        StoredSet kept;
        try {
            kept = sets.create(id, set);
        } catch (DataIntegrityViolationException sentTwiceAtOnce) {
            kept = sets.find(id);
        }
        return ResponseEntity.created(URI.create("/api/sets/" + id))
                .eTag(Tags.of(kept.version()))
                .body(kept);
    }

    /** Changes a set; refused when it was changed elsewhere meanwhile. The same edit sent again changes nothing more. */
    @PutMapping("/{id}")
    ResponseEntity<StoredSet> changeSet(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String version,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody SetDocument set) {
        UUID editId = EditId.orNew(edit);
        try {
            return tagged(sets.edit(id, version, editId, set));
        } catch (OptimisticLockingFailureException changed) {
            return tagged(sets.done(id, editId).orElseThrow(() -> changed));
        }
    }

    /** Deletes a set; what was performed stays in the journal. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteSet(@PathVariable UUID id) {
        sets.delete(id);
    }

    private static ResponseEntity<StoredSet> tagged(StoredSet set) {
        return ResponseEntity.ok().eTag(Tags.of(set.version())).body(set);
    }
}
