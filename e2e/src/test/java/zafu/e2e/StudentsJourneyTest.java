package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.KeyboardModifier;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What a teacher does with the Students screen of the demo; each test leaves it as it found it. */
class StudentsJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final Window teacher = Window.at(zafu);

    @AfterEach
    void close() {
        teacher.close();
    }

    private void signIn() {
        teacher.signInTeacher("ottoline", "salt-marsh-5").go("/classes/1/students");
        assertThat(rows()).hasCount(27);
    }

    private Locator rows() {
        return teacher.page().getByRole(AriaRole.ROW);
    }

    private Locator row(String student) {
        return rows().filter(new Locator.FilterOptions().setHasText(student)).first();
    }

    private Locator select(String student) {
        return teacher.page().getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Select " + student));
    }

    private void menuItem(String name) {
        teacher.page()
                .getByRole(
                        AriaRole.MENUITEM,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    @Test
    void narrowShiftSelectPlaceByKeyAndUndo() {
        signIn();
        teacher.button("band ▾").click();
        menuItem("Tideline reading scale: at benchmark");
        assertThat(rows()).hasCount(8);
        teacher.button("Sort by Tideline reading scale").click();
        assertThat(rows().nth(1)).containsText("Hana");
        select("Hana").click();
        select("Bodhi").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        assertThat(teacher.region("3 selected")).isVisible();
        Accessibility.check(teacher.page());
        teacher.page().keyboard().press("4");
        Locator dialog = teacher.page().getByRole(AriaRole.DIALOG);
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Make this change"))
                .click();
        assertThat(teacher.text("3 students placed in Bowline.")).isVisible();
        assertThat(row("Hana")).containsText("Bowline");
        teacher.button("Undo").click();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Make this change"))
                .click();
        assertThat(row("Hana")).containsText("Clove");
        teacher.page().keyboard().press("Escape");
        assertThat(teacher.region("3 selected")).isHidden();
        teacher.button("Clear filter").click();
        assertThat(rows()).hasCount(27);
    }

    @Test
    void aNarrowingIsKeptUnderANameAndComeBackTo() {
        signIn();
        teacher.button("accommodation ▾").click();
        menuItem("extended time");
        assertThat(rows()).hasCount(5);
        teacher.button("saved filters ▾").click();
        menuItem("Save this filter…");
        teacher.field("Name of this filter").fill("More time");
        teacher.button("Save").click();
        teacher.button("Clear filter").click();
        assertThat(rows()).hasCount(27);
        teacher.button("saved filters ▾").click();
        teacher.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("More time"))
                .click();
        assertThat(rows()).hasCount(5);
        teacher.button("saved filters ▾").click();
        teacher.button("Delete “More time”").click();
    }

    @Test
    void theProjectorHidesNeedsAndScores() {
        signIn();
        assertThat(row("Kofi")).containsText("1.5×");
        teacher.button("Projector").click();
        assertThat(row("Kofi")).not().containsText("1.5×");
        assertThat(row("Kofi")).not().containsText("709");
        assertThat(row("Kofi")).containsText("Clove");
        teacher.button("Kofi Asterly").click();
        assertThat(teacher.text("hidden while the projector is on")).isVisible();
        Accessibility.check(teacher.page());
        teacher.button("Projector: on").click();
        assertThat(row("Kofi")).containsText("709");
    }

    @Test
    void aNeedIsGrantedSeenInTheTableAndEnded() {
        signIn();
        teacher.button("Zora Fennick").click();
        teacher.button("Show details").click();
        assertThat(teacher.text("No accommodations.")).isVisible();
        teacher.button("Add accommodation…").click();
        Accessibility.check(teacher.page());
        teacher.field("times the usual time").fill("9");
        teacher.button("Save").click();
        assertThat(teacher.page().getByRole(AriaRole.ALERT))
                .containsText("Extended time takes a factor from 1.1 to 4.");
        teacher.field("times the usual time").fill("1,25");
        teacher.button("Save").click();
        assertThat(row("Zora")).containsText("1.25×");
        teacher.button("End extended time").click();
        assertThat(row("Zora")).not().containsText("1.25×");
    }

    @Test
    void scoresAreTypedPastedAndTakenBack() {
        signIn();
        teacher.page().keyboard().press("e");
        teacher.field("Date").fill("2027-02-08");
        Locator first = teacher.field("Ratio and scale of Amara Thistledown");
        assertThat(first).hasValue("");
        first.fill("41");
        first.press("Enter");
        Locator second = teacher.field("Ratio and scale of Bodhi Marrow");
        assertThat(second).isFocused();
        teacher.page().keyboard().type("61");
        teacher.page().keyboard().press("ArrowDown");
        assertThat(teacher.text("\"61\" is outside 0 to 60.")).isVisible();
        Accessibility.check(teacher.page());
        paste(teacher.field("Ratio and scale of Bodhi Marrow"), "42\n43\nabs\n");
        assertThat(teacher.field("Ratio and scale of Bodhi Marrow")).hasValue("42");
        assertThat(teacher.field("Ratio and scale of Calla Wickham-Tarn")).hasValue("43");
        assertThat(teacher.field("Ratio and scale of Dmitri Halloran")).hasValue("abs");
        assertThat(teacher.text("cell not saved")).isHidden();
        for (int i = 0; i < 3; i++) {
            teacher.button("Undo").click();
        }
        assertThat(teacher.field("Ratio and scale of Bodhi Marrow")).hasValue("");
        assertThat(first).hasValue("");
        assertThat(teacher.button("Undo")).isDisabled();
    }

    /** As the browser does when a person presses Ctrl+V. */
    private void paste(Locator field, String text) {
        field.focus();
        field.evaluate(
                "(field, text) => {"
                        + " const data = new DataTransfer(); data.setData('text/plain', text);"
                        + " field.dispatchEvent(new ClipboardEvent('paste',"
                        + " {clipboardData: data, bubbles: true, cancelable: true})); }",
                text);
    }

    @Test
    void aStudentIsChangedAndTheRecordIsThereForAFamily() {
        signIn();
        teacher.button("Wren Tolliver").click();
        teacher.button("Edit…").click();
        teacher.field("Preferred name").fill("Wrennie");
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        assertThat(row("Wrennie")).isVisible();
        teacher.button("Edit…").click();
        teacher.field("Preferred name").fill("");
        teacher.button("Save").click();
        assertThat(row("Wren Tolliver")).isVisible();
        teacher.button("All data…").click();
        Download record =
                teacher.page().waitForDownload(() -> teacher.link("Download").click());
        org.assertj.core.api.Assertions.assertThat(record.path()).isNotEmptyFile();
    }

    @Test
    void studentsComeIntoAClubAsWellAndLeaveItAgain() {
        signIn();
        teacher.go("/classes/new");
        byte[] list = "Name,Grade\nBryn Hollowell,6\n".getBytes(StandardCharsets.UTF_8);
        teacher.page().getByLabel("Choose a file…").setInputFiles(new FilePayload("club.csv", "text/csv", list));
        teacher.field("Name of the class").fill("Tide club");
        teacher.button("Import 1 row").click();
        // The list before importing has as many rows as the class after it.
        assertThat(teacher.text("1 new student and 0 scores imported.")).isVisible();
        assertThat(rows()).hasCount(2);
        assertThat(teacher.button("More ▾")).isVisible();
        String club = teacher.page().url();
        teacher.go("/classes/1/students");
        select("Umi").click();
        select("Zora").click();
        teacher.button("Add to a class").click();
        menuItem("Tide club");
        assertThat(teacher.text("2 students added to Tide club.")).isVisible();
        assertThat(classMenu("Tide club · 3")).isVisible();
        teacher.page().keyboard().press("Escape");
        teacher.button("Undo").click();
        assertThat(classMenu("Tide club · 1")).isVisible();
        teacher.page().keyboard().press("Escape");
        teacher.button("Add to a class").click();
        menuItem("Tide club");
        teacher.page().keyboard().press("Escape");
        teacher.button("Umi Ilves").click();
        teacher.button("Remove from Tide club").click();
        assertThat(teacher.text("1 student removed from Tide club.")).isVisible();
        assertThat(classMenu("Tide club · 2")).isVisible();
        teacher.page().navigate(club);
        teacher.button("More ▾").click();
        menuItem("Past imports…");
        teacher.button("Undo import").click();
        assertThat(teacher.text("Import undone. Everything is as it was before."))
                .isVisible();
    }

    private Locator classMenu(String item) {
        teacher.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Choose a class"))
                .click();
        return teacher.page().getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item));
    }

    @Test
    void cardsAreThereToPrint() {
        signIn();
        String href = teacher.page()
                .locator("body")
                .evaluate("async () => (await fetch('/api/classes/1/entry-cards')).headers.get('content-type')")
                .toString();
        org.assertj.core.api.Assertions.assertThat(href).isEqualTo("application/pdf");
        select("Umi").click();
        assertThat(teacher.link("Entry cards to print"))
                .hasAttribute("href", java.util.regex.Pattern.compile("/api/classes/1/entry-cards\\?students=\\d+"));
    }

    @Test
    void somebodyJoinsWithTheClassCodeAndSignsIn() {
        // Who is removed while they stand at the side is asked for once more.
        teacher.meaning("404 GET");
        signIn();
        teacher.button("More ▾").click();
        menuItem("Let students join…");
        teacher.field("Password").fill("cockle shell");
        teacher.button("Let students join").click();
        assertThat(teacher.text("Students can join.")).isVisible();
        Accessibility.check(teacher.page());
        String code =
                teacher.page().getByRole(AriaRole.DIALOG).locator("b").first().textContent();
        try (Window student = Window.onPhoneAt(zafu)) {
            student.go("/");
            student.link("I have a class code").click();
            student.field("Code").fill(code);
            student.field("Password").fill("cockle shell");
            student.field("Given name").fill("Bryn");
            student.field("Family name").fill("Hollowell");
            Accessibility.check(student.page());
            student.button("Ask to join").click();
            assertThat(student.text("Your teacher has been asked.")).isVisible();
            teacher.button("Let in").click();
            assertThat(student.text("You are in.")).isVisible();
            student.link("Sign in now").click();
            assertThat(student.text("Good morning, Bryn")).isVisible();
        }
        teacher.button("Stop joining").click();
        teacher.button("Done").click();
        teacher.button("Bryn Hollowell").click();
        teacher.button("All data…").click();
        teacher.field("Type Bryn Hollowell to erase").fill("Bryn Hollowell");
        teacher.button("Erase for good").click();
        assertThat(rows()).hasCount(27);
    }

    @Test
    void aSurveyIsAskedAnsweredAndSeen() {
        signIn();
        teacher.button("More ▾").click();
        menuItem("Survey…");
        Locator survey = teacher.region("What would you like to find out about the marsh?");
        assertThat(survey).containsText("6 replies, 20 waiting");
        Accessibility.check(teacher.page());
        try (Window student = Window.onPhoneAt(zafu).signInStudent(zafu.codeOf("Umi"))) {
            student.button("Birds of the mud").click();
            student.button("Why the tide comes").click();
            Accessibility.check(student.page());
            student.button("Send").click();
            assertThat(student.text("✓ sent")).isVisible();
        }
        assertThat(survey).containsText("7 replies, 19 waiting");
        assertThat(survey).containsText("Birds of the mud › Why the tide comes");
    }
}
