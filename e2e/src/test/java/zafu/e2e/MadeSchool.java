package zafu.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;
import zafu.server.ZafuApplication;

/** Quillmere Harbour School as the demo makes it: made once for each build, and copied by every server of the tests. */
final class MadeSchool {
    private static final Path PLACE = Path.of("target/made-school");
    private static final Path FINISHED = Path.of("target/made-school.of");
    private static final Path LOCK = Path.of("target/made-school.lock");
    private static final Path SERVER = Path.of("../server/target/zafu-server-0.1-app.jar");

    private MadeSchool() {}

    /** Puts the school into a folder for a server that is not started yet. */
    static void copyTo(Path data) {
        try (FileChannel channel = FileChannel.open(LOCK, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock alone = channel.lock()) {
            if (alone.isValid() && !isOf(build())) {
                make();
            }
            FileSystemUtils.copyRecursively(PLACE, data);
        } catch (IOException unusable) {
            throw new UncheckedIOException(unusable);
        }
    }

    private static boolean isOf(String build) throws IOException {
        return Files.exists(FINISHED) && Files.readString(FINISHED).equals(build);
    }

    /** Another build of the server may make another school. */
    private static String build() throws IOException {
        return Files.exists(SERVER) ? Files.size(SERVER) + " " + Files.getLastModifiedTime(SERVER) : "not packaged";
    }

    private static void make() throws IOException {
        FileSystemUtils.deleteRecursively(PLACE);
        try (ConfigurableApplicationContext made =
                SpringApplication.run(new Class<?>[] {ZafuApplication.class, QuickPasswords.class}, new String[] {
                    "--server.port=0",
                    "--zafu.demo=true",
                    "--zafu.data=" + PLACE.toAbsolutePath(),
                    "--zafu.starts-at=" + RunningZafu.MORNING,
                    "--zafu.zone=America/Halifax"
                })) {
            requireWhole(made);
        }
        Files.writeString(FINISHED, build());
    }

    private static void requireWhole(ConfigurableApplicationContext made) throws IOException {
        try (Stream<Path> files = Files.list(PLACE)) {
            if (!made.isRunning() || files.noneMatch(each -> each.endsWith("sign-in.txt"))) {
                throw new IllegalStateException("the demo did not make its school");
            }
        }
    }
}
