package zafu.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicContainer;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs every reference vector that ships with the core, and those in the folder that the environment variable
 * ZAFU_VECTORS names, so that anyone can add cases without touching code.
 */
class VectorsTest {
    private static final JsonMapper JSON = new JsonMapper();

    @TestFactory
    Stream<DynamicContainer> everyVectorFile() throws Exception {
        List<Path> files = new ArrayList<>(jsonFilesIn(shipped()));
        String more = System.getenv("ZAFU_VECTORS");
        if (more != null) {
            files.addAll(jsonFilesIn(Path.of(more)));
        }
        assertThat(files).isNotEmpty();
        return files.stream().map(VectorsTest::casesOf);
    }

    private static Path shipped() throws URISyntaxException {
        return Path.of(VectorsTest.class.getResource("/vectors").toURI());
    }

    private static List<Path> jsonFilesIn(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".json"))
                    .sorted()
                    .toList();
        }
    }

    private static DynamicContainer casesOf(Path file) {
        JsonNode vectors = JSON.readTree(file);
        String rule = vectors.get("rule").asString();
        BiConsumer<Fields, Fields> check = VectorRules.CHECKS.get(rule);
        if (check == null) {
            DynamicTest unknown = DynamicTest.dynamicTest(rule, () -> fail("unknown rule \"%s\" in %s", rule, file));
            return DynamicContainer.dynamicContainer(rule, Stream.of(unknown));
        }
        return DynamicContainer.dynamicContainer(
                rule,
                vectors.get("cases")
                        .valueStream()
                        .map(each -> DynamicTest.dynamicTest(each.get("name").asString(), () -> runCase(check, each))));
    }

    private static void runCase(BiConsumer<Fields, Fields> check, JsonNode vector) {
        Fields whole = new Fields(vector);
        whole.get("name");
        Fields given = new Fields(whole.get("given"));
        Fields expect = new Fields(whole.get("expect"));
        check.accept(given, expect);
        assertThat(given.unread()).as("unread fields of given").isEmpty();
        assertThat(expect.unread()).as("unread fields of expect").isEmpty();
        assertThat(whole.unread()).as("unread fields of the case").isEmpty();
    }
}
