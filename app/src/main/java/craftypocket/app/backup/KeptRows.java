package craftypocket.app.backup;

import craftypocket.app.folder.Compressed;
import jakarta.validation.Validator;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The rows of a table, fifty to a file: each an object of its columns, with its document as it is sent. */
public final class KeptRows implements Kept {

    private static final int ROWS_A_FILE = 50;
    private static final String DOCUMENT = "document";

    /** What is in a column. */
    public enum Type {
        ID,
        TEXT,
        TIME,
        NUMBER,
        TRUTH,
        /** A text that is stored compressed. */
        COMPRESSED
    }

    /** A column. */
    public record Column(String name, Type type) {}

    /**
     * Where a table is kept; {@code where} leaves out rows that belong to nothing, and {@code document} says of a row what its document
     * must be: {@code String} for any text, null for a row that cannot be.
     */
    public record Table(
            String folder,
            int rank,
            String name,
            String where,
            String order,
            List<Column> columns,
            Function<JsonNode, Class<?>> document) {}

    private final Table table;
    private final JdbcClient database;
    private final JsonMapper json;
    private final Validator validator;

    public KeptRows(Table table, JdbcClient database, JsonMapper json, Validator validator) {
        this.table = table;
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
    public Map<String, JsonNode> save() {
        String names = table.columns().stream().map(Column::name).collect(Collectors.joining(", "));
        List<ObjectNode> rows = database.sql("select " + names + " from " + table.name() + " " + table.where()
                        + " order by " + table.order())
                .query((row, number) -> row(row))
                .list();
        Map<String, JsonNode> files = new TreeMap<>();
        for (int from = 0; from < rows.size(); from += ROWS_A_FILE) {
            ArrayNode file = json.createArrayNode();
            rows.subList(from, Math.min(rows.size(), from + ROWS_A_FILE)).forEach(file::add);
            files.put(String.format(Locale.ROOT, "%06d", from / ROWS_A_FILE + 1), file);
        }
        return files;
    }

    private ObjectNode row(ResultSet row) throws SQLException {
        ObjectNode node = json.createObjectNode();
        for (Column column : table.columns()) {
            String name = column.name();
            switch (column.type()) {
                case ID, TEXT -> node.put(name, row.getString(name));
                case TIME ->
                    node.put(
                            name,
                            row.getObject(name, OffsetDateTime.class)
                                    .toInstant()
                                    .toString());
                case NUMBER -> node.put(name, row.getLong(name));
                case TRUTH -> node.put(name, row.getBoolean(name));
                default -> node.set(name, json.readTree(Compressed.text(row.getBytes(name))));
            }
        }
        return node;
    }

    @Override
    public void check(String name, JsonNode file) {
        require(name, file.isArray() && file.size() <= ROWS_A_FILE);
        for (JsonNode row : file) {
            for (Column column : table.columns()) {
                try {
                    value(column, row.path(column.name()));
                } catch (RuntimeException wrong) {
                    require(name, false);
                }
            }
            Class<?> type = table.document().apply(row);
            require(name, type != null);
            if (type != String.class) {
                JsonNode node = row.path(DOCUMENT);
                Object document = json.treeToValue(node.isString() ? json.readTree(node.stringValue()) : node, type);
                require(name, document != null && validator.validate(document).isEmpty());
            }
        }
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
        String names = table.columns().stream().map(Column::name).collect(Collectors.joining(", "));
        String marks = table.columns().stream().map(column -> "?").collect(Collectors.joining(", "));
        for (JsonNode row : file) {
            List<Object> values = new ArrayList<>();
            table.columns().forEach(column -> values.add(value(column, row.path(column.name()))));
            database.sql("insert into " + table.name() + " (" + names + ") values (" + marks + ")")
                    .params(values)
                    .update();
        }
    }

    private Object value(Column column, JsonNode node) {
        return switch (column.type()) {
            case ID -> node.isNull() ? null : UUID.fromString(node.stringValue());
            case TIME -> Instant.parse(node.stringValue()).atOffset(ZoneOffset.UTC);
            case NUMBER -> node.longValue();
            case TRUTH -> node.booleanValue();
            case COMPRESSED -> Compressed.of(node.toString());
            default -> node.stringValue();
        };
    }
}
