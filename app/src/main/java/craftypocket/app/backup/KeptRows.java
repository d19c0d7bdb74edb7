package craftypocket.app.backup;

import craftypocket.app.folder.Compressed;
import craftypocket.app.http.OfOurTime;
import jakarta.validation.Validator;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The rows of a table, some to a file: each an object of its keys, with its document as it is sent. Whatever else stands in a
 * column follows from the document, and is written by the feature as when the document came from a page.
 */
public final class KeptRows implements Kept {

    private static final int ROWS_A_FILE = 50;

    /** A file takes no further row from here on: with the largest one added it can still be read. */
    private static final int FULL = 500_000;

    private static final String DOCUMENT = "document";

    /** What is in a column. */
    public enum Type {
        ID {
            @Override
            Object read(JsonNode node) {
                return UUID.fromString(node.stringValue());
            }
        },
        /** The id of something that need not be there. */
        MAYBE_ID {
            @Override
            Object read(JsonNode node) {
                return node.isNull() || node.isMissingNode() ? null : ID.read(node);
            }
        },
        TEXT {
            @Override
            Object read(JsonNode node) {
                return node.stringValue();
            }
        },
        TIME {
            @Override
            Object read(JsonNode node) {
                OffsetDateTime time = Instant.parse(node.stringValue()).atOffset(ZoneOffset.UTC);
                if (!OfOurTime.Years.within(time.toLocalDate())) {
                    throw new IllegalArgumentException("not " + OfOurTime.RULE);
                }
                return time;
            }
        };

        abstract Object read(JsonNode node);
    }

    /** A column that does not follow from the document. */
    public record Column(String name, Type type) {}

    /** Writes a row of its keys and its document. */
    @FunctionalInterface
    public interface Writer {
        void write(Map<String, Object> keys, Object document);
    }

    /**
     * Where a table is kept; {@code document} says of a row what its document must be: {@code String} for any text, null for a row that
     * cannot be.
     */
    public record Table(
            String folder,
            int rank,
            String name,
            String order,
            List<Column> keys,
            boolean compressed,
            Function<JsonNode, Class<?>> document) {}

    private final Table table;
    private final Writer writer;
    private final JdbcClient database;
    private final JsonMapper json;
    private final Validator validator;

    public KeptRows(Table table, Writer writer, JdbcClient database, JsonMapper json, Validator validator) {
        this.table = table;
        this.writer = writer;
        this.database = database;
        this.json = json;
        this.validator = validator;
    }

    @Override
    public String folder() {
        return table.folder();
    }

    @Override
    public int rank() {
        return table.rank();
    }

    @Override
    public void save(Sink sink) {
        String names = Stream.concat(table.keys().stream().map(Column::name), Stream.of(DOCUMENT))
                .collect(Collectors.joining(", "));
        Filling filling = new Filling(sink);
        database.sql("select " + names + " from " + table.name() + " order by " + table.order())
                .query((ResultSet row) -> filling.add(row(row)));
        filling.close();
    }

    /** The file that is being filled. */
    private final class Filling {

        private final Sink sink;
        private ArrayNode file = json.createArrayNode();
        private int bytes;
        private int number;

        Filling(Sink sink) {
            this.sink = sink;
        }

        void add(ObjectNode row) {
            file.add(row);
            bytes += row.toString().getBytes(StandardCharsets.UTF_8).length;
            if (file.size() == ROWS_A_FILE || bytes >= FULL) {
                close();
            }
        }

        void close() {
            if (!file.isEmpty()) {
                sink.take(String.format(Locale.ROOT, "%06d", ++number), file);
            }
            file = json.createArrayNode();
            bytes = 0;
        }
    }

    private ObjectNode row(ResultSet row) throws SQLException {
        ObjectNode node = json.createObjectNode();
        for (Column column : table.keys()) {
            String name = column.name();
            node.put(
                    name,
                    column.type() == Type.TIME
                            ? row.getObject(name, OffsetDateTime.class)
                                    .toInstant()
                                    .toString()
                            : row.getString(name));
        }
        if (table.compressed()) {
            node.set(DOCUMENT, json.readTree(Compressed.text(row.getBytes(DOCUMENT))));
        } else {
            node.put(DOCUMENT, row.getString(DOCUMENT));
        }
        return node;
    }

    @Override
    public void check(String name, JsonNode file, Set<String> seen) {
        require(name, file.isArray());
        for (JsonNode row : file) {
            try {
                if (!seen.add(identity(row))) {
                    throw Backups.refused("Something in " + table.folder() + "/" + name + ".json stands twice.");
                }
                Object document = document(row);
                require(
                        name,
                        document instanceof String
                                || validator.validate(document).isEmpty());
            } catch (IllegalArgumentException | DateTimeException | NullPointerException wrong) {
                require(name, false);
            }
        }
    }

    /** By what a row is known: its id; notes of the performer by their kind too. */
    private String identity(JsonNode row) {
        Map<String, Object> keys = keys(row);
        return keys.get("id") instanceof UUID id ? id.toString() : keys.toString();
    }

    private Map<String, Object> keys(JsonNode row) {
        Map<String, Object> keys = new TreeMap<>();
        table.keys().forEach(column -> keys.put(column.name(), column.type().read(row.path(column.name()))));
        return keys;
    }

    /** @throws IllegalArgumentException when there can be no such row */
    private Object document(JsonNode row) {
        Class<?> type = table.document().apply(row);
        JsonNode node = row.path(DOCUMENT);
        if (type == null) {
            throw new IllegalArgumentException("no such row");
        }
        if (type == String.class) {
            return node.stringValue();
        }
        Object document = json.treeToValue(table.compressed() ? node : json.readTree(node.stringValue()), type);
        if (document == null) {
            throw new IllegalArgumentException("no document");
        }
        return document;
    }

    private void require(String name, boolean met) {
        if (!met) {
            throw Backups.refused(table.folder() + "/" + name + ".json holds something that is no such thing.");
        }
    }

    @Override
    public void wipe() {
        database.sql("delete from " + table.name()).update();
    }

    @Override
    public void restore(String name, JsonNode file) {
        file.forEach(row -> writer.write(keys(row), document(row)));
    }
}
