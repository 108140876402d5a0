package zafu.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import zafu.server.platform.FileStore;
import zafu.server.platform.Refusal;

/** The backups of a school, beside its database; the oldest make room. */
final class BackupFolder {
    static final int KEPT = 14;
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HHmmss");
    private final Path data;

    BackupFolder(Path data) {
        this.data = data;
    }

    /** Newest first. */
    List<Path> all() throws IOException {
        Path folder = data.resolve("backups");
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(each -> each.getFileName().toString().matches("zafu-[0-9T-]+\\.zip"))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        }
    }

    /** Makes a backup, opens it to see that it can be used, and lets go of those beyond the fourteen newest. */
    Path make(Connection database, Instant now) throws IOException, SQLException {
        String stamp = STAMP.format(LocalDateTime.ofInstant(now, ZoneOffset.UTC));
        Path made = data.resolve("backups").resolve("zafu-" + stamp + ".zip");
        BackupFile.write(database, data, made, now);
        BackupFile.check(made);
        // Whatever the clock said before, the newest is the one just made.
        for (Path old :
                all().stream().filter(each -> !each.equals(made)).skip(KEPT - 1).toList()) {
            Files.delete(old);
        }
        return made;
    }

    /**
     * Takes a backup for the school's data; what was there is kept aside in a folder of its own.
     *
     * @return where the data of before is now; empty where there was none
     * @throws Refusal where the backup is damaged or of a newer Zafu; nothing is changed then
     */
    Optional<Path> restore(Path backup, Instant now) throws IOException {
        Path fresh = data.resolve("restoring");
        deleteAll(fresh);
        try {
            BackupFile.fill(backup, new SchoolPlace.InFile(fresh));
        } catch (Refusal refused) {
            deleteAll(fresh);
            throw refused;
        }
        BackupFile.keepUploads(backup, new FileStore(fresh.toString()));
        Path aside = data.resolve("before-" + STAMP.format(LocalDateTime.ofInstant(now, ZoneOffset.UTC)));
        boolean keptAside = false;
        for (String each : List.of("zafu.mv.db", "files")) {
            if (Files.exists(data.resolve(each))) {
                keptAside = true;
                Files.createDirectories(aside);
                Files.move(data.resolve(each), aside.resolve(each));
            }
            if (Files.exists(fresh.resolve(each))) {
                Files.move(fresh.resolve(each), data.resolve(each));
            }
        }
        deleteAll(fresh);
        return keptAside ? Optional.of(aside) : Optional.empty();
    }

    /**
     * Takes a backup for a school on PostgreSQL; the tables that were there are kept aside in a schema of their own.
     *
     * @return the name of that schema
     * @throws Refusal where the backup cannot be used, or while a server is at work there; nothing is changed then
     */
    String restore(Path backup, SchoolPlace.InPostgres place, Instant now) throws IOException, SQLException {
        String aside = "before_"
                + STAMP.format(LocalDateTime.ofInstant(now, ZoneOffset.UTC)).replaceAll("\\D", "");
        try (Connection database = place.connect();
                Statement statement = database.createStatement()) {
            requireNobodyAtWork(statement);
            statement.execute("drop schema if exists restoring cascade");
            statement.execute("create schema restoring");
            try {
                BackupFile.fill(backup, place.in("restoring"));
            } catch (Refusal refused) {
                statement.execute("drop schema restoring cascade");
                throw refused;
            }
            BackupFile.keepUploads(backup, new FileStore(data.toString()));
            database.setAutoCommit(false);
            statement.execute("alter schema public rename to " + aside);
            statement.execute("alter schema restoring rename to public");
            database.commit();
        }
        return aside;
    }

    private static void requireNobodyAtWork(Statement statement) throws SQLException {
        try (ResultSet servers = statement.executeQuery("select count(*) from pg_stat_activity"
                + " where datname = current_database() and application_name = 'zafu-server'")) {
            servers.next();
            if (servers.getInt(1) > 0) {
                throw Refusal.conflict(
                        "servers-at-work",
                        "A Zafu server is at work on that database. Stop it first; nothing was changed.");
            }
        }
    }

    private static void deleteAll(Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(each);
                }
            }
        }
    }
}
