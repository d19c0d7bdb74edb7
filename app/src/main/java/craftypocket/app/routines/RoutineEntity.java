package craftypocket.app.routines;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** A routine, as a row: what is searched, and where its history stands. */
@Entity
@Table(name = "routine")
class RoutineEntity {

    /** An edit is sent again at once, or when its window is opened again; between them few others come. */
    private static final int MOST_REMEMBERED = 20;

    @Id
    private UUID id;

    private String title;
    private String tags;

    /** Null until it is stored, by which it is known to be new. */
    @Version
    private Long version;

    /** The revision that is shown. */
    private int revision;

    /** The newest revision, larger than the shown one after an undo. */
    @Column(name = "last_revision")
    private int lastRevision;

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "changed_at")
    private Instant changedAt;

    @Column(name = "deleted_at")
    private Instant deletedAt;

    /** The last edits, the oldest first, as {@code id:version} with the version that each led to, with spaces between. */
    @Column(name = "recent_edits")
    private String recentEdits = "";

    protected RoutineEntity() {}

    RoutineEntity(UUID id, Instant now) {
        this.id = id;
        createdAt = now;
    }

    /** Shows another revision. Also makes the row dirty, so that its version counts up. */
    void show(int number, RoutineDocument document, Instant now) {
        revision = number;
        lastRevision = Math.max(lastRevision, number);
        title = document.title();
        tags = String.join("\n", document.tags());
        changedAt = now;
    }

    /** Remembers an edit that is about to be stored, by the id that whoever made it gave it. */
    void remember(UUID edit) {
        List<String> edits = new ArrayList<>(edits());
        edits.add(edit + ":" + (version == null ? 0 : version + 1));
        recentEdits = String.join(" ", edits.subList(Math.max(0, edits.size() - MOST_REMEMBERED), edits.size()));
    }

    /** The version that an edit led to, if it is one of the last ones. */
    Optional<Long> versionAfter(UUID edit) {
        return edits().stream()
                .filter(each -> each.startsWith(edit + ":"))
                .map(each -> Long.valueOf(each.substring(each.indexOf(':') + 1)))
                .findFirst();
    }

    private List<String> edits() {
        return recentEdits.isEmpty() ? List.of() : List.of(recentEdits.split(" "));
    }

    /** Forgets what was undone: the next edit starts from here. */
    void cutHistory() {
        lastRevision = revision;
    }

    void delete(Instant now) {
        deletedAt = now;
    }

    void restore() {
        deletedAt = null;
    }

    UUID id() {
        return id;
    }

    String title() {
        return title;
    }

    String tags() {
        return tags;
    }

    long version() {
        return version;
    }

    int revision() {
        return revision;
    }

    int lastRevision() {
        return lastRevision;
    }

    Instant changedAt() {
        return changedAt;
    }

    Instant deletedAt() {
        return deletedAt;
    }

    boolean deleted() {
        return deletedAt != null;
    }
}
