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

    /** What the routine was called: a run outlives it. */
    private String title;

    @Column(name = "started_at")
    private Instant startedAt;

    @Column(name = "total_millis")
    private long totalMillis;

    private int slips;

    @Column(name = "came_out")
    private boolean cameOut;

    private String note;

    /** The whole run as it was sent. */
    private byte[] document;

    protected RehearsalEntity() {}

    RehearsalEntity(UUID id, UUID routineId, String title, RehearsalDocument run, String text) {
        this.id = id;
        this.routineId = routineId;
        this.title = title;
        startedAt = run.startedAt();
        totalMillis = run.totalMillis();
        slips = run.slips();
        cameOut = run.cameOut();
        note = run.notes();
        document = Compressed.of(text);
    }

    String text() {
        return Compressed.text(document);
    }
}
