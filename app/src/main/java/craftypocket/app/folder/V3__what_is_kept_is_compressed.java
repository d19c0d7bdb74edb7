package craftypocket.app.folder;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/**
 * Documents are kept compressed, under the number by which they are looked up; a routine that is thrown away takes its
 * history and its rehearsals with it; the last edits of a routine are known by their ids.
 */
@Component
class V3__what_is_kept_is_compressed extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        try (Statement statement = connection.createStatement()) {
            statement.execute("alter table routine add column recent_edits varchar(2000) default '' not null");
            statement.execute("create table routine_history (routine_id uuid not null"
                    + " references routine (id) on delete cascade, number integer not null,"
                    + " document varbinary(1048576) not null, primary key (routine_id, number))");
            compress(
                    connection,
                    "select document, routine_id, number from routine_revision",
                    "insert into routine_history (document, routine_id, number) values (?, ?, ?)");
            statement.execute("drop table routine_revision");

            statement.execute("create table run (id uuid primary key,"
                    + " routine_id uuid not null references routine (id) on delete cascade,"
                    + " started_at timestamp with time zone not null, total_millis bigint not null,"
                    + " slips integer not null, came_out boolean not null, document varbinary(1048576) not null)");
            compress(
                    connection,
                    "select record, id, routine_id, started_at, total_millis, slips, came_out from rehearsal",
                    "insert into run (document, id, routine_id, started_at, total_millis, slips, came_out)"
                            + " values (?, ?, ?, ?, ?, ?, ?)");
            statement.execute("drop table rehearsal");
            statement.execute("create index run_by_routine on run (routine_id, started_at)");
        }
    }

    /** Takes rows from one table to another; their first column is the text. */
    private static void compress(Connection connection, String read, String write) throws SQLException {
        try (Statement reading = connection.createStatement();
                ResultSet rows = reading.executeQuery(read);
                PreparedStatement writing = connection.prepareStatement(write)) {
            while (rows.next()) {
                writing.setBytes(1, Compressed.of(rows.getString(1)));
                for (int column = 2; column <= rows.getMetaData().getColumnCount(); column++) {
                    writing.setObject(column, rows.getObject(column));
                }
                writing.executeUpdate();
            }
        }
    }
}
