package craftypocket.app.routines;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftypocket.app.folder.Compressed;
import craftypocket.app.folder.Housekeeping;
import craftypocket.app.http.Refusal;
import craftypocket.app.versions.Versions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Keeps routines, with the history that undo and redo walk along, and deleted ones for a while. */
@Service
@Transactional
public class RoutineService implements Housekeeping.Spoils {

    /** How many edits can be undone at most. An evening's work is some hundreds. */
    static final int LONGEST_HISTORY = 500;

    /** Of very large routines fewer edits are kept, but never fewer than this. */
    static final int SHORTEST_HISTORY = 20;

    /** How much the history of one routine takes in the file, about. */
    static final int MOST_HISTORY_BYTES = 2_000_000;

    /** More routines than a shelf of notebooks; a bound on the list that is sent. */
    static final int MOST_ROUTINES = 2000;

    /** What is deleted can be brought back for so long. */
    static final Duration IN_THE_BIN = Duration.ofDays(30);

    private static final int LONGEST_TITLE = 120;

    private static final int MOST_MOVES = 200;

    private final RoutineRepository routines;
    private final HistoryRepository history;
    private final RoutineFiles files;
    private final Versions versions;
    private final Clock clock;

    /** By the stamp of a version, what each of its steps does: thousands of runs ask for the same few routines. */
    private final Cache<UUID, Map<String, String>> moves =
            Caffeine.newBuilder().maximumSize(MOST_MOVES).build();

    RoutineService(
            RoutineRepository routines, HistoryRepository history, RoutineFiles files, Versions versions, Clock clock) {
        this.versions = versions;
        this.routines = routines;
        this.history = history;
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
                        r.stamp(),
                        r.changedAt()))
                .toList();
    }

    /** What the routines of the shelf are called. */
    @Transactional(readOnly = true)
    public Map<UUID, String> titles() {
        return all().stream().collect(Collectors.toMap(RoutineEntry::id, RoutineEntry::title));
    }

    /** A routine of the shelf; empty when it is not there, or was deleted. */
    @Transactional(readOnly = true)
    public Optional<RoutineDocument> onShelf(UUID id) {
        return routines.findById(id).filter(routine -> !routine.deleted()).map(this::document);
    }

    /** What a routine is called, also one that waits in the bin; empty when it is not there. */
    @Transactional(readOnly = true)
    public Optional<String> title(UUID id) {
        return Optional.ofNullable(id).flatMap(routines::findById).map(RoutineEntity::title);
    }

    /** By the id of each step of a routine, on whatever line, the move; nothing when the routine is not there. */
    @Transactional(readOnly = true)
    public Map<String, String> moves(UUID id) {
        return Optional.ofNullable(id)
                .flatMap(routines::findById)
                .map(routine ->
                        moves.get(routine.stamp(), stamp -> document(routine).moves()))
                .orElse(Map.of());
    }

    @Transactional(readOnly = true)
    public StoredRoutine find(UUID id) {
        return stored(existing(id));
    }

    /** The document as it is stored, with what this version does not know of it. */
    @Transactional(readOnly = true)
    JsonNode file(UUID id) {
        return files.tree(text(existing(id)));
    }

    /** Fails with 404 unless the routine is there and not deleted. */
    @Transactional(readOnly = true)
    public void requireExisting(UUID id) {
        existing(id);
    }

    /** @param edit the id that whoever asks gave it: it becomes that of the routine, and asking again makes no second one */
    StoredRoutine create(RoutineDocument document, UUID edit) {
        return create(document, files.tree(document), edit);
    }

    /** Keeps a routine as a file has it. */
    StoredRoutine create(JsonNode file, UUID edit) {
        return create(files.read(file), edit);
    }

    /** Puts a file of a backup on the shelf, with whatever a later version has written into it. */
    void restoreFile(UUID id, JsonNode file) {
        create(files.stored(file), file, id);
    }

    /** Throws all routines away for good, the deleted ones too, with what belongs to them. */
    void throwAllAway() {
        routines.deleteAllInBatch();
    }

    private StoredRoutine create(RoutineDocument document, JsonNode tree, UUID edit) {
        Optional<RoutineEntity> known = routines.findById(edit);
        if (known.isPresent()) {
            return stored(known.get());
        }
        requireRoom();
        files.plan(document);
        StoredRoutine first = write(new RoutineEntity(edit, clock.instant()), 1, document, tree);
        versions.led(edit, edit, first.version());
        return first;
    }

    private void requireRoom() {
        if (routines.countByDeletedAtIsNull() >= MOST_ROUTINES) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    "The shelf is full",
                    "There are " + MOST_ROUTINES + " routines already. Delete some first.");
        }
    }

    /** @param edit the id that whoever asks gave it: asking again changes nothing more */
    StoredRoutine edit(UUID id, String version, UUID edit, RoutineDocument document) {
        return once(id, version, edit, routine -> {
            files.plan(document);
            JsonNode before = files.tree(text(routine));
            JsonNode next = files.tree(document);
            UnknownFields.carryOver(before, files.tree(files.stored(before)), next);
            routine.cutHistory();
            int number = routine.revision() + 1;
            return write(routine, number, document, next);
        });
    }

    StoredRoutine undo(UUID id, String version, UUID edit) {
        return once(id, version, edit, routine -> {
            if (routine.revision() <= history.firstNumber(id)) {
                throw new Refusal(HttpStatus.CONFLICT, "Nothing to undo", "This is as far back as the history goes.");
            }
            return show(routine, routine.revision() - 1);
        });
    }

    StoredRoutine redo(UUID id, String version, UUID edit) {
        return once(id, version, edit, routine -> {
            if (routine.revision() >= routine.lastRevision()) {
                throw new Refusal(HttpStatus.CONFLICT, "Nothing to redo", "There is no undone edit to bring back.");
            }
            return show(routine, routine.revision() + 1);
        });
    }

    /** What an edit led to, if it is one of the last ones. */
    @Transactional(readOnly = true)
    Optional<StoredRoutine> done(UUID id, UUID edit) {
        RoutineEntity routine = existing(id);
        return versions.after(id, edit).map(stamp -> stored(routine).at(stamp));
    }

    /** An edit whose answer was lost is asked for again: it is done once, and told by the version it led to. */
    private StoredRoutine once(UUID id, String version, UUID edit, Function<RoutineEntity, StoredRoutine> does) {
        RoutineEntity routine = existing(id);
        Optional<StoredRoutine> done = done(id, edit);
        if (done.isPresent()) {
            return done.get();
        }
        versions.requireCurrent(id, routine.stamp(), version);
        StoredRoutine led = does.apply(routine);
        versions.led(id, edit, led.version());
        return led;
    }

    StoredRoutine copy(UUID id, UUID edit) {
        RoutineEntity routine = existing(id);
        String title = Texts.cut("Copy of " + document(routine).title(), LONGEST_TITLE);
        ObjectNode tree = ((ObjectNode) files.tree(text(routine))).put("title", title);
        return create(files.stored(tree), tree, edit);
    }

    /** Deleting can be undone by {@link #restore}; it needs no version, for nothing is lost. */
    void delete(UUID id) {
        existing(id).delete(clock.instant());
    }

    StoredRoutine restore(UUID id) {
        RoutineEntity routine = routines.findById(id).orElseThrow(RoutineService::notThere);
        if (routine.deleted()) {
            requireRoom();
            routine.restore();
        }
        return stored(routines.saveAndFlush(routine));
    }

    /** What was deleted, the last first. */
    @Transactional(readOnly = true)
    List<BinEntry> bin() {
        return routines.findByDeletedAtIsNotNullOrderByDeletedAtDesc().stream()
                .map(r -> new BinEntry(
                        r.id(), r.title(), r.deletedAt(), r.deletedAt().plus(IN_THE_BIN)))
                .toList();
    }

    /** Throws a deleted routine away for good. */
    void throwAway(UUID id) {
        if (routines.throwAway(id) == 0) {
            throw notThere();
        }
    }

    void emptyBin() {
        routines.throwAwayDeletedBefore(Instant.MAX);
    }

    @Override
    public void throwAwayWhatIsTooOld() {
        routines.throwAwayDeletedBefore(clock.instant().minus(IN_THE_BIN));
    }

    private StoredRoutine show(RoutineEntity routine, int number) {
        routine.show(number, document(routine.id(), number), clock.instant());
        return stored(routines.saveAndFlush(routine));
    }

    /** Writes a state and shows it. The row goes first, for the state refers to it. */
    private StoredRoutine write(RoutineEntity routine, int number, RoutineDocument document, JsonNode tree) {
        byte[] kept = Compressed.of(tree.toString());
        routine.show(number, document, clock.instant());
        RoutineEntity saved = routines.saveAndFlush(routine);
        history.keepBetween(routine.id(), number - length(kept.length) + 1, number - 1);
        history.saveAndFlush(new HistoryEntity(routine.id(), number, kept));
        return stored(saved);
    }

    /** How many states are kept of a routine whose document takes so many bytes. */
    static int length(int bytes) {
        return Math.max(SHORTEST_HISTORY, Math.min(LONGEST_HISTORY, MOST_HISTORY_BYTES / Math.max(1, bytes)));
    }

    private StoredRoutine stored(RoutineEntity routine) {
        return new StoredRoutine(
                routine.id(),
                routine.stamp(),
                routine.revision() > history.firstNumber(routine.id()),
                routine.revision() < routine.lastRevision(),
                routine.changedAt(),
                document(routine));
    }

    private RoutineDocument document(RoutineEntity routine) {
        return document(routine.id(), routine.revision());
    }

    private RoutineDocument document(UUID id, int number) {
        return files.stored(files.tree(text(id, number)));
    }

    private String text(RoutineEntity routine) {
        return text(routine.id(), routine.revision());
    }

    private String text(UUID id, int number) {
        return history.findById(new HistoryEntity.Key(id, number)).orElseThrow().document();
    }

    private RoutineEntity existing(UUID id) {
        return routines.findById(id).filter(r -> !r.deleted()).orElseThrow(RoutineService::notThere);
    }

    /** The refusal of something about a routine that is not there. */
    public static Refusal notThere() {
        return new Refusal(
                HttpStatus.NOT_FOUND,
                "No such routine",
                "It may have been deleted. Go back to the repertoire, where deleted routines wait in the bin.");
    }
}
