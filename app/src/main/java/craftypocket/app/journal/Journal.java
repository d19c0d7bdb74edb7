package craftypocket.app.journal;

import craftypocket.app.http.OfOurTime;
import craftypocket.app.journal.JournalDocument.CountDocument;
import craftypocket.app.journal.JournalDocument.EntryDocument;
import craftypocket.app.journal.JournalDocument.FiguresDocument;
import craftypocket.app.journal.JournalDocument.MonthDocument;
import craftypocket.app.journal.JournalDocument.RoutineFigures;
import craftypocket.app.journal.JournalDocument.TimeLineDocument;
import craftypocket.app.routines.RoutineService;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything that was rehearsed and performed, on one time line: it is read and counted where it is kept, in columns. */
@Service
@Transactional(readOnly = true)
class Journal {

    static final String REHEARSAL = "rehearsal";
    static final String PERFORMANCE = "performance";

    /** As many rows has a table at most that is read: ten years of three runs a day and what was performed. */
    static final int MOST_ENTRIES = 20_000;

    static final int A_PAGE = 100;

    private static final int MOST_COUNTED = 8;

    private static final String WANTED = " from journal_entry e where (:kind = '' or e.kind = :kind)"
            + " and (cast(:routine as uuid) is null or e.routine_id = :routine)"
            + " and e.done_at >= :from and e.done_at < :until";

    /** The title is that of the routine as it is called now, or as it was called when it was there. */
    private static final String ENTRY = "select e.*, coalesce((select title from routine r where r.id = e.routine_id),"
            + " e.title) as called, coalesce((select name from audience a where a.id = e.audience_id), '') as people,"
            + " (select array_agg(reason order by reason) from run_reason w where w.run_id = e.id) as why";

    /** Which routine it was; what belongs to none that was known here is told apart by its title. */
    private static final String WHICH = "coalesce(cast(e.routine_id as varchar), e.title)";

    private static final String NEWEST_FIRST = " order by e.done_at desc, e.id desc";

    /** What is looked at: kind and routine empty or null for all; {@code until} is the first moment that does not count. */
    record Wanted(String kind, UUID routine, Instant from, Instant until) {}

    static final Wanted EVERYTHING = new Wanted("", null, Instant.EPOCH, OfOurTime.Years.END);

    private final JdbcClient database;
    private final RoutineService routines;

    Journal(JdbcClient database, RoutineService routines) {
        this.database = database;
        this.routines = routines;
    }

    private JdbcClient.StatementSpec asked(String sql, Wanted wanted) {
        return database.sql(sql)
                .param("kind", wanted.kind())
                .param("routine", wanted.routine())
                .param("from", wanted.from().atOffset(ZoneOffset.UTC))
                .param("until", wanted.until().atOffset(ZoneOffset.UTC));
    }

    /** A page of what is wanted, the newest first. */
    TimeLineDocument page(Wanted wanted, Optional<Cursor> after) {
        String further = after.isPresent() ? " and (e.done_at, e.id) < (:at, :id)" : "";
        JdbcClient.StatementSpec page = asked(
                        ENTRY + WANTED + further + NEWEST_FIRST + " fetch first :most rows only", wanted)
                .param("most", A_PAGE + 1);
        if (after.isPresent()) {
            page = page.param("at", after.get().at().atOffset(ZoneOffset.UTC))
                    .param("id", after.get().id());
        }
        List<EntryDocument> found = page.query((row, number) -> entry(row)).list();
        List<EntryDocument> entries = found.subList(0, Math.min(A_PAGE, found.size()));
        String next = found.size() > A_PAGE ? Cursor.of(entries.get(A_PAGE - 1)).toString() : null;
        return new TimeLineDocument(entries, count(wanted), next);
    }

    private int count(Wanted wanted) {
        return asked("select count(*)" + WANTED, wanted).query(Integer.class).single();
    }

    /** Hands over everything that is wanted, the newest first, one after another. */
    void each(Wanted wanted, Consumer<EntryDocument> takes) {
        asked(ENTRY + WANTED + NEWEST_FIRST, wanted).query((ResultSet row) -> takes.accept(entry(row)));
    }

    private static EntryDocument entry(ResultSet row) throws SQLException {
        Array why = row.getArray("why");
        return new EntryDocument(
                row.getObject("id", UUID.class),
                row.getObject("done_at", OffsetDateTime.class).toInstant(),
                row.getString("kind"),
                row.getObject("routine_id", UUID.class),
                row.getString("called"),
                row.getString("people"),
                row.getBoolean("came_out"),
                row.getInt("slips"),
                why == null
                        ? List.of()
                        : Arrays.stream((Object[]) why.getArray())
                                .map(String::valueOf)
                                .toList(),
                row.getLong("seconds"),
                row.getInt("reaction"),
                row.getString("used_out"),
                row.getString("note"));
    }

    FiguresDocument figures(Wanted wanted) {
        return new FiguresDocument(
                months(wanted),
                byRoutine(wanted),
                most(
                        "select s.move, sum(s.slips) from run_slip s join (select e.id" + WANTED
                                + ") e on e.id = s.run_id where s.move is not null group by s.move",
                        wanted),
                most(
                        "select w.reason, count(*) from run_reason w join (select e.id" + WANTED
                                + ") e on e.id = w.run_id group by w.reason",
                        wanted));
    }

    /** By month as the clock on the wall has it. */
    private List<MonthDocument> months(Wanted wanted) {
        String month = "formatdatetime(cast(e.done_at as timestamp), 'yyyy-MM')";
        return asked(
                        "select " + month + " as month_of, count(*) filter (where e.kind = 'rehearsal'),"
                                + " count(*) filter (where e.kind = 'performance'), count(*) filter (where e.came_out),"
                                + " sum(e.slips)" + WANTED + " group by " + month + " order by month_of",
                        wanted)
                .query((row, number) ->
                        new MonthDocument(row.getString(1), row.getInt(2), row.getInt(3), row.getInt(4), row.getInt(5)))
                .list();
    }

    private List<RoutineFigures> byRoutine(Wanted wanted) {
        Map<UUID, String> titles = routines.titles();
        Map<String, List<CountDocument>> reasons = perRoutine(
                "select " + WHICH + ", w.reason, count(*) as times from run_reason w join (select e.*" + WANTED
                        + ") e on e.id = w.run_id group by " + WHICH + ", w.reason",
                wanted);
        Map<String, List<CountDocument>> outs = perRoutine(
                "select " + WHICH + ", e.used_out, count(*) as times" + WANTED + " and e.used_out <> '' group by "
                        + WHICH + ", e.used_out",
                wanted);
        return asked(
                        "select " + WHICH + ", any_value(e.routine_id), any_value(e.title),"
                                + " count(*) filter (where e.kind = 'rehearsal'),"
                                + " count(*) filter (where e.kind = 'performance'), count(*) filter (where e.came_out),"
                                + " sum(e.slips), median(cast(e.seconds as double)) filter (where e.seconds > 0),"
                                + " avg(cast(e.reaction as double)) filter (where e.reaction > 0), count(*) as times"
                                + WANTED + " group by " + WHICH + " order by times desc, 3, 1",
                        wanted)
                .query((row, number) -> {
                    UUID routine = row.getObject(2, UUID.class);
                    return new RoutineFigures(
                            routine,
                            routine == null ? row.getString(3) : titles.getOrDefault(routine, row.getString(3)),
                            row.getInt(4),
                            row.getInt(5),
                            row.getInt(6),
                            row.getInt(7),
                            (int) Math.round(row.getDouble(8)),
                            row.getDouble(9),
                            reasons.getOrDefault(row.getString(1), List.of()),
                            outs.getOrDefault(row.getString(1), List.of()));
                })
                .list();
    }

    /** The most frequent, of all. */
    private List<CountDocument> most(String sql, Wanted wanted) {
        return asked(sql + " order by 2 desc, 1 fetch first " + MOST_COUNTED + " rows only", wanted)
                .query((row, number) -> new CountDocument(row.getString(1), row.getInt(2)))
                .list();
    }

    /** The most frequent of each routine. */
    private Map<String, List<CountDocument>> perRoutine(String sql, Wanted wanted) {
        Map<String, List<CountDocument>> all = new HashMap<>();
        asked(sql + " order by times desc, 2", wanted).query((ResultSet row) -> {
            List<CountDocument> counts = all.computeIfAbsent(row.getString(1), routine -> new ArrayList<>());
            if (counts.size() < MOST_COUNTED) {
                counts.add(new CountDocument(row.getString(2), row.getInt(3)));
            }
        });
        return all;
    }
}
