package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A task in versions for two arrangements, eased for some, changed, taken back, seen and done as a student. */
class PlanJourneyTest extends PlanJourney {
    @Test
    void twoArrangementsAtOnceAreResolvedWithTheReasonShown() {
        begin("two arrangements", 4);
        JsonNode low = groups(own.arrange("Reading", 2)).get(0);
        JsonNode all = groups(own.arrange("Time needs", 1)).get(0);
        task("Tide quiz", Map.of("groupId", low.get("id").asLong()));
        teacher.button("New version").click();
        teacher.button("Who gets “Version 1”?").click();
        teacher.field("Name for teachers").fill("Longer");
        teacher.page()
                .getByRole(
                        AriaRole.CHECKBOX,
                        new Page.GetByRoleOptions().setName(all.get("name").asString()))
                .last()
                .check();
        teacher.button("Save").click();
        Locator coverage = teacher.region("Who gets what");
        assertThat(coverage).containsText("2 get two");
        assertThat(coverage)
                .containsText(low.get("name").asString() + " (Reading) gives Base; "
                        + all.get("name").asString() + " (Time needs) gives Longer. Which one?");
        teacher.button("Assign…").click();
        assertThat(teacher.text("2 students would get two versions. Choose one for each.")
                        .last())
                .isVisible();
        Accessibility.check(teacher.page());
        teacher.button("Cancel").click();
        coverage.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Longer"))
                .first()
                .click();
        assertThat(coverage).containsText("3 get one version");
        coverage.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Base"))
                .first()
                .click();
        assertThat(coverage).containsText("Every student gets exactly one version.");
        teacher.button("Assign…").click();
        teacher.button("Assign").last().click();
        assertThat(teacher.text("Assigned to 4 students.")).isVisible();
    }

    @Test
    void someAreEasedSeenAsTheyWillSeeItAndTakenBack() {
        begin("eased", 3);
        task("Tide log", Map.of("everyone", true, "minutes", 20));
        teacher.button("Adjust for some…").click();
        teacher.region("Individual students")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("S2"))
                .click();
        teacher.page()
                .getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("time limit"))
                .fill("35");
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        assertThat(teacher.region("Added by accommodations")).containsText("S2 35 min");
        teacher.page().keyboard().press("Control+z");
        assertThat(teacher.region("Added by accommodations")).not().containsText("S2");
        teacher.page().keyboard().press("Control+z");
        assertThat(teacher.region("Added by accommodations")).containsText("S2 35 min");

        teacher.button("See as…").click();
        teacher.page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Student"))
                .click();
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("S2 Test"))
                .click();
        teacher.button("Open the page").click();
        assertThat(teacher.text("As S2 sees it now. Read-only.")).isVisible();
        assertThat(teacher.page().getByRole(AriaRole.MAIN)).containsText("you have 35 minutes");
        Accessibility.check(teacher.page());
        teacher.button("Open this task").click();
        assertThat(teacher.region("Tide log")).containsText("Draw the tide.");
        teacher.link("‹ back to the task").click();

        teacher.button("Assign…").click();
        assertThat(teacher.text("S2 has 35 min.")).isVisible();
        teacher.button("Assign").last().click();
        assertThat(teacher.text("Assigned to 3 students.")).isVisible();
        teacher.button("time limit of Base").click();
        teacher.field("time limit").fill("25");
        teacher.button("Save").click();
        assertThat(teacher.text("S1 and S3: time limit 25 min instead of 20 min."))
                .isVisible();
        Accessibility.check(teacher.page());
        teacher.button("Make this change").click();
        assertThat(teacher.button("time limit of Base")).hasText("25 min");

        teacher.button("Withdraw…").click();
        teacher.field("From some").check();
        teacher.region("Individual students")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("S3"))
                .click();
        Accessibility.check(teacher.page());
        teacher.button("Withdraw").last().click();
        assertThat(teacher.region("Who gets what")).containsText("S3 gets nothing");
        teacher.button("Undo").last().click();
        assertThat(teacher.region("Who gets what")).containsText("Every student gets exactly one version.");
    }

    @Test
    void handingOutWaitsForAChangeThatIsStillOnItsWay() {
        begin("slow line", 2);
        task("Slow tide", Map.of("everyone", true, "minutes", 20));
        List<Route> onTheirWay = new ArrayList<>();
        teacher.page().route("**/api/tasks/*", onTheirWay::add, new Page.RouteOptions().setTimes(1));
        teacher.button("time limit of Base").click();
        teacher.field("time limit").fill("25");
        teacher.button("Save").click();
        teacher.button("Assign…").click();
        assertThat(teacher.button("Assign").last()).isDisabled();
        onTheirWay.get(0).resume();
        teacher.button("Assign").last().click();
        assertThat(teacher.text("Assigned to 2 students.")).isVisible();
        assertThat(teacher.button("time limit of Base")).hasText("25 min");
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
            assertThat(student.text("✓ Saved")).isVisible();
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
        assertThat(teacher.button("Extend Marsh map by a day")).isFocused();
        teacher.page().keyboard().press("Enter");
        assertThat(teacher.text("1 student has one more day for Marsh map.")).isVisible();
        assertThat(teacher.text("Marsh map is overdue")).isHidden();
    }

    @Test
    void aStudentHasWhatIsGrantedAndACalendarOfTheirOwn() {
        begin("granted", 2);
        JsonNode first =
                own.teacher.get("/api/classes/" + own.id + "/students").ok().get(0);
        for (Map<String, Object> more : List.<Map<String, Object>>of(
                Map.of("support", "EXTENDED_TIME", "amount", 1.5, "detail", ""),
                Map.of("support", "LARGE_TEXT", "detail", ""),
                Map.of("support", "TOOL", "detail", "calculator"))) {
            Map<String, Object> granted = new LinkedHashMap<>(more);
            granted.putAll(Map.of("works", List.of(), "subjects", List.of(), "source", "plan"));
            own.teacher
                    .post("/api/students/" + first.get("id").asLong() + "/accommodations", granted)
                    .ok();
        }
        task("Tide quiz", Map.of("everyone", true, "minutes", 20, "due", "2027-02-12T15:00"));
        assertThat(teacher.region("Added by accommodations"))
                .containsText("S1 30 min = 20 × 1.5, large text, calculator");
        teacher.button("Assign…").click();
        assertThat(teacher.text("S1 has 30 min instead of 20 and has large text, calculator."))
                .isVisible();
        teacher.button("Assign").last().click();
        assertThat(teacher.text("Assigned to 2 students.")).isVisible();
        try (Window student =
                Window.onPhoneAt(zafu).signInStudent(first.get("entryCode").asString())) {
            student.button("My work in a calendar").click();
            student.button("Create an address").click();
            assertThat(student.page().getByRole(AriaRole.DIALOG)).containsText("/calendar/");
            Accessibility.check(student.page());
            student.button("Stop the address").click();
            assertThat(student.button("Create an address")).isVisible();
            student.button("Close").click();
            assertThat(student.text("you have 30 minutes")).isVisible();
            student.start("Tide quiz");
            assertThat(student.text("You may use: calculator")).isVisible();
            assertThat(student.text("Draw the tide.")).hasCSS("font-size", "21px");
            Accessibility.check(student.page());
        }
    }
}
