package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the pages for developers name is there: a class, a test, a part of the front end, another page. */
class PagesTest {
    private static final Path HOUSE = Path.of("..");
    private static final Pattern NAMED = Pattern.compile("`([A-Z][a-z0-9]+(?:[A-Z][A-Za-z0-9]*)+)[`.#]");
    private static final Pattern LINK = Pattern.compile("]\\((?![a-z]+:)([^)#]+)");

    private static String read(Path page) {
        try {
            return Files.readString(page);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Set<Path> pages() throws IOException {
        try (Stream<Path> all = Files.walk(HOUSE.resolve("docs"))) {
            Set<Path> pages =
                    all.filter(each -> each.toString().endsWith(".md")).collect(Collectors.toCollection(TreeSet::new));
            pages.add(HOUSE.resolve("README.md"));
            return pages;
        }
    }

    private static Set<String> namesInTheHouse() throws IOException {
        Set<String> names = new TreeSet<>();
        for (String part : new String[] {"core/src", "server/src", "e2e/src", "bench/src", "web/src"}) {
            try (Stream<Path> all = Files.walk(HOUSE.resolve(part))) {
                all.filter(Files::isRegularFile)
                        .map(each -> each.getFileName().toString().replaceAll("\\..*$", ""))
                        .forEach(names::add);
            }
        }
        return names;
    }

    @Test
    void everyNameOnAPageIsThere() throws IOException {
        Set<String> names = namesInTheHouse();
        Set<String> missing = new TreeSet<>();
        // Decisions tell what was so when they were taken.
        for (Path page : pages()) {
            if (!page.toString().contains("decisions")) {
                NAMED.matcher(read(page))
                        .results()
                        .map(each -> each.group(1))
                        .filter(each -> !names.contains(each))
                        .forEach(each -> missing.add(page.getFileName() + ": " + each));
            }
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void everyLinkOnAPageLeadsSomewhere() throws IOException {
        Set<String> lost = new TreeSet<>();
        for (Path page : pages()) {
            LINK.matcher(read(page))
                    .results()
                    .map(each -> each.group(1))
                    .filter(each -> !Files.exists(page.resolveSibling(each)))
                    .forEach(each -> lost.add(page.getFileName() + ": " + each));
        }
        assertThat(lost).isEmpty();
    }
}
