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
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import zafu.server.backup.BackupCommand;

/** A backup of the running school, and the way back from it. */
class BackupTest extends ServerTest {
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
        // The script makes every foreign key anew, so what does not belong together could not have been restored.
        assertThat(count(data, "talk_post")).isPositive();
        assertThat(count(data, "student")).isGreaterThan(50);
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
