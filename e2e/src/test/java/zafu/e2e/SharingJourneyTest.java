package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** More than one adult at the table: a class handed over at mid-year, and support staff who see the groups they lead. */
class SharingJourneyTest {
    private static final String PASSWORD = "salt-marsh-5";

    private final RunningZafu zafu = RunningZafu.demo();

    private static Locator rowOf(Window window, String adult) {
        return window.page()
                .locator("li, tr, div")
                .filter(new Locator.FilterOptions().setHasText(adult))
                .filter(new Locator.FilterOptions()
                        .setHas(window.page()
                                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a class…"))))
                .last();
    }

    private static void give(Window window, String adult, String className, String role) {
        window.go("/school/adults");
        rowOf(window, adult)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add a class…"))
                .click();
        choose(window, "Class", className);
        choose(window, "Role", role);
        window.button("Save").click();
        assertThat(window.page()
                        .getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName("Remove " + adult + " from " + className)))
                .isVisible();
    }

    private static void choose(Window window, String label, String option) {
        window.page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)))
                .click();
        window.page()
                .getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }

    @Test
    void aClassIsHandedOverAtMidYear() {
        OwnClass own = new OwnClass(zafu, "handed over", 3);
        try (Window before = own.window();
                Window after = Window.at(zafu).signInTeacher("idris", PASSWORD)) {
            give(before, "Idris Bellweather", "handed over", "owner");
            before.page()
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Remove Ottoline Farrow from handed over"))
                    .click();
            assertThat(before.page()
                            .getByRole(
                                    AriaRole.BUTTON,
                                    new Page.GetByRoleOptions().setName("Remove Ottoline Farrow from handed over")))
                    .hasCount(0);
            after.go("/classes/" + own.id + "/students");
            assertThat(after.text("S3").first()).isVisible();
            before.go("/school/history");
            assertThat(before.text("role removed").first()).isVisible();
        }
    }

    @Test
    void supportStaffSeeTheGroupsTheyLeadAndNothingElse() {
        OwnClass own = new OwnClass(zafu, "led groups", 4);
        long arrangement = own.arrange("Reading", 2);
        long upper = own.bench(arrangement).get("groups").get(1).get("id").asLong();
        long wen = 0;
        for (var adult : own.teacher.get("/api/adults").ok()) {
            wen = adult.get("displayName").asString().startsWith("Wen")
                    ? adult.get("id").asLong()
                    : wen;
        }
        try (Window teacher = own.window()) {
            give(teacher, "Wen Castellane", "led groups", "support for the groups they lead");
        }
        own.step(own.teacher, arrangement, Map.of("kind", "LEAD", "groupId", upper, "adults", List.of(wen)));
        try (Window support = Window.at(zafu).meaning("403 GET", "404 GET").signInTeacher("wen", PASSWORD)) {
            support.go("/classes/" + own.id + "/students");
            assertThat(support.text("S4").first()).isVisible();
            assertThat(support.page().getByText("S1", new Page.GetByTextOptions().setExact(true)))
                    .hasCount(0);
            assertThat(support.page()
                            .getByRole(
                                    AriaRole.LINK,
                                    new Page.GetByRoleOptions()
                                            .setName("Groups")
                                            .setExact(true)))
                    .hasCount(0);
            Accessibility.check(support.page());
            support.go("/classes/" + own.id + "/progress");
            assertThat(support.text("marks").first()).isHidden();
        }
    }

    /** A substitute looks on: nothing is offered that would be refused, and no key does anything. */
    @Test
    void aViewerIsOfferedNothingThatWouldBeRefused() {
        OwnClass own = new OwnClass(zafu, "looked at", 4);
        long arrangement = own.arrange("Reading", 2);
        try (Window owner = own.window()) {
            give(owner, "Wen Castellane", "looked at", "viewer");
        }
        try (Window viewer = Window.at(zafu).meaning("403 GET", "404 GET").signInTeacher("wen", PASSWORD)) {
            viewer.go("/classes/" + own.id + "/students");
            assertThat(viewer.text("S1")).isVisible();
            assertThat(viewer.page()
                            .getByRole(
                                    AriaRole.BUTTON,
                                    new Page.GetByRoleOptions().setName(Pattern.compile("Change group$"))))
                    .hasCount(0);
            assertThat(viewer.link("Scores…")).hasCount(0);
            assertThat(viewer.link("Import…")).hasCount(0);
            viewer.go("/classes/" + own.id + "/arrange/" + arrangement);
            assertThat(viewer.region("Score line")).isVisible();
            for (String deed : List.of("Undo", "Form groups again…", "Add a group")) {
                assertThat(viewer.button(deed)).hasCount(0);
            }
            assertThat(viewer.link("Give them a task")).hasCount(0);
            viewer.button("More").click();
            assertThat(viewer.page().getByRole(AriaRole.MENUITEM)).hasText(new String[] {"Lists to print…"});
            viewer.page().keyboard().press("Escape");
            viewer.go("/classes/" + own.id + "/plan/tasks");
            assertThat(viewer.text("tasks and their versions")).isVisible();
            assertThat(viewer.button("New task")).hasCount(0);
            viewer.go("/classes/" + own.id + "/arrange");
            assertThat(viewer.link("Reading")).isVisible();
            assertThat(viewer.button("New grouping")).hasCount(0);
        }
    }
}
