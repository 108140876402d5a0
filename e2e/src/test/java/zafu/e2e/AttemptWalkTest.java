package zafu.e2e;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the page shows is what is saved, whatever happens; ./zafu bench attempt takes 200 such walks. */
class AttemptWalkTest {
    private static final int STEPS = 40;
    private static final int KILLED_IN_EVERY = 5;
    private static PackagedServer server;

    @TempDir
    static Path data;

    @BeforeAll
    static void start() throws Exception {
        server = new PackagedServer(data);
        server.start();
    }

    @AfterAll
    static void stop() {
        server.kill();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void thePageAndTheServerAreAsTheModelSays(long seed) throws Exception {
        try (AttemptWalk walk = new AttemptWalk(server, seed, seed % KILLED_IN_EVERY == 0)) {
            walk.run(STEPS);
        } catch (AssertionError wrong) {
            throw new AssertionError("seed " + seed + "; the server said:\n" + server.log(), wrong);
        }
    }
}
