package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A teacher's week from an empty school to new groups; what each errand takes stands in docs/journeys.md. */
class TeachersWeekTest extends TeachersWeek {
    private static final List<String> GROUPS = List.of("Sheet Bend", "Reef", "Clove", "Bowline");
    private static final List<String> DAYS = List.of("Monday", "Tuesday", "Wednesday", "Thursday");

    @Test
    void aWeekIsLived() throws IOException {
        hand.errand("Set up the school", this::setUpSchool);
        hand.errand("Import a class from a file", this::bringInClass);
        hand.errand("Import what the school's system knows", this::askTheSystem);
        hand.errand("Extended time for three, double time for one", this::grantNeeds);
        hand.errand("Type three scores", this::typeScores);
        hand.errand("Reading groups by similar scores, with two rules", this::readingGroups);
        hand.errand("Ask for interests and group by them", this::interestGroups);
        hand.errand("Groups by one skill", this::skillGroups);
        hand.errand("Import a package into the library", this::fillLibrary);
        hand.errand("Plan and assign the week for four groups", this::planWeek);
        hand.errand("One quiz in three versions, one group adjusted", this::quizInThreeVersions);
        fiveStudentsDoIt();
        hand.errand("Mark one group and return it", this::markOneGroup);
        hand.errand("Another attempt for a low result", this::anotherTry);
        aWeekPasses();
        hand.errand("New scores, and who moves", this::regroup);
        hand.errand("Letters to all families", this::letters);
        hand.errand("A list for the wall", this::wallList);
        Files.writeString(Path.of("target/journeys.txt"), table());
        org.assertj.core.api.Assertions.assertThat(Files.readString(Path.of("../docs/journeys.md")))
                .as("what docs/journeys.md says of the week")
                .contains(table());
    }

    private String table() {
        int actions = hand.errands().stream().mapToInt(Hand.Errand::actions).sum();
        int seconds = hand.errands().stream().mapToInt(Hand.Errand::seconds).sum();
        return hand.errands().stream()
                        .map(each -> "| %s | %d | %s |%n".formatted(each.name(), each.actions(), time(each.seconds())))
                        .collect(Collectors.joining())
                + "| **all of it** | **%d** | **%s** |%n".formatted(actions, time(seconds));
    }

    private static String time(int seconds) {
        return "%d:%02d".formatted(seconds / 60, seconds % 60);
    }

    private void planWeek() {
        hand.click(teacher.link("Plan"));
        hand.click("Choose a grouping: Ratios");
        hand.click(menuItem("Salt-marsh reading"));
        hand.click(teacher.page().getByText("15 Feb ›"));
        for (String group : GROUPS) {
            hand.click(
                    teacher.region("Groups").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(group)));
            for (int i = 0; i < 2; i++) {
                Locator item = teacher.page()
                        .getByRole(AriaRole.COMPLEMENTARY)
                        .locator("section button")
                        .nth(i);
                String day = DAYS.get((GROUPS.indexOf(group) + i * 2) % 4);
                Locator cell = teacher.region(group)
                        .getByRole(
                                AriaRole.BUTTON,
                                new Locator.GetByRoleOptions().setName("Add for " + group + " on " + day));
                hand.drag(item, cell);
                assertThat(teacher.button("Add")).isFocused();
                hand.key("Enter");
                assertThat(teacher.text("is planned for " + group)).isVisible();
            }
        }
        hand.click("More ▾");
        hand.click(menuItem("Assign 8 drafts…"));
        hand.click("Assign 8");
        assertThat(teacher.text("8 tasks assigned.")).isVisible();
    }

    private void quizInThreeVersions() {
        hand.click(teacher.link("Groups"));
        hand.click(teacher.link("Salt-marsh reading"));
        hand.click(teacher.link("Give them a task"));
        hand.type("Name for teachers", "Why the marsh floods");
        hand.click("Create");
        writeQuestions();
        set("time limit", "Base", "20");
        toGroup("Base", "Clove");
        hand.click("New version");
        hand.click("Who gets “Version 1”?");
        hand.click(teacher.field("Sheet Bend"));
        hand.click(teacher.field("Reef"));
        hand.click("Save");
        set("time limit", "Version 1", "30");
        hand.click("New version");
        toGroup("Version 2", "Bowline");
        set("title a student sees", "Version 2", "Why the marsh floods twice");
        hand.click("Adjust for some…");
        hand.click(teacher.field("Sheet Bend"));
        hand.type(
                teacher.page().getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("time limit")), "40");
        hand.click("Save");
        hand.click("Assign…");
        Locator dialog = teacher.page().getByRole(AriaRole.DIALOG);
        hand.click(dialog.getByRole(AriaRole.CHECKBOX));
        hand.click(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Assign")));
        assertThat(teacher.text("Assigned to 24 students.")).isVisible();
    }

    private void writeQuestions() {
        hand.click("questions of Base");
        hand.click("Write questions");
        hand.type("Name of these questions", "Marsh");
        hand.type("Question 1", "Why does the marsh fill twice a day?");
        hand.type("Options, one a line; a star before the right one", "The wind\n*Two hills of water");
        hand.click("Another question");
        hand.click(teacher.field("kind").last());
        hand.click(option("some sentences"));
        hand.type("Question 2", "What would you ask the keeper of the light?");
        hand.click("Save these questions");
        hand.click("Save");
        assertThat(teacher.button("questions of Base")).containsText("2 ·");
    }

    private void set(String what, String version, String value) {
        hand.click(what + " of " + version);
        hand.type(what, value);
        hand.click("Save");
        assertThat(teacher.button(what + " of " + version)).containsText(value);
    }

    private void toGroup(String version, String group) {
        hand.click("Who gets “" + version + "”?");
        hand.click(teacher.field(group));
        hand.click("Save");
        assertThat(teacher.button("Who gets “" + version + "”?")).containsText(group);
    }

    /** On a laptop, a tablet and a phone; one loses the connection, one has double time. */
    private void fiveStudentsDoIt() {
        doQuiz("Hana", 1280, 800, "20 minutes", "Two hills of water");
        doQuiz("Wren", 800, 1100, "", "Two hills of water");
        doQuiz("Odin", 400, 800, "40 minutes", "The wind");
        doQuiz("Viggo", 400, 800, "80 minutes", "Two hills of water");
        doQuiz("Greta", 1280, 800, "30 minutes", "Two hills of water");
    }

    private void doQuiz(String name, int width, int height, String minutes, String given) {
        try (Window student = Window.sized(zafu.address(), width, height).signInStudent(codeOf(name))) {
            student.page()
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start: Why the marsh floods"))
                    .click();
            assertThat(student.page().getByRole(AriaRole.DIALOG)).containsText(minutes);
            student.button("Start now").click();
            student.field(given).check();
            boolean offline = name.equals("Greta");
            if (offline) {
                student.offline();
            } else {
                student.online();
            }
            student.button("Next").click();
            student.field("Your answer").fill("Were you ever afraid?");
            if (offline) {
                assertThat(student.text("No connection · saved on this device")).isVisible();
                student.online();
            }
            assertThat(student.text("✓ Saved")).isVisible();
            student.handIn();
            assertThat(student.text("your teacher")).isVisible();
        }
    }

    private void markOneGroup() {
        hand.click(teacher.link("Progress"));
        hand.click(groupInBar("Sheet Bend"));
        hand.click(teacher.link("to mark"));
        // The grid, whose heads are links of the same name, stands there until what is to be marked is fetched.
        hand.click(teacher.region("To mark")
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("Why the marsh floods"))));
        for (String name : List.of("Odin", "Viggo")) {
            Locator points = teacher.field("Points for " + name + " Harbour, question 2");
            hand.type(points, name.equals("Odin") ? "0" : "1");
            hand.key("Enter");
        }
        hand.click("Return all");
        assertThat(teacher.text("2 pieces of work returned.")).isVisible();
    }

    private Locator groupInBar(String name) {
        return teacher.region("Groups").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    private void anotherTry() {
        hand.click(teacher.link("Progress"));
        hand.click(teacher.link("low results"));
        hand.click("Another attempt for Odin Harbour: Why the marsh floods");
        hand.click("Give another attempt");
        assertThat(teacher.text("another attempt given")).isVisible();
    }

    private void aWeekPasses() {
        zafu.itIs("2027-02-16T08:10");
        teacher.context().clearCookies();
        teacher.signInTeacher("maren", PASSWORD);
    }

    private void regroup() {
        hand.click(teacher.link("Students"));
        hand.click(teacher.link("Scores…"));
        for (String each : List.of("Kofi", "Linnea", "Odin")) {
            hand.type(
                    teacher.field("Tideline reading scale of " + each + " Harbour"),
                    each.equals("Odin") ? "590" : "860");
            teacher.page()
                    .waitForResponse(
                            answer -> answer.url().contains("/score-sheet")
                                    && answer.request().method().equals("PUT"),
                            () -> hand.key("Enter"));
        }
        hand.click(teacher.link("Groups"));
        hand.click(teacher.link("Salt-marsh reading"));
        hand.click("Move all 3");
        hand.click("Make this change");
        assertThat(teacher.region("Bowline")).containsText("Kofi");
        assertThat(teacher.region("Reef")).containsText("Odin");
    }

    private void letters() {
        hand.click(teacher.link("Progress"));
        hand.click(groupInBar("everyone"));
        hand.click(teacher.link("reports"));
        assertThat(teacher.text("26 sheets")).isVisible();
        pdf("As a PDF");
    }

    private void pdf(String link) {
        String address = teacher.link(link).getAttribute("href");
        hand.click(teacher.link(link));
        org.assertj.core.api.Assertions.assertThat(caller().signInAdult("maren", PASSWORD)
                        .getBytes(address)
                        .headers()
                        .firstValue("Content-Type"))
                .contains("application/pdf");
    }

    private void wallList() {
        hand.click(teacher.link("Groups"));
        hand.click(teacher.link("Salt-marsh reading"));
        hand.click("More");
        hand.click(menuItem("Lists to print…"));
        assertThat(teacher.text("For the wall").first()).isVisible();
        pdf("PDF");
    }
}
