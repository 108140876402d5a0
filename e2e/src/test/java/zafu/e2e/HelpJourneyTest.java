package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A newcomer finds the next step, what a page is for, and its keys. */
class HelpJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "newcomers", 4);
    private final Window teacher = own.window();

    @AfterEach
    void close() {
        teacher.close();
    }

    private Locator dialog() {
        return teacher.page().getByRole(AriaRole.DIALOG);
    }

    @Test
    void theKeyOfHelpSaysWhatThePageIsForAndWhichKeysItHas() {
        long arrangement = own.arrange("Reading", 2);
        teacher.go("/classes/" + own.id + "/arrange/" + arrangement);
        teacher.text("How well the groups fit").waitFor();
        teacher.page().keyboard().press("?");
        assertThat(dialog()).containsText("A grouping is one way to divide the class into groups");
        assertThat(teacher.region("Keys on this page")).containsText("merge");
        Accessibility.check(teacher.page());
        teacher.button("Students").click();
        assertThat(dialog()).containsText("Everyone in the class with scores");
        teacher.page().keyboard().press("Escape");
        assertThat(dialog()).hasCount(0);
    }

    @Test
    void aQuestionMarkThatIsTypedIsAQuestionMark() {
        teacher.go("/classes/" + own.id + "/students");
        Locator find = teacher.page().getByRole(AriaRole.TEXTBOX).first();
        find.click();
        teacher.page().keyboard().type("who?");
        assertThat(find).hasValue("who?");
        assertThat(dialog()).hasCount(0);
    }

    @Test
    void theFirstStepsLeadToTheNextThingAndCanBePutAway() {
        teacher.go("/classes/" + own.id + "/today");
        Locator steps = teacher.region("First steps");
        assertThat(steps).containsText("The class is here");
        teacher.link("Form groups").click();
        teacher.button("New grouping").waitFor();
        teacher.go("/classes/" + own.id + "/today");
        teacher.button("Hide these steps").click();
        assertThat(steps).hasCount(0);
        teacher.button("Undo").click();
        assertThat(steps).isVisible();
    }
}
