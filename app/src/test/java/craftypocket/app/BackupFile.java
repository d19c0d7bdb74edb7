package craftypocket.app;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.node.ObjectNode;

/** A backup, taken apart and put together again by other means than the program’s. */
final class BackupFile {

    static final String LIST = "backup.json";

    private BackupFile() {}

    static byte[] saved() {
        return RunningApplication.bytes("/api/backup");
    }

    /** @param query what stands behind the address, such as {@code ?evenEmpty=true} */
    static HttpResponse<String> restore(byte[] zip, String query) {
        return RunningApplication.send(
                HttpRequest.newBuilder(RunningApplication.base().resolve("/api/backup" + query))
                        .header("Content-Type", "application/zip")
                        .headers(RunningApplication.ownHeaders())
                        .POST(HttpRequest.BodyPublishers.ofByteArray(zip)));
    }

    static Map<String, byte[]> files(byte[] zip) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
            }
        }
        return out.toByteArray();
    }

    /** The same files with a list that is true of them. */
    static byte[] listed(Map<String, byte[]> files) throws IOException {
        ObjectNode list = RunningApplication.JSON
                .createObjectNode()
                .put("format", "crafty-pocket/backup")
                .put("version", 1);
        ObjectNode hashes = list.putObject("files");
        Map<String, byte[]> all = new LinkedHashMap<>(files);
        all.remove(LIST);
        all.forEach((name, file) -> hashes.put(name, sha256(file)));
        all.put(LIST, list.toString().getBytes(StandardCharsets.UTF_8));
        return zip(all);
    }

    private static String sha256(byte[] file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }
}
