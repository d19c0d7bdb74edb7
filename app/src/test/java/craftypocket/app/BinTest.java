package craftypocket.app;

import static craftypocket.app.RunningApplication.delete;
import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.RunningApplication.Answer;
import craftypocket.app.routines.RoutineService;
import java.nio.file.Path;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningApplication.class)
class BinTest {

    private static String deleted(String title) {
        Answer made = post("/api/routines", "{\"title\": \"" + title + "\"}");
        String id = made.json().path("id").asString();
        assertThat(delete("/api/routines/" + id).status()).isEqualTo(204);
        return id;
    }

    @Test
    void the_bin_tells_what_was_deleted_and_until_when_it_can_be_brought_back() {
        String id = deleted("In the bin");

        var entry = get("/api/routines/bin")
                .json()
                .valueStream()
                .filter(each -> each.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();

        assertThat(entry.path("title").asString()).isEqualTo("In the bin");
        Instant gone = Instant.parse(entry.path("deletedAt").asString());
        assertThat(Instant.parse(entry.path("thrownAwayAt").asString())).isEqualTo(gone.plus(30, ChronoUnit.DAYS));
        assertThat(post("/api/routines/" + id + "/restore", "").status()).isEqualTo(200);
        assertThat(get("/api/routines/bin").response().body()).doesNotContain(id);
    }

    @Test
    void what_is_thrown_away_is_gone_with_its_history_and_its_runs_stay_in_the_journal() {
        Answer made = post("/api/routines", "{\"title\": \"Gone for good\"}");
        String path = "/api/routines/" + made.json().path("id").asString();
        post(
                path + "/rehearsals",
                "{\"startedAt\": \"2026-05-04T20:15:00Z\", \"totalMillis\": 1, \"cameOut\": true, \"steps\": []}");
        String bin = "/api/routines/bin/" + made.json().path("id").asString();
        assertThat(delete(bin).status()).as("it is on the shelf").isEqualTo(404);
        delete(path);

        assertThat(delete(bin).status()).isEqualTo(204);

        assertThat(post(path + "/restore", "").status()).isEqualTo(404);
        UUID id = UUID.fromString(made.json().path("id").asString());
        assertThat(RunningApplication.database()
                        .sql("select count(*) from routine_history where routine_id = ?")
                        .param(id)
                        .query(Integer.class)
                        .single())
                .isZero();
        assertThat(get("/api/journal?routine=" + id)
                        .json()
                        .at("/entries/0/title")
                        .asString())
                .isEqualTo("Gone for good");
    }

    @Test
    void after_thirty_days_it_goes_by_itself_and_what_is_deleted_leaves_room_on_the_shelf(@TempDir Path data) {
        try (ConfigurableApplicationContext application = RunningApplication.start(data, "true")) {
            JdbcClient database = application.getBean(JdbcClient.class);
            RoutineService routines = application.getBean(RoutineService.class);
            int before = count(database);
            String two = "(select id from routine order by id limit 2)";
            String one = "(select id from routine order by id limit 1)";
            ageInTheBin(database, two, 29);
            ageInTheBin(database, one, 31);

            routines.throwAwayWhatIsTooOld();

            assertThat(count(database)).isEqualTo(before - 1);
        }
    }

    private static void ageInTheBin(JdbcClient database, String which, int daysAgo) {
        database.sql("update routine set deleted_at = ? where id in " + which)
                .param(OffsetDateTime.now(ZoneOffset.UTC).minusDays(daysAgo))
                .update();
    }

    private static int count(JdbcClient database) {
        return database.sql("select count(*) from routine").query(Integer.class).single();
    }
}
