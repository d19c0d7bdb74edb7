package craftypocket.app.routines;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.util.UUID;

/** One state of a routine in its history. */
@Entity
@Table(name = "routine_revision")
class RevisionEntity {

    @Id
    private UUID id;

    @Column(name = "routine_id")
    private UUID routineId;

    private int number;

    @Lob
    private String document;

    protected RevisionEntity() {}

    RevisionEntity(UUID routineId, int number, String document) {
        this.id = UUID.randomUUID();
        this.routineId = routineId;
        this.number = number;
        this.document = document;
    }

    String document() {
        return document;
    }
}
