package craftypocket.app.backup;

import craftypocket.app.http.Refusal;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Everything that is kept, as one zip, and back again. */
@Service
class Backups {

    static final String FORMAT = "crafty-pocket/backup";
    static final int VERSION = 1;

    /** The list of all files with their hashes (SHA-256). */
    private static final String LIST = "backup.json";

    /** Ten thousand runs, and two thousand routines beside them. */
    private static final int MOST_FILES = 20_000;

    private static final int LARGEST_FILE = 4_000_000;
    private static final long LARGEST = 200_000_000;
    private static final int CHUNK = 8192;

    private static final Pattern NAME = Pattern.compile("([a-z]{1,20})/([A-Za-z0-9-]{1,60})\\.json");

    private final Map<String, Kept> kept;
    private final JsonMapper json;

    Backups(List<Kept> kept, JsonMapper json) {
        this.kept = kept.stream()
                .sorted(Comparator.comparingInt(Kept::rank).thenComparing(Kept::folder))
                .collect(Collectors.toMap(Kept::folder, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        this.json = json;
    }

    /** A zip of everything, with the list of its files first. */
    @Transactional(readOnly = true)
    public byte[] save() {
        Map<String, byte[]> files = new TreeMap<>();
        kept.values()
                .forEach(each -> each.save()
                        .forEach((name, file) -> files.put(each.folder() + "/" + name + ".json", bytes(file))));
        ObjectNode list = json.createObjectNode().put("format", FORMAT).put("version", VERSION);
        ObjectNode hashes = list.putObject("files");
        files.forEach((name, file) -> hashes.put(name, hash(file)));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            write(zip, LIST, bytes(list));
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                write(zip, file.getKey(), file.getValue());
            }
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    private static void write(ZipOutputStream zip, String name, byte[] file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(file);
        zip.closeEntry();
    }

    private byte[] bytes(JsonNode file) {
        return file.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String hash(byte[] file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    /**
     * Replaces everything by what a backup holds; when anything in it is wrong, nothing is changed.
     *
     * @return how many files were restored
     */
    @Transactional
    public int restore(byte[] zip) {
        Map<String, byte[]> files = unpack(zip);
        byte[] list = files.remove(LIST);
        if (list == null) {
            throw refused("It is no backup of Crafty Pocket: " + LIST + " is missing.");
        }
        checkList(read(LIST, list), files);
        Map<String, JsonNode> read = new TreeMap<>();
        files.forEach((name, file) -> read.put(name, read(name, file)));
        read.forEach((name, file) -> check(name, file));
        try {
            replaceBy(read);
        } catch (DataIntegrityViolationException twice) {
            throw refused("Something in it stands twice, is too long, or belongs to something that is not in it.");
        }
        return read.size();
    }

    private void replaceBy(Map<String, JsonNode> read) {
        kept.values().stream()
                .sorted(Comparator.comparingInt((Kept each) -> -each.rank()))
                .forEach(Kept::wipe);
        for (Kept each : kept.values()) {
            read.forEach((name, file) -> {
                if (name.startsWith(each.folder() + "/")) {
                    each.restore(nameOf(name), file);
                }
            });
        }
    }

    private static String nameOf(String file) {
        return file.substring(file.indexOf('/') + 1, file.length() - ".json".length());
    }

    private void check(String name, JsonNode file) {
        try {
            kept.get(name.substring(0, name.indexOf('/'))).check(nameOf(name), file);
        } catch (ProblemsFound | JacksonException | IllegalArgumentException | NullPointerException wrong) {
            throw refused(name + " cannot be read: " + firstLine(wrong) + ".");
        }
    }

    private static String firstLine(RuntimeException wrong) {
        return wrong instanceof ProblemsFound found
                ? found.problems().get(0).sentence().replaceAll("\\.$", "")
                : "it is not what such a file holds";
    }

    private static void checkList(JsonNode list, Map<String, byte[]> files) {
        if (!list.path("format").asString("").equals(FORMAT)) {
            throw refused("It is no backup of Crafty Pocket.");
        }
        int version = list.path("version").asInt(0);
        if (version > VERSION) {
            throw refused("It was made by a newer Crafty Pocket (version " + version
                    + " of the format). Update this one first.");
        }
        if (version < 1 || !list.path("files").isObject()) {
            throw refused("Its list of files cannot be read.");
        }
        Map<String, String> hashes = new TreeMap<>();
        list.path("files")
                .properties()
                .forEach(each -> hashes.put(each.getKey(), each.getValue().asString("")));
        if (!hashes.keySet().equals(files.keySet())) {
            throw refused("Its files are not those of its list.");
        }
        files.forEach((name, file) -> {
            if (!hash(file).equals(hashes.get(name))) {
                throw refused(name + " is damaged.");
            }
        });
    }

    private JsonNode read(String name, byte[] file) {
        try {
            return json.readTree(file);
        } catch (JacksonException broken) {
            throw refused(name + " is no JSON.");
        }
    }

    /** Reads every file, and never more than the limits allow, whatever the zip says of itself. */
    private Map<String, byte[]> unpack(byte[] packed) {
        Map<String, byte[]> files = new TreeMap<>();
        long all = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packed))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                boolean known = entry.getName().equals(LIST)
                        || NAME.matcher(entry.getName()).matches()
                                && kept.containsKey(entry.getName()
                                        .substring(0, entry.getName().indexOf('/')));
                if (!known || files.containsKey(entry.getName())) {
                    throw refused("It holds a file that does not belong into a backup.");
                }
                byte[] file = file(zip);
                all += file.length;
                if (all > LARGEST || files.size() >= MOST_FILES) {
                    throw refused("It is too large.");
                }
                files.put(entry.getName(), file);
            }
        } catch (IOException | IllegalArgumentException broken) {
            throw refused("It is no zip, or it is damaged.");
        }
        return files;
    }

    private static byte[] file(ZipInputStream zip) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        byte[] chunk = new byte[CHUNK];
        for (int read = zip.read(chunk); read >= 0; read = zip.read(chunk)) {
            file.write(chunk, 0, read);
            if (file.size() > LARGEST_FILE) {
                throw refused("A file in it is too large.");
            }
        }
        return file.toByteArray();
    }

    static Refusal refused(String why) {
        Problem problem =
                new Problem("backup", "", why, "Nothing was changed. Choose a backup that this program has saved");
        return new Refusal(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "The backup cannot be read",
                why + " Nothing was changed. Choose a backup that this program has saved.",
                List.of(problem));
    }
}
