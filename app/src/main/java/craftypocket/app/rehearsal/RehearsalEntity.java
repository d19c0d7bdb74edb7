package craftypocket.app.rehearsal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "rehearsal")
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
    @Lob
    private String record;

    protected RehearsalEntity() {}

    RehearsalEntity(UUID routineId, RehearsalDocument run, String record) {
        id = UUID.randomUUID();
        this.routineId = routineId;
        startedAt = run.startedAt();
        totalMillis = run.totalMillis();
        slips = run.slips();
        cameOut = run.cameOut();
        this.record = record;
    }

    UUID routineId() {
        return routineId;
    }

    Instant startedAt() {
        return startedAt;
    }

    String record() {
        return record;
    }
}
