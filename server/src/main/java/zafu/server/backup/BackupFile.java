package zafu.server.backup;

import java.io.BufferedOutputStream;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Collections;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationVersion;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.platform.FileStore;
import zafu.server.platform.Refusal;

/**
 * All of a school in a ZIP: {@code tables/NAME.jsonl} (a table, see {@link TableRows}), {@code files/HASH} (uploads under
 * their hashes) and {@code about.json} (when it was made, of which schema, rows and hash of each table). docs/formats.md
 * describes it. It is the same whatever database it came from, and goes into any.
 */
final class BackupFile {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String ABOUT = "about.json";
    private static final String TABLES = "tables/";
    private static final String FILES = "files/";
    /** H2's own level: everything is read as it was at one moment. PostgreSQL calls the same repeatable read. */
    private static final int H2_SNAPSHOT = 6;

    private BackupFile() {}

    /** What is said of a backup in itself. */
    record About(Instant made, String schema, Map<String, Rows> tables) {}

    /** @param sha256 of the lines, in hexadecimal digits */
    record Rows(int rows, String sha256) {}

    /** Writes all there is to a new file; it is there whole or not at all. Others go on working meanwhile. */
    static void write(Connection database, Path data, Path target, Instant now) throws IOException, SQLException {
        Path folder = Files.createDirectories(target.toAbsolutePath().getParent());
        Path half = Files.createTempFile(folder, "backup", ".zip.part");
        int before = database.getTransactionIsolation();
        try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(half)))) {
            database.setAutoCommit(false);
            database.setTransactionIsolation(snapshotOf(database));
            Map<String, Rows> tables = new LinkedHashMap<>();
            for (SchoolTables.Table table : SchoolTables.of(database)) {
                tables.put(table.name(), write(database, table, zip));
            }
            About about = new About(now, SchoolPlace.schemaOf(database), tables);
            // Whatever a row speaks of was written before the row.
            for (Path file : uploads(data)) {
                zip.putNextEntry(new ZipEntry(FILES + file.getFileName()));
                Files.copy(file, zip);
                zip.closeEntry();
            }
            zip.putNextEntry(new ZipEntry(ABOUT));
            zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(about));
            zip.closeEntry();
        } catch (IOException | SQLException | RuntimeException failed) {
            Files.deleteIfExists(half);
            throw failed;
        } finally {
            database.rollback();
            database.setTransactionIsolation(before);
            database.setAutoCommit(true);
        }
        Files.move(half, target, StandardCopyOption.ATOMIC_MOVE);
    }

    private static int snapshotOf(Connection database) throws SQLException {
        return database.getMetaData().getDatabaseProductName().equals("H2")
                ? H2_SNAPSHOT
                : Connection.TRANSACTION_REPEATABLE_READ;
    }

    private static Rows write(Connection database, SchoolTables.Table table, ZipOutputStream zip)
            throws IOException, SQLException {
        zip.putNextEntry(new ZipEntry(TABLES + table.name() + ".jsonl"));
        DigestOutputStream digested = new DigestOutputStream(zip, sha256());
        Writer lines = new OutputStreamWriter(digested, StandardCharsets.UTF_8);
        int rows = TableRows.write(database, table, lines);
        lines.flush();
        zip.closeEntry();
        return new Rows(rows, hex(digested.getMessageDigest()));
    }

    private static List<Path> uploads(Path data) throws IOException {
        Path folder = data.resolve("files");
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile)
                    .filter(each -> each.getFileName().toString().matches("[0-9a-f]{64}"))
                    .sorted()
                    .toList();
        }
    }

    /**
     * Opens a backup: everything in it has the hash it should have, and its rows make a school in memory.
     *
     * @throws Refusal that says what is wrong with it
     */
    @SuppressWarnings("try")
    static About check(Path backup) {
        SchoolPlace.InMemory memory = SchoolPlace.InMemory.fresh();
        try (Connection keepsItThere = memory.connect()) {
            return fill(backup, memory);
        } catch (SQLException broken) {
            throw damaged(backup, "the tables in it cannot be made");
        }
    }

    /** Makes the tables of the backup's schema in a place that has none, and fills them. */
    static About fill(Path backup, SchoolPlace place) {
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            About about = JSON.readValue(part(zip, backup, ABOUT), About.class);
            if (MigrationVersion.fromVersion(about.schema())
                            .compareTo(MigrationVersion.fromVersion(SchoolPlace.newest()))
                    > 0) {
                throw Refusal.unusable(
                        "backup-newer",
                        backup.getFileName()
                                + " was made by a newer Zafu. Take that one to restore it; nothing was changed.");
            }
            requireWhole(backup, zip, about);
            place.migrations(about.schema()).migrate();
            try (Connection database = place.connect()) {
                database.setAutoCommit(false);
                for (SchoolTables.Table table : SchoolTables.of(database)) {
                    try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                            part(zip, backup, TABLES + table.name() + ".jsonl"), StandardCharsets.UTF_8))) {
                        TableRows.read(database, table, lines);
                    }
                }
                database.commit();
            }
            return about;
        } catch (IOException | SQLException | FlywayException | JacksonException unreadable) {
            throw damaged(backup, "it cannot be read to its end");
        }
    }

    /** Keeps the uploads of a backup that was checked. */
    static void keepUploads(Path backup, FileStore uploads) throws IOException {
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            for (ZipEntry each : Collections.list(zip.entries())) {
                if (each.getName().startsWith(FILES)) {
                    try (InputStream content = zip.getInputStream(each)) {
                        uploads.keep(content.readAllBytes());
                    }
                }
            }
        }
    }

    private static void requireWhole(Path backup, ZipFile zip, About about) throws IOException {
        for (Map.Entry<String, Rows> table : about.tables().entrySet()) {
            InputStream lines = part(zip, backup, TABLES + table.getKey() + ".jsonl");
            if (!hashOf(lines).equals(table.getValue().sha256())) {
                throw damaged(backup, "the table " + table.getKey() + " in it was changed");
            }
        }
        for (ZipEntry each : Collections.list(zip.entries())) {
            if (each.getName().startsWith(FILES) && !each.getName().equals(FILES + hashOf(zip.getInputStream(each)))) {
                throw damaged(backup, "a file in it was changed");
            }
        }
    }

    private static InputStream part(ZipFile zip, Path backup, String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw damaged(backup, name + " is missing in it");
        }
        return zip.getInputStream(entry);
    }

    private static Refusal damaged(Path backup, String why) {
        return Refusal.unusable("backup-damaged", backup.getFileName() + " cannot be used: " + why + ".");
    }

    private static String hashOf(InputStream content) throws IOException {
        try (DigestInputStream digested = new DigestInputStream(content, sha256())) {
            digested.transferTo(OutputStream.nullOutputStream());
            return hex(digested.getMessageDigest());
        }
    }

    private static String hex(MessageDigest digest) {
        return HexFormat.of().formatHex(digest.digest());
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
