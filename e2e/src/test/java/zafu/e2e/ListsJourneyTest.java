package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Lists that come in and go out in the browser; each test takes back what it brought. */
class ListsJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final Window teacher = Window.at(zafu).signInTeacher("ottoline", "salt-marsh-5");

    @AfterEach
    void close() {
        teacher.close();
    }

    private Locator rows() {
        return teacher.page().getByRole(AriaRole.ROW);
    }

    private void choose(String name, String type, byte[] bytes) {
        teacher.page().getByLabel("Choose a file…").setInputFiles(new FilePayload(name, type, bytes));
    }

    private void takeAndTakeBack(String button, String said) {
        teacher.button(button).click();
        assertThat(teacher.text(said)).isVisible();
        teacher.button("Undo").click();
        assertThat(teacher.text("Import undone. Everything is as it was before."))
                .isVisible();
    }

    @Test
    void namesArePastedTakenAndTakenBack() {
        teacher.go("/classes/1/bring-in");
        teacher.field("or paste names or a table here").fill("Bryn Hollowell\nUmi Ilves\n");
        teacher.button("Preview").click();
        Locator summary = teacher.page().getByRole(AriaRole.STATUS).first();
        assertThat(summary).containsText("1 new student, 1 row here already");
        Accessibility.check(teacher.page());
        takeAndTakeBack("Import 2 rows", "1 new student and 0 scores imported");
        assertThat(rows()).hasCount(27);
        assertThat(teacher.button("Bryn Hollowell")).isHidden();
    }

    @Test
    void needsAndNumbersComeFromAListWithTheirProblemsNamed() {
        teacher.go("/classes/1/bring-in");
        String list = "Name,Need,Amount,From,To\n"
                + "Zora Fennick,extended time,1.25,2027-01-04,2027-06-30\n"
                + "Zora Fennick,calculator,,,\n"
                + "Wren Tolliver,extended time,9,,\n"
                + "Wren Tolliver,breaks,10,2027-03-01,2027-02-01\n";
        choose("needs.csv", "text/csv", list.getBytes(StandardCharsets.UTF_8));
        assertThat(teacher.text("2 rows good, 2 rows with a problem")).isVisible();
        assertThat(teacher.text("Row 4 cannot be taken: extended time takes a factor from 1.1 to 4."))
                .isVisible();
        assertThat(teacher.text("Row 5 cannot be taken: it ends on 1 February 2027, before it begins on 1 March 2027."))
                .isVisible();
        teacher.button("Import 2 rows").click();
        Locator zora = rows().filter(new Locator.FilterOptions().setHasText("Zora"))
                .filter(new Locator.FilterOptions().setHas(teacher.button("Zora Fennick")));
        assertThat(zora).containsText("1.25×");
        assertThat(zora).containsText("calculator");
        teacher.button("Undo").click();
        assertThat(zora).not().containsText("1.25×");
    }

    @Test
    void whatIsNotSureIsAskedBeforeAnythingIsImported() {
        teacher.go("/classes/1/bring-in");
        String list = "Student,Local ID,Tideline reading scale\n"
                + "\"Ilves, Umi\",2121,<200\n\"Brook, Xenia\",2115,640\n\"Castellane, Greta\",2107,580\n";
        choose("winter.csv", "text/csv", list.getBytes(StandardCharsets.UTF_8));
        Locator questions = teacher.region("Questions about the file");
        assertThat(questions).containsText("2 questions first");
        assertThat(teacher.button("Import 1 row")).isDisabled();
        Accessibility.check(teacher.page());
        teacher.button("Leave its row out").click();
        assertThat(questions).containsText("One question first");
        teacher.button("It is another child: add Xenia Brook without the number")
                .click();
        assertThat(questions).containsText("All questions are answered");
        Locator changes = teacher.region("What will change");
        assertThat(changes).containsText("Castellan");
        assertThat(changes).containsText("→ Castellane");
        takeAndTakeBack("Import 2 rows", "1 new student and 2 scores imported, 1 row left out.");
    }

    @Test
    void whatGoesOutAsASpreadsheetComesInAgainAndChangesNothing() throws IOException {
        teacher.go("/classes/1/students");
        teacher.button("More ▾").click();
        Download download = teacher.page().waitForDownload(() -> teacher.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Scores as .xlsx"))
                .click());
        byte[] file = Files.readAllBytes(download.path());
        teacher.go("/classes/1/bring-in");
        choose("scores.xlsx", "application/octet-stream", file);
        Locator summary = teacher.page().getByRole(AriaRole.STATUS).first();
        assertThat(summary).containsText("all of them good.");
        assertThat(summary).not().containsText("new");
        String said = summary.textContent();
        String good = said.replaceAll("(?s)^(\\d+) rows.*", "$1");
        assertThat(summary).containsText(good + " rows here already");
    }

    @Test
    void aFileThatIsNoTableAndOneThatIsTooLargeSaySo() {
        teacher.go("/classes/1/bring-in");
        choose("letter.csv", "text/csv", "<html>hello".getBytes(StandardCharsets.UTF_8));
        assertThat(teacher.page().getByRole(AriaRole.ALERT)).containsText("The file is not a table of text");
        choose("film.csv", "text/csv", new byte[6 * 1024 * 1024]);
        assertThat(teacher.text("The file is over 5 MB.")).isVisible();
    }

    @Test
    void aBundleIsShownWithItsProblemsAppliedAndTakenBack() throws IOException {
        teacher.go("/school/lists");
        Locator card = teacher.region("OneRoster bundle");
        teacher.page()
                .getByLabel("Choose a bundle…")
                .setInputFiles(new FilePayload("bundle.zip", "application/zip", bundle()));
        assertThat(card).containsText("1 new class");
        assertThat(card).containsText("1 new student");
        assertThat(card).containsText("users.csv, row 3: givenName is blank.");
        Accessibility.check(teacher.page());
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Apply"))
                .click();
        assertThat(teacher.text("changes applied.")).isVisible();
        assertThat(teacher.region("Past school imports")).containsText("bundle.zip");
        teacher.button("Undo").click();
        assertThat(teacher.region("Past school imports")).containsText("undone");
    }

    private static byte[] bundle() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            add(
                    zip,
                    "manifest",
                    "propertyName,value\noneroster.version,1.2\nfile.classes,delta\nfile.users,delta\n"
                            + "file.enrollments,delta\n");
            add(zip, "classes", "sourcedId,title,grades\nbj-c,6 Sandpiper,06\n");
            add(
                    zip,
                    "users",
                    "sourcedId,role,givenName,familyName\nbj-u,student,Odell,Fenwick\nbj-v,student,,Nameless\n");
            add(zip, "enrollments", "sourcedId,classSourcedId,userSourcedId,role\nbj-e,bj-c,bj-u,student\n");
        }
        return out.toByteArray();
    }

    private static void add(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name + ".csv"));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void termsAndClosedDaysAreKeptAndAWrongLineIsNamed() {
        teacher.go("/school/calendar");
        Locator closed = teacher.page().locator("textarea").first();
        assertThat(closed).hasValue("2027-02-15 Harbour day");
        Accessibility.check(teacher.page());
        closed.fill("15.2. Harbour day");
        assertThat(teacher.text("“15.2. Harbour day” does not begin with a day like 2027-02-15."))
                .isVisible();
        assertThat(teacher.button("Save")).isDisabled();
        closed.fill("2027-02-15 Harbour day");
        teacher.button("Save").click();
        assertThat(teacher.text("Saved.")).isVisible();
    }

    @Test
    void supportStaffSeeBothClassesAsOneListAndChangeNothing() {
        try (Window wen = Window.at(zafu).signInTeacher("wen", "salt-marsh-5")) {
            wen.link("Students").click();
            wen.button("All my classes").click();
            assertThat(wen.text("50 students")).isVisible();
            wen.button("home class ▾").click();
            wen.page()
                    .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("5 Kestrel"))
                    .click();
            assertThat(wen.text("24 shown")).isVisible();
            assertThat(wen.link("Import…")).isHidden();
            Accessibility.check(wen.page());
        }
    }
}
