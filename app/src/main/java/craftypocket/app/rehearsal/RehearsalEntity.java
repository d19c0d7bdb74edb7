package craftypocket.app.rehearsal;

import craftypocket.app.folder.Compressed;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A run-through that was kept. */
@Entity
@Table(name = "run")
class RehearsalEntity {

    @Id
    private UUID id;

    @Column(name = "routine_id")
    private UUID routineId;

    @Column(name = "started_at")
    private Instant startedAt;

    @Column(name = "total_millis")
    private long totalMillis;

    private int slips;

    @Column(name = "came_out")
    private boolean cameOut;

    /** The whole run as it was sent. */
    private byte[] document;

    protected RehearsalEntity() {}

    RehearsalEntity(UUID id, UUID routineId, RehearsalDocument run, String text) {
        this.id = id;
        this.routineId = routineId;
        startedAt = run.startedAt();
        totalMillis = run.totalMillis();
        slips = run.slips();
        cameOut = run.cameOut();
        document = Compressed.of(text);
    }

    UUID id() {
        return id;
    }

    UUID routineId() {
        return routineId;
    }

    Instant startedAt() {
        return startedAt;
    }

    String text() {
        return Compressed.text(document);
    }
}
