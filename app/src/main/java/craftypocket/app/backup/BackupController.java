package craftypocket.app.backup;

import craftypocket.app.computing.Computations;
import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Received;
import craftypocket.app.http.Refusal;
import craftypocket.core.solve.Effort;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.async.DeferredResult;

/** Everything in one file, out and in. */
@RestController
@RequestMapping("/api/backup")
@AnswersWithProblems
@StoresData
class BackupController {

    static final String ZIP = "application/zip";

    /** What is sent is read up to here. */
    private static final int LARGEST = 250_000_000;

    private final Backups backups;
    private final Computations computations;
    private final Clock clock;

    /** Held while a backup is restored: each replaces everything. */
    private final Lock restoring = new ReentrantLock();

    BackupController(Backups backups, Computations computations, Clock clock) {
        this.backups = backups;
        this.computations = computations;
        this.clock = clock;
    }

    /** How many files of the backup were restored. */
    record RestoredDocument(int files) {}

    /** All routines, sets, people, rehearsals, performances and settings in one zip. */
    @GetMapping(produces = ZIP)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "string", format = "binary")))
    DeferredResult<Object> backup() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return computations.whole(effort -> {
            Path file = Received.temporary(".zip");
            try {
                backups.save(file, () -> Computations.requireTime(effort));
            } catch (RuntimeException failed) {
                Received.delete(file);
                throw failed;
            }
            return ResponseEntity.ok()
                    .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"crafty-pocket-" + today + ".zip\"")
                    .header(HttpHeaders.CONTENT_TYPE, ZIP)
                    .body(Received.onceRead(file));
        });
    }

    /** Replaces everything by what a backup holds; one without routines only when {@code evenEmpty} says so. */
    @PostMapping(consumes = ZIP)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = RestoredDocument.class)))
    DeferredResult<Object> restoreBackup(
            @RequestParam(defaultValue = "false") boolean evenEmpty, HttpServletRequest request) throws IOException {
        Path file = Received.file(request, LARGEST, "A backup");
        return computations.whole(effort -> {
            try {
                return ResponseEntity.ok(new RestoredDocument(restore(file, evenEmpty, effort)));
            } finally {
                Received.delete(file);
            }
        });
    }

    private int restore(Path file, boolean evenEmpty, Effort effort) {
        if (!restoring.tryLock()) {
            throw new Refusal(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Busy",
                    "Another backup is being restored at this moment. Wait until it is, and look what is there then.");
        }
        try {
            return backups.restore(file, evenEmpty, () -> Computations.requireTime(effort));
        } finally {
            restoring.unlock();
        }
    }
}
