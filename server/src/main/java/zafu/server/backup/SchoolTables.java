package zafu.server.backup;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The tables that hold a school, each after those it points at; not what holds the servers' own business. */
final class SchoolTables {
    /** Sign-ins, locks and the history of the schema are of a server, not of a school. */
    private static final Set<String> OF_A_SERVER = Set.of(
            "spring_session",
            "spring_session_attributes",
            "job_lock",
            "flyway_schema_history",
            "wrong_entry",
            "spent_effort",
            "server_secret");

    private SchoolTables() {}

    /** What a column holds, and so how it is written. */
    enum Kind {
        WHOLE,
        NUMBER,
        TRUTH,
        TEXT,
        DAY,
        TIME,
        MOMENT;

        static Kind named(String type) {
            return switch (type.toLowerCase(Locale.ROOT)) {
                case "bigint", "int8", "integer", "int4", "smallint", "int2", "bigserial" -> WHOLE;
                case "double precision", "float8", "numeric" -> NUMBER;
                case "boolean", "bool" -> TRUTH;
                case "character varying", "varchar", "character", "bpchar", "text" -> TEXT;
                case "date" -> DAY;
                case "time", "time without time zone" -> TIME;
                case "timestamp with time zone", "timestamptz" -> MOMENT;
                default -> throw new IllegalStateException("no backup knows columns of type " + type);
            };
        }
    }

    record Column(String name, Kind kind) {}

    /**
     * A table.
     *
     * @param toItself columns that point at other rows of the same table
     */
    record Table(String name, List<Column> columns, List<String> toItself) {
        boolean has(String column) {
            return columns.stream().anyMatch(each -> each.name().equals(column));
        }
    }

    /** All of them, in the order in which they can be filled. */
    static List<Table> of(Connection database) throws SQLException {
        DatabaseMetaData about = database.getMetaData();
        String schema = database.getSchema();
        Map<String, Table> tables = new LinkedHashMap<>();
        Map<String, Set<String>> pointsAt = new LinkedHashMap<>();
        try (ResultSet rows = about.getTables(null, schema, "%", new String[] {"TABLE", "BASE TABLE"})) {
            while (rows.next()) {
                String name = rows.getString("TABLE_NAME");
                if (!OF_A_SERVER.contains(name)) {
                    pointsAt.put(name, new LinkedHashSet<>());
                }
            }
        }
        for (String name : pointsAt.keySet()) {
            List<String> toItself = new ArrayList<>();
            try (ResultSet keys = about.getImportedKeys(null, schema, name)) {
                while (keys.next()) {
                    if (keys.getString("PKTABLE_NAME").equals(name)) {
                        toItself.add(keys.getString("FKCOLUMN_NAME"));
                    } else {
                        pointsAt.get(name).add(keys.getString("PKTABLE_NAME"));
                    }
                }
            }
            tables.put(name, new Table(name, columns(about, schema, name), toItself));
        }
        return inOrder(tables, pointsAt);
    }

    private static List<Column> columns(DatabaseMetaData about, String schema, String table) throws SQLException {
        List<Column> columns = new ArrayList<>();
        try (ResultSet rows = about.getColumns(null, schema, table, "%")) {
            while (rows.next()) {
                columns.add(new Column(rows.getString("COLUMN_NAME"), Kind.named(rows.getString("TYPE_NAME"))));
            }
        }
        return columns;
    }

    private static List<Table> inOrder(Map<String, Table> tables, Map<String, Set<String>> pointsAt) {
        Map<String, Table> ordered = new LinkedHashMap<>();
        while (ordered.size() < tables.size()) {
            List<String> next = tables.keySet().stream()
                    .filter(each ->
                            !ordered.containsKey(each) && ordered.keySet().containsAll(pointsAt.get(each)))
                    .sorted()
                    .toList();
            if (next.isEmpty()) {
                throw new IllegalStateException("some tables point at each other in a circle");
            }
            next.forEach(each -> ordered.put(each, tables.get(each)));
        }
        return List.copyOf(ordered.values());
    }
}
