package craftypocket.app.journal;

import craftypocket.app.backup.KeptRows;
import craftypocket.app.backup.KeptRows.Column;
import craftypocket.app.backup.KeptRows.Table;
import craftypocket.app.backup.KeptRows.Type;
import craftypocket.app.journal.PeopleController.AudienceDocument;
import jakarta.validation.Validator;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.json.JsonMapper;

/** People and performances, as a backup holds them. */
@Configuration
class KeptJournal {

    private static final Table PEOPLE = new Table(
            "people",
            1,
            "audience",
            "",
            "name, id",
            List.of(new Column("id", Type.ID), new Column("name", Type.TEXT), new Column("document", Type.COMPRESSED)),
            row -> AudienceDocument.class);

    private static final Table PERFORMANCES = new Table(
            "performances",
            2,
            "performance",
            "",
            "done_at, id",
            List.of(
                    new Column("id", Type.ID),
                    new Column("routine_id", Type.ID),
                    new Column("audience_id", Type.ID),
                    new Column("done_at", Type.TIME),
                    new Column("document", Type.COMPRESSED)),
            row -> PerformanceDocument.class);

    @Bean
    KeptRows keptPeople(JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(PEOPLE, database, json, validator);
    }

    @Bean
    KeptRows keptPerformances(JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(PERFORMANCES, database, json, validator);
    }
}
