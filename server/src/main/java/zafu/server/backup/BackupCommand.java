package zafu.server.backup;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Arrays;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import zafu.server.platform.Refusal;

/** {@code backup DIR} and {@code restore DIR FILE} on a school whose server does not run. */
public final class BackupCommand {
    private static final Set<String> NAMES = Set.of("backup", "restore");
    private static final Pattern MIGRATION = Pattern.compile("V(\\d+)__.*\\.sql");

    private BackupCommand() {}

    /** Whether the arguments of the program are meant for this command. */
    public static boolean isMeant(String[] arguments) {
        return arguments.length > 1 && NAMES.contains(arguments[0]);
    }

    /** @return the exit code: 0 when it was done, 2 when it was refused with a sentence */
    public static int run(String[] arguments, Clock clock, PrintStream out, PrintStream err)
            throws IOException, SQLException {
        Path data = Path.of(arguments[1]);
        BackupFolder folder = new BackupFolder(data);
        try {
            if (arguments[0].equals("backup")) {
                if (!Files.exists(data.resolve("zafu.mv.db"))) {
                    throw Refusal.unusable("no-school", "There is no school in " + data + ".");
                }
                try (Connection database = BackupFile.connect(BackupFile.addressIn(data) + ";IFEXISTS=TRUE")) {
                    out.println(folder.make(database, clock.instant()));
                }
            } else {
                Path backup = Path.of(arguments[2]);
                if (!Files.isRegularFile(backup)) {
                    throw Refusal.unusable("no-backup", "There is no file " + backup + ".");
                }
                Path aside = folder.restore(backup, newestSchema(), clock.instant());
                out.println("Restored. What was there before is kept in " + aside);
            }
            return 0;
        } catch (Refusal refusal) {
            err.println(refusal.getMessage());
            return 2;
        }
    }

    private static int newestSchema() throws IOException {
        Resource[] migrations =
                new PathMatchingResourcePatternResolver().getResources("classpath*:db/migration/V*.sql");
        return Arrays.stream(migrations)
                .map(each -> MIGRATION.matcher(String.valueOf(each.getFilename())))
                .filter(Matcher::matches)
                .mapToInt(each -> Integer.parseInt(each.group(1)))
                .max()
                .orElseThrow();
    }
}
