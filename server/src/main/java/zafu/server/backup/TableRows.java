package zafu.server.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Writer;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.backup.SchoolTables.Column;
import zafu.server.backup.SchoolTables.Table;

/**
 * The rows of a table as lines of JSON, an object a line by the names of columns: whole numbers and numbers, true and
 * false, text; days {@code 2027-02-09}, times {@code 08:10:00}, moments in UTC {@code 2027-02-09T12:10:00Z}; what is
 * absent in the database is absent in the line.
 */
final class TableRows {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int AT_ONCE = 500;

    private TableRows() {}

    /** @return how many rows there are */
    static int write(Connection database, Table table, Writer to) throws SQLException, IOException {
        // The same school makes the same lines, whatever order its database keeps them in.
        String order = " order by " + (table.has("id") ? "id" : names(table.columns()));
        int count = 0;
        try (Statement statement = database.createStatement()) {
            statement.setFetchSize(AT_ONCE);
            try (ResultSet rows =
                    statement.executeQuery("select " + names(table.columns()) + " from " + table.name() + order)) {
                while (rows.next()) {
                    to.write(JSON.writeValueAsString(row(rows, table.columns())));
                    to.write('\n');
                    count++;
                }
            }
        }
        return count;
    }

    private static Map<String, Object> row(ResultSet rows, List<Column> columns) throws SQLException {
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            Object value = value(rows, i + 1, columns.get(i).kind());
            if (value != null) {
                row.put(columns.get(i).name(), value);
            }
        }
        return row;
    }

    private static @Nullable Object value(ResultSet rows, int at, SchoolTables.Kind kind) throws SQLException {
        Object raw =
                switch (kind) {
                    case WHOLE -> rows.getLong(at);
                    case NUMBER -> rows.getDouble(at);
                    case TRUTH -> rows.getBoolean(at);
                    case TEXT -> rows.getString(at);
                    case DAY -> rows.getObject(at, LocalDate.class);
                    case TIME -> rows.getObject(at, LocalTime.class);
                    case MOMENT -> rows.getObject(at, OffsetDateTime.class);
                };
        if (rows.wasNull() || raw == null) {
            return null;
        }
        return switch (kind) {
            case DAY, TIME -> raw.toString();
            case MOMENT -> ((OffsetDateTime) raw).toInstant().toString();
            default -> raw;
        };
    }

    /** Fills an empty table. Rows that point at others of the same table are joined when all are there. */
    static void read(Connection database, Table table, BufferedReader lines) throws SQLException, IOException {
        String marks = String.join(",", Collections.nCopies(table.columns().size(), "?"));
        String insert = "insert into " + table.name() + " (" + names(table.columns()) + ") values (" + marks + ")";
        Map<Long, JsonNode> pointing = new LinkedHashMap<>();
        try (PreparedStatement statement = database.prepareStatement(insert)) {
            int waiting = 0;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                JsonNode row = JSON.readTree(line);
                for (int i = 0; i < table.columns().size(); i++) {
                    Column column = table.columns().get(i);
                    boolean later = table.toItself().contains(column.name());
                    set(statement, i + 1, column.kind(), later ? null : row.get(column.name()));
                }
                if (table.toItself().stream().anyMatch(row::has)) {
                    pointing.put(row.get("id").asLong(), row);
                }
                statement.addBatch();
                if (++waiting % AT_ONCE == 0) {
                    statement.executeBatch();
                }
            }
            statement.executeBatch();
        }
        point(database, table, pointing);
        if (table.has("id")) {
            countOnFromTheLast(database, table);
        }
    }

    private static void point(Connection database, Table table, Map<Long, JsonNode> pointing) throws SQLException {
        for (String column : table.toItself()) {
            String update = "update " + table.name() + " set " + column + " = ? where id = ?";
            try (PreparedStatement statement = database.prepareStatement(update)) {
                for (Map.Entry<Long, JsonNode> each : pointing.entrySet()) {
                    set(statement, 1, SchoolTables.Kind.WHOLE, each.getValue().get(column));
                    statement.setLong(2, each.getKey());
                    statement.addBatch();
                }
                statement.executeBatch();
            }
        }
    }

    /** New rows must not get ids that are taken. */
    private static void countOnFromTheLast(Connection database, Table table) throws SQLException {
        try (Statement statement = database.createStatement()) {
            long next;
            try (ResultSet last = statement.executeQuery("select coalesce(max(id), 0) + 1 from " + table.name())) {
                last.next();
                next = last.getLong(1);
            }
            if (isCounted(database, table)) {
                statement.execute("alter table " + table.name() + " alter column id restart with " + next);
            }
        }
    }

    private static boolean isCounted(Connection database, Table table) throws SQLException {
        try (ResultSet column = database.getMetaData().getColumns(null, database.getSchema(), table.name(), "id")) {
            return column.next() && "YES".equals(column.getString("IS_AUTOINCREMENT"));
        }
    }

    private static void set(PreparedStatement statement, int at, SchoolTables.Kind kind, @Nullable JsonNode value)
            throws SQLException {
        boolean absent = value == null || value.isNull();
        switch (kind) {
            case WHOLE -> statement.setObject(at, absent ? null : value.asLong(), Types.BIGINT);
            case NUMBER -> statement.setObject(at, absent ? null : value.asDouble(), Types.DOUBLE);
            case TRUTH -> statement.setObject(at, absent ? null : value.asBoolean(), Types.BOOLEAN);
            case TEXT -> statement.setString(at, absent ? null : value.asString());
            case DAY -> statement.setObject(at, absent ? null : LocalDate.parse(value.asString()));
            case TIME -> statement.setObject(at, absent ? null : LocalTime.parse(value.asString()));
            case MOMENT ->
                statement.setObject(
                        at,
                        absent ? null : Instant.parse(value.asString()).atOffset(ZoneOffset.UTC),
                        Types.TIMESTAMP_WITH_TIMEZONE);
        }
    }

    private static String names(List<Column> columns) {
        return columns.stream().map(Column::name).collect(Collectors.joining(","));
    }
}
