package craftypocket.app.rehearsal;

import craftypocket.app.backup.KeptRows;
import craftypocket.app.backup.KeptRows.Column;
import craftypocket.app.backup.KeptRows.Table;
import craftypocket.app.backup.KeptRows.Type;
import jakarta.validation.Validator;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
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
            "started_at, id",
            List.of(new Column("id", Type.ID), new Column("routine_id", Type.MAYBE_ID)),
            true,
            row -> RehearsalDocument.class);

    private static final Table PRACTICE = new Table(
            "practice",
            2,
            "practice",
            "done_at, id",
            List.of(
                    new Column("id", Type.ID),
                    new Column("kind", Type.TEXT),
                    new Column("subject", Type.TEXT),
                    new Column("done_at", Type.TIME)),
            true,
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
    KeptRows keptRuns(Runs runs, JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(
                RUNS,
                (keys, document) ->
                        runs.keep((UUID) keys.get("id"), (UUID) keys.get("routine_id"), (RehearsalDocument) document),
                database,
                json,
                validator);
    }

    @Bean
    KeptRows keptTries(PracticeNotes notes, JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(
                PRACTICE,
                (keys, document) -> notes.restore(
                        (UUID) keys.get("id"),
                        (String) keys.get("kind"),
                        (String) keys.get("subject"),
                        ((OffsetDateTime) keys.get("done_at")).toInstant(),
                        document),
                database,
                json,
                validator);
    }
}
