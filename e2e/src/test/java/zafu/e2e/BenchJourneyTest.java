package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** What a teacher does at the bench beside forming groups, alone and with a colleague, with the mouse and without. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BenchJourneyTest {
    private OwnClass own;
    private Window teacher;

    @BeforeAll
    void aClassOfItsOwn() {
        own = new OwnClass(RunningZafu.demo(), "7 Plover", 12);
        teacher = own.window();
    }

    @AfterAll
    void close() {
        teacher.close();
    }

    private void open(long arrangement) {
        teacher.go("/classes/" + own.id + "/arrange/" + arrangement);
        assertThat(teacher.region("Score line")).containsText("Tideline reading scale");
    }

    private Locator student(String tray, String name) {
        return teacher.region(tray)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions()
                        .setHas(teacher.page().getByText(name, new Page.GetByTextOptions().setExact(true))));
    }

    private void menu(String button, String item) {
        teacher.button(button).click();
        teacher.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
    }

    private Locator dialog() {
        return teacher.page().getByRole(AriaRole.DIALOG);
    }

    private void press(String key) {
        teacher.page().keyboard().press(key);
    }

    private void tabUntil(String what, BooleanSupplier there) {
        for (int i = 0; i < 150; i++) {
            if (there.getAsBoolean()) {
                return;
            }
            press("Tab");
        }
        throw new AssertionError("Tab never comes to " + what);
    }

    private void tabTo(Locator wanted) {
        wanted.first().waitFor();
        tabUntil(wanted.toString(), () -> (Boolean) wanted.first().evaluate("e => e === document.activeElement"));
    }

    @Test
    void theKeyboardAloneSufficesForAWholeArrangement() {
        teacher.go("/classes/" + own.id + "/arrange");
        tabTo(teacher.button("New grouping"));
        press("Enter");
        tabTo(teacher.field("Name"));
        teacher.page().keyboard().type("By keys");
        press("Tab");
        teacher.page().keyboard().type("reading");
        tabTo(teacher.button("Create"));
        press("Enter");
        tabTo(teacher.field("Largest"));
        press("Control+A");
        teacher.page().keyboard().type("12");
        tabTo(teacher.field("Number of groups"));
        press("Control+A");
        teacher.page().keyboard().type("3");
        assertThat(teacher.region("Preview").getByText("4 students")).hasCount(3);
        tabTo(teacher.button("Use these groups"));
        press("Enter");
        assertThat(teacher.region("Clove")).containsText("S12");
        tabTo(student("Sheet Bend", "S1"));
        press("3");
        assertThat(teacher.region("Clove")).containsText("S10");
        assertThat(student("Clove", "S1")).hasCount(1);
        press("z");
        tabTo(student("Sheet Bend", "S4"));
        press("]");
        assertThat(student("Reef", "S4")).hasCount(1);
        tabTo(student("Reef", "S4"));
        press("l");
        assertThat(student("Reef", "S4")).containsText("locked");
        tabTo(teacher.page().getByRole(AriaRole.SLIDER).first());
        press("ArrowRight");
        assertThat(student("Sheet Bend", "S5")).hasCount(1);
        tabTo(teacher.button("More for Sheet Bend"));
        press("Enter");
        press("Enter");
        teacher.field("New name").waitFor();
        press("Control+A");
        teacher.page().keyboard().type("Early");
        press("Enter");
        assertThat(teacher.region("Early")).isVisible();
        tabTo(student("Clove", "S12"));
        press("[");
        assertThat(student("Reef", "S12")).hasCount(1);
        tabTo(student("Reef", "S12"));
        press("m");
        assertThat(teacher.region("Reef")).hasCount(0);
        tabTo(teacher.link("Give them a task"));
        press("Enter");
        assertThat(teacher.page().getByRole(AriaRole.HEADING)).not().hasCount(0);
    }

    @Test
    void whatOneDoesShowsAtTheOtherAndAClashIsSettledByThePerson() {
        long arrangement = own.arrange("Together", 2);
        List<Long> groups = own.bench(arrangement)
                .get("groups")
                .valueStream()
                .map(group -> group.get("id").asLong())
                .toList();
        long first = own.bench(arrangement).get("students").get(0).get("id").asLong();
        open(arrangement);
        own.step(own.colleague, arrangement, place(first, groups.get(1)));
        assertThat(student("Reef", "S1")).hasCount(1);
        String bench = "**/api/arrangements/" + arrangement;
        teacher.meaning("net::ERR_FAILED GET");
        teacher.page().route(bench, route -> route.abort());
        own.step(own.colleague, arrangement, place(first, groups.get(0)));
        student("Reef", "S1").click();
        press("l");
        assertThat(dialog()).containsText("Idris Bellweather put S1 into Sheet Bend meanwhile.");
        Accessibility.check(teacher.page());
        teacher.page().unroute(bench);
        teacher.button("Discard my change").click();
        open(arrangement);
        assertThat(student("Sheet Bend", "S1")).hasCount(1);
        teacher.page().route(bench, route -> route.abort());
        own.step(own.colleague, arrangement, place(first, groups.get(1)));
        student("Sheet Bend", "S1").click();
        press("l");
        teacher.button("Make my change anyway").click();
        assertThat(student("Reef", "S1")).containsText("locked");
        teacher.page().unroute(bench);
    }

    private static Map<String, Object> place(long student, long group) {
        return Map.of("kind", "PLACE", "students", List.of(student), "groupId", group);
    }

    @Test
    void anEarlierStateIsComparedWithAndReturnedTo() {
        long arrangement = own.arrange("Earlier", 2);
        open(arrangement);
        student("Sheet Bend", "S2").click();
        press("]");
        assertThat(student("Reef", "S2")).hasCount(1);
        menu("Compare", "this one");
        assertThat(teacher.text("1 moved, 11 stayed.")).isVisible();
        assertThat(student("Reef", "S2")).containsText("from Sheet Bend");
        Accessibility.check(teacher.page());
        teacher.button("Stop comparing").click();
        menu("More", "History…");
        assertThat(dialog()).containsText("S2: Sheet Bend → Reef");
        Accessibility.check(teacher.page());
        teacher.button("Restore this version").click();
        assertThat(student("Sheet Bend", "S2")).hasCount(1);
        menu("More", "Delete…");
        teacher.button("Delete").click();
        assertThat(teacher.text("Earlier deleted.")).isVisible();
        teacher.page()
                .getByRole(AriaRole.ALERT)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(teacher.link("Earlier")).isVisible();
    }

    @Test
    void twoMeasuresMakeAScatter() {
        long arrangement = own.arrange("Scattered", 2);
        open(arrangement);
        teacher.page().getByLabel("Second measure").selectOption("Ratio and scale");
        Locator scatter = teacher.page()
                .getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName("Tideline reading scale across, Ratio and scale upwards"));
        scatter.getByText("S12", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(student("Reef", "S12")).hasAttribute("aria-pressed", "true");
        Accessibility.check(teacher.page());
    }

    @Test
    void namesForStudentsStandOnTheWallAndNothingElseDoes() {
        long arrangement = own.arrange("On the wall", 2);
        open(arrangement);
        teacher.field("Note for Sheet Bend").fill("close to the window");
        teacher.field("Note for Reef").click();
        menu("More", "Names from a set…");
        teacher.page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Set"))
                .click();
        teacher.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Shells"))
                .click();
        teacher.page().getByLabel("Students see these names").check();
        assertThat(dialog()).containsText("Sheet Bend becomes Whelk");
        teacher.button("Use these names").click();
        assertThat(teacher.region("Whelk")).containsText("S1");
        menu("More", "Lists to print…");
        assertThat(teacher.region("Cockle")).containsText("S12");
        assertThat(teacher.page().locator("main")).not().containsText("window");
        Accessibility.check(teacher.page());
        teacher.button("For yourself").click();
        assertThat(teacher.region("Whelk")).not().containsText("100");
        teacher.page().getByLabel("Scores and figures").check();
        teacher.page().getByLabel("Notes").check();
        assertThat(teacher.region("Whelk")).containsText("close to the window");
        assertThat(teacher.region("Whelk")).containsText("100");
        Accessibility.check(teacher.page());
        teacher.page().emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(teacher.page().getByLabel("Scores and figures")).isHidden();
        teacher.page().emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    }

    @Test
    void detailsAreWrittenAndAStudentMayBeInTwoGroups() {
        long arrangement = own.arrange("Twofold", 2);
        open(arrangement);
        menu("More", "Details…");
        dialog().getByLabel("Description").fill("Tide tables, in pairs");
        dialog().getByLabel("Note to yourself about all groups").fill("Boots on Thursday");
        dialog().getByLabel("A student may be in several groups").check();
        Accessibility.check(teacher.page());
        teacher.button("Save").click();
        assertThat(dialog()).hasCount(0);
        assertThat(teacher.text("Tide tables, in pairs · Boots on Thursday")).isVisible();
        student("Sheet Bend", "S3").click();
        menu("More for Reef", "Add 1 selected student here too");
        assertThat(student("Reef", "S3")).containsText("also in Sheet Bend");
        menu("More for Sheet Bend", "Remove 1 selected student from this group only");
        assertThat(student("Sheet Bend", "S3")).hasCount(0);
        menu("More for Reef", "Who leads it…");
        dialog().getByLabel("Idris Bellweather").check();
        teacher.button("Save").click();
        assertThat(teacher.region("Reef")).containsText("with Idris Bellweather");
        menu("More for Reef", "Make a group of 1 selected student");
        assertThat(teacher.region("Clove")).containsText("S3");
        menu("More", "Copy for the next cycle…");
        dialog().getByLabel("Name").fill("Twofold, spring");
        teacher.button("Copy").click();
        assertThat(teacher.page().getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Twofold, spring")))
                .isVisible();
        assertThat(teacher.region("Clove")).containsText("S3");
    }

    @Test
    void todaySaysWhoseScoreSuggestsAMoveAndMakesIt() {
        OwnClass news = new OwnClass(RunningZafu.demo(), "7 Dunlin", 8);
        long arrangement = news.arrange("Fresh scores", 2);
        RunningZafu.demo().itIs("2027-02-09T08:20");
        news.bringIn("2027-02-09", "S1 Test,170\nS8 Test,100\n");
        teacher.go("/classes/" + news.id + "/today");
        assertThat(teacher.text("New scores suggest, in Fresh scores")).isVisible();
        assertThat(teacher.region("New scores suggest, in Fresh scores")).containsText("S1 Sheet Bend → Reef move up");
        Accessibility.check(teacher.page());
        teacher.button("Move S1").click();
        assertThat(teacher.text("S1 moved to Reef.")).isVisible();
        assertThat(teacher.button("Move S1")).hasCount(0);
        teacher.button("Move S8").click();
        assertThat(teacher.text("Nothing needs you right now.")).isVisible();
        teacher.go("/classes/" + news.id + "/arrange/" + arrangement);
        assertThat(student("Reef", "S1")).hasCount(1);
        RunningZafu.demo().itIs(RunningZafu.MORNING);
    }
}
