package craftypocket.app.sets;

import craftypocket.app.folder.Compressed;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A set, as a row. */
@Entity
@Table(name = "evening_set")
class SetEntity {

    @Id
    private UUID id;

    private String title;

    /** Null until it is stored, by which it is known to be new. */
    @Version
    private Long version;

    /** Another one after each change: see {@link craftypocket.app.versions.Versions}. */
    private UUID stamp;

    @Column(name = "changed_at")
    private Instant changedAt;

    private byte[] document;

    protected SetEntity() {}

    SetEntity(UUID id) {
        this.id = id;
    }

    void write(String newTitle, String text, Instant now) {
        title = newTitle;
        document = Compressed.of(text);
        changedAt = now;
        stamp = UUID.randomUUID();
    }

    UUID id() {
        return id;
    }

    UUID stamp() {
        return stamp;
    }

    String text() {
        return Compressed.text(document);
    }
}
