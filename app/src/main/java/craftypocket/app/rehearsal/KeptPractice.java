package craftypocket.app.rehearsal;

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

/** Run-throughs and practice, as a backup holds them. */
@Configuration
class KeptPractice {

    private static final Table RUNS = new Table(
            "rehearsals",
            2,
            "run",
            "where routine_id in (select id from routine where deleted_at is null)",
            "started_at, id",
            List.of(
                    new Column("id", Type.ID),
                    new Column("routine_id", Type.ID),
                    new Column("started_at", Type.TIME),
                    new Column("total_millis", Type.NUMBER),
                    new Column("slips", Type.NUMBER),
                    new Column("came_out", Type.TRUTH),
                    new Column("document", Type.COMPRESSED)),
            row -> RehearsalDocument.class);

    private static final Table PRACTICE = new Table(
            "practice",
            2,
            "practice",
            "",
            "done_at, id",
            List.of(
                    new Column("id", Type.ID),
                    new Column("kind", Type.TEXT),
                    new Column("subject", Type.TEXT),
                    new Column("done_at", Type.TIME),
                    new Column("document", Type.COMPRESSED)),
            KeptPractice::practised);

    private static Class<?> practised(JsonNode row) {
        return switch (row.path("kind").asString("")) {
            case "beats" -> PracticeController.TryDocument.class;
            case "judged" -> PracticeController.GuessDocument.class;
            case "recall" -> PracticeController.AnswerDocument.class;
            case "drill" -> PracticeController.DrillSetDocument.class;
            default -> null;
        };
    }

    @Bean
    KeptRows keptRuns(JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(RUNS, database, json, validator);
    }

    @Bean
    KeptRows keptTries(JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(PRACTICE, database, json, validator);
    }
}
