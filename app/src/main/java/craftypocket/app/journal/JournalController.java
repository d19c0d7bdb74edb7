package craftypocket.app.journal;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Refusal;
import craftypocket.app.journal.Journal.Wanted;
import craftypocket.app.journal.JournalDocument.EntryDocument;
import craftypocket.app.journal.JournalDocument.FiguresDocument;
import craftypocket.app.journal.JournalDocument.TimeLineDocument;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All rehearsals and performances, what came of them, and the same as a table. */
@RestController
@RequestMapping("/api/journal")
@AnswersWithProblems
@StoresData
class JournalController {

    private static final String KINDS = "|rehearsal|performance";
    private static final String KINDS_RULE = "must be rehearsal, performance or empty";
    private static final int A_PAGE = 100;
    private static final int LARGEST_TABLE = 4_000_000;
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private final Journal journal;
    private final JournalCsv csv;

    JournalController(Journal journal, JournalCsv csv) {
        this.journal = journal;
        this.csv = csv;
    }

    /** The time line, the newest first, a hundred at a time. {@code until} is a day that still counts. */
    @GetMapping
    TimeLineDocument timeLine(
            @RequestParam(defaultValue = "") @Pattern(regexp = KINDS, message = KINDS_RULE) String kind,
            @RequestParam(required = false) UUID routine,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate until,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "at least 0")
                    @Max(value = 100_000, message = "at most 100,000")
                    int page) {
        Wanted wanted = wanted(kind, routine, from, until);
        List<EntryDocument> newest = journal.entries(wanted, Math.min(Journal.MOST_ENTRIES, (page + 1) * A_PAGE));
        return new TimeLineDocument(newest.stream().skip((long) page * A_PAGE).toList(), journal.count(wanted));
    }

    /** What came of them: by month, by routine and by move. */
    @GetMapping("/figures")
    FiguresDocument figures(
            @RequestParam(defaultValue = "") @Pattern(regexp = KINDS, message = KINDS_RULE) String kind,
            @RequestParam(required = false) UUID routine,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate until) {
        return journal.figures(wanted(kind, routine, from, until));
    }

    /** The whole journal as a table (CSV, RFC 4180). */
    @GetMapping(value = "/table.csv", produces = "text/csv")
    ResponseEntity<String> journalTable() {
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"journal.csv\"")
                .body(JournalCsv.write(journal.entries(wanted("", null, null, null))));
    }

    /** How many rows were kept. */
    record ReadDocument(int rows) {}

    /** Reads a table with the same columns; rows that are there already are not kept twice. */
    @PostMapping(value = "/table.csv", consumes = "text/csv")
    ReadDocument readJournalTable(HttpServletRequest request) throws IOException {
        byte[] table = request.getInputStream().readNBytes(LARGEST_TABLE + 1);
        if (table.length > LARGEST_TABLE) {
            throw new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too large",
                    "A table is at most " + LARGEST_TABLE / 1_000_000 + " MB. Divide it. Nothing was changed.");
        }
        return new ReadDocument(csv.read(new String(table, StandardCharsets.UTF_8)));
    }

    private static Wanted wanted(String kind, UUID routine, LocalDate from, LocalDate until) {
        ZoneId here = ZoneId.systemDefault();
        Instant earliest =
                from == null ? Instant.EPOCH : from.atStartOfDay(here).toInstant();
        LocalDate last = until == null ? LocalDate.of(2500, 1, 1) : until.plusDays(1);
        return new Wanted(kind, routine, earliest, last.atStartOfDay(here).toInstant());
    }
}
