package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** A teacher follows a class of her own: who needs what next, marking, growth. */
class ProgressJourneyTest {
    private static final RunningZafu zafu = RunningZafu.demo();
    private static final List<Map<String, Object>> QUESTIONS = List.of(
            OwnClass.choice("What pulls the sea into a hill?", "the moon", "the wind"),
            OwnClass.choice("How often does the marsh flood in a day?", "twice", "once"),
            OwnClass.choice("What lives in the mud?", "crabs", "bats"));

    private OwnClass own;
    private Window teacher;
    private long quiz;

    @BeforeEach
    void aQuizThatTwoHandedIn() {
        zafu.itIs(RunningZafu.MORNING);
        own = new OwnClass(zafu, "follow", 6);
        own.arrange("Reading", 2);
        quiz = own.handOut("Marsh quiz", QUESTIONS, Map.of());
        answer(1, 0);
        answer(2, 9);
        teacher = own.window();
    }

    @AfterEach
    void close() {
        teacher.close();
    }

    /** Answers that many questions rightly, and hands in. */
    private void answer(int number, int right) {
        own.doQuiz(number, quiz, right);
    }

    private Locator cell(String student) {
        return teacher.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + student + ", ")));
    }

    private Window go(String part) {
        return teacher.go("/classes/" + own.id + "/progress" + part);
    }

    @Test
    void aLowResultIsSeenGivenAgainAndTakenBack() {
        go("");
        assertThat(cell("S1")).hasAccessibleName(Pattern.compile("a low result"));
        teacher.link("low results").click();
        assertThat(teacher.text("attempt 1: 0 of 3")).isVisible();
        Accessibility.check(teacher.page());
        teacher.button("Another attempt for S1 Test: Marsh quiz").click();
        Accessibility.check(teacher.page());
        teacher.button("Give another attempt").click();
        assertThat(teacher.text("another attempt given")).isVisible();
        try (Window student = Window.at(zafu).signInStudent(own.codeOf(1))) {
            assertThat(student.text("another attempt")).isVisible();
            assertThat(student.button("Start: Marsh quiz")).isVisible();
        }
        teacher.button("Undo").click();
        assertThat(teacher.text("another attempt given")).isHidden();
        try (Window student = Window.at(zafu).signInStudent(own.codeOf(1))) {
            assertThat(student.button("Open: Marsh quiz")).isVisible();
        }
    }

    @Test
    void cellsAreChosenByKeyAndActedOnTogether() {
        go("");
        cell("S3").click();
        assertThat(cell("S3")).hasAttribute("aria-pressed", "true");
        teacher.page().keyboard().press("ArrowUp");
        teacher.page().keyboard().press("ArrowDown");
        teacher.page().keyboard().press("ArrowDown");
        teacher.page().keyboard().press("Control+Enter");
        assertThat(teacher.text("2 selected")).isVisible();
        teacher.page().keyboard().press("e");
        assertThat(teacher.text("2 pieces of work excused.")).isVisible();
        assertThat(cell("S3")).containsText("exc.");
        assertThat(teacher.text("2 of 4")).isVisible();
        teacher.page()
                .getByRole(AriaRole.ALERT)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(cell("S3")).containsText("–");
        Accessibility.check(teacher.page());
        teacher.page().keyboard().press("r");
        assertThat(teacher.text("2 students reminded")).isVisible();
        try (Window student = Window.at(zafu).signInStudent(own.codeOf(3))) {
            assertThat(student.text("Ottoline Farrow reminds you of this.")).isVisible();
        }
    }

    @Test
    void whatAStudentDoesShowsByItself() {
        go("");
        assertThat(teacher.text("2 of 6")).isVisible();
        answer(3, 9);
        assertThat(teacher.text("3 of 6")).isVisible();
        assertThat(cell("S3")).containsText("3 / 3");
    }

    @Test
    void oneGroupIsMarkedAloneWithWordsOfOnesOwn() {
        go("/tasks/" + quiz + "/marking");
        assertThat(teacher.page().getByText("S1 Test").first()).isVisible();
        Accessibility.check(teacher.page());
        Locator points = teacher.field("Points for S1 Test, question 1");
        points.fill("0.5");
        points.press("Enter");
        assertThat(teacher.text("by hand")).isVisible();
        teacher.region("Groups").getByRole(AriaRole.BUTTON).nth(3).click();
        assertThat(teacher.text("Nobody has handed this in yet.")).isVisible();
        teacher.region("Groups").getByRole(AriaRole.BUTTON).nth(2).click();
        assertThat(points).hasValue("0.5");
        teacher.button("Comment on this answer").first().click();
        teacher.field("Comment for S1 Test").fill("Read the first line again.");
        teacher.button("Save as a phrase").click();
        teacher.button("Return all").click();
        assertThat(teacher.text("2 pieces of work returned.")).isVisible();
        try (Window student = Window.at(zafu).signInStudent(own.codeOf(1))) {
            student.button("Open: Marsh quiz").click();
            assertThat(student.text("Read the first line again.")).isVisible();
            assertThat(student.text("0.5 of 3")).isVisible();
        }
    }

    @Test
    void howItWentIsSaidByQuestion() {
        go("");
        teacher.link("Marsh quiz: results by question").click();
        Locator table = teacher.page().getByRole(AriaRole.TABLE);
        assertThat(table).containsText("50 %");
        assertThat(table).containsText("1 student got it wrong");
        Accessibility.check(teacher.page());
        teacher.button("Make groups from results…").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("Marsh quiz: result");
    }

    @Test
    void thoseWhoMissedItAreAGroupInOneClick() {
        go("/tasks/" + quiz);
        teacher.button("Make a group of the 1 student who got it wrong").first().click();
        assertThat(teacher.page().getByLabel("Marsh quiz, question 1", new Page.GetByLabelOptions().setExact(true)))
                .containsText("S1");
    }

    @Test
    void theClassAtWorkIsSeenAndGivenMoreTime() {
        try (Window student = Window.at(zafu).signInStudent(own.codeOf(3))) {
            student.start("Marsh quiz");
            go("/tasks/" + quiz + "/live");
            Locator one = teacher.page()
                    .getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText("S3 Test"));
            assertThat(one).containsText("working");
            assertThat(one).containsText("20 min left");
            Accessibility.check(teacher.page());
            teacher.button("5 minutes more for S3 Test").click();
            assertThat(one).containsText("25 min left");
            assertThat(student.page().getByRole(AriaRole.TIMER)).containsText("25 minutes");
            teacher.button("Undo").click();
            assertThat(one).containsText("20 min left");
        }
    }

    @Test
    void growthWithAnAimThatIsSetAndTakenBack() {
        own.bringIn("2027-01-05", "S1 Test,70\n");
        own.bringIn("2027-01-12", "S1 Test,74\n");
        go("/growth");
        teacher.button("Set a goal for S1").click();
        teacher.field("Goal").fill("400");
        teacher.field("By").fill("2027-06-11");
        teacher.button("Set goal").click();
        assertThat(teacher.text("goal 400 by 11 Jun")).isVisible();
        teacher.button("Undo").click();
        assertThat(teacher.text("goal 400 by 11 Jun")).isHidden();
        Accessibility.check(teacher.page());
    }

    @Test
    void everyMarkSaysHowItCameAbout() {
        go("/marks");
        assertThat(teacher.page().getByRole(AriaRole.TABLE)).containsText("100 %");
        Accessibility.check(teacher.page());
        teacher.button("How S2's mark was worked out").click();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("3 of 3");
        HttpCaller file = own.teacher;
        org.assertj.core.api.Assertions.assertThat(file.getBytes("/api/classes/" + own.id + "/marks-file?as=CSV")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void aFamilyLetterIsWrittenFromTheGridAndPrinted() {
        go("");
        cell("S1").click();
        teacher.link("Letter to the family").click();
        Locator letter = teacher.page().getByRole(AriaRole.ARTICLE);
        assertThat(letter).hasCount(1);
        assertThat(letter).containsText("Dear family of S1,");
        assertThat(letter).containsText("0 of 3");
        Accessibility.check(teacher.page());
        teacher.field("Your own words").fill("The next tide is ours.");
        teacher.field("Language").click();
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("español"))
                .click();
        assertThat(letter).containsText("Estimada familia de S1:");
        assertThat(letter).containsText("The next tide is ours.");
        Locator pdf = teacher.link("As a PDF");
        assertThat(pdf).hasAttribute("href", Pattern.compile("language=es"));
        assertThat(pdf).hasAttribute("href", Pattern.compile("ownWords=The"));
        org.assertj.core.api.Assertions.assertThat(
                        own.teacher.getBytes(pdf.getAttribute("href")).headers().firstValue("Content-Type"))
                .contains("application/pdf");
    }
}
