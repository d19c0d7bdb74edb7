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

    private String title;

    @Column(name = "came_out")
    private boolean cameOut;

    private int slips;

    private int reaction;

    @Column(name = "used_out")
    private String usedOut;

    private String note;

    private byte[] document;

    protected PerformanceEntity() {}

    PerformanceEntity(UUID id, PerformanceDocument done, String text) {
        this.id = id;
        routineId = done.routine();
        audienceId = done.audience();
        doneAt = done.doneAt();
        title = done.title();
        cameOut = done.cameOut();
        slips = done.slippedAt().isEmpty() ? 0 : 1;
        reaction = done.reaction();
        usedOut = done.out();
        note = done.note();
        document = Compressed.of(text);
    }

    String text() {
        return Compressed.text(document);
    }
}
