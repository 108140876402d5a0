package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The screens as the demo fills them. */
class DemoScreensTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final Window teacher = Window.at(zafu);

    @AfterEach
    void close() {
        teacher.close();
    }

    private void signIn() {
        teacher.signInTeacher("ottoline", "salt-marsh-5");
        teacher.link("Students").click();
        assertThat(teacher.page().getByRole(AriaRole.ROW)).hasCount(27);
    }

    private void openBench() {
        signIn();
        teacher.link("Groups").click();
        Accessibility.check(teacher.page());
        teacher.link("Salt-marsh reading").click();
        assertThat(teacher.region("Score line")).isVisible();
    }

    private Locator cut(String lower, String upper) {
        return teacher.page()
                .getByRole(
                        AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Cut between " + lower + " and " + upper));
    }

    @Test
    void theSignInSaysWhenACodeIsNotKnown() {
        teacher.go("/");
        teacher.field("Your entry code").fill("AAAA-AAAA");
        teacher.button("Sign in").click();
        assertThat(teacher.page().getByRole(AriaRole.ALERT)).containsText("We do not know this code.");
        Accessibility.check(teacher.page());
    }

    @Test
    void theClassIsNarrowedByGroupAndByName() {
        signIn();
        Accessibility.check(teacher.page());
        teacher.region("Groups").getByText("Sheet Bend").click();
        assertThat(teacher.page().getByRole(AriaRole.ROW)).hasCount(5);
        teacher.field("name, number or tag").fill("vig");
        assertThat(teacher.page().getByRole(AriaRole.ROW)).hasCount(2);
        teacher.button("Viggo Brandt").click();
        Accessibility.check(teacher.page());
    }

    @Test
    void aCutIsMovedByKeyAndByPointerAndUndone() {
        openBench();
        Locator sheetBend = teacher.region("Sheet Bend");
        cut("Sheet Bend", "Reef").press("ArrowRight");
        teacher.button("Make this change").click();
        assertThat(sheetBend).containsText("Tamsin");
        teacher.page().keyboard().press("z");
        teacher.button("Make this change").click();
        assertThat(sheetBend).not().containsText("Tamsin");

        Locator handle = cut("Reef", "Clove");
        var box = handle.boundingBox();
        teacher.page().mouse().move(box.x + box.width / 2, box.y + 40);
        teacher.page().mouse().down();
        teacher.page().mouse().move(box.x + 110, box.y + 40, new Mouse.MoveOptions().setSteps(5));
        teacher.page().mouse().up();
        teacher.button("Make this change").click();
        assertThat(teacher.region("Reef")).containsText("Ivo");
        teacher.button("Undo").first().click();
        teacher.button("Make this change").click();
        assertThat(teacher.region("Reef")).not().containsText("Ivo");
    }

    @Test
    void theFitCurveOffersOnlyNumbersThatTheSizesAllow() {
        openBench();
        assertThat(teacher.button("2 groups: sizes do not allow it")).isDisabled();
        teacher.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("3 groups: fit"))
                .click();
        assertThat(teacher.region("Preview").getByText("8 students")).hasCount(3);
        Accessibility.check(teacher.page());
        teacher.field("Largest").fill("7");
        assertThat(teacher.page().getByRole(AriaRole.ALERT))
                .containsText("24 students do not fit in 3 groups of at most 7: there are 21 seats.");
        teacher.button("Cancel").click();
    }

    @Test
    void aConflictIsResolvedAndUncoveredStudentsGetTheBase() {
        signIn();
        teacher.link("Plan").click();
        assertThat(teacher.region("Sheet Bend")).containsText("at the table · Wen 10:20");
        Accessibility.check(teacher.page());
        openTasks();
        teacher.link("Why the marsh floods twice a day").click();
        Locator who = teacher.region("Who gets what");
        assertThat(who).containsText("Farid gets two versions");
        Accessibility.check(teacher.page());
        teacher.button("Assign…").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("1 student would get two versions.");
        teacher.button("Cancel").click();
        who.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Short text"))
                .click();
        assertThat(who).containsText("24 get one version");
        teacher.button("Give the base").click();
        assertThat(who).containsText("Every student gets exactly one version.");
    }

    @Test
    void aFieldFollowsTheBaseAgainByKey() {
        signIn();
        openTasks();
        teacher.link("Why the marsh floods twice a day").click();
        Locator tries = teacher.button("attempts of Short text");
        assertThat(tries).hasText("2");
        tries.press("b");
        assertThat(tries).hasText("1");
        tries.click();
        teacher.field("attempts").fill("2");
        teacher.button("Save").click();
        assertThat(tries).hasText("2");
    }

    @Test
    void theGridShowsEveryStateAndHatchesWhatIsNotTheirs() {
        signIn();
        teacher.link("Progress").click();
        Locator grid = teacher.page().getByRole(AriaRole.TABLE);
        assertThat(grid.getByText("not given to this student").first()).isAttached();
        for (String state : new String[] {"working on it now", "not started", "missing", "handed in"}) {
            assertThat(grid.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(state)))
                            .first())
                    .isVisible();
        }
        assertThat(grid).containsText("15 of 24");
        Accessibility.check(teacher.page());
    }

    private void openTasks() {
        teacher.go("/classes/1/plan/tasks");
        assertThat(teacher.link("Why the marsh floods twice a day")).isVisible();
    }
}
