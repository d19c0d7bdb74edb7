package craftypocket.app.folder;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * The automatic copies, in a folder within the data folder: one of each of the last days, as the day began, and beside them the
 * latest, made every few hours of work and at the end.
 */
final class Copies {

    /** As many days are kept. */
    static final int DAYS = 7;

    /** How the latest is called where a day could stand. */
    static final String LATEST = "latest";

    private static final String START = "crafty-pocket-";
    private static final String END = ".zip";
    private static final Pattern NAME = Pattern.compile(START + "\\d{4}-\\d{2}-\\d{2}" + Pattern.quote(END));

    private final Path folder;
    private final Path copies;

    Copies(Path folder) {
        this.folder = folder;
        copies = folder.resolve("copies");
    }

    /** The days of which there are copies, the newest first. */
    List<String> days() {
        if (!Files.isDirectory(copies)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(copies)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> NAME.matcher(name).matches())
                    .map(name -> name.substring(START.length(), name.length() - END.length()))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    /** What to call the newest one there is; empty when there is none. */
    Optional<String> newest() {
        return Files.exists(of(LATEST)) ? Optional.of(LATEST) : days().stream().findFirst();
    }

    /** When it was made, and how many routines it holds: “18:40 on 2026-05-04, 12 routines”. */
    String holds(String copy) {
        try {
            ZonedDateTime made = Files.getLastModifiedTime(of(copy)).toInstant().atZone(ZoneId.systemDefault());
            String when = made.toLocalTime().truncatedTo(ChronoUnit.MINUTES) + " on " + made.toLocalDate();
            return Files.exists(note(copy))
                    ? when + ", " + Files.readString(note(copy)).strip()
                    : when;
        } catch (IOException unreadable) {
            return copy;
        }
    }

    private Path note(String copy) {
        return copies.resolve(START + copy + ".txt");
    }

    /** When the latest was made; long ago when there is none. */
    Instant latest() {
        try {
            return Files.getLastModifiedTime(of(LATEST)).toInstant();
        } catch (IOException none) {
            return Instant.EPOCH;
        }
    }

    private Path of(String day) {
        return copies.resolve(START + day + END);
    }

    /** Makes the copy of a day, unless there is one, and lets go of those that are too old. */
    void make(LocalDate day, Writer writer) throws IOException {
        if (Files.exists(of(day.toString()))) {
            return;
        }
        write(day.toString(), writer);
        for (String old : days().stream().skip(DAYS).toList()) {
            Files.deleteIfExists(of(old));
            Files.deleteIfExists(note(old));
        }
    }

    /** Makes the latest copy, in the place of the one before. */
    void makeLatest(Writer writer) throws IOException {
        write(LATEST, writer);
    }

    private void write(String copy, Writer writer) throws IOException {
        Files.createDirectories(copies);
        Path unfinished = copies.resolve("unfinished" + END);
        try {
            String holds = writer.write(unfinished);
            Files.move(unfinished, of(copy), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            Files.writeString(note(copy), holds);
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    /** What writes a copy to a file, and says in some words what it holds. */
    @FunctionalInterface
    interface Writer {
        String write(Path file) throws IOException;
    }

    /** Puts the copy of a day, or the latest, in the place of what is there, which is put aside. */
    void restore(String day) {
        boolean there = day.equals(LATEST) ? Files.exists(of(day)) : days().contains(day);
        if (!there) {
            throw new FolderRefused("There is no automatic copy of “" + day + "”. "
                    + (days().isEmpty()
                            ? "There is none at all in " + copies + "."
                            : "There are copies of " + String.join(", ", days()) + "."));
        }
        Path database = DataFolder.file(folder);
        Path restored = folder.resolve("restored.unfinished");
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(of(day)))) {
            write(zip, database.getFileName().toString(), restored);
            if (Files.exists(database)) {
                DataFolder.putAside(folder);
            }
            Files.move(restored, database, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException failed) {
            throw new FolderRefused("The copy of " + day + " cannot be put back (" + failed.getMessage()
                    + "). Try an older one: " + String.join(", ", days()));
        }
    }

    private static void write(ZipInputStream zip, String name, Path to) throws IOException {
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
            if (entry.getName().equals(name)) {
                Files.copy((InputStream) zip, to, StandardCopyOption.REPLACE_EXISTING);
                return;
            }
        }
        throw new IOException("it holds no " + name);
    }
}
