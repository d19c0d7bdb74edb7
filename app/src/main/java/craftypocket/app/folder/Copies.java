package craftypocket.app.folder;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** The automatic copies of the last days, one file a day, in a folder within the data folder. */
final class Copies {

    /** As many days are kept. */
    static final int DAYS = 7;

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

    Optional<String> newest() {
        return days().stream().findFirst();
    }

    private Path of(String day) {
        return copies.resolve(START + day + END);
    }

    /** Makes the copy of a day, unless there is one, and lets go of those that are too old. */
    void make(LocalDate day, Writer writer) throws IOException {
        if (Files.exists(of(day.toString()))) {
            return;
        }
        Files.createDirectories(copies);
        Path unfinished = copies.resolve("unfinished" + END);
        try {
            writer.write(unfinished);
            Files.move(unfinished, of(day.toString()), StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(unfinished);
        }
        for (String old : days().stream().skip(DAYS).toList()) {
            Files.deleteIfExists(of(old));
        }
    }

    /** What writes a copy to a file. */
    @FunctionalInterface
    interface Writer {
        void write(Path file) throws IOException;
    }

    /** Puts the copy of a day in the place of what is there, which is put aside. */
    void restore(String day) {
        if (!days().contains(day)) {
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
