package craftypocket.app.backup;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything in one file, out and in. */
@RestController
@RequestMapping("/api/backup")
@AnswersWithProblems
@StoresData
class BackupController {

    static final String ZIP = "application/zip";

    /** What is sent is read up to here. */
    private static final int LARGEST = 50_000_000;

    private final Backups backups;
    private final Clock clock;

    BackupController(Backups backups, Clock clock) {
        this.backups = backups;
        this.clock = clock;
    }

    /** How many files of the backup were restored. */
    record RestoredDocument(int files) {}

    /** All routines, sets, people, rehearsals, performances and settings in one zip. */
    @GetMapping(produces = ZIP)
    ResponseEntity<byte[]> backup() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"crafty-pocket-" + today + ".zip\"")
                .body(backups.save());
    }

    /** Replaces everything by what a backup holds. */
    @PostMapping(consumes = ZIP)
    RestoredDocument restoreBackup(HttpServletRequest request) throws IOException {
        byte[] zip = request.getInputStream().readNBytes(LARGEST + 1);
        if (zip.length > LARGEST) {
            throw new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too large",
                    "A backup is at most " + LARGEST / 1_000_000 + " MB. Nothing was changed.");
        }
        return new RestoredDocument(backups.restore(zip));
    }
}
