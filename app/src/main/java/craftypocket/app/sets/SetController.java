package craftypocket.app.sets;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.EditId;
import craftypocket.app.http.Refusal;
import craftypocket.app.http.Tags;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.net.URI;
import java.time.Clock;
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
import tools.jackson.databind.json.JsonMapper;

/** Keeps sets. */
@RestController
@RequestMapping("/api/sets")
@AnswersWithProblems
@StoresData
class SetController {

    /** More sets than evenings in some years. */
    private static final int MOST_SETS = 1000;

    private final SetRepository sets;
    private final JsonMapper json;
    private final Clock clock;

    SetController(SetRepository sets, JsonMapper json, Clock clock) {
        this.sets = sets;
        this.json = json;
        this.clock = clock;
    }

    /** A set that is kept, with its version. */
    record StoredSet(
            @NotNull UUID id, long version, @NotNull SetDocument set) {}

    /** All sets, by title. */
    @GetMapping
    List<StoredSet> sets() {
        return sets.findByOrderByTitle().stream().map(this::stored).toList();
    }

    /** One set. */
    @GetMapping("/{id}")
    ResponseEntity<StoredSet> set(@PathVariable UUID id) {
        return tagged(existing(id));
    }

    /** Keeps a new set. The same sent again is kept once. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<StoredSet> keepNewSet(
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit, @Valid @RequestBody SetDocument set) {
        UUID id = edit == null ? UUID.randomUUID() : edit;
        if (!sets.existsById(id) && sets.count() >= MOST_SETS) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    "Too many sets",
                    "There are " + MOST_SETS + " sets already. Delete some first.");
        }
        SetEntity kept;
        try {
            kept = sets.findById(id).orElseGet(() -> write(new SetEntity(id), set));
        } catch (DataIntegrityViolationException sentTwiceAtOnce) {
            kept = existing(id);
        }
        return ResponseEntity.created(URI.create("/api/sets/" + id))
                .eTag(Tags.of(kept.version()))
                .body(stored(kept));
    }

    /** Changes a set; refused when it was changed elsewhere meanwhile. */
    @PutMapping("/{id}")
    ResponseEntity<StoredSet> changeSet(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @Valid @RequestBody SetDocument set) {
        SetEntity entity = existing(id);
        if (entity.version() != Tags.version(ifMatch)) {
            throw new OptimisticLockingFailureException("set " + id + " was changed");
        }
        return tagged(write(entity, set));
    }

    /** Deletes a set; what was performed stays in the journal. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteSet(@PathVariable UUID id) {
        existing(id);
        sets.forget(id);
    }

    private SetEntity write(SetEntity entity, SetDocument set) {
        entity.write(set.title(), json.writeValueAsString(set), clock.instant());
        return sets.saveAndFlush(entity);
    }

    private SetEntity existing(UUID id) {
        return sets.findById(id)
                .orElseThrow(() -> new Refusal(
                        HttpStatus.NOT_FOUND, "No such set", "It may have been deleted. Go back to Tonight."));
    }

    private StoredSet stored(SetEntity entity) {
        return new StoredSet(entity.id(), entity.version(), json.readValue(entity.text(), SetDocument.class));
    }

    private ResponseEntity<StoredSet> tagged(SetEntity entity) {
        return ResponseEntity.ok().eTag(Tags.of(entity.version())).body(stored(entity));
    }
}
