package craftypocket.app.journal;

import craftypocket.app.computing.Computations;
import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.OfOurTime;
import craftypocket.app.http.Received;
import craftypocket.app.journal.Journal.Wanted;
import craftypocket.app.journal.JournalDocument.FiguresDocument;
import craftypocket.app.journal.JournalDocument.TimeLineDocument;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.async.DeferredResult;

/** All rehearsals and performances, what came of them, and the same as a table. */
@RestController
@RequestMapping("/api/journal")
@AnswersWithProblems
@StoresData
class JournalController {

    private static final String KINDS = "|rehearsal|performance";
    private static final String KINDS_RULE = "must be rehearsal, performance or empty";
    private static final int LARGEST_TABLE = 8_000_000;
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private final Journal journal;
    private final OverTime overTime;
    private final JournalCsv csv;
    private final Computations computations;

    JournalController(Journal journal, OverTime overTime, JournalCsv csv, Computations computations) {
        this.overTime = overTime;
        this.computations = computations;
        this.journal = journal;
        this.csv = csv;
    }

    /** The time line, the newest first, a hundred at a time. {@code until} is a day that still counts; {@code after} is what the last answer said in {@code next}. */
    @GetMapping
    TimeLineDocument timeLine(
            @RequestParam(defaultValue = "") @Pattern(regexp = KINDS, message = KINDS_RULE) String kind,
            @RequestParam(required = false) UUID routine,
            @RequestParam(required = false) @OfOurTime LocalDate from,
            @RequestParam(required = false) @OfOurTime LocalDate until,
            @RequestParam(defaultValue = "") @Size(max = 100, message = "at most 100 letters") String after) {
        return journal.page(wanted(kind, routine, from, until), Cursor.read(after));
    }

    /** What came of them: by month, by routine and by move. */
    @GetMapping("/figures")
    FiguresDocument figures(
            @RequestParam(defaultValue = "") @Pattern(regexp = KINDS, message = KINDS_RULE) String kind,
            @RequestParam(required = false) UUID routine,
            @RequestParam(required = false) @OfOurTime LocalDate from,
            @RequestParam(required = false) @OfOurTime LocalDate until) {
        return journal.figures(wanted(kind, routine, from, until));
    }

    /** How practice went over time: counts, judged packets, and the steps of a routine. */
    @GetMapping("/over-time")
    OverTimeDocument overTime(@RequestParam(required = false) UUID routine) {
        return overTime.of(routine);
    }

    /** The whole journal as a table (CSV, RFC 4180). */
    @GetMapping(value = "/table.csv", produces = "text/csv")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string")))
    DeferredResult<Object> journalTable() {
        return computations.whole(effort -> {
            Path file = Received.temporary(".csv");
            try (Writer to = Files.newBufferedWriter(file)) {
                csv.write(to, () -> Computations.requireTime(effort));
            } catch (IOException full) {
                Received.delete(file);
                throw Received.noRoom(full);
            } catch (RuntimeException failed) {
                Received.delete(file);
                throw failed;
            }
            return ResponseEntity.ok()
                    .contentType(CSV)
                    .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"journal.csv\"")
                    .body(Received.onceRead(file));
        });
    }

    /** How many rows were kept. */
    record ReadDocument(int rows) {}

    /** Reads a table with the same columns; rows that are there already are not kept twice. */
    @PostMapping(value = "/table.csv", consumes = "text/csv")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = ReadDocument.class)))
    DeferredResult<Object> readJournalTable(HttpServletRequest request) throws IOException {
        Path file = Received.file(request, LARGEST_TABLE, "A table");
        return computations.whole(effort -> {
            try {
                String table = new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
                return ResponseEntity.ok(new ReadDocument(csv.read(table)));
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            } finally {
                Received.delete(file);
            }
        });
    }

    private static Wanted wanted(String kind, UUID routine, LocalDate from, LocalDate until) {
        ZoneId here = ZoneId.systemDefault();
        Instant earliest =
                from == null ? Instant.EPOCH : from.atStartOfDay(here).toInstant();
        LocalDate last = until == null ? LocalDate.of(OfOurTime.END_YEAR, 1, 1) : until.plusDays(1);
        return new Wanted(kind, routine, earliest, last.atStartOfDay(here).toInstant());
    }
}
