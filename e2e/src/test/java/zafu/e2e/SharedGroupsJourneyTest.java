package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A teacher shares groups with the school; a colleague takes them for the students they have in common. */
class SharedGroupsJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "shares groups", 4);

    private long classOfTheColleague() {
        long id = own.colleague
                .post(
                        "/api/classes",
                        Map.of("name", "sciences of two", "grade", 5, "subject", "science", "termIds", List.of()))
                .ok()
                .get("id")
                .asLong();
        List<Long> two = own.teacher
                .get("/api/classes/" + own.id + "/students")
                .ok()
                .valueStream()
                .map(each -> each.get("id").asLong())
                .limit(2)
                .toList();
        own.colleague
                .post("/api/students/deeds", Map.of("kind", "ADD_TO_CLASS", "students", two, "classId", id))
                .done();
        return id;
    }

    @Test
    void sharedGroupsAreTakenAndTheOriginalStaysAsItIs() {
        long arrangement = own.arrange("Tide readers", 2);
        long sciences = classOfTheColleague();
        try (Window teacher = own.window();
                Window colleague = Window.at(zafu).signInTeacher("idris", "salt-marsh-5")) {
            teacher.go("/classes/" + own.id + "/arrange/" + arrangement);
            teacher.button("More").click();
            teacher.page()
                    .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Details…"))
                    .click();
            teacher.page()
                    .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Who sees it"))
                    .click();
            teacher.page()
                    .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("colleagues can use its groups"))
                    .click();
            teacher.button("Save").click();
            teacher.text("Saved.").waitFor();

            colleague.go("/classes/" + sciences + "/arrange");
            Locator shared = colleague.region("Shared by colleagues");
            assertThat(shared).containsText("Tide readers");
            assertThat(shared).containsText("Ottoline Farrow");
            Accessibility.check(colleague.page());
            colleague.button("Use in this class").click();
            colleague.text("is now a grouping of this class").waitFor();
            assertThat(colleague
                            .page()
                            .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tide readers")))
                    .isVisible();
        }
    }
}
