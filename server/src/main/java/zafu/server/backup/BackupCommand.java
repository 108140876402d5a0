package zafu.server.backup;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zafu.server.platform.Refusal;

/**
 * {@code backup DIR} and {@code restore DIR FILE}, on a school whose server does not run. With {@code
 * --database=HOST:PORT/NAME} its tables are on a PostgreSQL server, where ZAFU_DATABASE_USER (else zafu) signs in with
 * ZAFU_DATABASE_PASSWORD.
 */
public final class BackupCommand {
    private static final Set<String> NAMES = Set.of("backup", "restore");
    private static final String DATABASE = "--database=";

    private BackupCommand() {}

    /** Whether the arguments of the program are meant for this command. */
    public static boolean isMeant(String[] arguments) {
        return arguments.length > 1 && NAMES.contains(arguments[0]);
    }

    /** @return the exit code: 0 when it was done, 2 when it was refused with a sentence */
    public static int run(String[] arguments, Clock clock, PrintStream out, PrintStream err) throws IOException {
        List<String> words = Arrays.stream(arguments)
                .filter(each -> !each.startsWith(DATABASE))
                .toList();
        Optional<SchoolPlace.InPostgres> postgres = Arrays.stream(arguments)
                .filter(each -> each.startsWith(DATABASE))
                .map(each -> each.substring(DATABASE.length()))
                .map(BackupCommand::onPostgres)
                .findFirst();
        try {
            Path data = Path.of(words.get(1));
            out.println(
                    words.get(0).equals("backup")
                            ? backup(data, postgres, clock)
                            : restore(data, Path.of(words.get(2)), postgres, clock));
            return 0;
        } catch (Refusal refusal) {
            err.println(refusal.getMessage());
            return 2;
        } catch (SQLException broken) {
            err.println("The database cannot be used: " + broken.getMessage());
            return 2;
        }
    }

    private static String backup(Path data, Optional<SchoolPlace.InPostgres> postgres, Clock clock)
            throws IOException, SQLException {
        if (postgres.isEmpty() && !Files.exists(data.resolve("zafu.mv.db"))) {
            throw Refusal.unusable("no-school", "There is no school in " + data + ".");
        }
        SchoolPlace place = postgres.isPresent() ? postgres.get() : new SchoolPlace.InFile(data);
        try (Connection database = place.connect()) {
            return new BackupFolder(data).make(database, clock.instant()).toString();
        }
    }

    private static String restore(Path data, Path backup, Optional<SchoolPlace.InPostgres> postgres, Clock clock)
            throws IOException, SQLException {
        if (!Files.isRegularFile(backup)) {
            throw Refusal.unusable("no-backup", "There is no file " + backup + ".");
        }
        BackupFolder folder = new BackupFolder(data);
        if (postgres.isPresent()) {
            return "Restored. The tables of before are kept in the schema "
                    + folder.restore(backup, postgres.get(), clock.instant());
        }
        return folder.restore(backup, clock.instant())
                .map(aside -> "Restored. What was there before is kept in " + aside)
                .orElse("Restored.");
    }

    private static SchoolPlace.InPostgres onPostgres(String address) {
        return new SchoolPlace.InPostgres(
                address,
                Optional.ofNullable(System.getenv("ZAFU_DATABASE_USER")).orElse("zafu"),
                Optional.ofNullable(System.getenv("ZAFU_DATABASE_PASSWORD")).orElse(""),
                "public");
    }
}
