package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Who reads no English finds none of the pages' own: a student in Arabic, a teacher in French. */
class LanguageJourneyTest {
    private static final Path CATALOGUES = Path.of("../web/src/languages");
    private static final JsonMapper JSON = new JsonMapper();
    private static final Map<String, List<String>> ENGLISH = new HashMap<>();

    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "Languages " + System.nanoTime(), 6);

    @AfterEach
    void morning() {
        zafu.itIs(RunningZafu.MORNING);
    }

    @Test
    void aStudentWorksInArabicFromSignInToHandingIn() {
        own.handOut(
                "المد والجزر",
                List.of(OwnClass.choice("لماذا يمتلئ المستنقع؟", "تلّان من الماء", "الريح")),
                Map.of("minutes", 20));
        try (Window student = Window.sized(zafu.address(), 360, 740).go("/")) {
            student.button("العربية").click();
            student.field("رمز دخولك").fill(own.codeOf(1));
            requireRightToLeft(student);
            requireNoEnglish(student, "ar");
            student.button("دخول").click();
            student.button("ابدأ: المد والجزر").waitFor();
            requireNoEnglish(student, "ar");
            Accessibility.check(student.page());
            student.button("ابدأ: المد والجزر").click();
            student.button("ابدأ الآن").click();
            student.page()
                    .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("تلّان من الماء"))
                    .check();
            assertThat(student.text("✓ حُفظ")).isVisible();
            requireNoEnglish(student, "ar");
            Accessibility.check(student.page());
            student.button("تسليم").first().click();
            student.page()
                    .getByRole(AriaRole.DIALOG)
                    .getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName("تسليم").setExact(true))
                    .click();
            assertThat(student.text("1 من 1").first()).isVisible();
            requireNoEnglish(student, "ar");
        }
    }

    @Test
    void noPlaceOfATeacherWhoReadsFrenchSaysAnythingOfItsOwnInEnglish() {
        try (Window teacher =
                Window.at(zafu.address()).meaning("nobody-was-asked").go("/")) {
            teacher.button("Français").click();
            teacher.button("J’enseigne").click();
            requireNoEnglish(teacher, "fr");
            teacher.field("Nom").fill("ottoline");
            teacher.field("Mot de passe").fill("salt-marsh-5");
            teacher.button("Se connecter").click();
            teacher.link("Élèves").waitFor();
            for (String address : new EveryPage(zafu).addresses()) {
                teacher.go(address);
                assertThat(teacher.page()
                                .locator("main, [role=main], form, section")
                                .first())
                        .isVisible();
                assertThat(teacher.text("Un instant…")).hasCount(0);
                requireNoEnglish(teacher, "fr");
            }
        }
    }

    @Test
    void aLanguageThatDoesNotComeLeavesThePageAsItIsAndIsFetchedAgain() {
        String words = "**/assets/words-fr-*";
        try (Window window = Window.at(zafu.address())
                .meaning("net::ERR_FAILED", "dynamically imported")
                .go("/")) {
            window.button("English").waitFor();
            window.context().route(words, Route::abort);
            window.button("Français").click();
            assertThat(window.text("Something went wrong.")).isVisible();
            assertThat(window.field("Your entry code")).isVisible();
            window.context().unroute(words);
            window.button("Français").click();
            assertThat(window.field("Ton code d’entrée")).isVisible();
        }
    }

    private static void requireRightToLeft(Window window) {
        assertThat(window.page().locator("html").getAttribute("dir")).isEqualTo("rtl");
    }

    /** None of the sentences that the language says in words of its own stands there in English. */
    private static void requireNoEnglish(Window window, String language) {
        String shown = window.allText();
        assertThat(ENGLISH.computeIfAbsent(language, LanguageJourneyTest::saidOtherwise).stream()
                        .filter(shown::contains))
                .as("English on %s", window.page().url())
                .isEmpty();
    }

    /** Sentences of English catalogues for which the language has words of its own. */
    private static List<String> saidOtherwise(String language) {
        Map<String, String> own = messages(CATALOGUES.resolve(language));
        return messages(CATALOGUES.resolve("en")).entrySet().stream()
                .filter(each -> !each.getValue().equals(own.getOrDefault(each.getKey(), each.getValue())))
                .map(Map.Entry::getValue)
                // Shorter ones may stand in what teachers and students wrote themselves.
                .filter(each -> each.length() > 20 && each.contains(" ") && !each.contains("{"))
                .toList();
    }

    private static Map<String, String> messages(Path folder) {
        Map<String, String> found = new TreeMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file :
                    files.filter(each -> each.toString().endsWith(".json")).toList()) {
                collect(folder.relativize(file).toString(), JSON.readTree(file.toFile()), found);
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return found;
    }

    private static void collect(String path, JsonNode node, Map<String, String> found) {
        if (node.isString()) {
            found.put(path, node.asString());
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                collect(path + " " + i, node.get(i), found);
            }
        } else {
            node.properties().forEach(each -> collect(path + " " + each.getKey(), each.getValue(), found));
        }
    }
}
