package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Clock;
import java.util.Collections;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.backup.BackupCommand;

/** A backup of the running school, and the way back from it. */
class BackupTest extends ServerTest {
    private static final JsonMapper JSON = new JsonMapper();

    @TempDir
    Path folder;

    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    private Path backup() throws Exception {
        String name =
                teacher().post("/api/school/backups", null).ok().get("name").asString();
        assertThat(teacher().get("/api/school/backups").text()).contains(name);
        Path file = folder.resolve(name);
        Files.write(file, teacher().getBytes("/api/school/backups/" + name).body());
        return file;
    }

    private int restore(Path data, Path file) throws Exception {
        PrintStream print = new PrintStream(said, true, StandardCharsets.UTF_8);
        return BackupCommand.run(
                new String[] {"restore", data.toString(), file.toString()}, Clock.systemUTC(), print, print);
    }

    private static long count(Path data, String table) throws Exception {
        String address = "jdbc:h2:file:" + data.resolve("zafu") + ";MODE=PostgreSQL;DATABASE_TO_LOWER=TRUE";
        try (Connection database = DriverManager.getConnection(address, "zafu", "");
                ResultSet rows = database.createStatement().executeQuery("select count(*) from " + table)) {
            rows.next();
            return rows.getLong(1);
        }
    }

    @Test
    void aBackupTakenWhileOthersWriteRestoresToAConsistentSchool() throws Exception {
        TestClass own = newClass("backup under load", 6);
        OwnCorner corner = new OwnCorner(own, own.groups(own.arrange(2)).get(0));
        AtomicBoolean over = new AtomicBoolean();
        CompletableFuture<Integer> writer = CompletableFuture.supplyAsync(() -> {
            int written = 0;
            while (!over.get()) {
                corner.say("word " + written++);
            }
            return written;
        });
        Path file = backup();
        over.set(true);
        assertThat(writer.get()).isPositive();
        Path data = folder.resolve("school");
        assertThat(restore(data, file)).isZero();
        // Every foreign key is there before the rows, so what does not belong together could not have been restored.
        assertThat(count(data, "talk_post")).isPositive();
        assertThat(count(data, "student")).isGreaterThan(50);
    }

    /** Hash and number of the rows of each table, as the backup itself says them. */
    static JsonNode tablesOf(Path file) throws Exception {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return JSON.readTree(zip.getInputStream(zip.getEntry("about.json"))).get("tables");
        }
    }

    @Test
    void theSchoolThatWasRestoredIsTheSameToTheLastRow() throws Exception {
        TestClass own = newClass("to the last row", 4);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        new OwnCorner(own, own.groups(own.arrange(2)).get(0)).say("Crabs & “gulls” 🦀\n{second line}");
        Path file = backup();
        Path data = folder.resolve("school");
        assertThat(restore(data, file)).isZero();
        PrintStream print = new PrintStream(said, true, StandardCharsets.UTF_8);
        assertThat(BackupCommand.run(new String[] {"backup", data.toString()}, Clock.systemUTC(), print, print))
                .isZero();
        try (Stream<Path> again = Files.list(data.resolve("backups"))) {
            assertThat(tablesOf(again.findFirst().orElseThrow())).isEqualTo(tablesOf(file));
        }
        assertThat(tablesOf(file).has("spring_session")).isFalse();
    }

    @Test
    void aBackupOfANewerZafuIsRefused() throws Exception {
        Path file = backup();
        Path newer = folder.resolve("zafu-newer.zip");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(newer))) {
            for (ZipEntry entry : Collections.list(zip.entries())) {
                byte[] content = zip.getInputStream(entry).readAllBytes();
                out.putNextEntry(new ZipEntry(entry.getName()));
                out.write(
                        entry.getName().equals("about.json")
                                ? new String(content, StandardCharsets.UTF_8)
                                        .replaceFirst("\"schema\" : \"[0-9.]+\"", "\"schema\" : \"9999\"")
                                        .getBytes(StandardCharsets.UTF_8)
                                : content);
            }
        }
        Path data = folder.resolve("school");
        assertThat(restore(data, newer)).isEqualTo(2);
        assertThat(said.toString(StandardCharsets.UTF_8)).contains("newer Zafu");
        assertThat(data.resolve("zafu.mv.db")).doesNotExist();
    }

    @Test
    void whatWasThereIsKeptAside() throws Exception {
        Path file = backup();
        Path data = folder.resolve("school");
        assertThat(restore(data, file)).isZero();
        assertThat(restore(data, file)).isZero();
        try (Stream<Path> aside =
                Files.list(data).filter(each -> each.getFileName().toString().startsWith("before-"))) {
            assertThat(aside.filter(each -> Files.exists(each.resolve("zafu.mv.db"))))
                    .isNotEmpty();
        }
    }

    @Test
    void aDamagedBackupIsRefusedAndNothingIsChanged() throws Exception {
        byte[] whole = Files.readAllBytes(backup());
        Path broken = folder.resolve("zafu-broken.zip");
        whole[whole.length / 2] ^= 0x55;
        Files.write(broken, whole);
        Path data = folder.resolve("school");
        assertThat(restore(data, broken)).isEqualTo(2);
        assertThat(said.toString(StandardCharsets.UTF_8)).contains("zafu-broken.zip cannot be used");
        assertThat(data).doesNotExist();
        Files.writeString(broken, "no zip at all");
        assertThat(restore(data, broken)).isEqualTo(2);
    }

    @Test
    void onlyTheFourteenNewestAreKept() {
        for (int i = 0; i < 16; i++) {
            clock.set(at("2027-03-01T08:00").plusSeconds(i));
            teacher().post("/api/school/backups", null).ok();
        }
        assertThat(teacher().get("/api/school/backups").ok()).hasSize(14);
    }
}
