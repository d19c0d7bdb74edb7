package craftypocket.app.folder;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A version is a stamp that comes only once. Runs outlive their routine, by its title. What the journal shows and counts stands in
 * columns, so that no document is read for it.
 */
@Component
class V6__versions_are_stamps_and_figures_are_columns extends BaseJavaMigration {

    private static final String[] STAMPS = {
        "alter table routine drop column recent_edits",
        "alter table routine add column stamp uuid",
        "update routine set stamp = random_uuid()",
        "alter table routine alter column stamp set not null",
        "alter table evening_set add column stamp uuid",
        "update evening_set set stamp = random_uuid()",
        "alter table evening_set alter column stamp set not null",
        "create table version_stamp (edited uuid not null, number bigint not null, stamp uuid not null,"
                + " edit uuid not null, primary key (edited, number))",
        "create index version_by_edit on version_stamp (edited, edit)",
    };

    private static final String[] RUNS = {
        "create table kept_run (id uuid primary key, routine_id uuid, title varchar(120) not null,"
                + " started_at timestamp with time zone not null, total_millis bigint not null,"
                + " slips integer not null, came_out boolean not null, note varchar(1000) default '' not null,"
                + " document varbinary(1048576) not null)",
        "insert into kept_run (id, routine_id, title, started_at, total_millis, slips, came_out, document)"
                + " select run.id, routine_id, title, started_at, total_millis, slips, came_out, document"
                + " from run join routine on routine.id = routine_id",
        "drop table run",
        "alter table kept_run rename to run",
        "create index run_by_routine on run (routine_id, started_at)",
        "create index run_by_time on run (started_at desc, id desc)",
        "create table run_slip (run_id uuid not null references run (id) on delete cascade,"
                + " step_id varchar(40) not null, move varchar(60), slips integer not null)",
        "create table run_reason (run_id uuid not null references run (id) on delete cascade,"
                + " reason varchar(60) not null)",
    };

    private static final String[] PERFORMANCES = {
        "alter table performance alter column routine_id drop not null",
        "alter table performance add column title varchar(120) default '' not null",
        "alter table performance add column came_out boolean default true not null",
        "alter table performance add column slips integer default 0 not null",
        "alter table performance add column reaction integer default 0 not null",
        "alter table performance add column used_out varchar(300) default '' not null",
        "alter table performance add column note varchar(1000) default '' not null",
        "drop index performance_by_time",
        "create index performance_by_time on performance (done_at desc, id desc)",
    };

    private static final String ENTRIES = "create view journal_entry as"
            + " select id, 'rehearsal' as kind, routine_id, title, cast(null as uuid) as audience_id,"
            + " started_at as done_at, came_out, slips, total_millis / 1000 as seconds, 0 as reaction,"
            + " '' as used_out, note from run"
            + " union all select id, 'performance', routine_id, title, audience_id, done_at, came_out, slips, 0,"
            + " reaction, used_out, note from performance";

    private final JsonMapper json = new JsonMapper();

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        try (Statement statement = connection.createStatement()) {
            for (String[] changes : new String[][] {STAMPS, RUNS, PERFORMANCES}) {
                for (String change : changes) {
                    statement.execute(change);
                }
            }
            statement.execute(ENTRIES);
        }
        Map<UUID, Map<String, String>> moves = moves(connection);
        fillRuns(connection, moves);
        fillPerformances(connection);
    }

    /** By routine and step, the move: the routine as it is now is the only one that is known. */
    private Map<UUID, Map<String, String>> moves(Connection connection) throws SQLException {
        Map<UUID, Map<String, String>> moves = new HashMap<>();
        try (Statement reading = connection.createStatement();
                ResultSet rows = reading.executeQuery("select id, document from routine join routine_history"
                        + " on routine_id = id and number = revision where id in (select routine_id from run)")) {
            while (rows.next()) {
                Map<String, String> byStep = new HashMap<>();
                JsonNode routine = document(rows, 2);
                steps(routine, byStep);
                routine.path("outs").forEach(out -> steps(out, byStep));
                moves.put(rows.getObject(1, UUID.class), byStep);
            }
        }
        return moves;
    }

    private static void steps(JsonNode line, Map<String, String> moves) {
        line.path("steps")
                .forEach(step -> moves.put(
                        step.path("id").asString(""), step.path("move").asString("")));
    }

    private JsonNode document(ResultSet rows, int column) throws SQLException {
        return json.readTree(Compressed.text(rows.getBytes(column)));
    }

    private void fillRuns(Connection connection, Map<UUID, Map<String, String>> moves) throws SQLException {
        try (Statement reading = connection.createStatement();
                ResultSet rows = reading.executeQuery("select id, routine_id, document from run");
                PreparedStatement notes = connection.prepareStatement("update run set note = ? where id = ?");
                PreparedStatement slips = connection.prepareStatement(
                        "insert into run_slip (run_id, step_id, move, slips) values (?, ?, ?, ?)");
                PreparedStatement reasons =
                        connection.prepareStatement("insert into run_reason (run_id, reason) values (?, ?)")) {
            while (rows.next()) {
                UUID id = rows.getObject(1, UUID.class);
                Map<String, String> byStep = moves.getOrDefault(rows.getObject(2, UUID.class), Map.of());
                JsonNode run = document(rows, 3);
                does(notes, run.path("notes").asString(""), id);
                Set<String> why = new HashSet<>();
                for (JsonNode step : run.path("steps")) {
                    String stepId = step.path("stepId").asString("");
                    if (step.path("slips").asInt(0) > 0) {
                        does(
                                slips,
                                id,
                                stepId,
                                byStep.get(stepId),
                                step.path("slips").asInt());
                    }
                    step.path("reasons").forEach(reason -> why.add(reason.asString("")));
                }
                for (String reason : why) {
                    does(reasons, id, reason);
                }
            }
        }
    }

    private void fillPerformances(Connection connection) throws SQLException {
        try (Statement reading = connection.createStatement();
                ResultSet rows = reading.executeQuery("select id, document from performance");
                PreparedStatement filling = connection.prepareStatement("update performance set title = ?,"
                        + " came_out = ?, slips = ?, reaction = ?, used_out = ?, note = ? where id = ?")) {
            while (rows.next()) {
                JsonNode done = document(rows, 2);
                does(
                        filling,
                        done.path("title").asString(""),
                        done.path("cameOut").asBoolean(false),
                        done.path("slippedAt").asString("").isEmpty() ? 0 : 1,
                        done.path("reaction").asInt(0),
                        done.path("out").asString(""),
                        done.path("note").asString(""),
                        rows.getObject(1, UUID.class));
            }
        }
    }

    private static void does(PreparedStatement statement, Object... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        statement.executeUpdate();
    }
}
