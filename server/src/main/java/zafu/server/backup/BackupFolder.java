package zafu.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
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
     * @param newest the newest schema that this Zafu knows
     * @return where the data of before is now
     * @throws Refusal where the backup is damaged or of a newer Zafu; nothing is changed then
     */
    Path restore(Path backup, int newest, Instant now) throws IOException, SQLException {
        BackupFile.Contents contents = BackupFile.check(backup);
        if (contents.schema() > newest) {
            throw Refusal.unusable(
                    "backup-newer",
                    backup.getFileName()
                            + " was made by a newer Zafu. Take that one to restore it; nothing was changed.");
        }
        Path fresh = data.resolve("restoring");
        deleteAll(fresh);
        BackupFile.restore(backup, fresh);
        Path aside = data.resolve("before-" + STAMP.format(LocalDateTime.ofInstant(now, ZoneOffset.UTC)));
        Files.createDirectories(aside);
        for (String each : List.of("zafu.mv.db", "files")) {
            if (Files.exists(data.resolve(each))) {
                Files.move(data.resolve(each), aside.resolve(each));
            }
            if (Files.exists(fresh.resolve(each))) {
                Files.move(fresh.resolve(each), data.resolve(each));
            }
        }
        deleteAll(fresh);
        return aside;
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
