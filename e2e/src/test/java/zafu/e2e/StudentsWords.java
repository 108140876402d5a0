package zafu.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.platform.SpokenLanguage;

/** What students' pages say, whichever language they speak to the student who is there. */
final class StudentsWords {
    private static final Path CATALOGUES = Path.of("../web/src/languages");
    private static final JsonMapper JSON = new JsonMapper();

    /** The browser reads patterns too, and knows no {@code \\Q}. */
    private static final Pattern REGEX = Pattern.compile("[.*+?^${}()|\\[\\]]");

    private StudentsWords() {}

    /** In the language that the page speaks now. */
    static String on(Page page, String catalogue, String... path) {
        return in(page.locator("html").getAttribute("lang").split("-")[0], catalogue, path);
    }

    /** In any language: all that the message says around what it is told. */
    static Pattern inAny(String catalogue, String... path) {
        return Pattern.compile(SpokenLanguage.TO_STUDENTS.stream()
                .map(language -> in(language, catalogue, path))
                .map(message -> Arrays.stream(message.split("\\{\\w+}"))
                        .max(Comparator.comparingInt(String::length))
                        .orElseThrow())
                .map(said -> REGEX.matcher(said).replaceAll("\\\\$0"))
                .collect(Collectors.joining("|")));
    }

    private static String in(String language, String catalogue, String... path) {
        JsonNode said = JSON.readTree(CATALOGUES
                .resolve(language + "/students/" + catalogue + ".json")
                .toFile());
        for (String each : List.of(path)) {
            said = said.get(each);
        }
        return said.asString();
    }
}
