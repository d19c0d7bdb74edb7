package craftypocket.app.folder;

import com.zaxxer.hikari.HikariConfigMXBean;
import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * What is done to the folder while nobody edits: the copy of the day is made, what is too old is thrown away, and the file
 * is made smaller. An edit leaves old pages behind; they are gone some seconds after the last one.
 */
@Component
public class Housekeeping {

    private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);

    private static final Duration LOOK_EVERY = Duration.ofSeconds(5);

    /** What is kept for days is looked through so often. */
    private static final Duration LOOK_THROUGH_EVERY = Duration.ofHours(1);

    /** So long after the last one, what was changed since is copied. */
    private static final Duration COPY_EVERY = Duration.ofHours(2);

    /** The file is made smaller once nothing was written for so long. */
    private static final Duration IDLE = Duration.ofSeconds(20);

    /** A request that is under way is waited for, for two seconds at most. */
    private static final int MOST_TRIES = 100;

    private static final int TRY_EVERY_MILLIS = 20;

    /** A file that grew by less than this since it was last made small is left as it is. */
    private static final long WORTH_WHILE_BYTES = 1_000_000;

    private final DataFolder folder;
    private final FolderState state;
    private final HikariDataSource source;
    private final JdbcClient database;
    private final Clock clock;
    private final List<Spoils> spoils;
    private final ScheduledExecutorService clockwork = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "housekeeping");
        thread.setDaemon(true);
        return thread;
    });
    private long sizeBefore;
    private long sizeWhenSmall;
    private Instant lastGrown;
    /** The copy of the day is of this moment, or of one before. */
    private final Instant began;

    private Instant lastLookedThrough = Instant.EPOCH;

    /** Something that is thrown away after a time. */
    @FunctionalInterface
    public interface Spoils {
        void throwAwayWhatIsTooOld();
    }

    Housekeeping(
            DataFolder folder,
            FolderState state,
            HikariDataSource source,
            JdbcClient database,
            Clock clock,
            List<Spoils> spoils) {
        this.folder = folder;
        this.state = state;
        this.source = source;
        this.database = database;
        this.clock = clock;
        this.spoils = spoils;
        lastGrown = clock.instant();
        began = clock.instant();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (!folder.readOnly()) {
            clockwork.scheduleWithFixedDelay(this::look, 1, LOOK_EVERY.toSeconds(), TimeUnit.SECONDS);
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        clockwork.shutdownNow();
        if (!folder.readOnly()) {
            try {
                latestCopy(Duration.ZERO);
            } catch (IOException | RuntimeException failed) {
                LOG.warn("The copy at the end failed: {}", failed.getMessage());
            }
        }
    }

    private void look() {
        try {
            copyOfTheDay();
            latestCopy(COPY_EVERY);
            if (state.hasRoom(0) && lastLookedThrough.plus(LOOK_THROUGH_EVERY).isBefore(clock.instant())) {
                spoils.forEach(Spoils::throwAwayWhatIsTooOld);
                lastLookedThrough = clock.instant();
            }
            long size = size();
            if (size != sizeBefore) {
                sizeBefore = size;
                lastGrown = clock.instant();
            }
            sizeWhenSmall = Math.min(sizeWhenSmall, size);
            boolean idle = lastGrown.plus(IDLE).isBefore(clock.instant());
            if (idle && size - sizeWhenSmall > WORTH_WHILE_BYTES && state.hasRoom(0)) {
                makeSmaller();
            }
        } catch (InterruptedException ends) {
            Thread.currentThread().interrupt();
        } catch (IOException | RuntimeException failed) {
            // It is tried again soon; what performers do does not depend on it.
            LOG.warn("Housekeeping failed: {}", failed.getMessage());
        }
    }

    private long size() {
        return DataFolder.file(folder.path()).toFile().length();
    }

    /** The copy is of the folder as it was when the day began, or when the program was first started that day. */
    private void copyOfTheDay() throws IOException {
        if (state.hasRoom(size())) {
            new Copies(folder.path()).make(LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()), this::copy);
        }
    }

    /** Copies what was changed since the last copy, if that is so long ago. */
    private void latestCopy(Duration after) throws IOException {
        Copies copies = new Copies(folder.path());
        Instant changed =
                Files.getLastModifiedTime(DataFolder.file(folder.path())).toInstant();
        Instant last = copies.latest().isAfter(began) ? copies.latest() : began;
        boolean due = changed.isAfter(last) && last.plus(after).isBefore(clock.instant());
        if (due && state.hasRoom(size())) {
            copies.makeLatest(this::copy);
        }
    }

    private String copy(Path file) {
        database.sql("backup to ?").param(file.toString()).update();
        int routines = database.sql("select count(*) from routine where deleted_at is null")
                .query(Integer.class)
                .single();
        return routines == 1 ? "1 routine" : routines + " routines";
    }

    /**
     * The database makes its file smaller when it is closed, and only then may it: so it is closed, and opened again by the
     * next request, which waits meanwhile.
     */
    private void makeSmaller() throws InterruptedException {
        HikariPoolMXBean pool = source.getHikariPoolMXBean();
        HikariConfigMXBean settings = source.getHikariConfigMXBean();
        int usual = settings.getMinimumIdle();
        // Otherwise a new connection would be made for each that is closed, and the database would never be.
        settings.setMinimumIdle(0);
        pool.suspendPool();
        try {
            pool.softEvictConnections();
            for (int tries = 0; pool.getTotalConnections() > 0 && tries < MOST_TRIES; tries++) {
                Thread.sleep(TRY_EVERY_MILLIS);
            }
        } finally {
            pool.resumePool();
            settings.setMinimumIdle(usual);
        }
        // How small it got is seen at the next look.
        sizeWhenSmall = Long.MAX_VALUE;
    }
}
