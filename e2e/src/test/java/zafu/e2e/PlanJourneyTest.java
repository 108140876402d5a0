package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Planning by hand: the week, a task in versions for two arrangements, eased for some, changed, seen as a student. */
class PlanJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private OwnClass own;
    private Window teacher;

    private void begin(String name, int students) {
        own = new OwnClass(zafu, name, students);
        teacher = own.window();
    }

    @AfterEach
    void close() {
        teacher.close();
    }

    private long draft(String name, Map<String, Object> more) {
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of("name", name));
        wanted.putAll(more);
        return own.teacher
                .post("/api/classes/" + own.id + "/tasks", wanted)
                .ok()
                .get("id")
                .asLong();
    }

    /** A task that students can do: what to do is written in it. */
    private long task(String name, Map<String, Object> more) {
        long id = draft(name, more);
        teacher.go("/classes/" + own.id + "/plan/" + id);
        teacher.button("what to do of Base").click();
        teacher.field("what to do").fill("Draw the tide.");
        teacher.button("Keep").click();
        assertThat(teacher.button("what to do of Base")).hasText("Draw the tide.");
        return id;
    }

    private List<JsonNode> groups(long arrangement) {
        List<JsonNode> groups = new ArrayList<>();
        own.teacher.get("/api/arrangements/" + arrangement).ok().get("groups").forEach(groups::add);
        return groups;
    }

    private Locator row(String name) {
        return teacher.region(name);
    }

    private Locator menuItem(String name) {
        return teacher.page().getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name));
    }

    private Locator named(Locator within, String name) {
        return within.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name))
                .first();
    }

    private void drag(Locator what, Locator to) {
        BoundingBox from = what.boundingBox();
        BoundingBox target = to.boundingBox();
        Mouse mouse = teacher.page().mouse();
        mouse.move(from.x + 20, from.y + from.height / 2);
        mouse.down();
        mouse.move(from.x + 40, from.y + from.height / 2 + 4);
        mouse.move(target.x + target.width / 2, target.y + target.height - 12, new Mouse.MoveOptions().setSteps(8));
        mouse.up();
    }

    @Test
    void aWeekIsPlannedDraggedHandedOutAndTakenBack() {
        begin("plan the week", 8);
        own.arrange("Reading", 2);
        teacher.go("/classes/" + own.id + "/plan?day=2027-02-10");
        Locator sheetBend = row("Sheet Bend");
        named(sheetBend, "Add for Sheet Bend on Wednesday").click();
        teacher.field("What you call it").fill("Tide words");
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
        teacher.button("Keep").click();
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
            teacher.field("What you call it").fill("Main idea");
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
        teacher.button("Keep").click();
        assertThat(named(row("Reef"), "at the table 11:00")).not().containsText("⚠");
        named(row("Reef"), "at the table 11:00").click();
        teacher.button("Take it out").click();
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
        menuItem("Let drafts open one after the other…").click();
        teacher.field("Part one").check();
        teacher.field("Part two").check();
        teacher.field("The first opens").fill("2027-02-11T09:00");
        Accessibility.check(teacher.page());
        teacher.button("Set the days").click();
        assertThat(named(row("Sheet Bend"), "Part one")).hasAccessibleName(opens("Part one", "Thu 11"));
        assertThat(named(row("Sheet Bend"), "Part two")).hasAccessibleName(opens("Part two", "Fri 12"));
        teacher.button("More ▾").click();
        menuItem("Hand out 2 drafts…").click();
        Accessibility.check(teacher.page());
        teacher.button("Hand out 2").click();
        assertThat(teacher.text("2 tasks handed out.")).isVisible();
        assertThat(named(row("Sheet Bend"), "Part two")).not().hasAccessibleName(opens("Part two", "Fri 12"));
        teacher.button("Undo").click();
        assertThat(named(row("Sheet Bend"), "Part two")).hasAccessibleName(opens("Part two", "Fri 12"));
    }

    private static String opens(String name, String day) {
        return name + ", draft · opens " + day + " Feb 09:00 · due " + day + " Feb 15:00";
    }

    @Test
    void twoArrangementsAtOnceAreResolvedWithTheReasonShown() {
        begin("two arrangements", 4);
        JsonNode low = groups(own.arrange("Reading", 2)).get(0);
        JsonNode all = groups(own.arrange("Time needs", 1)).get(0);
        task("Tide quiz", Map.of("groupId", low.get("id").asLong()));
        teacher.button("New version").click();
        teacher.button("For whom is “Version 1”?").click();
        teacher.field("Name among teachers").fill("Longer");
        teacher.page()
                .getByRole(
                        AriaRole.CHECKBOX,
                        new Page.GetByRoleOptions().setName(all.get("name").asString()))
                .last()
                .check();
        teacher.button("Keep").click();
        Locator coverage = teacher.region("Who gets what");
        assertThat(coverage).containsText("2 get two");
        assertThat(coverage)
                .containsText(low.get("name").asString() + " (Reading) gives Base; "
                        + all.get("name").asString() + " (Time needs) gives Longer. Which one?");
        teacher.button("Hand out…").click();
        assertThat(teacher.text("2 students would get two versions. Choose one for each.")
                        .last())
                .isVisible();
        Accessibility.check(teacher.page());
        teacher.button("Cancel").click();
        coverage.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Longer"))
                .first()
                .click();
        assertThat(coverage).containsText("1 gets two");
        coverage.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Base"))
                .first()
                .click();
        assertThat(coverage).containsText("Every student gets exactly one version.");
        teacher.button("Hand out…").click();
        teacher.button("Hand out").last().click();
        assertThat(teacher.text("Handed out to 4 students.")).isVisible();
    }

    @Test
    void someAreEasedSeenAsTheyWillSeeItAndTakenBack() {
        begin("eased", 3);
        task("Tide log", Map.of("everyone", true, "minutes", 20));
        teacher.button("Ease for some…").click();
        teacher.region("Single students")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("S2"))
                .click();
        teacher.page()
                .getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("time limit"))
                .fill("35");
        Accessibility.check(teacher.page());
        teacher.button("Keep").click();
        assertThat(teacher.region("On top, from each student's needs")).containsText("S2 35 min");
        teacher.page().keyboard().press("Control+z");
        assertThat(teacher.region("On top, from each student's needs")).not().containsText("S2");
        teacher.page().keyboard().press("Control+z");
        assertThat(teacher.region("On top, from each student's needs")).containsText("S2 35 min");

        teacher.button("See as…").click();
        teacher.page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Student"))
                .click();
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("S2 Test"))
                .click();
        teacher.button("Look").click();
        assertThat(teacher.text("As S2 sees it now. Nothing is kept by looking."))
                .isVisible();
        assertThat(teacher.page().getByRole(AriaRole.MAIN)).containsText("you have 35 minutes");
        Accessibility.check(teacher.page());
        teacher.button("Look at the page").click();
        assertThat(teacher.region("Tide log")).containsText("Draw the tide.");
        teacher.link("‹ back to the task").click();

        teacher.button("Hand out…").click();
        assertThat(teacher.text("S2 has 35 min.")).isVisible();
        teacher.button("Hand out").last().click();
        assertThat(teacher.text("Handed out to 3 students.")).isVisible();
        teacher.button("time limit of Base").click();
        teacher.field("time limit").fill("25");
        teacher.button("Keep").click();
        assertThat(teacher.text("S1 and S3: time limit 25 min instead of 20 min."))
                .isVisible();
        Accessibility.check(teacher.page());
        teacher.button("Change it").click();
        assertThat(teacher.button("time limit of Base")).hasText("25 min");

        teacher.button("Take back…").click();
        teacher.field("From some").check();
        teacher.region("Single students")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("S3"))
                .click();
        Accessibility.check(teacher.page());
        teacher.button("Take back").last().click();
        assertThat(teacher.region("Who gets what")).containsText("S3 gets nothing");
        teacher.button("Undo").last().click();
        assertThat(teacher.region("Who gets what")).containsText("Every student gets exactly one version.");
    }

    @Test
    void workIsHandedInAsTextAndTickedAndTodaySaysWhatIsLeft() {
        begin("other ways", 2);
        long written = task("Marsh map", Map.of("everyone", true, "way", "HAND_IN", "due", "2027-02-08T15:00"));
        long version =
                own.teacher.get("/api/tasks/" + written).ok().get("version").asLong();
        own.teacher
                .post("/api/tasks/" + written + "/hand-out", Map.of("version", version, "confirmNotCovered", false))
                .ok();
        String code = own.teacher
                .get("/api/classes/" + own.id + "/students")
                .ok()
                .get(0)
                .get("entryCode")
                .asString();
        try (Window student = Window.onPhoneAt(zafu).signInStudent(code)) {
            student.button("Start: Marsh map").click();
            assertThat(student.text("Draw the tide.")).isVisible();
            student.field("Write here").fill("Five channels.");
            assertThat(student.text("✓ kept")).isVisible();
            Accessibility.check(student.page());
            student.button("Hand in").click();
            student.button("Hand in").last().click();
            assertThat(student.text("Handed in")).isVisible();
        }
        teacher.go("/classes/" + own.id + "/plan/" + written);
        teacher.button("What S1 handed in").click();
        assertThat(teacher.text("Five channels.")).isVisible();
        teacher.button("Cancel").click();
        teacher.go("/classes/" + own.id + "/today");
        Locator waiting = teacher.region("Waiting for you");
        assertThat(waiting).containsText("Marsh map is overdue");
        assertThat(waiting).containsText("S2");
        Accessibility.check(teacher.page());
        teacher.page().keyboard().press("j");
        assertThat(teacher.button("Give a day more for Marsh map")).isFocused();
        teacher.page().keyboard().press("Enter");
        assertThat(teacher.text("1 student has a day more for Marsh map.")).isVisible();
        assertThat(teacher.text("Marsh map is overdue")).isHidden();
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
        menuItem("What holds for this group…").click();
        teacher.field("Tools, with commas between").fill("calculator");
        Accessibility.check(teacher.page());
        teacher.button("Keep").click();
        assertThat(teacher.text("Kept for the group.")).isVisible();
        teacher.button("More ▾").click();
        menuItem("When the class meets…").click();
        teacher.button("Add a time").click();
        teacher.field("Lesson").fill("reading");
        teacher.field("At").fill("08:30");
        Accessibility.check(teacher.page());
        teacher.button("Keep").click();
        assertThat(teacher.text("The times are kept.")).isVisible();
        named(row("Everyone"), "Add for Everyone on Monday").click();
        assertThat(teacher.field("Opens")).hasValue("2027-02-08T08:30");
        teacher.button("Cancel").click();
        teacher.button("More ▾").click();
        menuItem("Calendar for other programs…").click();
        teacher.button("This class").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("/calendar/");
        Accessibility.check(teacher.page());
        teacher.button("Stop settings").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).not().containsText("/calendar/");
    }
}
