package zafu.server.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import javax.sql.DataSource;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.JobsOnce;
import zafu.server.platform.Refusal;

/** Backups of the running school: every night, when an administrator asks, and when the launcher does. */
@Service
class Backups {
    /** The launcher puts this file beside the database to ask, and waits until it is gone. */
    static final String WANTED = "backup-wanted";

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private final DataSource database;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final Clock clock;
    private final Path data;
    private final BackupFolder folder;

    Backups(
            DataSource database,
            ClassPermission permission,
            AuditTrail audit,
            Clock clock,
            @Value("${zafu.data:./data/school}") String data) {
        this.database = database;
        this.permission = permission;
        this.audit = audit;
        this.clock = clock;
        this.data = Path.of(data);
        this.folder = new BackupFolder(this.data);
    }

    /** One that is there, with its size in bytes. */
    record Kept(String name, long size) {}

    List<Kept> all() {
        permission.requireAdministrator();
        try {
            return folder.all().stream().map(Backups::kept).toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    Kept makeNow() {
        permission.requireAdministrator();
        Path made = make();
        audit.note(null, "backup.made", null, made.getFileName().toString());
        return kept(made);
    }

    Path file(String name) {
        permission.requireAdministrator();
        try {
            return folder.all().stream()
                    .filter(each -> each.getFileName().toString().equals(name))
                    .findFirst()
                    .orElseThrow(() -> Refusal.notFound("backup"));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Scheduled(cron = "0 40 2 * * *")
    @SchedulerLock(name = "backup", lockAtLeastFor = JobsOnce.A_WHILE)
    void atNight() {
        LOG.info("nightly backup: {}", make());
    }

    /** Answers the launcher: the wish goes when it is met, or holds the sentence of why it was not. */
    @Scheduled(fixedDelay = 1000)
    void whenWanted() throws IOException {
        Path wanted = data.resolve(WANTED);
        if (Files.exists(wanted) && Files.size(wanted) == 0) {
            try {
                Path made = make();
                Files.writeString(data.resolve("backup-made"), made.toString());
                // Another server on the same folder may have been as quick.
                Files.deleteIfExists(wanted);
            } catch (RuntimeException failed) {
                Files.writeString(wanted, String.valueOf(failed.getMessage()));
            }
        }
    }

    private synchronized Path make() {
        try (Connection connection = database.getConnection()) {
            return folder.make(connection, clock.instant());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (SQLException broken) {
            throw new IllegalStateException("the database could not be written out", broken);
        }
    }

    private static Kept kept(Path file) {
        try {
            return new Kept(file.getFileName().toString(), Files.size(file));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
