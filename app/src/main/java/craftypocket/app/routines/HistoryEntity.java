package craftypocket.app.routines;

import craftypocket.app.folder.Compressed;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.io.Serializable;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** One state of a routine in its history. */
@Entity
@Table(name = "routine_history")
class HistoryEntity implements Persistable<HistoryEntity.Key> {

    /** Of which routine, and which state: they are counted from 1. */
    @Embeddable
    record Key(@Column(name = "routine_id") UUID routineId, int number) implements Serializable {}

    @EmbeddedId
    private Key id;

    private byte[] document;

    @Transient
    private boolean stored;

    protected HistoryEntity() {}

    HistoryEntity(UUID routineId, int number, byte[] document) {
        id = new Key(routineId, number);
        this.document = document;
    }

    @Override
    public Key getId() {
        return id;
    }

    /** Known to be new without being looked up. */
    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void isStored() {
        stored = true;
    }

    String document() {
        return Compressed.text(document);
    }
}
