package zafu.server.backup;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.configuration.FluentConfiguration;

/** Where the tables of a school are, or come to be. */
sealed interface SchoolPlace {
    String MIGRATIONS = "classpath:db/migration";

    /** A file beside the uploads. */
    record InFile(Path data) implements SchoolPlace {
        @Override
        public Connection connect() throws SQLException {
            return h2("file:" + data.toAbsolutePath().resolve("zafu"));
        }

        @Override
        public Flyway migrations(String schema) {
            return configured("file:" + data.toAbsolutePath().resolve("zafu"), schema);
        }
    }

    /** Nowhere for long: a backup is made into tables here to see that it can be. */
    record InMemory(String name) implements SchoolPlace {
        static InMemory fresh() {
            return new InMemory(UUID.randomUUID().toString());
        }

        @Override
        public Connection connect() throws SQLException {
            return h2(address());
        }

        @Override
        public Flyway migrations(String schema) {
            return configured(address(), schema);
        }

        /** It stays as long as anybody is connected, so whoever fills it connects first. */
        private String address() {
            return "mem:" + name;
        }
    }

    /**
     * A schema of a PostgreSQL server.
     *
     * @param address {@code HOST:PORT/NAME}
     * @param schema {@code public} where a server is at work
     */
    record InPostgres(String address, String user, String password, String schema) implements SchoolPlace {
        @Override
        public Connection connect() throws SQLException {
            Connection connection = DriverManager.getConnection(url(), user, password);
            connection.setSchema(schema);
            return connection;
        }

        @Override
        public Flyway migrations(String upTo) {
            return upTo(
                    Flyway.configure()
                            .dataSource(url(), user, password)
                            .locations(MIGRATIONS, "classpath:db/postgresql")
                            .schemas(schema),
                    upTo);
        }

        InPostgres in(String other) {
            return new InPostgres(address, user, password, other);
        }

        private String url() {
            return "jdbc:postgresql://" + address;
        }
    }

    Connection connect() throws SQLException;

    /** The migrations that lead to this schema, by its number. */
    Flyway migrations(String schema);

    /** The number of the newest schema that this Zafu knows. */
    static String newest() {
        MigrationInfo[] all = InMemory.fresh().migrations("latest").info().all();
        return all[all.length - 1].getVersion().getVersion();
    }

    /** The number of the schema that is there. */
    static String schemaOf(Connection database) throws SQLException {
        MigrationVersion newest = MigrationVersion.fromVersion("0");
        try (Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select \"version\" from \"flyway_schema_history\" where \"version\" is not null")) {
            while (rows.next()) {
                MigrationVersion each = MigrationVersion.fromVersion(rows.getString(1));
                newest = each.compareTo(newest) > 0 ? each : newest;
            }
        }
        return newest.getVersion();
    }

    private static Connection h2(String place) throws SQLException {
        return DriverManager.getConnection(url(place), "zafu", "");
    }

    private static Flyway configured(String place, String schema) {
        return upTo(Flyway.configure().dataSource(url(place), "zafu", "").locations(MIGRATIONS), schema);
    }

    private static Flyway upTo(FluentConfiguration configuration, String schema) {
        return configuration.target(schema).load();
    }

    private static String url(String place) {
        return "jdbc:h2:" + place + ";MODE=PostgreSQL;DATABASE_TO_LOWER=TRUE;DEFAULT_NULL_ORDERING=HIGH";
    }
}
