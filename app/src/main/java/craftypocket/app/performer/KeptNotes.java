package craftypocket.app.performer;

import craftypocket.app.backup.KeptRows;
import craftypocket.app.backup.KeptRows.Column;
import craftypocket.app.backup.KeptRows.Table;
import craftypocket.app.backup.KeptRows.Type;
import jakarta.validation.Validator;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the performer says of themselves, as a backup holds it. */
@Configuration
class KeptNotes {

    private static final Table NOTES = new Table(
            "performer",
            1,
            "performer_note",
            "",
            "kind, id",
            List.of(new Column("kind", Type.TEXT), new Column("id", Type.TEXT), new Column("document", Type.PLAIN)),
            JsonNode.class);

    @Bean
    KeptRows keptNotesOfPerformer(JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(NOTES, database, json, validator);
    }
}
