package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The week by hand: tasks on their days, time at the table, what holds for a group. */
class WeekJourneyTest extends PlanJourney {
    @Test
    void aWeekIsPlannedDraggedHandedOutAndTakenBack() {
        begin("plan the week", 8);
        own.arrange("Reading", 2);
        teacher.go("/classes/" + own.id + "/plan?day=2027-02-10");
        Locator sheetBend = row("Sheet Bend");
        named(sheetBend, "Add for Sheet Bend on Wednesday").click();
        teacher.field("Name for teachers").fill("Tide words");
        Accessibility.check(teacher.page());
        teacher.button("Add").click();
        assertThat(teacher.text("Tide words is planned for Sheet Bend.")).isVisible();
        Locator bar = named(sheetBend, "Tide words");
        assertThat(bar).hasAccessibleName("Tide words, draft · opens Wed 10 Feb 09:00 · due Wed 10 Feb 15:00");

        drag(bar, named(row("Reef"), "Add for Reef on Friday"));
        assertThat(bar).hasAccessibleName("Tide words, draft · opens Fri 12 Feb 09:00 · due Fri 12 Feb 15:00");

        bar.focus();
        teacher.page().keyboard().press("c");
        menuItem("Reef").click();
        assertThat(row("Everyone")).containsText("Tide words");
        teacher.page().keyboard().press("Control+z");
        assertThat(row("Everyone")).not().containsText("Tide words");

        teacher.page().getByRole(AriaRole.SEARCHBOX).fill("cause chain");
        Locator found = teacher.page()
                .getByRole(AriaRole.COMPLEMENTARY)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Cause chain"));
        found.focus();
        teacher.page().keyboard().press("a");
        assertThat(teacher.button("Add")).isFocused();
        teacher.page().keyboard().press("Enter");
        assertThat(teacher.text("Cause chain is planned for Everyone.")).isVisible();
        drag(found, named(sheetBend, "Add for Sheet Bend on Monday"));
        assertThat(teacher.button("Add")).isFocused();
        teacher.page().keyboard().press("Enter");
        assertThat(teacher.text("Cause chain is planned for Sheet Bend.")).isVisible();

        named(sheetBend, "Tide words").focus();
        teacher.page().keyboard().press("d");
        teacher.field("Due").fill("2027-02-16T15:00");
        teacher.button("Save").click();
        assertThat(named(sheetBend, "Tide words"))
                .hasAccessibleName("Tide words, draft · opens Fri 12 Feb 09:00 · due Tue 16 Feb 15:00");
        Accessibility.check(teacher.page());
    }

    @Test
    void timeAtTheTableIsPlannedAndClashesAreSaid() {
        begin("plan sessions", 8);
        own.arrange("Reading", 2);
        teacher.go("/classes/" + own.id + "/plan?day=2027-02-10");
        for (String group : List.of("Sheet Bend", "Reef")) {
            named(row(group), "Add for " + group + " on Thursday").click();
            teacher.field("Name for teachers").fill("Main idea");
            teacher.page()
                    .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Done"))
                    .click();
            teacher.page()
                    .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("at the table with an adult"))
                    .click();
            teacher.button("Add").click();
            assertThat(named(row(group), "at the table")).isVisible();
        }
        Locator session = named(row("Reef"), "at the table");
        assertThat(session).containsText("⚠");
        session.click();
        assertThat(teacher.text("Ottoline Farrow is at the table with others then."))
                .isVisible();
        Accessibility.check(teacher.page());
        teacher.field("Begins").fill("2027-02-11T11:00");
        teacher.button("Save").click();
        assertThat(named(row("Reef"), "at the table 11:00")).not().containsText("⚠");
        named(row("Reef"), "at the table 11:00").click();
        teacher.button("Remove").click();
        assertThat(named(row("Reef"), "at the table")).isHidden();
        teacher.button("Undo").click();
        assertThat(named(row("Reef"), "at the table 11:00")).isVisible();
    }

    @Test
    void draftsOpenOneAfterTheOtherAndGoOutTogether() {
        begin("stagger", 4);
        long arrangement = own.arrange("Reading", 2);
        long group = groups(arrangement).get(0).get("id").asLong();
        for (String name : List.of("Part one", "Part two")) {
            task(name, Map.of("groupId", group, "opens", "2027-02-10T09:00", "due", "2027-02-10T15:00"));
        }
        teacher.go("/classes/" + own.id + "/plan?day=2027-02-10");
        teacher.button("More ▾").click();
        menuItem("Stagger drafts…").click();
        teacher.field("Part one").check();
        teacher.field("Part two").check();
        teacher.field("The first opens").fill("2027-02-11T09:00");
        Accessibility.check(teacher.page());
        teacher.button("Set the days").click();
        assertThat(named(row("Sheet Bend"), "Part one")).hasAccessibleName(opens("Part one", "Thu 11"));
        assertThat(named(row("Sheet Bend"), "Part two")).hasAccessibleName(opens("Part two", "Fri 12"));
        teacher.button("More ▾").click();
        menuItem("Assign 2 drafts…").click();
        Accessibility.check(teacher.page());
        teacher.button("Assign 2").click();
        assertThat(teacher.text("2 tasks assigned.")).isVisible();
        assertThat(named(row("Sheet Bend"), "Part two")).not().hasAccessibleName(opens("Part two", "Fri 12"));
        teacher.button("Undo").click();
        assertThat(named(row("Sheet Bend"), "Part two")).hasAccessibleName(opens("Part two", "Fri 12"));
    }

    private static String opens(String name, String day) {
        return name + ", draft · opens " + day + " Feb 09:00 · due " + day + " Feb 15:00";
    }

    @Test
    void aGroupHasItsSettingsAndTheClassItsTimesAndCalendar() {
        begin("settings", 4);
        own.arrange("Reading", 2);
        teacher.go("/classes/" + own.id + "/plan?day=2027-02-10");
        teacher.region("Sheet Bend")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Sheet Bend").setExact(true))
                .click();
        menuItem("Settings for this group…").click();
        teacher.field("Tools, with commas between").fill("calculator");
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        assertThat(teacher.text("Saved for the group.")).isVisible();
        teacher.button("More ▾").click();
        menuItem("Class times…").click();
        teacher.button("Add a time").click();
        teacher.field("Lesson").fill("reading");
        teacher.field("At").fill("08:30");
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        assertThat(teacher.text("Class times saved.")).isVisible();
        named(row("Everyone"), "Add for Everyone on Monday").click();
        assertThat(teacher.field("Opens")).hasValue("2027-02-08T08:30");
        teacher.button("Cancel").click();
        teacher.button("More ▾").click();
        menuItem("Calendar feeds…").click();
        teacher.button("This class").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("/calendar/");
        Accessibility.check(teacher.page());
        teacher.button("Stop settings").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).not().containsText("/calendar/");
    }
}
