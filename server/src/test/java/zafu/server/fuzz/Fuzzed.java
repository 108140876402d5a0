package zafu.server.fuzz;

import java.util.function.Consumer;
import zafu.server.exchange.TableFuzz;
import zafu.server.library.MarkdownFuzz;
import zafu.server.oneroster.BundleFuzz;
import zafu.server.platform.FileFuzz;
import zafu.server.qti.PackageFuzz;
import zafu.server.skill.SkillsFuzz;

/** The readers that the fuzzer is let loose on, each with the folder of what it found. */
enum Fuzzed {
    TABLE(TableFuzz::fuzzerTestOneInput),
    BUNDLE(BundleFuzz::fuzzerTestOneInput),
    PACKAGE(PackageFuzz::fuzzerTestOneInput),
    SKILLS(SkillsFuzz::fuzzerTestOneInput),
    MARKDOWN(MarkdownFuzz::fuzzerTestOneInput),
    FILE(FileFuzz::fuzzerTestOneInput);

    private final Consumer<byte[]> reader;

    Fuzzed(Consumer<byte[]> reader) {
        this.reader = reader;
    }

    void read(byte[] input) {
        reader.accept(input);
    }

    String folder() {
        return name().toLowerCase();
    }
}
