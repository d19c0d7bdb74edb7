package craftypocket.app.journal;

import craftypocket.app.backup.KeptRows;
import craftypocket.app.backup.KeptRows.Column;
import craftypocket.app.backup.KeptRows.Table;
import craftypocket.app.backup.KeptRows.Type;
import craftypocket.app.journal.PeopleController.AudienceDocument;
import jakarta.validation.Validator;
import java.util.List;
import java.util.UUID;
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
            "name, id",
            List.of(new Column("id", Type.ID)),
            true,
            row -> AudienceDocument.class);

    private static final Table PERFORMANCES = new Table(
            "performances",
            2,
            "performance",
            "done_at, id",
            List.of(new Column("id", Type.ID)),
            true,
            row -> PerformanceDocument.class);

    @Bean
    KeptRows keptPeople(AudienceRepository audiences, JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(
                PEOPLE,
                (keys, document) -> {
                    AudienceEntity entity = new AudienceEntity((UUID) keys.get("id"));
                    entity.write(((AudienceDocument) document).name(), json.writeValueAsString(document));
                    audiences.saveAndFlush(entity);
                },
                database,
                json,
                validator);
    }

    @Bean
    KeptRows keptPerformances(Performances performances, JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(
                PERFORMANCES,
                (keys, document) -> performances.restore((UUID) keys.get("id"), (PerformanceDocument) document),
                database,
                json,
                validator);
    }
}
