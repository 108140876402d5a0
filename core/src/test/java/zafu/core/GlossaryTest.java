package zafu.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Every class of the core is found from its word in docs/words.md. The table there is written from the classes, with
 * {@code -Dzafu.table.write=true}: what a word means stands once, where it is decided.
 */
class GlossaryTest {
    private static final Path SOURCES = Path.of("src/main/java/zafu/core");
    private static final Path PAGE = Path.of("../docs/words.md");
    private static final Pattern TABLE =
            Pattern.compile("(?<=<!-- words of the core -->\n)(.*?)(?=<!-- end of words -->)", Pattern.DOTALL);
    private static final Pattern DOC =
            Pattern.compile("/\\*\\*((?:(?!\\*/).)*)\\*/\\s*(?:@\\w+(?:\\([^)]*\\))?\\s*)*public ", Pattern.DOTALL);

    @Test
    void everyWordOfTheCoreIsExplained() throws IOException {
        StringBuilder table = new StringBuilder("| word | meaning | class |\n| --- | --- | --- |\n");
        for (Path source : sources()) {
            table.append(row(source));
        }
        String page = Files.readString(PAGE);
        if (Boolean.getBoolean("zafu.table.write")) {
            page = TABLE.matcher(page).replaceFirst(Matcher.quoteReplacement(table.toString()));
            Files.writeString(PAGE, page);
        }
        Matcher found = TABLE.matcher(page);
        assertThat(found.find()).isTrue();
        assertThat(found.group(1)).isEqualTo(table.toString());
    }

    private static List<Path> sources() throws IOException {
        try (Stream<Path> all = Files.walk(SOURCES)) {
            return all.filter(each -> each.toString().endsWith(".java"))
                    .filter(each -> !each.endsWith("package-info.java"))
                    .filter(GlossaryTest::isPublic)
                    .sorted()
                    .toList();
        }
    }

    private static boolean isPublic(Path source) {
        try {
            return Pattern.compile("^public ", Pattern.MULTILINE)
                    .matcher(Files.readString(source))
                    .find();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String row(Path source) throws IOException {
        String name = source.getFileName().toString().replace(".java", "");
        Matcher doc = DOC.matcher(Files.readString(source));
        assertThat(doc.find()).as(name + " says what it is").isTrue();
        String words = doc.group(1)
                .replaceAll("\\s*\n \\*\\s*", " ")
                .replaceAll("\\{@link (\\w+)[^}]*}", "`$1`")
                .replaceAll("\\{@code ([^}]*)}", "`$1`")
                .replaceAll(" @(param|throws|return|see).*", "")
                .strip();
        String first = words.replaceAll("(?s)(?<=[a-z)`0-9][.:;])\\s.*", "").replaceAll("[.:;]$", "");
        String word = name.replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
        return "| " + word + " | " + first.replace("|", "\\|") + " | `"
                + source.getParent().getFileName() + "." + name + "` |\n";
    }
}
