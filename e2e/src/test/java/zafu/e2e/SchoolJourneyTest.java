package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import zafu.server.standin.SchoolSystemStandIn.Mood;

/** The school's place: its information system, also on a bad day, measures and adults. */
class SchoolJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final Window teacher = Window.at(zafu).signInTeacher("ottoline", "salt-marsh-5");

    @AfterEach
    void close() {
        zafu.schoolSystem().behave(Mood.CHANGED);
        teacher.close();
    }

    @Test
    void theSystemMisbehavesThenBringsWhatChangedAndItIsTakenBack() {
        teacher.go("/school/lists");
        Locator system = teacher.region("School information system");
        zafu.schoolSystem().behave(Mood.DOWN);
        teacher.button("Check now").click();
        assertThat(system).containsText("answered with error 503. Nothing was changed.");
        zafu.schoolSystem().behave(Mood.RUBBISH);
        teacher.button("Check now").click();
        assertThat(system).containsText("something that is no list");
        zafu.schoolSystem().behave(Mood.CHANGED);
        teacher.button("Check now").click();
        assertThat(system).containsText("Nadia Brandt-Lowe");
        assertThat(system).containsText("1 student gone");
        Accessibility.check(teacher.page());
        teacher.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Apply"))
                .click();
        assertThat(teacher.text("changes applied.")).isVisible();
        teacher.button("Undo").click();
        assertThat(teacher.text("Import undone. Everything is as it was before."))
                .isVisible();
        teacher.go("/classes/1/students");
        assertThat(teacher.button("Nadia Brandt")).isVisible();
    }

    @Test
    void aMeasureOfLevelsIsMadeAndGetsItsBenchmarks() {
        teacher.go("/school");
        teacher.button("New measure").click();
        teacher.field("Name").fill("Stroke of the oar");
        teacher.field("Scale").click();
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("ordered levels"))
                .click();
        teacher.field("Levels, lowest first, one per line").fill("drifting\nsteady\nstrong");
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        Locator made = teacher.page()
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Stroke of the oar"));
        assertThat(made).containsText("3 levels, drifting to strong");
        made.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Benchmarks…"))
                .click();
        Locator lines =
                teacher.page().getByRole(AriaRole.DIALOG).locator("textarea").first();
        lines.fill("one steady");
        assertThat(teacher.text("“one steady” is not a number and a name.")).isVisible();
        lines.fill("1 getting there");
        teacher.button("Save").click();
        assertThat(teacher.text("Saved.")).isVisible();
        teacher.button("Cancel").click();
    }

    @Test
    void anAdultComesToTheSchoolAndChoosesTheirOwnPassword() {
        teacher.go("/school/adults");
        Accessibility.check(teacher.page());
        teacher.button("New adult").click();
        teacher.field("Name that others see").fill("Corliss Wayfare");
        teacher.field("Name to sign in with").fill("corliss");
        teacher.field("Password").fill("first-password");
        teacher.button("Save").click();
        assertThat(teacher.text("has not chosen a password yet")).isVisible();
        try (Window corliss = Window.at(zafu)) {
            corliss.go("/");
            corliss.button("I am a teacher").click();
            corliss.field("Name").fill("corliss");
            corliss.field("Password").fill("first-password");
            corliss.button("Sign in").click();
            corliss.field("Current password").fill("first-password");
            corliss.field("New password").fill("a heron at noon");
            Accessibility.check(corliss.page());
            corliss.button("Save password").click();
            assertThat(corliss.page().getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Import")))
                    .isVisible();
        }
    }
}
