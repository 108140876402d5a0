package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A student's week at their own pages: signing in, working in every way, reading as they like. */
class MyWorkJourneyTest {
    private static final Map<String, Object> UNTIMED = new LinkedHashMap<>();

    static {
        UNTIMED.put("minutes", null);
    }

    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "Pages " + System.nanoTime(), 2);
    private Window student;

    @AfterEach
    void close() {
        if (student != null) {
            student.close();
        }
        zafu.itIs(RunningZafu.MORNING);
    }

    private void open(int width, int height) {
        student = Window.sized(zafu.address(), width, height).signInStudent(own.codeOf(1));
    }

    private void drag(Locator what, Locator to) {
        BoundingBox from = what.boundingBox();
        BoundingBox there = to.boundingBox();
        student.page().mouse().move(from.x + 20, from.y + from.height / 2);
        student.page().mouse().down();
        student.page().mouse().move(from.x + 30, from.y + from.height / 2 + 10);
        student.page()
                .mouse()
                .move(
                        there.x + 30,
                        there.y + there.height / 2,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        student.page().mouse().up();
    }

    private boolean scrollsSideways() {
        return (boolean) student.page()
                .evaluate("() => document.documentElement.scrollWidth > document.documentElement.clientWidth");
    }

    @ParameterizedTest
    @CsvSource({"360, 740", "768, 1024", "1280, 800"})
    void everythingFitsAndIsAccessibleOnAPhoneATabletAndALaptop(int width, int height) {
        own.handOut(
                "Marsh questions",
                List.of(OwnClass.choice("Why does the marsh fill?", "Two hills of water", "The wind")),
                Map.of());
        student = Window.sized(zafu.address(), width, height).go("/");
        student.field("Your entry code").waitFor();
        assertThat(scrollsSideways()).isFalse();
        Accessibility.check(student.page());
        student.signInStudent(own.codeOf(1));
        assertThat(student.button("Start: Marsh questions")).isVisible();
        assertThat(scrollsSideways()).isFalse();
        Accessibility.check(student.page());
        student.start("Marsh questions");
        assertThat(scrollsSideways()).isFalse();
        Accessibility.check(student.page());
        student.field("Two hills of water").check();
        student.button("Hand in").click();
        assertThat(student.text("Every question has an answer.")).isVisible();
        Accessibility.check(student.page());
    }

    @Test
    void beforeAClockStartsItSaysWhatHappensAtTheEnd() {
        own.handOut("Tide quiz", List.of(OwnClass.choice("Why?", "Moon", "Wind")), Map.of());
        open(1280, 800);
        student.button("Start: Tide quiz").click();
        Locator dialog = student.page().getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("You have 20 minutes. The clock starts when you do.");
        assertThat(dialog).containsText("what you have done is handed in by itself");
        student.button("Not now").click();
        assertThat(student.button("Start: Tide quiz")).isVisible();
    }

    @Test
    void withKeysAloneAQuizIsDoneFlaggedLookedAtAgainAndHandedIn() {
        own.handOut(
                "Keys",
                List.of(
                        OwnClass.choice("Why?", "Moon", "Wind"),
                        OwnClass.question("SHORT_ANSWER", "Who?", Map.of("accepted", List.of("crab")))),
                Map.of());
        open(1280, 800);
        Page page = student.page();
        student.button("Start: Keys").focus();
        page.keyboard().press("Enter");
        assertThat(student.button("Start now")).isFocused();
        page.keyboard().press("Enter");
        student.field("Moon").focus();
        page.keyboard().press("Space");
        assertThat(student.field("Moon")).isChecked();
        Locator flag = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("come back to this")));
        flag.focus();
        page.keyboard().press("Enter");
        student.button("Next").focus();
        page.keyboard().press("Enter");
        student.field("Your answer").focus();
        page.keyboard().type("crab");
        assertThat(student.text("✓ Saved")).isVisible();
        student.button("Hand in").focus();
        page.keyboard().press("Enter");
        assertThat(student.text("You wanted to come back to 1.")).isVisible();
        student.button("Go to 1").focus();
        page.keyboard().press("Enter");
        assertThat(student.field("Moon")).isChecked();
        assertThat(student.button("Question 1, to come back to")).isVisible();
        student.button("Hand in").focus();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Hand in"))
                .press("Enter");
        assertThat(student.text("2 of 2")).isVisible();
    }

    @Test
    void aScreenReaderFindsQuestionsTimeAndWhetherItIsKept() {
        own.handOut("Tree", List.of(OwnClass.choice("Why?", "Moon", "Wind")), Map.of());
        open(1280, 800);
        student.start("Tree");
        student.field("Moon").check();
        assertThat(student.text("✓ Saved")).isVisible();
        assertThat(student.page().locator("body"))
                .matchesAriaSnapshot(
                        """
                - banner:
                  - heading "Tree" [level=1]
                  - button "How I like to read"
                  - button "Hide the clock":
                    - timer "Time left"
                - main:
                  - navigation "Questions":
                    - button "Question 1"
                  - status: ✓ Saved
                  - 'group "Question 1: Why?"':
                    - radio "Moon" [checked]
                    - radio "Wind"
                  - button "Hand in"
                """);
    }

    @Test
    void orderingAndMatchingAreDoneByDragAndByKey() {
        own.handOut(
                "Drag",
                List.of(
                        OwnClass.question("ORDERING", "In order", Map.of("options", List.of("low", "rising", "high"))),
                        OwnClass.question(
                                "MATCHING",
                                "Together",
                                Map.of(
                                        "options",
                                        List.of("crab", "heron"),
                                        "partners",
                                        List.of("mud", "reeds"),
                                        "pairs",
                                        List.of(0, 1)))),
                UNTIMED);
        open(1280, 800);
        student.button("Start: Drag").click();
        Locator parts = student.page().getByRole(AriaRole.MAIN).getByRole(AriaRole.LISTITEM);
        assertThat(parts).hasCount(3);
        String first = parts.first().innerText();
        drag(parts.first(), parts.last());
        assertThat(student.text("✓ Saved")).isVisible();
        assertThat(parts.last()).containsText(first.replaceAll("[^a-z]", ""));
        parts.last().getByRole(AriaRole.BUTTON).first().press("Enter");
        assertThat(parts.nth(1)).containsText(first.replaceAll("[^a-z]", ""));

        student.button("Next").click();
        Locator crab = student.page().getByLabel("What belongs to crab?");
        drag(
                student.page()
                        .getByText("reeds", new Page.GetByTextOptions().setExact(true))
                        .first(),
                crab);
        assertThat(crab.locator("option:checked")).hasText("reeds");
        crab.selectOption("mud");
        student.page().getByLabel("What belongs to heron?").selectOption("reeds");
        assertThat(student.text("✓ Saved")).isVisible();
    }

    @Test
    void aLongAnswerIsWrittenWithALittleFormAndReadByTheTeacher() {
        own.handOut("Essay", List.of(OwnClass.question("LONG_ANSWER", "Tell how.", Map.of())), UNTIMED);
        open(1280, 800);
        student.button("Start: Essay").click();
        Locator field = student.page().getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Your answer"));
        field.click();
        student.button("Bold").click();
        student.page().keyboard().type("Twice a day");
        assertThat(student.text("✓ Saved")).isVisible();
        Accessibility.check(student.page());
        student.page().reload();
        assertThat(field.locator("strong")).hasText("Twice a day");
        try (Window teacher = own.window()) {
            teacher.go("/classes/" + own.id + "/progress");
            teacher.page()
                    .getByRole(AriaRole.CELL)
                    .getByRole(AriaRole.BUTTON)
                    .first()
                    .click();
            teacher.button("Read the answers").click();
            assertThat(teacher.page()
                            .getByRole(AriaRole.DIALOG)
                            .locator("strong")
                            .getByText("Twice a day"))
                    .isVisible();
            Accessibility.check(teacher.page());
        }
    }

    @Test
    void filesWaitOnTheDeviceToo() {
        own.handOut("Map", List.of(), Map.of("way", "HAND_IN", "instructions", "Draw the map."));
        open(768, 1024);
        student.start("Map");
        student.offline();
        student.page()
                .getByLabel("Add a file or picture…")
                .setInputFiles(new FilePayload("map.txt", "text/plain", "channels".getBytes(StandardCharsets.UTF_8)));
        assertThat(student.text("map.txt · waits on this device")).isVisible();
        student.online();
        assertThat(student.link("map.txt")).isVisible();
    }

    @Test
    void inPracticeEachAnswerIsCheckedAtOnce() {
        Map<String, Object> fields = new LinkedHashMap<>(UNTIMED);
        fields.put("feedback", "AS_THEY_GO");
        own.handOut("Practice", List.of(OwnClass.choice("Why?", "Moon", "Wind")), fields);
        open(1280, 800);
        student.button("Start: Practice").click();
        student.field("Wind").check();
        student.button("Check").click();
        assertThat(student.text("Not yet. You can change it.")).isVisible();
        student.field("Moon").check();
        student.button("Check").click();
        assertThat(student.text("✓ Right.")).isVisible();
    }

    @Test
    void howAStudentLikesToReadGoesWithThem() {
        own.handOut("Read", List.of(OwnClass.choice("Why?", "Moon", "Wind")), UNTIMED);
        open(1280, 800);
        student.button("How I like to read").click();
        for (String choice : List.of("larger", "wide", "round and open", "night")) {
            student.page()
                    .getByRole(
                            AriaRole.RADIO,
                            new Page.GetByRoleOptions().setName(choice).setExact(true))
                    .click();
        }
        Accessibility.check(student.page());
        student.button("Done").click();
        try (Window elsewhere = Window.sized(zafu.address(), 360, 740).signInStudent(own.codeOf(1))) {
            elsewhere.button("Start: Read").click();
            assertThat(elsewhere.field("Moon")).isVisible();
            Locator page = elsewhere.page().locator("html");
            assertThat(page).hasAttribute("data-size", "LARGER");
            assertThat(page).hasAttribute("data-colours", "NIGHT");
            assertThat(elsewhere.text("Why?")).hasCSS("font-family", Pattern.compile("Lexend"));
            Accessibility.check(elsewhere.page());
        }
    }

    @Test
    void whereThereIsNoVoiceItSaysSo() {
        own.grant(1, "READ_ALOUD", null);
        own.handOut("Aloud", List.of(OwnClass.choice("Why?", "Moon", "Wind")), UNTIMED);
        open(1280, 800);
        student.button("Start: Aloud").click();
        assertThat(student.text("This device has no voice to read with.")).isVisible();
    }
}
