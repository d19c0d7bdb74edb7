package craftypocket.app.performer;

import craftypocket.app.backup.KeptRows;
import craftypocket.app.backup.KeptRows.Column;
import craftypocket.app.backup.KeptRows.Table;
import craftypocket.app.backup.KeptRows.Type;
import craftypocket.app.routines.RoutineDocument.OwnMoveDocument;
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
            "kind, id",
            List.of(new Column("kind", Type.TEXT), new Column("id", Type.TEXT)),
            false,
            KeptNotes::note);

    private static Class<?> note(JsonNode row) {
        return switch (row.path("kind").asString("")) {
            case PerformerNotes.MOVE -> PerformerDocument.MoveNoteDocument.class;
            case PerformerNotes.OWN_MOVE -> OwnMoveDocument.class;
            case PerformerNotes.FIND -> FindDocument.class;
            case PerformerNotes.HINT, PerformerNotes.FORCED -> String.class;
            case PerformerNotes.HAND -> row.path("document").asString("").matches("RIGHT|LEFT") ? String.class : null;
            default -> null;
        };
    }

    @Bean
    KeptRows keptNotesOfPerformer(PerformerNotes notes, JdbcClient database, JsonMapper json, Validator validator) {
        return new KeptRows(
                NOTES,
                (keys, document) -> notes.keep(
                        (String) keys.get("kind"),
                        (String) keys.get("id"),
                        document instanceof String text ? text : json.writeValueAsString(document)),
                database,
                json,
                validator);
    }
}
