package zafu.server.backup;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Enumeration;
import java.util.HexFormat;
import java.util.List;
import java.util.Properties;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import zafu.server.platform.FileStore;
import zafu.server.platform.Refusal;

/**
 * A ZIP of three parts: {@code backup.properties} (when it was made, of which schema, the hash of the script),
 * {@code database.sql} (a script that makes the database anew) and {@code files/} (uploads under their hashes).
 * docs/formats.md describes it.
 */
final class BackupFile {
    private static final String ABOUT = "backup.properties";
    private static final String SCRIPT = "database.sql";
    private static final String FILES = "files/";
    /** H2's own level: everything is read as it was at one moment. */
    private static final int SNAPSHOT = 6;

    private BackupFile() {}

    /** What a backup that could be opened holds. */
    record Contents(Instant madeAt, int schema, long students, int files) {}

    /** Writes all there is to a new file; it is there whole or not at all. Others go on working meanwhile. */
    static void write(Connection database, Path data, Path target, Instant now) throws IOException, SQLException {
        Path folder = Files.createDirectories(target.toAbsolutePath().getParent());
        Path script = Files.createTempFile(folder, "script", ".sql.part");
        Path half = Files.createTempFile(folder, "backup", ".zip.part");
        try {
            int schema = script(database, script);
            try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(half)))) {
                Properties about = new Properties();
                about.setProperty("made", now.toString());
                about.setProperty("schema", String.valueOf(schema));
                about.setProperty("script", sha256(Files.newInputStream(script)));
                zip.putNextEntry(new ZipEntry(ABOUT));
                about.store(zip, "Zafu");
                add(zip, SCRIPT, script);
                for (Path file : uploads(data)) {
                    add(zip, FILES + file.getFileName(), file);
                }
            }
            Files.move(half, target, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(script);
            Files.deleteIfExists(half);
        }
    }

    private static int script(Connection database, Path to) throws SQLException {
        int before = database.getTransactionIsolation();
        database.setAutoCommit(false);
        database.setTransactionIsolation(SNAPSHOT);
        try (Statement statement = database.createStatement()) {
            statement.execute("script to '" + to.toString().replace("'", "''") + "' charset 'UTF-8'");
            return schemaOf(statement);
        } finally {
            database.rollback();
            database.setTransactionIsolation(before);
            database.setAutoCommit(true);
        }
    }

    private static int schemaOf(Statement statement) throws SQLException {
        return (int)
                number(
                        statement,
                        "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"version\" is not null");
    }

    private static long number(Statement statement, String query) throws SQLException {
        try (ResultSet rows = statement.executeQuery(query)) {
            rows.next();
            return rows.getLong(1);
        }
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

    private static void add(ZipOutputStream zip, String name, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    /**
     * Opens a backup: everything in it has the hash it should have, and its script makes a database in memory.
     *
     * @throws Refusal that says what is wrong with it
     */
    static Contents check(Path backup) {
        String memory = "jdbc:h2:mem:" + UUID.randomUUID();
        try (Connection database = connect(memory)) {
            return read(backup, database);
        } catch (SQLException broken) {
            throw damaged(backup, "the database in it cannot be made");
        }
    }

    /** Puts the backup where there is nothing yet: a new database file, and the uploads beside it. */
    static void restore(Path backup, Path data) throws IOException, SQLException {
        Files.createDirectories(data);
        try (Connection database = connect(addressIn(data))) {
            read(backup, database);
        }
        FileStore uploads = new FileStore(data.toString());
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            for (ZipEntry each : entries(zip)) {
                if (each.getName().startsWith(FILES)) {
                    try (InputStream content = zip.getInputStream(each)) {
                        uploads.keep(content.readAllBytes());
                    }
                }
            }
        }
    }

    static String addressIn(Path data) {
        return "jdbc:h2:file:" + data.toAbsolutePath().resolve("zafu");
    }

    static Connection connect(String address) throws SQLException {
        return DriverManager.getConnection(
                address + ";MODE=PostgreSQL;DATABASE_TO_LOWER=TRUE;DEFAULT_NULL_ORDERING=HIGH", "zafu", "");
    }

    private static Contents read(Path backup, Connection database) {
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            Properties about = new Properties();
            about.load(new StringReader(new String(part(zip, backup, ABOUT), StandardCharsets.UTF_8)));
            byte[] script = part(zip, backup, SCRIPT);
            if (!sha256(new java.io.ByteArrayInputStream(script)).equals(about.getProperty("script"))) {
                throw damaged(backup, "the database in it was changed");
            }
            int files = 0;
            for (ZipEntry each : entries(zip)) {
                if (each.getName().startsWith(FILES)) {
                    files++;
                    if (!each.getName().equals(FILES + sha256(zip.getInputStream(each)))) {
                        throw damaged(backup, "a file in it was changed");
                    }
                }
            }
            try (Statement statement = database.createStatement()) {
                run(script, statement);
                return new Contents(
                        Instant.parse(about.getProperty("made")),
                        schemaOf(statement),
                        number(statement, "select count(*) from student"),
                        files);
            }
        } catch (IOException | SQLException | RuntimeException unreadable) {
            if (unreadable instanceof Refusal refusal) {
                throw refusal;
            }
            throw damaged(backup, "it cannot be read to its end");
        }
    }

    private static void run(byte[] script, Statement statement) throws IOException, SQLException {
        Path file = Files.createTempFile("restoring", ".sql");
        try {
            Files.write(file, script);
            statement.execute("runscript from '" + file.toString().replace("'", "''") + "' charset 'UTF-8'");
        } finally {
            Files.delete(file);
        }
    }

    private static byte[] part(ZipFile zip, Path backup, String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw damaged(backup, "it is no backup of Zafu");
        }
        try (InputStream content = zip.getInputStream(entry)) {
            return content.readAllBytes();
        }
    }

    private static List<? extends ZipEntry> entries(ZipFile zip) {
        Enumeration<? extends ZipEntry> entries = zip.entries();
        return java.util.Collections.list(entries);
    }

    private static Refusal damaged(Path backup, String why) {
        return Refusal.unusable("backup-damaged", backup.getFileName() + " cannot be used: " + why + ".");
    }

    private static String sha256(InputStream content) throws IOException {
        try (DigestInputStream digested = new DigestInputStream(content, MessageDigest.getInstance("SHA-256"))) {
            digested.transferTo(java.io.OutputStream.nullOutputStream());
            return HexFormat.of().formatHex(digested.getMessageDigest().digest());
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
