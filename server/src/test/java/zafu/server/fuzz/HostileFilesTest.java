package zafu.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** No file takes more than a request may: they are read in a program that has 128 MB, and a little to live on. */
class HostileFilesTest {
    private static final String MEMORY = "-Xmx160m";

    @Test
    void nothingThatIsBroughtInTakesMoreThan128Megabytes() throws Exception {
        Process program = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        MEMORY,
                        "-Xshare:auto",
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-Djava.awt.headless=true",
                        "-cp",
                        System.getProperty("java.class.path"),
                        HostileFiles.class.getName(),
                        "src/test/resources/fuzz")
                .redirectErrorStream(true)
                .start();
        String said = new String(program.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(program.waitFor()).as(said).isZero();
        assertThat(said).contains("were read or refused");
    }
}
