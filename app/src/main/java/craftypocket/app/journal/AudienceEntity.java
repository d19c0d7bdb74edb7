package craftypocket.app.journal;

import craftypocket.app.folder.Compressed;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** People that something was performed for, as a row. */
@Entity
@Table(name = "audience")
class AudienceEntity {

    @Id
    private UUID id;

    private String name;
    private byte[] document;

    protected AudienceEntity() {}

    AudienceEntity(UUID id) {
        this.id = id;
    }

    void write(String newName, String text) {
        name = newName;
        document = Compressed.of(text);
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    String text() {
        return Compressed.text(document);
    }
}
