package craftypocket.app.sets;

import craftypocket.app.backup.KeptRows;
import craftypocket.app.backup.KeptRows.Column;
import craftypocket.app.backup.KeptRows.Table;
import craftypocket.app.backup.KeptRows.Type;
import jakarta.validation.Validator;
import java.util.List;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.json.JsonMapper;

/** Sets, as a backup holds them. */
@Configuration
class KeptSets {

    private static final Table SETS = new Table(
            "sets", 2, "evening_set", "title, id", List.of(new Column("id", Type.ID)), true, row -> SetDocument.class);

    @Bean
    KeptRows keptEvenings(SetService sets, JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(
                SETS,
                (keys, document) -> sets.create((UUID) keys.get("id"), (SetDocument) document),
                database,
                json,
                validator);
    }
}
