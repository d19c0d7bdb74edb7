package craftypocket.app.journal;

import craftypocket.app.http.OfOurTime;
import craftypocket.app.http.Refusal;
import craftypocket.app.journal.JournalDocument.EntryDocument;
import craftypocket.app.rehearsal.RehearsalDocument;
import craftypocket.app.rehearsal.RehearsalDocument.StepRun;
import craftypocket.app.rehearsal.Runs;
import craftypocket.app.routines.RoutineService;
import craftypocket.app.routines.Texts;
import craftypocket.core.settings.Problem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The journal as a table (RFC 4180), out and in. */
@Service
class JournalCsv {

    /** By which a row is known again; a table of one's own making may be without it. */
    private static final String ID = "id";

    static final List<String> COLUMNS =
            List.of("at", "kind", "routine", "audience", "came out", "slips", "seconds", "reaction", "out", "note", ID);

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(COLUMNS.toArray(String[]::new))
            .get();

    private static final CSVFormat READ = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .get();

    /** Columns of free words, in which blanks count too. */
    private static final Set<String> WORDS = Set.of("out", "note");

    /** With these a formula begins, and with an apostrophe what is none. */
    private static final String TAKEN_FOR_FORMULAS = "=+-@\t\r'\u2212\uFF1D\uFF0B\uFF0D\uFF20";

    private static final int MOST_PROBLEMS = 20;
    private static final int BEST_REACTION = 5;
    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_SHOWN = 40;

    /** The step at which it slipped, where a table does not say. */
    private static final String SOMEWHERE = "somewhere";

    private static final int MILLIS = 1000;
    private static final int A_DAY = "2026-01-31".length();

    private final RoutineService routines;
    private final AudienceRepository audiences;
    private final Performances performances;
    private final Runs runs;
    private final Journal journal;

    JournalCsv(
            RoutineService routines,
            AudienceRepository audiences,
            Performances performances,
            Runs runs,
            Journal journal) {
        this.routines = routines;
        this.audiences = audiences;
        this.performances = performances;
        this.runs = runs;
        this.journal = journal;
    }

    /** Writes the whole journal, row by row; {@code going} is asked before each, and may refuse to go on. */
    void write(Appendable to, Runnable going) throws IOException {
        try (CSVPrinter table = new CSVPrinter(to, FORMAT)) {
            journal.each(Journal.EVERYTHING, entry -> {
                going.run();
                print(table, entry);
            });
            table.flush();
        } catch (UncheckedIOException gone) {
            throw gone.getCause();
        }
    }

    private static void print(CSVPrinter table, EntryDocument entry) {
        try {
            table.printRecord(cells(entry));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static List<String> cells(EntryDocument entry) {
        return Stream.of(
                        entry.at(),
                        entry.kind(),
                        entry.title(),
                        entry.audience(),
                        entry.cameOut() ? "yes" : "no",
                        entry.slips(),
                        entry.seconds(),
                        entry.reaction(),
                        entry.out(),
                        entry.note(),
                        entry.id())
                .map(String::valueOf)
                .map(JournalCsv::asText)
                .toList();
    }

    /**
     * A cell that no spreadsheet takes for a formula: with an apostrophe before it, it stays a text. One that begins with an
     * apostrophe gets another, so that each is read back as it was.
     */
    private static String asText(String cell) {
        return !cell.isEmpty() && TAKEN_FOR_FORMULAS.indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    private static String unguarded(String cell) {
        return cell.length() > 1 && cell.charAt(0) == '\'' && TAKEN_FOR_FORMULAS.indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }

    /**
     * Reads a table. All of it is kept or, when anything in it is wrong, nothing; rows that are there already are not kept twice.
     *
     * @return how many rows were kept
     */
    @Transactional
    public int read(String text) {
        List<CSVRecord> rows = rows(text);
        Map<String, UUID> byTitle = new HashMap<>();
        routines.titles().forEach((id, title) -> byTitle.putIfAbsent(title, id));
        Map<String, UUID> people = audiences.findByOrderByName().stream()
                .collect(Collectors.toMap(AudienceEntity::name, AudienceEntity::id, (a, b) -> a));
        Map<UUID, EntryDocument> kept = new HashMap<>();
        journal.each(Journal.EVERYTHING, entry -> kept.put(entry.id(), entry));
        List<Problem> problems = new ArrayList<>();
        List<Runnable> keeping = new ArrayList<>();
        for (CSVRecord record : rows) {
            Row row = new Row(record, problems);
            UUID id = row.id();
            if (!kept.containsKey(id)) {
                Runnable keep = row.keep(id, byTitle, people);
                keeping.add(keep);
                kept.put(id, null);
            } else if (kept.get(id) != null && !row.get(ID).isEmpty()) {
                row.requireUnchanged(cells(kept.get(id)));
            }
        }
        if (!problems.isEmpty()) {
            throw new Refusal(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "The table cannot be read",
                    problems.stream().limit(3).map(Problem::sentence).collect(Collectors.joining(" "))
                            + " Nothing was changed.",
                    problems.stream().limit(MOST_PROBLEMS).toList());
        }
        keeping.forEach(Runnable::run);
        return keeping.size();
    }

    private static List<CSVRecord> rows(String text) {
        try (CSVParser table = CSVParser.parse(text.replaceFirst("^\uFEFF", ""), READ)) {
            for (String column : COLUMNS.subList(0, COLUMNS.size() - 1)) {
                if (!table.getHeaderNames().contains(column)) {
                    Problem problem = new Problem(
                            "columns",
                            String.join(", ", table.getHeaderNames()),
                            "the first line names the columns, and “" + column + "” is missing",
                            "Name them " + String.join(", ", COLUMNS));
                    throw Refusal.of("The table cannot be read", problem);
                }
            }
            for (String column : table.getHeaderNames()) {
                if (!COLUMNS.contains(column)) {
                    Problem problem = new Problem(
                            "columns",
                            column,
                            "nothing is kept of this column",
                            "Take it out. What is kept is " + String.join(", ", COLUMNS));
                    throw Refusal.of("The table cannot be read", problem);
                }
            }
            List<CSVRecord> rows = table.getRecords();
            if (rows.size() > Journal.MOST_ENTRIES) {
                Problem problem = new Problem(
                        "rows",
                        String.valueOf(rows.size()),
                        "a table has at most " + Journal.MOST_ENTRIES + " rows",
                        "Divide it");
                throw Refusal.of("The table is too long", problem);
            }
            return rows;
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException broken) {
            Problem problem = new Problem(
                    "table",
                    "",
                    "it must be a table with commas between its columns (RFC 4180)",
                    "Save it again as CSV");
            throw Refusal.of("The table cannot be read", problem);
        }
    }

    /** One row, whose faults are collected. */
    private final class Row {

        private final CSVRecord row;
        private final List<Problem> problems;

        Row(CSVRecord row, List<Problem> problems) {
            this.row = row;
            this.problems = problems;
        }

        private String get(String column) {
            String cell = row.isMapped(column) && row.isSet(column) ? row.get(column) : "";
            return unguarded(WORDS.contains(column) ? cell : cell.strip());
        }

        /** Its own, or one by which the same row is known when it is read again. */
        UUID id() {
            String text = get(ID);
            if (text.isEmpty()) {
                String cells = row.stream()
                        .limit(COLUMNS.size() - 1)
                        .map(String::strip)
                        .collect(Collectors.joining("\n"));
                return UUID.nameUUIDFromBytes(cells.getBytes(StandardCharsets.UTF_8));
            }
            try {
                return UUID.fromString(text);
            } catch (IllegalArgumentException wrong) {
                wrong(ID, "it must be as it was saved", "Take it out to keep the row as a new one");
                return UUID.randomUUID();
            }
        }

        /** A row that is there already stays as it is: a table adds, and changes nothing. */
        void requireUnchanged(List<String> cells) {
            for (String column : COLUMNS) {
                String there = unguarded(cells.get(COLUMNS.indexOf(column)));
                if (row.isMapped(column) && !get(column).equals(WORDS.contains(column) ? there : there.strip())) {
                    wrong(
                            column,
                            "the journal has “" + Texts.cut(there, LONGEST_SHOWN)
                                    + "” in this row, and a table changes nothing",
                            "Write that, or take out the id to keep the row as another one");
                }
            }
        }

        /** What keeps it, when all rows are as they must be. */
        Runnable keep(UUID id, Map<String, UUID> byTitle, Map<String, UUID> people) {
            Instant at = instant();
            String title = get("routine");
            if (title.isBlank() || title.length() > LONGEST_TITLE) {
                wrong("routine", "it must be a title of 1 to " + LONGEST_TITLE + " letters", "Write the title of one");
            }
            // One that is not on the shelf any more, or never was, is known by its title alone.
            UUID routine = byTitle.get(title);
            boolean performed =
                    oneOf("kind", Journal.REHEARSAL, Journal.PERFORMANCE).equals(Journal.PERFORMANCE);
            UUID audience = get("audience").isEmpty()
                    ? null
                    : known(
                            "audience",
                            people,
                            "there are no people of this name",
                            "Add them first, or leave it empty");
            boolean cameOut = oneOf("came out", "yes", "no").equals("yes");
            int slips = number("slips", performed ? 1 : 99);
            int seconds = number("seconds", 86_400);
            int reaction = number("reaction", BEST_REACTION);
            String out = atMost("out", 300);
            nothingElse(performed ? List.of("seconds") : List.of("audience", "reaction", "out"));
            String note = atMost("note", 1000);
            if (performed) {
                PerformanceDocument done = new PerformanceDocument(
                        routine,
                        title,
                        audience,
                        at,
                        cameOut,
                        slips == 0 ? "" : SOMEWHERE,
                        out,
                        reaction,
                        note,
                        "",
                        null);
                return () -> performances.keep(id, done);
            }
            List<StepRun> steps =
                    slips == 0 ? List.of() : List.of(new StepRun(SOMEWHERE, (long) seconds * MILLIS, slips, null));
            RehearsalDocument run = new RehearsalDocument(at, (long) seconds * MILLIS, cameOut, steps, note, title);
            return () -> runs.keep(id, routine, run);
        }

        private void wrong(String column, String rule, String cure) {
            problems.add(new Problem("row " + row.getRecordNumber() + ", " + column, get(column), rule, cure));
        }

        Instant instant() {
            try {
                LocalDate day = LocalDate.parse(
                        get("at").substring(0, Math.min(get("at").length(), A_DAY)));
                if (!OfOurTime.Years.within(day)) {
                    wrong("at", "it must be " + OfOurTime.RULE, "Write such a day");
                }
                return get("at").length() == A_DAY
                        ? day.atStartOfDay(ZoneId.systemDefault()).toInstant()
                        : Instant.parse(get("at"));
            } catch (DateTimeParseException wrong) {
                wrong("at", "it must be a day or a time", "Write 2026-01-31, or 2026-01-31T20:15:00Z");
                return Instant.EPOCH;
            }
        }

        UUID known(String column, Map<String, UUID> all, String rule, String cure) {
            UUID id = all.get(get(column));
            if (id == null) {
                wrong(column, rule, cure);
            }
            return id;
        }

        String oneOf(String column, String first, String second) {
            if (!get(column).equals(first) && !get(column).equals(second)) {
                wrong(column, "it must be " + first + " or " + second, "Write one of them");
            }
            return get(column);
        }

        int number(String column, int most) {
            String text = get(column);
            if (text.isEmpty()) {
                return 0;
            }
            if (!text.matches("\\d{1,6}") || Integer.parseInt(text) > most) {
                wrong(column, "it must be a whole number from 0 to " + most, "Write such a number");
                return 0;
            }
            return Integer.parseInt(text);
        }

        /** What such a row does not keep must be empty: nothing that was written is left out in silence. */
        void nothingElse(List<String> columns) {
            for (String column : columns) {
                if (!get(column).isEmpty() && !get(column).equals("0")) {
                    wrong(column, "a " + get("kind") + " has none", "Leave it empty");
                }
            }
            if (row.size() > row.getParser().getHeaderNames().size()) {
                wrong(
                        "after the last column",
                        "there are more cells than columns",
                        "Give each a column, or take it out");
            }
        }

        String atMost(String column, int letters) {
            if (get(column).length() > letters) {
                wrong(column, "it has at most " + letters + " letters", "Shorten it");
            }
            return get(column);
        }
    }
}
