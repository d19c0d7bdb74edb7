package craftypocket.app.rehearsal;

import craftypocket.app.folder.Compressed;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Something that was practised once. */
@Entity
@Table(name = "practice")
class PracticeEntity {

    @Id
    private UUID id;

    private String kind;

    private String subject;

    @Column(name = "done_at")
    private Instant doneAt;

    private byte[] document;

    protected PracticeEntity() {}

    PracticeEntity(UUID id, String kind, String subject, Instant doneAt, String text) {
        this.id = id;
        this.kind = kind;
        this.subject = subject;
        this.doneAt = doneAt;
        document = Compressed.of(text);
    }

    String subject() {
        return subject;
    }

    Instant doneAt() {
        return doneAt;
    }

    String text() {
        return Compressed.text(document);
    }
}
