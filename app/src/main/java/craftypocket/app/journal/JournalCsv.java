package craftypocket.app.journal;

import craftypocket.app.http.Refusal;
import craftypocket.app.journal.JournalDocument.EntryDocument;
import craftypocket.app.rehearsal.RehearsalDocument;
import craftypocket.app.rehearsal.Runs;
import craftypocket.app.routines.RoutineService;
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
import java.util.UUID;
import java.util.stream.Collectors;
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

    static final List<String> COLUMNS =
            List.of("at", "kind", "routine", "audience", "came out", "slips", "seconds", "reaction", "out", "note");

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(COLUMNS.toArray(String[]::new))
            .get();

    private static final CSVFormat READ = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    private static final int MOST_PROBLEMS = 20;
    private static final int BEST_REACTION = 5;
    private static final int MILLIS = 1000;

    private final RoutineService routines;
    private final AudienceRepository audiences;
    private final Performances performances;
    private final Runs runs;

    JournalCsv(RoutineService routines, AudienceRepository audiences, Performances performances, Runs runs) {
        this.routines = routines;
        this.audiences = audiences;
        this.performances = performances;
        this.runs = runs;
    }

    static String write(List<EntryDocument> entries) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text, FORMAT)) {
            for (EntryDocument each : entries) {
                table.printRecord(
                        each.at(),
                        each.kind(),
                        each.title(),
                        each.audience(),
                        each.cameOut() ? "yes" : "no",
                        each.slips(),
                        each.seconds(),
                        each.reaction(),
                        each.out(),
                        each.note());
            }
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return text.toString();
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
        List<Problem> problems = new ArrayList<>();
        List<Runnable> keeping = new ArrayList<>();
        for (CSVRecord row : rows) {
            Row read = new Row(row, problems);
            Instant at = read.instant();
            UUID routine =
                    read.known("routine", byTitle, "there is no routine of this title", "Write the title of one");
            boolean performed =
                    read.oneOf("kind", Journal.REHEARSAL, Journal.PERFORMANCE).equals(Journal.PERFORMANCE);
            UUID audience = read.get("audience").isEmpty()
                    ? null
                    : read.known(
                            "audience",
                            people,
                            "there are no people of this name",
                            "Add them first, or leave it empty");
            boolean cameOut = read.oneOf("came out", "yes", "no").equals("yes");
            int slips = read.number("slips", 99);
            int seconds = read.number("seconds", 86_400);
            int reaction = read.number("reaction", BEST_REACTION);
            String out = read.atMost("out", 300);
            read.nothingElse(performed ? List.of("seconds") : List.of("audience", "reaction", "out"));
            String note = read.atMost("note", 1000);
            UUID id = UUID.nameUUIDFromBytes(String.join("\n", row.toList()).getBytes(StandardCharsets.UTF_8));
            keeping.add(() -> {
                if (performed) {
                    performances.keep(
                            id,
                            new PerformanceDocument(
                                    routine,
                                    read.get("routine"),
                                    audience,
                                    at,
                                    cameOut,
                                    "",
                                    out,
                                    reaction,
                                    note,
                                    "",
                                    null));
                } else {
                    List<RehearsalDocument.StepRun> steps = slips == 0
                            ? List.of()
                            : List.of(new RehearsalDocument.StepRun("", (long) seconds * MILLIS, slips, null));
                    runs.keep(id, routine, new RehearsalDocument(at, (long) seconds * MILLIS, cameOut, steps, note));
                }
            });
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
            for (String column : COLUMNS) {
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
    private record Row(CSVRecord row, List<Problem> problems) {

        private String get(String column) {
            return row.isSet(column) ? row.get(column) : "";
        }

        private void wrong(String column, String rule, String cure) {
            problems.add(new Problem("row " + row.getRecordNumber() + ", " + column, get(column), rule, cure));
        }

        Instant instant() {
            try {
                return get("at").length() == "2026-01-31".length()
                        ? LocalDate.parse(get("at"))
                                .atStartOfDay(ZoneId.systemDefault())
                                .toInstant()
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
            if (row.size() > COLUMNS.size()) {
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
