package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One thread from an empty installation to a student who has moved to another group. */
class SliceJourneyTest {
    private static final String TEACHER = "farrow";
    private static final String PASSWORD = "low tide at noon";
    private final RunningZafu zafu = RunningZafu.empty();
    private final Window teacher = Window.at(zafu);

    @Test
    void scoresComeInGroupsAreMadeATaskGoesOutAndIsDoneAndSeen() {
        setUpSchool();
        bringInClass();
        giveMoreTimeTo("Юки");
        arrange();
        rearrangeByHand();
        makeTaskInTwoVersions();
        handOut();
        String odin = codeOf("Odin");
        String yuki = codeOf("Юки");
        String calla = codeOf("Calla");
        studentWithMoreTimeStartsAndLosesTheirDevice(yuki);
        teacherSeesItWithoutReloading(odin);
        timeRunsOutByItself(yuki);
        moveStudentsAfterwards(calla);
        teacher.close();
    }

    private void setUpSchool() {
        teacher.go("/");
        teacher.field("Name of the school").fill("Quillmere Harbour School");
        teacher.field("Time zone").fill("America/Halifax");
        teacher.field("first day").fill("2027-01-04");
        teacher.field("last day").fill("2027-06-30");
        teacher.field("Name to sign in with").fill(TEACHER);
        teacher.field("Name that others see").fill("Ottoline Farrow");
        teacher.field("Password").fill(PASSWORD);
        Accessibility.check(teacher.page());
        teacher.button("Create school").click();
    }

    private void bringInClass() {
        Page page = teacher.page();
        page.getByLabel("Choose a file…").setInputFiles(file("/6-osprey.csv"));
        Locator summary = page.getByRole(AriaRole.STATUS);
        assertThat(summary).containsText("26 rows good, 1 row with a problem");
        assertThat(teacher.text("Row 28 names Zora Fennick, who stands in row 27 already."))
                .isVisible();
        teacher.button("every row 27").click();
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Calla Wickham-Tarn")))
                .containsText("8.25");
        teacher.field("Name of the class").fill("6 Osprey");
        teacher.field("Date of the scores").fill("2027-02-02");
        page.getByLabel("Tideline: largest value").fill("1200");
        Accessibility.check(page);
        teacher.button("Import 26 rows").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("6 Osprey")))
                .isVisible();
        assertThat(page.getByRole(AriaRole.ROW)).hasCount(27);
        assertThat(row("渚")).containsText("884");
        assertThat(row("Xanthe")).containsText("not assessed");
    }

    private Path file(String name) {
        try {
            return Path.of(SliceJourneyTest.class.getResource(name).toURI());
        } catch (URISyntaxException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private Locator row(String student) {
        return teacher.page()
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText(student))
                .first();
    }

    private void giveMoreTimeTo(String student) {
        row(student).getByRole(AriaRole.BUTTON).first().click();
        teacher.button("Show details").click();
        teacher.button("Add accommodation…").click();
        teacher.field("times the usual time").fill("1.5");
        teacher.button("Save").click();
        assertThat(row(student)).containsText("1.5×");
    }

    private void arrange() {
        teacher.link("Groups").click();
        teacher.button("New grouping").click();
        teacher.field("Name").fill("Salt-marsh reading");
        teacher.field("Subject").fill("reading");
        teacher.button("Create").click();
        Locator preview = teacher.region("Preview");
        assertThat(preview).containsText("Odin");
        teacher.field("Number of groups").fill("2");
        teacher.field("Largest").fill("20");
        assertThat(preview.getByText("students")).hasCount(2);
        teacher.button("Use these groups").click();
        assertThat(teacher.region("Sheet Bend")).containsText("Viggo");
        assertThat(teacher.region("Not placed")).containsText("not assessed yet");
    }

    private void rearrangeByHand() {
        Locator low = teacher.region("Sheet Bend");
        Locator high = teacher.region("Reef");
        drag(student(low, "Юки"), high);
        assertThat(high).containsText("Юки");
        teacher.button("Undo").first().click();
        assertThat(low).containsText("Юки");

        student(low, "Greta").click();
        teacher.page().keyboard().press("]");
        assertThat(high).containsText("Greta");
        teacher.page().keyboard().press("z");
        assertThat(low).containsText("Greta");
        teacher.page().keyboard().press("2");
        assertThat(high).containsText("Greta");
        student(high, "Greta").click();
        student(high, "Greta").click();
        teacher.page().keyboard().press("1");
        assertThat(low).containsText("Greta");
        Accessibility.check(teacher.page());
    }

    private Locator student(Locator tray, String name) {
        return tray.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText(name));
    }

    private void drag(Locator from, Locator to) {
        from.scrollIntoViewIfNeeded();
        BoundingBox start = from.boundingBox();
        BoundingBox end = to.boundingBox();
        teacher.page().mouse().move(start.x + 20, start.y + start.height / 2);
        teacher.page().mouse().down();
        teacher.page().mouse().move(start.x + 40, start.y + start.height / 2);
        teacher.page().mouse().move(end.x + end.width / 2, end.y + 60, new Mouse.MoveOptions().setSteps(8));
        teacher.page().mouse().up();
    }

    private void makeTaskInTwoVersions() {
        teacher.link("Give them a task").click();
        teacher.field("Name for teachers").fill("Why the marsh floods");
        teacher.button("Create").click();
        writeQuestions();
        writeText();
        setMinutes("Base", "20");
        target("Base", "Reef");
        teacher.button("New version").click();
        Locator head = teacher.button("Who gets “Version 1”?");
        assertThat(head).isVisible();
        head.click();
        teacher.field("Name for teachers").fill("Short time");
        teacher.field("Sheet Bend").check();
        teacher.button("Save").click();
        setMinutes("Short time", "10");
        assertThat(teacher.region("Who gets what")).containsText("24 get one version");
        assertThat(teacher.region("Who gets what")).containsText("Dmitri and Xanthe get nothing");
        assertThat(teacher.region("Added by accommodations")).containsText("Юки 15 min = 10 × 1.5");
        Accessibility.check(teacher.page());
    }

    private void writeQuestions() {
        cell("questions", "Base").click();
        teacher.button("Write questions").click();
        teacher.field("Name of these questions").fill("Marsh");
        teacher.field("Question 1").fill("Why does the marsh fill twice a day?");
        teacher.field("Options, one a line; a star before the right one").fill("The wind\n*Two hills of water");
        addQuestion("a number");
        teacher.field("Question 2").fill("How many hours from high to low?");
        teacher.field("Answer").fill("6");
        teacher.field("tolerance").fill("0,5");
        addQuestion("a word or two");
        teacher.field("Question 3").fill("What pulls the water?");
        teacher.field("Accepted answers, one a line").fill("moon\nthe moon");
        teacher.button("Save these questions").click();
        assertThat(teacher.field("What pulls the water?")).isChecked();
        teacher.button("Save").click();
        assertThat(cell("questions", "Base")).containsText("3 · 3 points");
    }

    private void addQuestion(String kind) {
        teacher.button("Another question").click();
        teacher.field("kind").last().click();
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(kind))
                .click();
    }

    private void writeText() {
        cell("text", "Base").click();
        teacher.button("Write a text").click();
        teacher.field("Title").fill("Moon, tide, marsh");
        teacher.field("Text").fill("Twice a day the sea comes into the marsh.\n\nThe moon pulls on the water.");
        teacher.button("Save this text").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("Moon, tide, marsh");
        teacher.button("Save").click();
        assertThat(cell("text", "Base")).containsText("Moon, tide, marsh");
    }

    private Locator cell(String field, String version) {
        return teacher.button(field + " of " + version);
    }

    private void setMinutes(String version, String minutes) {
        cell("time limit", version).click();
        teacher.field("time limit").fill(minutes);
        teacher.button("Save").click();
        assertThat(cell("time limit", version)).containsText(minutes + " min");
    }

    private void target(String version, String group) {
        teacher.button("Who gets “" + version + "”?").click();
        teacher.field(group).check();
        teacher.button("Save").click();
        assertThat(teacher.button("Who gets “" + version + "”?")).containsText(group);
    }

    private void handOut() {
        teacher.button("Assign…").click();
        Locator dialog = teacher.page().getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Юки has 15 min instead of 10.");
        assertThat(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Assign")))
                .isDisabled();
        dialog.getByRole(AriaRole.CHECKBOX).check();
        Accessibility.check(teacher.page());
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Assign"))
                .click();
        assertThat(teacher.text("Assigned to 24 students.")).isVisible();
    }

    private String codeOf(String student) {
        teacher.link("Students").click();
        row(student).getByRole(AriaRole.BUTTON).first().click();
        Locator panel = teacher.page().getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName(student));
        String code = panel.locator("b").first().textContent();
        teacher.button("Close").click();
        return code;
    }

    private void studentWithMoreTimeStartsAndLosesTheirDevice(String code) {
        try (Window first = Window.onPhoneAt(zafu).signInStudent(code)) {
            assertThat(first.text("you have 15 minutes")).isVisible();
            Accessibility.check(first.page());
            first.start("Why the marsh floods");
            first.field("Two hills of water").check();
            assertThat(first.text("✓ Saved")).isVisible();
        }
        zafu.clock().advance(Duration.ofMinutes(5));
        try (Window second = Window.at(zafu).signInStudent(code)) {
            assertThat(second.text("1 of 3 answered")).isVisible();
            second.button("Continue: Why the marsh floods").click();
            assertThat(second.field("Two hills of water")).isChecked();
            assertThat(second.page().getByRole(AriaRole.TIMER)).containsText("10 minutes");
            Accessibility.check(second.page());
        }
    }

    private void teacherSeesItWithoutReloading(String code) {
        teacher.link("Progress").click();
        assertThat(row("Юки")).containsText("now");
        assertThat(teacher.text("0 of 24")).isVisible();
        try (Window student = Window.at(zafu).signInStudent(code)) {
            student.start("Why the marsh floods");
            student.field("Two hills of water").check();
            student.button("Next").click();
            student.field("Your answer").fill("6,5");
            student.button("Next").click();
            student.field("Your answer").fill("the  Moon.");
            assertThat(student.text("✓ Saved")).isVisible();
            student.handIn();
            assertThat(student.text("3 of 3")).isVisible();
            Accessibility.check(student.page());
        }
        assertThat(row("Odin")).containsText("3 / 3");
        assertThat(teacher.text("1 of 24")).isVisible();
        Accessibility.check(teacher.page());
    }

    private void timeRunsOutByItself(String code) {
        zafu.clock().advance(Duration.ofMinutes(11));
        assertThat(row("Юки")).containsText("1 / 3");
        try (Window student = Window.at(zafu).signInStudent(code)) {
            student.button("Open: Why the marsh floods").click();
            assertThat(student.text("The time was over.")).isVisible();
        }
    }

    private void moveStudentsAfterwards(String calla) {
        try (Window student = Window.at(zafu).signInStudent(calla)) {
            student.start("Why the marsh floods");
            student.page().getByRole(AriaRole.TIMER).waitFor();
        }
        teacher.link("Groups").click();
        teacher.link("Salt-marsh reading").click();
        Locator high = teacher.region("Reef");
        student(high, "Calla").click();
        student(high, "Mateo").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        teacher.page().keyboard().press("[");
        Locator dialog = teacher.page().getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Calla keeps “Why the marsh floods” (Base): it is started.");
        assertThat(dialog)
                .containsText("Mateo gets “Why the marsh floods” as Short time instead of Base: not started.");
        assertThat(teacher.page().locator("[aria-label=Reef]")).containsText("Mateo");
        teacher.button("Make this change").click();
        assertThat(teacher.region("Sheet Bend")).containsText("Mateo");
        teacher.link("Plan").click();
        teacher.region("Not scheduled")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Why the marsh floods"))
                .click();
        Locator students =
                teacher.page().getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("students"));
        assertThat(students.getByRole(AriaRole.CELL).nth(0)).containsText("Calla");
        assertThat(students.getByRole(AriaRole.CELL).nth(1)).containsText("Mateo");
    }
}
