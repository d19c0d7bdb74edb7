package craftypocket.app.backup;

import craftypocket.app.http.Received;
import craftypocket.app.http.Refusal;
import craftypocket.app.versions.Versions;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import jakarta.persistence.EntityManager;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Comparator;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
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

    /** What nobody means to be without. */
    private static final String FIRST = "routines";

    private static final String CURE = "Nothing was changed. Choose a backup that this program has saved";

    private static final int DEEPEST = 40;

    /** More routines, sets and files of rows than anybody has. */
    private static final int MOST_FILES = 20_000;

    private static final int LARGEST_FILE = 4_000_000;
    private static final long LARGEST = 1_000_000_000;

    private static final Pattern NAME = Pattern.compile("([a-z]{1,20})/([A-Za-z0-9-]{1,60})\\.json");

    private final Map<String, Kept> kept;
    private final JsonMapper json;
    private final Versions versions;
    private final EntityManager entities;

    /** Reads as much as a file of a backup may hold, which is more than what is sent at once. */
    private final JsonMapper files = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxDocumentLength(LARGEST_FILE)
                            .maxStringLength(LARGEST_FILE)
                            .maxNestingDepth(DEEPEST)
                            .build())
                    .build())
            .build();

    Backups(List<Kept> kept, JsonMapper json, Versions versions, EntityManager entities) {
        this.kept = kept.stream()
                .sorted(Comparator.comparingInt(Kept::rank).thenComparing(Kept::folder))
                .collect(Collectors.toMap(Kept::folder, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        this.json = json;
        this.versions = versions;
        this.entities = entities;
    }

    /**
     * Writes everything to a zip, with the list of its files last, and reads it back: what cannot be restored is not handed out.
     *
     * @param going is asked before each file, and refuses to go on when there is no time left
     */
    @Transactional(readOnly = true)
    public void save(Path to, Runnable going) {
        ObjectNode list = json.createObjectNode().put("format", FORMAT).put("version", VERSION);
        ObjectNode hashes = list.putObject("files");
        try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(to)))) {
            for (Kept each : kept.values()) {
                each.save((name, file) -> {
                    going.run();
                    entities.clear();
                    byte[] bytes = bytes(file);
                    String path = each.folder() + "/" + name + ".json";
                    hashes.put(path, hash(bytes));
                    write(zip, path, bytes);
                });
            }
            write(zip, LIST, bytes(list));
        } catch (IOException full) {
            throw Received.noRoom(full);
        }
        try {
            check(to, going);
        } catch (Refusal unreadable) {
            // That there is no time left says nothing of what was written.
            if (!unreadable.getMessage().contains(CURE)) {
                throw unreadable;
            }
            throw new Refusal(
                    HttpStatus.INTERNAL_SERVER_ERROR,
                    "The backup could not be read back",
                    "It was written, and could not be read again: " + unreadable.getMessage()
                            + " Save your routines one by one.");
        }
    }

    private static void write(ZipOutputStream zip, String name, byte[] file) {
        try {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(file);
            zip.closeEntry();
        } catch (IOException full) {
            throw Received.noRoom(full);
        }
    }

    private static byte[] bytes(JsonNode file) {
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
     * @param evenEmpty whether one without any routine may replace everything too
     * @return how many files were restored
     */
    @Transactional
    public int restore(Path zip, boolean evenEmpty, Runnable going) {
        Set<String> names = check(zip, going);
        if (!evenEmpty && names.stream().noneMatch(name -> name.startsWith(FIRST + "/"))) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    "An empty backup",
                    "There is no routine in this backup: with it, everything that is kept here would be gone."
                            + " If you mean that, send it with evenEmpty=true.");
        }
        try {
            replaceBy(zip, names, going);
        } catch (DataIntegrityViolationException twice) {
            throw refused("Something in it stands twice, is too long, or belongs to something that is not in it.");
        }
        return names.size();
    }

    private void replaceBy(Path zip, Set<String> names, Runnable going) {
        versions.forgetAll();
        kept.values().stream()
                .sorted(Comparator.comparingInt((Kept each) -> -each.rank()))
                .forEach(Kept::wipe);
        try (ZipFile opened = new ZipFile(zip.toFile())) {
            for (Kept each : kept.values()) {
                for (String name : names) {
                    if (folderOf(name).equals(each.folder())) {
                        going.run();
                        each.restore(nameOf(name), read(name, file(opened, name)));
                        entities.flush();
                        entities.clear();
                    }
                }
            }
        } catch (IOException broken) {
            throw damaged();
        }
    }

    private static String folderOf(String file) {
        return file.substring(0, file.indexOf('/'));
    }

    private static String nameOf(String file) {
        return file.substring(file.indexOf('/') + 1, file.length() - ".json".length());
    }

    /** Sees that everything can be restored, file by file, and gives their names in their order. */
    private Set<String> check(Path zip, Runnable going) {
        try (ZipFile opened = new ZipFile(zip.toFile())) {
            Set<String> names = names(opened);
            if (!names.remove(LIST)) {
                throw refused("It is no backup of Crafty Pocket: " + LIST + " is missing.");
            }
            Map<String, String> hashes = hashes(read(LIST, file(opened, LIST)));
            if (!hashes.keySet().equals(names)) {
                throw refused("Its files are not those of its list.");
            }
            Map<String, Set<String>> seen = new TreeMap<>();
            for (String name : names) {
                going.run();
                byte[] file = file(opened, name);
                if (!hash(file).equals(hashes.get(name))) {
                    throw refused(name + " is damaged.");
                }
                check(name, read(name, file), seen.computeIfAbsent(folderOf(name), each -> new HashSet<>()));
            }
            return names;
        } catch (IOException | IllegalArgumentException broken) {
            throw damaged();
        }
    }

    private static Refusal damaged() {
        return refused("It is no zip, or it is damaged.");
    }

    /** The names of its files; whatever does not belong into a backup is refused. */
    private Set<String> names(ZipFile zip) {
        Set<String> names = new TreeSet<>();
        if (zip.size() > MOST_FILES || zip.stream().mapToLong(ZipEntry::getSize).sum() > LARGEST) {
            throw refused("It is too large.");
        }
        zip.stream().map(ZipEntry::getName).forEach(name -> {
            boolean known = name.equals(LIST) || NAME.matcher(name).matches() && kept.containsKey(folderOf(name));
            if (!known || !names.add(name)) {
                throw refused("It holds a file that does not belong into a backup.");
            }
        });
        return names;
    }

    /** Reads a file, and never more than the limit allows, whatever the zip says of itself. */
    private static byte[] file(ZipFile zip, String name) throws IOException {
        try (InputStream file = zip.getInputStream(zip.getEntry(name))) {
            byte[] bytes = file.readNBytes(LARGEST_FILE + 1);
            if (bytes.length > LARGEST_FILE) {
                throw refused("A file in it is too large.");
            }
            return bytes;
        }
    }

    private void check(String name, JsonNode file, Set<String> seen) {
        try {
            kept.get(folderOf(name)).check(nameOf(name), file, seen);
        } catch (Refusal wrong) {
            throw wrong.getMessage().contains(CURE) ? wrong : refused(name + " cannot be read: " + wrong.getMessage());
        } catch (ProblemsFound | JacksonException | IllegalArgumentException | NullPointerException wrong) {
            throw refused(name + " cannot be read: " + firstLine(wrong) + ".");
        }
    }

    private static String firstLine(RuntimeException wrong) {
        return wrong instanceof ProblemsFound found
                ? found.problems().get(0).sentence().replaceAll("\\.$", "")
                : "it is not what such a file holds";
    }

    /** The hashes of the files, by their names. */
    private static Map<String, String> hashes(JsonNode list) {
        if (!list.path("format").asString("").equals(FORMAT)) {
            throw refused("It is no backup of Crafty Pocket.");
        }
        JsonNode version = list.path("version");
        if (!version.isInt() || version.asInt() < 1 || !list.path("files").isObject()) {
            throw refused("Its list of files cannot be read.");
        }
        if (version.asInt() > VERSION) {
            throw refused("It was made by a newer Crafty Pocket (version " + version.asInt()
                    + " of the format). Update this one first.");
        }
        Map<String, String> hashes = new TreeMap<>();
        list.path("files")
                .properties()
                .forEach(each -> hashes.put(each.getKey(), each.getValue().asString("")));
        return hashes;
    }

    private JsonNode read(String name, byte[] file) {
        try {
            return files.readTree(file);
        } catch (JacksonException broken) {
            throw refused(name + " is no JSON.");
        }
    }

    static Refusal refused(String why) {
        Problem problem = new Problem("backup", "", why, CURE);
        return new Refusal(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "The backup cannot be read",
                why + " " + CURE + ".",
                List.of(problem));
    }
}
