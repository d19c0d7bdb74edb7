package craftypocket.app.routines;

import craftypocket.app.http.Refusal;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps routines, with the history that undo and redo walk along. */
@Service
@Transactional
public class RoutineService {

    /** How many edits can be undone. An evening's work is some hundreds. */
    static final int LONGEST_HISTORY = 500;

    /** More routines than a shelf of notebooks; a bound on the list that is sent. */
    static final int MOST_ROUTINES = 2000;

    private final RoutineRepository routines;
    private final RevisionRepository revisions;
    private final RoutineFiles files;
    private final Clock clock;

    RoutineService(RoutineRepository routines, RevisionRepository revisions, RoutineFiles files, Clock clock) {
        this.routines = routines;
        this.revisions = revisions;
        this.files = files;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<RoutineEntry> all() {
        return routines.findByDeletedAtIsNullOrderByTitle().stream()
                .map(r -> new RoutineEntry(
                        r.id(),
                        r.title(),
                        Arrays.stream(r.tags().split("\n"))
                                .filter(t -> !t.isEmpty())
                                .toList(),
                        r.version(),
                        r.changedAt()))
                .toList();
    }

    @Transactional(readOnly = true)
    StoredRoutine find(UUID id) {
        return stored(existing(id));
    }

    /** Fails with 404 unless the routine is there and not deleted. */
    @Transactional(readOnly = true)
    public void requireExisting(UUID id) {
        existing(id);
    }

    StoredRoutine create(RoutineDocument document) {
        if (routines.count() >= MOST_ROUTINES) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    "The shelf is full",
                    "There are " + MOST_ROUTINES + " routines already. Delete some first.");
        }
        files.plan(document);
        RoutineEntity routine = new RoutineEntity(UUID.randomUUID(), clock.instant());
        return write(routine, 1, document);
    }

    StoredRoutine edit(UUID id, long version, RoutineDocument document) {
        RoutineEntity routine = unchanged(id, version);
        files.plan(document);
        routine.cutHistory();
        int next = routine.revision() + 1;
        revisions.keepBetween(id, next - LONGEST_HISTORY, routine.revision());
        return write(routine, next, document);
    }

    StoredRoutine undo(UUID id, long version) {
        RoutineEntity routine = unchanged(id, version);
        if (routine.revision() <= revisions.firstNumber(id)) {
            throw new Refusal(HttpStatus.CONFLICT, "Nothing to undo", "This is as far back as the history goes.");
        }
        return showRevision(routine, routine.revision() - 1);
    }

    StoredRoutine redo(UUID id, long version) {
        RoutineEntity routine = unchanged(id, version);
        if (routine.revision() >= routine.lastRevision()) {
            throw new Refusal(HttpStatus.CONFLICT, "Nothing to redo", "There is no undone edit to bring back.");
        }
        return showRevision(routine, routine.revision() + 1);
    }

    StoredRoutine copy(UUID id) {
        RoutineDocument original = document(existing(id));
        String title = original.title();
        String copied = "Copy of " + title.substring(0, Math.min(title.length(), 110));
        return create(original.titled(copied));
    }

    /** Deleting can be undone by {@link #restore}; it needs no version, for nothing is lost. */
    void delete(UUID id) {
        existing(id).delete(clock.instant());
    }

    StoredRoutine restore(UUID id) {
        RoutineEntity routine = routines.findById(id).orElseThrow(RoutineService::notThere);
        routine.restore();
        return stored(routines.saveAndFlush(routine));
    }

    private StoredRoutine showRevision(RoutineEntity routine, int number) {
        routine.show(number, document(routine.id(), number), clock.instant());
        return stored(routines.saveAndFlush(routine));
    }

    /** Writes a revision and shows it. The row goes first, for the revision refers to it. */
    private StoredRoutine write(RoutineEntity routine, int number, RoutineDocument document) {
        routine.show(number, document, clock.instant());
        RoutineEntity saved = routines.saveAndFlush(routine);
        revisions.saveAndFlush(new RevisionEntity(routine.id(), number, files.write(document)));
        return stored(saved);
    }

    private StoredRoutine stored(RoutineEntity routine) {
        return new StoredRoutine(
                routine.id(),
                routine.version(),
                routine.revision() > revisions.firstNumber(routine.id()),
                routine.revision() < routine.lastRevision(),
                routine.changedAt(),
                document(routine));
    }

    private RoutineDocument document(RoutineEntity routine) {
        return document(routine.id(), routine.revision());
    }

    private RoutineDocument document(UUID id, int number) {
        return files.stored(
                revisions.findByRoutineIdAndNumber(id, number).orElseThrow().document());
    }

    private RoutineEntity existing(UUID id) {
        return routines.findById(id).filter(r -> !r.deleted()).orElseThrow(RoutineService::notThere);
    }

    private RoutineEntity unchanged(UUID id, long version) {
        RoutineEntity routine = existing(id);
        if (routine.version() != version) {
            throw new OptimisticLockingFailureException("routine " + id + " is no longer at version " + version);
        }
        return routine;
    }

    private static Refusal notThere() {
        return new Refusal(
                HttpStatus.NOT_FOUND,
                "No such routine",
                "It may have been deleted. Go back to the repertoire, where a deleted routine can be brought back for a moment.");
    }
}
