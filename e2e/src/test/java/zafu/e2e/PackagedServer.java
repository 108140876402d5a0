package zafu.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import zafu.server.demo.HttpCaller;

/** The packaged application with the demo school, as a process of its own that can be killed and started again. */
final class PackagedServer {
    private static final File APPLICATION = new File("../server/target/zafu-server-0.1-app.jar");

    private final Path data;
    private final int port = freePort();
    private Process process;

    PackagedServer(Path data) {
        this.data = data;
    }

    /** Below those that the system lends to connections, one of which could have taken it before the server begins. */
    private static int freePort() {
        while (true) {
            int port = ThreadLocalRandom.current().nextInt(20_000, 30_000);
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (IOException taken) {
                // Another one, then.
            }
        }
    }

    String address() {
        return "http://localhost:" + port;
    }

    HttpCaller caller() {
        return new HttpCaller(port);
    }

    String codeOf(String givenName) throws IOException {
        return Files.readString(data.resolve("sign-in.txt")).replaceAll("(?s).*" + givenName + ", code (\\w+).*", "$1");
    }

    boolean isAlive() {
        return process.isAlive();
    }

    void start() throws Exception {
        start("2027-02-09T08:10");
    }

    /** @param earliest what its clock shows at least */
    void start(String earliest) throws Exception {
        if (!Files.exists(data.resolve("sign-in.txt"))) {
            MadeSchool.copyTo(data);
        }
        process = run(
                data.resolve("server.log"),
                "--server.port=" + port,
                "--zafu.demo=true",
                "--zafu.starts-at=" + earliest,
                "--zafu.zone=America/Halifax",
                "--zafu.data=" + data);
        while (!(Files.exists(data.resolve("sign-in.txt")) && answers())) {
            assertThat(process.isAlive())
                    .as(() -> "the server while it starts; it said:\n" + log())
                    .isTrue();
            TimeUnit.MILLISECONDS.sleep(100);
        }
    }

    /** All that it said. */
    String log() {
        try {
            return Files.readString(data.resolve("server.log"));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Ends it at once, as a power cut does. */
    void kill() {
        try {
            process.destroyForcibly();
            assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    /** Asks it to end, as a system does that is shut down, and waits for it as long as it may finish what it does. */
    void stop() {
        try {
            process.destroy();
            assertThat(process.waitFor(40, TimeUnit.SECONDS))
                    .as("it ended by itself")
                    .isTrue();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    /** Runs the application as a command and says what it printed. */
    String command(String... words) throws Exception {
        Path said = Files.createTempFile(data, "said", ".txt");
        Process command = run(said, words);
        assertThat(command.waitFor(120, TimeUnit.SECONDS)).isTrue();
        return Files.readString(said, StandardCharsets.UTF_8);
    }

    private static Process run(Path output, String... words) throws IOException {
        assertThat(APPLICATION).as("the packaged application").exists();
        List<String> command =
                new ArrayList<>(List.of("java", "-XX:TieredStopAtLevel=1", "-jar", APPLICATION.getPath()));
        command.addAll(List.of(words));
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(output.toFile())
                .start();
    }

    private boolean answers() {
        try {
            return caller().get("/api/session").status() == 200;
        } catch (UncheckedIOException notYet) {
            return false;
        }
    }
}
