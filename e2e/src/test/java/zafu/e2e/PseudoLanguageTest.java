package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Every place says its own words from catalogues alone, and has room for those of longer languages. */
class PseudoLanguageTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final SoftAssertions all = new SoftAssertions();

    @AfterEach
    void morning() {
        zafu.itIs(RunningZafu.MORNING);
    }

    @Test
    void adultsPlacesSayNothingByThemselvesAndCutNothingOff() {
        try (Window teacher = Window.at(zafu.address()).meaning("nobody-was-asked")) {
            PseudoLanguage language = new PseudoLanguage(teacher.context());
            teacher.signInTeacher("ottoline", "salt-marsh-5");
            for (String address : new EveryPage(zafu).addresses()) {
                teacher.go(address);
                assertThat(teacher.page()
                                .locator("main, [role=main], form, section")
                                .first())
                        .isVisible();
                assertThat(teacher.text(PseudoLanguage.longer("One moment…"))).hasCount(0);
                look(teacher, language, 1280);
            }
        }
        all.assertAll();
    }

    @Test
    void studentsPagesSayNothingByThemselvesAndCutNothingOff() {
        OwnClass own = new OwnClass(zafu, "Pseudo " + System.nanoTime(), 3);
        own.handOut(
                "Tides",
                List.of(OwnClass.choice("Why does the marsh fill?", "Two hills of water", "The wind")),
                Map.of("minutes", 20));
        try (Window student = Window.sized(zafu.address(), 360, 740).meaning("nobody-was-asked")) {
            PseudoLanguage language = new PseudoLanguage(student.context());
            student.go("/");
            student.page().locator("input").first().waitFor();
            look(student, language, 360);
            student.page().locator("input").first().fill(own.codeOf(1));
            student.page().locator("form button[type=submit]").click();
            var start = student.page()
                    .locator("button", new Page.LocatorOptions().setHasText(PseudoLanguage.longer("Start")));
            start.first().waitFor();
            look(student, language, 360);
            start.first().click();
            student.page()
                    .locator("button", new Page.LocatorOptions().setHasText(PseudoLanguage.longer("Start now")))
                    .click();
            student.page().locator("input[type=radio]").first().check();
            look(student, language, 360);
        }
        all.assertAll();
    }

    private void look(Window window, PseudoLanguage language, int width) {
        String where = window.page().url() + " at " + width;
        all.assertThat(language.ofNobody(window.page()))
                .as("said by nobody on %s", where)
                .isEmpty();
        all.assertThat(language.cutOff(window.page()))
                .as("cut off on %s", where)
                .isEmpty();
    }
}
