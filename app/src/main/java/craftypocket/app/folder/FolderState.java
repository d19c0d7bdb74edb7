package craftypocket.app.folder;

import com.zaxxer.hikari.HikariDataSource;
import craftypocket.app.http.Kind;
import craftypocket.app.http.Refusal;
import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Whether anything can be saved at the moment. */
@Component
public class FolderState {

    private static final Logger LOG = LoggerFactory.getLogger(FolderState.class);

    /** How the folder is. */
    public enum State {
        WELL,
        FULL,
        READ_ONLY
    }

    private final DataFolder folder;
    private final HikariDataSource database;
    private final FileStore disk;
    private final long reserve;

    /**
     * @param reserve so many bytes are left alone: an edit takes some ten thousand of them, and what the database has begun
     *     must be brought to an end
     */
    FolderState(DataFolder folder, HikariDataSource database, @Value("${crafty.reserve}") long reserve)
            throws IOException {
        this.reserve = reserve;
        this.folder = folder;
        this.database = database;
        disk = Files.getFileStore(folder.path());
    }

    State state() {
        if (folder.readOnly()) {
            return State.READ_ONLY;
        }
        return hasRoom(0) ? State.WELL : State.FULL;
    }

    /** Whether so many bytes can be written and some room is still left. */
    boolean hasRoom(long bytes) {
        try {
            return disk.getUsableSpace() >= reserve + bytes;
        } catch (IOException unknown) {
            return true;
        }
    }

    /** What is on screen while nothing can be saved; empty when all is well. */
    String sentence() {
        return switch (state()) {
            case WELL -> "";
            case FULL ->
                "The disk is full: nothing can be saved. Make some room on it; what you change meanwhile is kept in this browser and saved as soon as there is room.";
            case READ_ONLY ->
                "The folder of your routines is read-only: you can read, rehearse and export, but nothing is saved. Allow writing there and start Crafty Pocket again.";
        };
    }

    /** Refuses to go on when nothing can be saved. */
    void requireWritable() {
        switch (state()) {
            case WELL -> {}
            case FULL -> throw new Refusal(HttpStatus.INSUFFICIENT_STORAGE, "The disk is full", sentence());
            case READ_ONLY ->
                throw new Refusal(Kind.NOTHING_IS_SAVED, HttpStatus.FORBIDDEN, "The folder is read-only", sentence());
        }
    }

    /**
     * After the database failed: its connections are let go, so that the next request opens it anew, and whoever asked is
     * told what they can do.
     */
    public Refusal afterFailure(Exception failure) {
        // While the disk is full this comes with every request: once in full is enough.
        LOG.error(
                "The database failed: {}",
                NestedExceptionUtils.getMostSpecificCause(failure).getMessage());
        LOG.debug("in full", failure);
        database.getHikariPoolMXBean().softEvictConnections();
        if (state() != State.WELL) {
            return new Refusal(HttpStatus.INSUFFICIENT_STORAGE, "The disk is full", sentence());
        }
        return new Refusal(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The folder does not answer",
                "What is kept could not be read or written just now. Nothing was changed. Try again; if it happens again, restart Crafty Pocket.");
    }
}
