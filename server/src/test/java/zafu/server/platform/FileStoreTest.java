package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FileStoreTest {
    @TempDir
    private Path data;

    private List<Path> files() throws IOException {
        try (Stream<Path> all = Files.walk(data)) {
            return all.filter(Files::isRegularFile).toList();
        }
    }

    @Test
    void whatIsKeptIsReadAgainByItsHash() {
        FileStore store = new FileStore(data.toString());
        String hash = store.keep("a crab".getBytes());
        assertThat(hash).matches("[0-9a-f]{64}");
        assertThat(new FileStore(data.toString()).read(hash)).isEqualTo("a crab".getBytes());
    }

    @Test
    void theSameContentIsKeptOnceAndNothingIsLeftInHalf() throws IOException {
        FileStore store = new FileStore(data.toString());
        assertThat(store.keep("a crab".getBytes())).isEqualTo(store.keep("a crab".getBytes()));
        store.keep("a gull".getBytes());
        assertThat(files()).hasSize(2).noneMatch(file -> file.toString().endsWith(".part"));
    }

    @Test
    void manyAtOnceDoNotDisturbEachOther() throws IOException {
        FileStore store = new FileStore(data.toString());
        List<String> hashes = IntStream.range(0, 200)
                .parallel()
                .mapToObj(i -> store.keep(("shell " + i % 10).getBytes()))
                .distinct()
                .toList();
        assertThat(hashes).hasSize(10);
        assertThat(files()).hasSize(10);
    }

    @Test
    void aFileThatIsNotThereIsAnErrorOfOurs() {
        FileStore store = new FileStore(data.toString());
        assertThatThrownBy(() -> store.read("0".repeat(64))).isInstanceOf(UncheckedIOException.class);
    }
}
