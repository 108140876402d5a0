package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A teacher finds something for a group, looks at it as a student will, writes a quiz by keyboard, brings a package in. */
class LibraryJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private Window teacher;

    @BeforeEach
    void inTheLibrary() {
        teacher = Window.at(zafu).signInTeacher("ottoline", "salt-marsh-5");
        teacher.go("/classes/1/library");
        assertThat(teacher.region("Results")).isVisible();
    }

    @AfterEach
    void leave() {
        teacher.close();
    }

    private void narrowToReef() {
        teacher.region("Groups").getByText("Reef").click();
        assertThat(teacher.text("For Reef")).isVisible();
    }

    private void search(String words) {
        teacher.page().getByRole(AriaRole.SEARCHBOX).fill(words);
    }

    private Locator hits() {
        return teacher.region("Results").getByRole(AriaRole.LISTITEM);
    }

    @Test
    void whatSuitsAGroupIsFoundLookedAtAndPutOnItsShelf() {
        narrowToReef();
        assertThat(teacher.text("median 590, 549 to 604")).isVisible();
        teacher.button("suggested").click();
        assertThat(teacher.text("levels 540 to 640")).isVisible();
        search("wall");
        assertThat(hits().first()).containsText("When the wall came down");
        Locator preview = teacher.region("Preview");
        assertThat(preview).containsText("The old sea wall of Quillmere");
        assertThat(teacher.region("with answers")).containsText("The ground behind it was washed away.");
        Accessibility.check(teacher.page());

        Locator secondQuestion = teacher.page()
                .getByRole(AriaRole.GROUP)
                .filter(new Locator.FilterOptions().setHasText("Why did the wall fall?"));
        assertThat(secondQuestion.getByRole(AriaRole.RADIO)).hasCount(4);
        teacher.field("fewer choices").check();
        assertThat(secondQuestion.getByRole(AriaRole.RADIO)).hasCount(3);

        teacher.button("Put on Reef's shelf").click();
        assertThat(teacher.text("is on Reef's shelf.")).isVisible();
        assertThat(teacher.button("Take off Reef's shelf")).isVisible();
        try (Window umi = Window.onPhoneAt(zafu).signInStudent(zafu.codeOf("Umi"))) {
            umi.link("When the wall came down").click();
            assertThat(umi.text("The old sea wall of Quillmere")).isVisible();
            Accessibility.check(umi.page());
        }
        teacher.button("Reef's shelf").click();
        Locator shelf = teacher.page().getByRole(AriaRole.DIALOG);
        assertThat(shelf).containsText("opened by 1 of 7");
        shelf.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove: When the wall came down"))
                .click();
        assertThat(shelf.getByText("When the wall came down")).hasCount(0);
    }

    @Test
    void practiceOnTheShelfIsCheckedAndChangesNothing() {
        narrowToReef();
        search("Read the tide table");
        assertThat(teacher.region("Preview")).containsText("Use this table");
        teacher.button("Put on Reef's shelf").click();
        assertThat(teacher.text("is on Reef's shelf.")).isVisible();
        try (Window umi = Window.at(zafu).signInStudent(zafu.codeOf("Umi"))) {
            umi.link("Read the tide table").click();
            umi.field("Your answer").first().fill("7:25");
            umi.field("Your answer").nth(1).fill("40");
            umi.button("Check my answers").click();
            assertThat(umi.text("✓ right")).isVisible();
            assertThat(umi.text("From 0:20 to 1:10.")).isVisible();
        }
        teacher.button("Take off Reef's shelf").click();
        assertThat(teacher.button("Put on Reef's shelf")).isVisible();
    }

    @Test
    void tenQuestionsAreWrittenWithoutTheMouse() {
        teacher.go("/classes/1/library/items/new?kind=QUIZ");
        teacher.field("Title").waitFor();
        Keyboard keys = teacher.page().keyboard();
        keys.type("Ten by keyboard");
        teacher.field("Question 1").focus();
        List<String> numbers = List.of("one", "two", "three", "four", "five", "six");
        for (String number : numbers) {
            keys.type("What is " + number + "?");
            keys.press("Tab");
            keys.type("*Right\nWrong\n-Quite wrong");
            keys.press("Control+Enter");
        }
        next(keys, "Alt+Digit7", "Fill it in", "The [moon|Moon] pulls the [*sea / sky].");
        keys.press("Control+Enter");
        next(keys, "Alt+Digit6", "Match", "full = spring\nquarter = quiet");
        keys.press("Control+Enter");
        next(keys, "Alt+Digit5", "Order", "low\nrising\nhigh");
        keys.press("Control+Enter");
        next(keys, "Alt+Digit9", "Which word tells the reason?", "It is wet [*because] of the [rain].");
        Accessibility.check(teacher.page());
        keys.press("Control+s");
        assertThat(teacher.region("Results")).containsText("quiz with 10 questions");
        Locator answers = teacher.region("with answers");
        assertThat(answers).containsText("A · Right");
        assertThat(answers).containsText("moon, sea");
        assertThat(answers).containsText("full – spring; quarter – quiet");
        assertThat(answers).containsText("low → rising → high");
        putAway("Ten by keyboard");
    }

    private void next(Keyboard keys, String kind, String prompt, String lines) {
        keys.press(kind);
        keys.type(prompt);
        keys.press("Tab");
        keys.type(lines);
    }

    private void putAway(String title) {
        teacher.button("More: " + title).click();
        teacher.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Archive"))
                .click();
        assertThat(teacher.text("archived.")).isVisible();
    }

    @Test
    void aPackageGoesOutAndComesInAgain(@TempDir Path folder) {
        search("Cause chain");
        assertThat(teacher.region("Preview")).containsText("Cause chain");
        teacher.button("More: Cause chain").click();
        Download download = teacher.page().waitForDownload(() -> teacher.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Export (QTI 3.0)"))
                .click());
        Path zip = folder.resolve("chain.zip");
        download.saveAs(zip);
        teacher.button("Import…").click();
        teacher.page().getByLabel("Choose file…").setInputFiles(zip);
        Locator dialog = teacher.page().getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Cause chain · practice, 4 questions");
        Accessibility.check(teacher.page());
        teacher.button("Import 1 item").click();
        assertThat(teacher.text("1 item imported.")).isVisible();
        assertThat(hits().filter(new Locator.FilterOptions().setHasText("Cause chain")))
                .hasCount(2);
        teacher.button("Undo").click();
        assertThat(teacher.text("Import undone: 1 item removed.")).isVisible();
        assertThat(hits().filter(new Locator.FilterOptions().setHasText("Cause chain")))
                .hasCount(1);
    }

    @Test
    void theMapShowsTheEdgeAndLeadsToWhatTheLibraryHas() {
        narrowToReef();
        teacher.link("skills").click();
        Locator map = teacher.region("Map of skills");
        assertThat(map).isVisible();
        Accessibility.check(teacher.page());
        map.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Words from context: "))
                .click();
        assertThat(teacher.region("Words from context")).containsText("practising");
        teacher.link("Find in the library").click();
        assertThat(teacher.region("Results")).containsText("What could it mean?");
        assertThat(teacher.page()
                        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("✓ Words from context")))
                .isVisible();
    }

    @Test
    void aUnitSaysWhatIsLackingAndATaskIsMadeInOneStep() {
        narrowToReef();
        teacher.link("units").click();
        Locator unit = teacher.region("Salt marshes and tides");
        assertThat(unit).containsText("What Reef still needs");
        Accessibility.check(teacher.page());
        unit.getByText("Day and night on a ball").click();
        assertThat(teacher.region("Preview")).containsText("Why does it become night?");
        teacher.button("Make a task").click();
        assertThat(teacher.region("Who gets what")).containsText("7 get one version");
        assertThat(teacher.button("questions of Base")).containsText("4 · ");
    }

    @Test
    void aLinkThatDoesNotOpenIsMarkedAndStandsOnToday() {
        search("Tide clock");
        teacher.button("Check links now").click();
        assertThat(teacher.text("do not open.")).isVisible();
        assertThat(hits().filter(new Locator.FilterOptions().setHasText("does not open")))
                .containsText("Tide clock");
        teacher.link("Today").click();
        assertThat(teacher.text("Tide clock does not open")).isVisible();
        assertThat(teacher.text("students see it in: Clove")).isVisible();
    }

    @Test
    void theLibraryFitsItsWidthAlsoWhenItIsLarge() {
        teacher.page().setViewportSize(640, 400);
        for (String place : List.of("library", "library/units", "library/skills", "library/items/new?kind=QUIZ")) {
            teacher.go("/classes/1/" + place);
            teacher.page().getByRole(AriaRole.HEADING).first().waitFor();
            Object wider = teacher.page()
                    .evaluate("() => document.documentElement.scrollWidth - document.documentElement.clientWidth");
            assertThat(((Number) wider).intValue()).as(place + " at 200 %").isZero();
        }
    }

    @Test
    void whatWasSeenIsNotedOnTheMapAndTakenBack() {
        OwnClass own = new OwnClass(zafu, "7 Sandpiper", 3);
        teacher.go("/classes/" + own.id + "/library/skills");
        Locator map = teacher.region("Map of skills");
        map.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Equal groups: "))
                .click();
        Locator panel = teacher.region("Equal groups");
        assertThat(panel).containsText("not assessed · 3");
        teacher.button("Add an observation").click();
        teacher.page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Student"))
                .click();
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("S2"))
                .click();
        teacher.field("right").fill("5");
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        assertThat(teacher.text("Saved for S2: Equal groups.")).isVisible();
        assertThat(panel).containsText("nearly · 1");
        teacher.button("Undo").click();
        assertThat(panel).containsText("not assessed · 3");
    }

    @Test
    void aCircleOfSkillsIsRefusedInWordsAndNothingIsLost() {
        teacher.go("/classes/1/library/skills");
        teacher.region("Map of skills")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Equal groups: "))
                .click();
        teacher.button("Edit skill").click();
        Locator before =
                teacher.page().getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Prerequisites"));
        before.fill("Unit rate");
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Unit rate"))
                .click();
        teacher.button("Save").click();
        assertThat(teacher.text("\"Equal groups\" needs \"Unit rate\" needs")).isVisible();
        assertThat(teacher.page().getByRole(AriaRole.DIALOG)).containsText("Unit rate");
    }

    @Test
    void anIncompleteQuestionIsNamedAndWhatWasWrittenStays() {
        teacher.go("/classes/1/library/items/new?kind=QUIZ");
        teacher.field("Title").fill("Incomplete");
        teacher.field("Question 1").fill("Who pulls?");
        teacher.field("Options, one a line; a star before the right one").fill("wind\nmoon");
        teacher.button("Save").click();
        assertThat(teacher.text("The question \"Who pulls?\" needs one option marked as right."))
                .isVisible();
        assertThat(teacher.field("Question 1")).hasValue("Who pulls?");
    }

    @Test
    void aUnitIsMadeOfWhatTheLibraryHasInItsOrder() {
        // What is removed while it is in sight is asked for once more.
        teacher.meaning("404 GET");
        teacher.go("/classes/1/library/units");
        teacher.button("New unit").click();
        teacher.field("Title").fill("Herons");
        for (String title : List.of("Mud, crab, heron", "The heron waits")) {
            teacher.page()
                    .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Find an item to add…"))
                    .fill(title);
            teacher.page()
                    .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(title))
                    .click();
        }
        teacher.button("Move up: The heron waits").click();
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        Locator unit = teacher.region("Herons");
        assertThat(unit.getByRole(AriaRole.LISTITEM).first()).containsText("The heron waits");
        unit.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Edit"))
                .click();
        teacher.button("Archive").click();
        assertThat(unit).hasCount(0);
        teacher.button("Undo").click();
        assertThat(unit).isVisible();
    }

    @Test
    void aWholeShelfIsSwappedAndSwappedBack() {
        teacher.region("Groups").getByText("Bowline").click();
        teacher.button("Bowline's shelf").click();
        Locator shelf = teacher.page().getByRole(AriaRole.DIALOG);
        assertThat(shelf.getByRole(AriaRole.LISTITEM).first()).containsText("What the mud remembers");
        shelf.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Swap the list…"))
                .click();
        teacher.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("for that of Sheet Bend"))
                .click();
        assertThat(shelf.getByRole(AriaRole.LISTITEM).first()).containsText("Mud between our toes");
        shelf.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(shelf.getByRole(AriaRole.LISTITEM).first()).containsText("What the mud remembers");
    }
}
