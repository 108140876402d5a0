package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Every way to form groups, begun at the bench, looked at, taken and taken back. */
class MethodsJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final Window teacher = Window.at(zafu).signInTeacher("ottoline", "salt-marsh-5");

    @AfterEach
    void close() {
        teacher.close();
    }

    private Locator combobox(String label) {
        return teacher.page().getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label));
    }

    private void option(String name) {
        teacher.page()
                .getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private void begin(String method) {
        teacher.button("Form groups again…").click();
        combobox("Method").click();
        option(method);
    }

    private void both(String label, String one, String other) {
        combobox(label).click();
        option(one);
        option(other);
        teacher.page().keyboard().press("Escape");
    }

    private void takeAndTakeBack() {
        assertThat(teacher.region("Preview")).isVisible();
        teacher.button("Use these groups").click();
        Locator said = teacher.text("New groups saved.");
        doItWhereWorkIsTouched(said);
        assertThat(said).isVisible();
        teacher.page()
                .getByRole(AriaRole.ALERT)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo"))
                .click();
        doItWhereWorkIsTouched(teacher.button("Redo").and(teacher.page().locator(":enabled")));
        assertThat(teacher.button("Redo")).isEnabled();
    }

    /** New groups move open work, which the bench says before it does it. */
    private void doItWhereWorkIsTouched(Locator done) {
        Locator doIt = teacher.button("Make this change");
        done.or(doIt).first().waitFor();
        if (doIt.isVisible()) {
            doIt.click();
        }
    }

    @Test
    void eachMethodIsTakenAndTakenBack() {
        teacher.go("/classes/1/arrange/2");
        Map<String, Runnable> methods = new LinkedHashMap<>();
        methods.put("similar scores", () -> {});
        methods.put("same size, by score", () -> {});
        methods.put("combined score", () -> both("Measures", "Tideline reading scale", "Ratio and scale"));
        methods.put("similar profiles", () -> both("Measures", "Tideline reading scale", "Ratio and scale"));
        methods.put("mixed, each like the class", () -> both("Measures", "Tideline reading scale", "Words per minute"));
        methods.put("by skill", () -> {
            combobox("Skill").click();
            option("Recipe ratio tables");
            assertThat(teacher.region("Preview")).containsText("Practising");
        });
        methods.put("shared accommodations", () -> {});
        methods.put("random", () -> teacher.button("Draw again").click());
        methods.put("student choice", () -> {
            combobox("Survey question").click();
            option("What would you like to find out about the marsh?");
            assertThat(teacher.text("got their first choice")).isVisible();
        });
        methods.put("by hand, from empty groups", () -> {});
        methods.put("a group for each student", () -> {});
        methods.put("the whole class", () -> {});
        methods.put("a copy of other groups", () -> {
            combobox("Groups to copy").click();
            option("Salt-marsh reading");
        });
        methods.forEach((method, fields) -> {
            begin(method);
            fields.run();
            takeAndTakeBack();
        });
        begin("benchmark bands");
        teacher.button("Why these groups?").click();
        assertThat(teacher.region("Why these groups?")).containsText("Keeping Ivo and Wren apart");
        Accessibility.check(teacher.page());
        takeAndTakeBack();
    }

    @Test
    void aLockedStudentStaysAndAContradictionIsSaid() {
        teacher.go("/classes/1/arrange/1");
        Locator bowline = teacher.region("Bowline");
        Locator wren = bowline.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Wren"));
        wren.click();
        teacher.page().keyboard().press("l");
        assertThat(wren).containsText("locked");
        Accessibility.check(teacher.page());
        teacher.button("Form groups again…").click();
        teacher.field("Number of groups").fill("3");
        teacher.field("Largest").fill("12");
        assertThat(teacher.page().getByRole(AriaRole.ALERT))
                .containsText("Wren is locked in a group that would go: there would be 3 groups.");
        teacher.button("Cancel").click();
        teacher.page().keyboard().press("l");
        assertThat(wren).not().containsText("locked");
        assertThat(teacher.region("Rules and preferences")).containsText("Ivo and Wren apart");
    }

    @Test
    void aNewScoreSuggestsAMoveThatTheTeacherMakes() {
        typeScoreOfKofi("900");
        teacher.go("/classes/1/arrange/1");
        Locator advice = teacher.region("New scores suggest");
        assertThat(advice).containsText("Kofi to Bowline: 709 → 900");
        Accessibility.check(teacher.page());
        teacher.button("Move Kofi to Bowline").click();
        doItWhereWorkIsTouched(advice.filter(new Locator.FilterOptions().setHasNotText("Kofi")));
        assertThat(teacher.region("Bowline")).containsText("Kofi");
        teacher.button("Undo").first().click();
        doItWhereWorkIsTouched(teacher.region("Clove").filter(new Locator.FilterOptions().setHasText("Kofi")));
        assertThat(teacher.region("Clove")).containsText("Kofi");
        typeScoreOfKofi("");
    }

    private void typeScoreOfKofi(String score) {
        teacher.go("/classes/1/scores");
        teacher.field("Date").fill("2027-02-09");
        Locator cell = teacher.field("Tideline reading scale of Kofi Asterly");
        cell.fill(score);
        teacher.page()
                .waitForResponse(
                        answer -> answer.url().contains("/score-sheet")
                                && answer.request().method().equals("PUT"),
                        () -> cell.press("Enter"));
    }
}
