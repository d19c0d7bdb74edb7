package craftypocket.app.sets;

import craftypocket.app.backup.KeptRows;
import craftypocket.app.backup.KeptRows.Column;
import craftypocket.app.backup.KeptRows.Table;
import craftypocket.app.backup.KeptRows.Type;
import jakarta.validation.Validator;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.json.JsonMapper;

/** Sets, as a backup holds them. */
@Configuration
class KeptSets {

    private static final Table SETS = new Table(
            "sets",
            2,
            "evening_set",
            "",
            "title, id",
            List.of(
                    new Column("id", Type.ID),
                    new Column("title", Type.TEXT),
                    new Column("version", Type.NUMBER),
                    new Column("changed_at", Type.TIME),
                    new Column("document", Type.COMPRESSED)),
            row -> SetDocument.class);

    @Bean
    KeptRows keptEvenings(JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(SETS, database, json, validator);
    }
}
