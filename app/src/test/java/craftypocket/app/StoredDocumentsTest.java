package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static craftypocket.app.RunningApplication.put;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import craftypocket.app.folder.Compressed;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Random;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningApplication.OfItsOwn.class)
class StoredDocumentsTest {

    /** A routine whose stored document has what this version does not know, at its top and in a step. */
    private static Answer fromALaterVersion() {
        Answer made = post("/api/routines/from-file", RunningApplication.demo(1));
        ObjectNode document = (ObjectNode) made.json().path("routine");
        document.put("moonPhase", "waning");
        ((ObjectNode) document.at("/steps/1")).putObject("lighting").put("lamp", 3);
        RunningApplication.database()
                .sql("update routine_history set document = ? where routine_id = ?")
                .params(
                        Compressed.of(document.toString()),
                        UUID.fromString(made.json().path("id").asString()))
                .update();
        return made;
    }

    private static String path(Answer made) {
        return "/api/routines/" + made.json().path("id").asString();
    }

    @Test
    void fields_that_are_not_known_here_are_kept_and_exported_as_they_are() {
        Answer made = fromALaterVersion();

        assertThat(get(path(made)).status()).isEqualTo(200);
        JsonNode file = get(path(made) + "/file").json();
        assertThat(file.path("moonPhase").asString()).isEqualTo("waning");
        assertThat(file.at("/steps/1/lighting/lamp").asInt()).isEqualTo(3);
    }

    @Test
    void an_edit_carries_them_over_to_the_step_they_belong_to() {
        Answer made = fromALaterVersion();
        ObjectNode edited = (ObjectNode) get(path(made)).json().path("routine");
        String second = edited.at("/steps/1/id").asString();
        // The step before it goes: what was second is first now.
        ((ArrayNode) edited.path("steps")).remove(0);
        edited.set("claims", RunningApplication.JSON.createArrayNode());
        edited.set("outs", RunningApplication.JSON.createArrayNode());

        Answer answer = put(path(made), edited.toString(), "If-Match", made.tag());

        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        JsonNode file = get(path(made) + "/file").json();
        assertThat(file.path("moonPhase").asString()).isEqualTo("waning");
        assertThat(file.at("/steps/0/id").asString()).isEqualTo(second);
        assertThat(file.at("/steps/0/lighting/lamp").asInt()).isEqualTo(3);
        assertThat(file.path("steps").findValues("lighting")).hasSize(1);
        Answer copy = post(path(made) + "/copy", "");
        assertThat(get(path(copy) + "/file").json().path("moonPhase").asString())
                .isEqualTo("waning");
    }

    @Test
    void a_folder_of_the_version_before_is_brought_up_to_date_with_its_history_and_its_runs(@TempDir Path data)
            throws SQLException {
        String url = "jdbc:h2:file:" + data.resolve("crafty-pocket");
        Flyway.configure()
                .dataSource(url, "sa", "")
                .locations("classpath:db/migration")
                .target("2")
                .load()
                .migrate();
        UUID id = UUID.randomUUID();
        try (Connection old = DriverManager.getConnection(url, "sa", "")) {
            insert(old, "insert into routine values (?, 'Of old', 'tag', 1, 2, 2, now(), now(), null)", id);
            for (int number = 1; number <= 2; number++) {
                String document = RunningApplication.demo(1)
                        .replaceFirst("\"title\": \"[^\"]*\"", "\"title\": \"State " + number + "\"");
                insert(
                        old,
                        "insert into routine_revision values (?, ?, ?, ?)",
                        UUID.randomUUID(),
                        id,
                        number,
                        document);
            }
            insert(
                    old,
                    "insert into rehearsal values (?, ?, timestamp with time zone '2026-05-04 20:15:00+00', 61000, 2, true, ?)",
                    UUID.randomUUID(),
                    id,
                    "{\"startedAt\":\"2026-05-04T20:15:00Z\",\"totalMillis\":61000,\"cameOut\":true,\"steps\":[{\"stepId\":\"s1\",\"millis\":61000,\"slips\":2}]}");
            insert(old, "insert into mark values ('started-before')");
        }

        try (ConfigurableApplicationContext application = RunningApplication.start(data, "true")) {
            String base = "http://127.0.0.1:" + RunningApplication.port(application) + "/api/";
            JsonNode stored = RunningApplication.at(base + "routines/" + id).json();
            assertThat(stored.at("/routine/title").asString()).isEqualTo("State 2");
            assertThat(stored.path("canUndo").asBoolean()).isTrue();
            JsonNode runs = RunningApplication.at(base + "routines/" + id + "/rehearsals")
                    .json();
            assertThat(runs.at("/0/steps/0/slips").asInt()).isEqualTo(2);
            JsonNode last = RunningApplication.at(base + "rehearsals/last").json();
            assertThat(last.at("/0/slips").asInt()).isEqualTo(2);
            assertThat(RunningApplication.at(base + "routines").json()).hasSize(1);
        }
    }

    private static void insert(Connection connection, String sql, Object... values) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            statement.executeUpdate();
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 100, 9_000, 200_000})
    void a_text_comes_back_as_it_was_compressed(int letters) {
        Random random = new Random(letters);
        StringBuilder text = new StringBuilder();
        random.ints(letters, 32, 0x2FFF).filter(Character::isDefined).forEach(text::appendCodePoint);

        assertThat(Compressed.text(Compressed.of(text.toString()))).isEqualTo(text.toString());
    }
}
