package craftypocket.app.routines;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A routine, as a row: what is searched, and where its history stands. */
@Entity
@Table(name = "routine")
class RoutineEntity {

    @Id
    private UUID id;

    private String title;
    private String tags;

    /** Null until it is stored, by which it is known to be new. */
    @Version
    private Long version;

    /** Another one after each change: see {@link craftypocket.app.versions.Versions}. */
    private UUID stamp;

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
        stamp = UUID.randomUUID();
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

    UUID stamp() {
        return stamp;
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
