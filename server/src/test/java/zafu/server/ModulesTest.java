package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModule;
import org.springframework.modulith.core.ApplicationModules;

/** The arrows between features: none runs in a circle, none leads inside another, each is allowed, and the page is true. */
class ModulesTest {
    private static final ApplicationModules MODULES = ApplicationModules.of(ZafuApplication.class);
    private static final Path PAGE = Path.of("../docs/architecture.md");
    private static final Path SOURCES = Path.of("src/main/java/zafu/server");
    private static final Pattern TABLE =
            Pattern.compile("(?<=<!-- features -->\n)(.*?)(?=<!-- end of features -->)", Pattern.DOTALL);
    private static final Pattern DOC = Pattern.compile("/\\*\\*(.*?)\\*/", Pattern.DOTALL);

    @Test
    void featuresHaveNoCyclesAndUseOnlyWhatTheySay() {
        MODULES.verify();
    }

    /** Written anew with {@code -Dzafu.table.write=true}. */
    @Test
    void thePageSaysWhatEachFeatureIsForAndUses() throws IOException {
        StringBuilder table = new StringBuilder("| feature | is for | uses |\n| --- | --- | --- |\n");
        MODULES.stream()
                .sorted(Comparator.comparing(each -> each.getIdentifier().toString()))
                .forEach(each -> table.append(row(each)));
        String page = Files.readString(PAGE);
        if (Boolean.getBoolean("zafu.table.write")) {
            Files.writeString(PAGE, TABLE.matcher(page).replaceFirst(Matcher.quoteReplacement(table.toString())));
            page = Files.readString(PAGE);
        }
        Matcher found = TABLE.matcher(page);
        assertThat(found.find()).isTrue();
        assertThat(found.group(1)).isEqualTo(table.toString());
    }

    @Test
    void noFeatureAllowsItselfMoreThanItUses() throws IOException {
        TreeMap<String, String> tooMuch = new TreeMap<>();
        for (ApplicationModule each : MODULES.stream().toList()) {
            String name = each.getIdentifier().toString();
            List<String> allowed = allowed(name);
            TreeSet<String> unused = new TreeSet<>(allowed);
            unused.removeAll(used(each));
            if (!unused.isEmpty()) {
                tooMuch.put(name, unused.toString());
            }
        }
        assertThat(tooMuch).isEmpty();
    }

    private static TreeSet<String> used(ApplicationModule module) {
        return module.getDirectDependencies(MODULES)
                .uniqueModules()
                .map(each -> each.getIdentifier().toString())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static String info(String module) throws IOException {
        return Files.readString(SOURCES.resolve(module).resolve("package-info.java"));
    }

    private static List<String> allowed(String module) throws IOException {
        Matcher found = Pattern.compile("allowedDependencies = \\{([^}]*)}").matcher(info(module));
        assertThat(found.find()).as(module + " says what it uses").isTrue();
        return Pattern.compile("\"(\\w+)\"")
                .matcher(found.group(1))
                .results()
                .map(each -> each.group(1))
                .toList();
    }

    private static String row(ApplicationModule module) {
        try {
            String name = module.getIdentifier().toString();
            Matcher doc = DOC.matcher(info(name));
            assertThat(doc.find()).as(name + " says what it is for").isTrue();
            String words = doc.group(1).replaceAll("\\s*\n \\*\\s*", " ").strip();
            TreeSet<String> used = used(module);
            used.remove("platform");
            return "| `" + name + "` | " + words + " | " + String.join(", ", used) + " |\n";
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
