package craftypocket.app.folder;

import java.io.File;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;

/**
 * The folder in which everything is kept, looked at before anything is written to it: whether it is one, whether it is ours
 * alone, whether it can be read, and whether it was written by a version that this one knows.
 *
 * <p>Whatever speaks against it is told in a sentence ({@link FolderRefused}), and the folder is as it was.
 */
public final class DataFolder implements AutoCloseable {

    /** The newest migration in {@code db/migration}: what a later version wrote is not touched. */
    static final int NEWEST_SCHEMA = 6;

    /** What a first start with the demo writes, and half as much again. */
    private static final long FIRST_START_BYTES = 6_000_000;

    private static final int MEGABYTE = 1_000_000;

    private static final String NAME = "crafty-pocket";

    /** Error code of H2: another process has the file. */
    private static final int IN_USE = 90020;

    /** Error code of H2: there is no such table; the very first start did not come that far. */
    private static final int NO_TABLE = 42102;

    private static final int NO_TABLE_IN_EMPTY_DATABASE = 42104;

    private final Path folder;
    private final boolean readOnly;
    private final FileChannel lock;

    private DataFolder(Path folder, boolean readOnly, FileChannel lock) {
        this.folder = folder;
        this.readOnly = readOnly;
        this.lock = lock;
    }

    /**
     * Takes the folder for this program alone.
     *
     * @param given where it is; made if it is not there
     * @param restore the day of an automatic copy to go back to first, such as 2026-05-04; empty for none
     * @throws FolderRefused when the program cannot work on it
     */
    static DataFolder open(String given, String restore) {
        Path folder = made(given);
        boolean readOnly = !Files.isWritable(folder) || (exists(folder) && !Files.isWritable(file(folder)));
        if (readOnly && !exists(folder)) {
            throw new FolderRefused("The folder " + folder + " is read-only and there is nothing in it yet. "
                    + "Allow writing there, or choose another folder: ./start --data FOLDER");
        }
        boolean brokeOff = !readOnly && firstStartBrokeOff(folder);
        FileChannel lock = readOnly ? null : locked(folder);
        try {
            if (!restore.isBlank()) {
                new Copies(folder).restore(restore);
            }
            if (brokeOff) {
                beginAnew(folder);
            } else if (exists(folder)) {
                check(folder, readOnly);
            }
            if (!readOnly && !exists(folder)) {
                requireRoom(folder, FIRST_START_BYTES, "");
            }
        } catch (FolderRefused refused) {
            close(lock);
            throw refused;
        }
        return new DataFolder(folder, readOnly, lock);
    }

    /** Refuses to begin what would break off in the middle. */
    private static void requireRoom(Path folder, long bytes, String why) {
        try {
            if (Files.getFileStore(folder).getUsableSpace() < bytes) {
                throw new FolderRefused("The disk of " + folder + " is full. " + why + "Make " + (bytes / MEGABYTE + 1)
                        + " MB of room on it, or choose another folder: ./start --data FOLDER");
            }
        } catch (IOException unknown) {
            // Then it shows when something is written.
        }
    }

    private static Path made(String given) {
        if (given.contains(";")) {
            throw new FolderRefused(
                    "The folder “" + given + "” has a semicolon in its name, which the database cannot take. "
                            + "Choose another: ./start --data FOLDER");
        }
        Path folder;
        try {
            folder = Path.of(given).toAbsolutePath().normalize();
        } catch (InvalidPathException impossible) {
            throw new FolderRefused("“" + given.replace('\0', '?') + "” cannot be the name of a folder. "
                    + "Choose another: ./start --data FOLDER");
        }
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new FolderRefused(
                    folder + " is a file, not a folder. Move it away, or choose another folder: ./start --data FOLDER");
        }
        try {
            return Files.createDirectories(folder);
        } catch (IOException impossible) {
            throw new FolderRefused("The folder " + folder + " cannot be made here (" + impossible.getMessage()
                    + "). Choose another: ./start --data FOLDER");
        }
    }

    static Path file(Path folder) {
        return folder.resolve(NAME + ".mv.db");
    }

    private static boolean exists(Path folder) {
        return Files.exists(file(folder));
    }

    /**
     * Whether a start was ended before the program ever answered: nobody can have kept anything, and the database may be half
     * made. The lock is made before the database; the address stands in it from the first answer on, and there is no copy
     * before that.
     */
    private static boolean firstStartBrokeOff(Path folder) {
        Path lock = lockFile(folder);
        return exists(folder)
                && Files.exists(lock)
                && lock.toFile().length() == 0
                && new Copies(folder).newest().isEmpty();
    }

    /** Makes room for a database of which the first start made only a part; one that is whole stays. */
    private static void beginAnew(Path folder) {
        try {
            if (schema(folder) == NEWEST_SCHEMA) {
                return;
            }
        } catch (Unreadable halfMade) {
            // It ended while the file was made.
        }
        try {
            putAside(folder);
        } catch (IOException impossible) {
            throw new FolderRefused(
                    "The first start in " + folder + " broke off, and what it left cannot be put aside ("
                            + impossible.getMessage() + "). Choose another folder: ./start --data FOLDER");
        }
    }

    /** Gives the database another name, with the time in it, and leaves it in the folder. */
    static void putAside(Path folder) throws IOException {
        Path database = file(folder);
        String aside = database.getFileName() + ".put-aside-"
                + Instant.now().toString().replace(':', '-');
        Files.move(database, folder.resolve(aside));
    }

    private static Path lockFile(Path folder) {
        return folder.resolve(NAME + ".lock");
    }

    private static FileChannel locked(Path folder) {
        Path file = lockFile(folder);
        FileChannel channel = null;
        try {
            channel = FileChannel.open(
                    file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.READ);
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return channel;
            }
        } catch (OverlappingFileLockException here) {
            // Taken by this very process: the same as by another.
        } catch (IOException impossible) {
            close(channel);
            throw new FolderRefused("The folder " + folder + " cannot be written (" + impossible.getMessage()
                    + "). Make room or allow writing there, or choose another folder: ./start --data FOLDER");
        }
        close(channel);
        throw inUse(folder, firstLine(file));
    }

    private static FolderRefused inUse(Path folder, String address) {
        return new FolderRefused("Crafty Pocket is already running on the folder " + folder
                + (address.isEmpty() ? "" : ", at " + address)
                + ". Use that one, or start on another folder: ./start --data FOLDER");
    }

    private static String firstLine(Path file) {
        try {
            return Files.readString(file).lines().findFirst().orElse("");
        } catch (IOException unreadable) {
            return "";
        }
    }

    private static void check(Path folder, boolean readOnly) {
        int schema;
        try {
            schema = schema(folder);
        } catch (Unreadable failed) {
            throw damaged(folder, failed.getMessage());
        }
        if (schema > NEWEST_SCHEMA) {
            throw new FolderRefused("The folder " + folder + " was written by a newer Crafty Pocket. "
                    + "Start that one, or choose another folder: ./start --data FOLDER");
        }
        if (!readOnly && schema < NEWEST_SCHEMA) {
            requireRoom(
                    folder,
                    2 * file(folder).toFile().length() + FIRST_START_BYTES,
                    "What an older Crafty Pocket has written must be brought up to date first, which takes room. ");
        }
        if (readOnly && schema < NEWEST_SCHEMA) {
            throw new FolderRefused("The folder " + folder + " was written by an older Crafty Pocket and is read-only. "
                    + "Allow writing there once, so that it can be brought up to date.");
        }
    }

    /** Says what is wrong with the file. */
    private static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String how) {
            super(how);
        }
    }

    /** Reads how far the database was brought, without writing anything; 0 when it never was. */
    private static int schema(Path folder) throws Unreadable {
        if (file(folder).toFile().length() == 0) {
            throw new Unreadable("is empty");
        }
        try (Connection connection =
                        DriverManager.getConnection(url(folder) + ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r", "sa", "");
                ResultSet rows = connection
                        .createStatement()
                        .executeQuery("select max(cast(\"version\" as integer)) from \"flyway_schema_history\"")) {
            rows.next();
            return rows.getInt(1);
        } catch (SQLException failed) {
            if (failed.getErrorCode() == IN_USE) {
                throw inUse(folder, "");
            }
            if (failed.getErrorCode() == NO_TABLE || failed.getErrorCode() == NO_TABLE_IN_EMPTY_DATABASE) {
                return 0;
            }
            throw new Unreadable("is damaged and cannot be read");
        }
    }

    private static FolderRefused damaged(Path folder, String how) {
        Copies copies = new Copies(folder);
        return new FolderRefused("The file " + file(folder) + " " + how + ". "
                + copies.newest()
                        .map(newest -> "Go back to the automatic copy of " + copies.holds(newest)
                                + ": ./start --restore " + newest + " (the file is put aside, not deleted).")
                        .orElse("There is no automatic copy of it. Put a copy of your own in its place, "
                                + "or start afresh on another folder: ./start --data FOLDER"));
    }

    private static String url(Path folder) {
        return "jdbc:h2:file:" + folder + File.separator + NAME;
    }

    /** The address of the database. */
    String url() {
        // WRITE_DELAY=0: an edit that was acknowledged is in the file, even if the program is killed the moment after.
        // MAX_COMPACT_TIME: at the end the file is made smaller for that many milliseconds at most.
        return url(folder) + (readOnly ? ";ACCESS_MODE_DATA=r" : ";WRITE_DELAY=0;MAX_COMPACT_TIME=1500")
                + ";DB_CLOSE_ON_EXIT=FALSE";
    }

    Path path() {
        return folder;
    }

    /** Whether nothing can be saved. */
    public boolean readOnly() {
        return readOnly;
    }

    /** Tells a second instance where the first one is. */
    public void announce(String address) {
        if (lock != null) {
            try {
                // Never empty again, not for a moment: empty means that it never answered.
                ByteBuffer line = StandardCharsets.UTF_8.encode(address + System.lineSeparator());
                int length = line.remaining();
                lock.write(line, 0);
                lock.truncate(length);
            } catch (IOException full) {
                // The lock holds all the same; only the address is not told.
            }
        }
    }

    @Override
    public void close() {
        close(lock);
    }

    private static void close(FileChannel channel) {
        try {
            if (channel != null) {
                channel.close();
            }
        } catch (IOException gone) {
            // It is let go with the process at the latest.
        }
    }
}
