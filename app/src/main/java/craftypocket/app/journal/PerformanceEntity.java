package craftypocket.app.journal;

import craftypocket.app.folder.Compressed;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A performance, as a row. */
@Entity
@Table(name = "performance")
class PerformanceEntity {

    @Id
    private UUID id;

    @Column(name = "routine_id")
    private UUID routineId;

    @Column(name = "audience_id")
    private UUID audienceId;

    @Column(name = "done_at")
    private Instant doneAt;

    private byte[] document;

    protected PerformanceEntity() {}

    PerformanceEntity(UUID id, PerformanceDocument done, String text) {
        this.id = id;
        routineId = done.routine();
        audienceId = done.audience();
        doneAt = done.doneAt();
        document = Compressed.of(text);
    }

    UUID id() {
        return id;
    }

    String text() {
        return Compressed.text(document);
    }
}
