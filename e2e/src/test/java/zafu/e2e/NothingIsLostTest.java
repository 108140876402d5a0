package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What can happen to a device in the middle of a quiz, and that nothing is lost and nobody has more or less time. */
class NothingIsLostTest {
    private static final String QUIZ = "Tide quiz";
    private final RunningZafu zafu = RunningZafu.demo();
    private OwnClass own;
    private Window student;

    @BeforeEach
    void aQuizIsOut() {
        zafu.itIs(RunningZafu.MORNING);
        own = new OwnClass(zafu, "Lost " + System.nanoTime(), 1);
        own.handOut(
                QUIZ,
                List.of(
                        OwnClass.choice("Why does the marsh fill?", "Two hills of water", "The wind"),
                        OwnClass.choice("What lives in the mud?", "Crabs", "Herring"),
                        OwnClass.choice("What is cordgrass?", "A grass", "A rope")),
                Map.of());
        student = Window.thatInstalls(zafu.address()).signInStudent(own.codeOf(1));
    }

    @AfterEach
    void close() {
        student.close();
        zafu.itIs(RunningZafu.MORNING);
    }

    private void answer(int question, String option) {
        student.button("Question " + question).click();
        student.field(option).check();
    }

    private long tryId() {
        return Long.parseLong(student.page().url().replaceAll(".*/tries/", ""));
    }

    private JsonNode seenByTheTeacher() {
        return own.teacher.get("/api/tries/" + tryId()).ok();
    }

    private List<String> given() {
        return seenByTheTeacher()
                .get("answers")
                .valueStream()
                .map(each -> each.path("given").asString("-"))
                .toList();
    }

    /** Until the server has these answers, "-" for none. */
    private void untilKept(String... expected) {
        student.page().waitForCondition(() -> given().equals(List.of(expected)));
    }

    private Locator timer() {
        return student.page().getByRole(AriaRole.TIMER);
    }

    @Test
    void aConnectionThatIsCutIsShownQuietlyAndEverythingGoesWhenItIsBack() {
        student.start(QUIZ);
        answer(1, "Two hills of water");
        assertThat(student.text("✓ Saved")).isVisible();
        student.offline();
        answer(2, "Herring");
        answer(3, "A rope");
        answer(2, "Crabs");
        assertThat(student.text("No connection · saved on this device")).isVisible();
        untilKept("0", "-", "-");
        student.online();
        assertThat(student.text("✓ Saved")).isVisible();
        untilKept("0", "0", "1");
    }

    @Test
    void aPageThatIsClosedWithoutAConnectionHasItsAnswersWhenItIsOpenedAgain() {
        student.start(QUIZ);
        String address = student.page().url();
        student.waitUntilInstalled();
        student.offline();
        answer(1, "The wind");
        assertThat(student.text("No connection · saved on this device")).isVisible();
        student.page().reload();
        assertThat(student.field("The wind")).isChecked();
        assertThat(student.text("No connection · saved on this device")).isVisible();
        student.online();
        assertThat(student.text("✓ Saved")).isVisible();
        assertThat(student.page().url()).isEqualTo(address);
        untilKept("1", "-", "-");
    }

    @Test
    void whatIsSavedIsThereAfterAReloadWithoutAConnectionAndIsNotReplacedByLess() {
        own.handOut(
                "Why",
                List.of(
                        OwnClass.choice("Who lives here?", "Crabs", "Whales"),
                        OwnClass.question("SHORT_ANSWER", "Why?", Map.of("accepted", List.of("moon")))),
                Map.of());
        student.page().reload();
        student.start("Why");
        answer(1, "Crabs");
        student.button("Question 2").click();
        student.field("Your answer").fill("The moon pulls the water.");
        assertThat(student.text("✓ Saved")).isVisible();
        untilKept("0", "The moon pulls the water.");
        student.waitUntilInstalled();
        student.offline();
        student.page().reload();
        assertThat(student.text("No connection · saved up to here")).isVisible();
        assertThat(student.field("Crabs")).isChecked();
        student.button("Question 2").click();
        assertThat(student.field("Your answer")).hasValue("The moon pulls the water.");
        student.field("Your answer").press("End");
        student.page().keyboard().type(" Twice.");
        student.online();
        assertThat(student.text("✓ Saved")).isVisible();
        untilKept("0", "The moon pulls the water. Twice.");
    }

    @Test
    void inTwoTabsWhatWasGivenLastCountsAndHandingInInOneEndsTheOther() {
        student.start(QUIZ);
        answer(1, "The wind");
        assertThat(student.text("✓ Saved")).isVisible();
        Page second = student.anotherTab("/my/tries/" + tryId());
        Locator there = second.getByLabel("Two hills of water");
        assertThat(second.getByLabel("The wind")).isChecked();
        there.check();
        assertThat(second.getByText("✓ Saved")).isVisible();
        untilKept("0", "-", "-");
        second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hand in"))
                .click();
        second.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Hand in"))
                .click();
        assertThat(second.getByText("1 of 3")).isVisible();
        answer(2, "Herring");
        assertThat(student.text("One answer came after the end.")).isVisible();
        untilKept("0", "-", "-");
        assertThat(seenByTheTeacher().get("late").get(0).get("reason").asString())
                .isEqualTo("HANDED_IN");
    }

    @Test
    void aDeviceWhoseClockIsMovedHasTheSameTimeLeft() {
        student.start(QUIZ);
        assertThat(timer()).containsText("20 minutes");
        student.page().evaluate("() => { const real = Date.now; Date.now = () => real() + 3 * 3600 * 1000; }");
        answer(1, "Two hills of water");
        assertThat(student.text("✓ Saved")).isVisible();
        assertThat(timer()).containsText("20 minutes");
        // Nobody knows whether the device slept: it asks, and does not sign out in the middle of the work.
        assertThat(student.text("Are you still there?")).isVisible();
        student.page().mouse().move(5, 5);
        assertThat(student.text("Are you still there?")).isHidden();
        student.page().evaluate("() => { Date.now = () => 0; }");
        answer(2, "Crabs");
        assertThat(student.text("✓ Saved")).isVisible();
        assertThat(timer()).containsText("20 minutes");
        untilKept("0", "0", "-");
        assertThat(seenByTheTeacher().get("late")).isEmpty();
    }

    @Test
    void aLidThatWasClosedForTenMinutesCostsTenMinutesAndNoMore() {
        student.takeItsClock();
        student.start(QUIZ);
        answer(1, "Two hills of water");
        assertThat(student.text("✓ Saved")).isVisible();
        // To the page it is as if the lid had been closed: no event comes for ten minutes, then the clocks have jumped.
        zafu.clock().advance(Duration.ofMinutes(10));
        student.page().clock().fastForward("10:00");
        assertThat(timer()).containsText("10 minutes");
        assertThat(student.field("Two hills of water")).isChecked();
        answer(2, "Crabs");
        assertThat(student.text("✓ Saved")).isVisible();
        untilKept("0", "0", "-");
    }

    @Test
    void whatWasGivenInTimeBeforeTheEndCameOfflineIsKeptForTheTeacherToAccept() {
        student.start(QUIZ);
        answer(1, "Two hills of water");
        assertThat(student.text("✓ Saved")).isVisible();
        student.offline();
        answer(2, "Crabs");
        assertThat(student.text("No connection · saved on this device")).isVisible();
        zafu.clock().advance(Duration.ofMinutes(21));
        student.online();
        assertThat(student.text("The time was over.")).isVisible();
        assertThat(student.text("One answer came after the end.")).isVisible();
        untilKept("0", "-", "-");

        try (Window teacher = own.window()) {
            teacher.go("/classes/" + own.id + "/progress");
            teacher.page()
                    .getByRole(AriaRole.CELL)
                    .getByRole(AriaRole.BUTTON)
                    .first()
                    .click();
            teacher.button("Read the answers").click();
            Locator late = teacher.region("Came late");
            assertThat(late).containsText("Crabs");
            assertThat(late).containsText("in time");
            Accessibility.check(teacher.page());
            teacher.button("Accept").click();
            assertThat(late).containsText("counts, Ottoline Farrow");
            assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("2 of 3");
            teacher.button("Decide again").click();
            assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("1 of 3");
        }
    }

    @Test
    void theTimeEndsOnAPageWithoutAConnectionTooAndSaysThatNothingIsLost() {
        student.takeItsClock();
        student.start(QUIZ);
        student.offline();
        student.page().clock().fastForward("20:01");
        assertThat(student.text("The time is over")).isVisible();
        assertThat(student.text("There is no connection right now.")).isVisible();
        zafu.clock().advance(Duration.ofMinutes(20).plusSeconds(1));
        student.online();
        assertThat(student.text("The time was over.")).isVisible();
    }

    @Test
    void minutesThatTheTeacherAddsAreSeenAtOnceAndABreakStopsTheClock() {
        own.grant(1, "BREAKS", 5);
        student.start(QUIZ);
        own.teacher
                .post("/api/tries/" + tryId() + "/minutes", Map.of("minutes", 5))
                .ok();
        assertThat(student.text("Your teacher gave you 5 minutes more.")).isVisible();
        assertThat(timer()).containsText("25 minutes");
        student.button("Break · 5 min left").click();
        assertThat(student.text("Your clock is paused.")).isVisible();
        assertThat(student.text("Why does the marsh fill?")).isHidden();
        Accessibility.check(student.page());
        zafu.clock().advance(Duration.ofMinutes(3));
        student.button("Go on working").click();
        assertThat(timer().last()).containsText("25 minutes");
        assertThat(student.button("Break · 2 min left")).isVisible();
    }
}
