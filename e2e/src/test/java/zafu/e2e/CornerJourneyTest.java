package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A teacher gives a group a corner, says something to it, and the group talks. */
class CornerJourneyTest {
    /** The first has the lowest score, so is in the first group; the last in the other. */
    private static final int INSIDE = 1;

    private static final int OUTSIDE = 6;

    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "corners", 6);
    private final Window teacher = own.window();

    @AfterEach
    void close() {
        teacher.close();
    }

    private Window student(int number) {
        return Window.onPhoneAt(zafu).signInStudent(own.codeOf(number));
    }

    private void openTheCornerOfTheFirstGroup() {
        own.arrange("Reading", 2);
        teacher.go("/classes/" + own.id + "/arrange");
        teacher.link("Corners").click();
        teacher.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open a corner for"))
                .first()
                .click();
        assertThat(teacher.region("Talk")).isVisible();
    }

    private void say(String text) {
        teacher.button("New notice").click();
        teacher.field("Message").fill(text);
        teacher.button("Post").click();
        assertThat(teacher.region("Notices")).containsText(text);
    }

    @Test
    void aNoticeToOneGroupReachesItAndTheyTalk() {
        openTheCornerOfTheFirstGroup();
        say("Bring boots on Thursday.");
        teacher.button("Start a talk").click();
        teacher.field("What it is about").fill("What lives in the mud?");
        teacher.button("Start").click();
        assertThat(teacher.region("Talk")).containsText("What lives in the mud?");
        Accessibility.check(teacher.page());
        try (Window outside = student(OUTSIDE)) {
            outside.text("Good").first().waitFor();
            assertThat(outside.page().getByText("Bring boots")).hasCount(0);
        }
        try (Window inside = student(INSIDE)) {
            assertThat(inside.region("From your teachers")).containsText("Bring boots on Thursday.");
            inside.page().getByText("Your corner ›").click();
            inside.field("Write a post: What lives in the mud?").fill("Crabs <b>and</b> worms.");
            Accessibility.check(inside.page());
            inside.button("Post").click();
            assertThat(inside.region("What lives in the mud?")).containsText("Crabs <b>and</b> worms.");
            assertThat(teacher.region("Talk")).containsText("Crabs <b>and</b> worms.");
            teacher.button("Hide what S1 said").click();
            assertThat(inside.page().getByText("Crabs")).hasCount(0);
            teacher.button("Undo").click();
            assertThat(inside.page().getByText("Crabs")).isVisible();
        }
    }

    @Test
    void aGroupMeetsAndCallsAndItsTeacherComes() {
        openTheCornerOfTheFirstGroup();
        teacher.button("Settings…").click();
        teacher.page()
                .getByLabel("The group meets on a page of ours: who is there, and who calls a teacher")
                .check();
        teacher.button("Save").click();
        teacher.link("Meetings").click();
        try (Window inside = student(INSIDE)) {
            inside.page().getByText("Your corner ›").click();
            inside.link("Go to the meeting").click();
            assertThat(inside.region("Who is here")).containsText("S1");
            inside.button("Call a teacher").click();
            assertThat(inside.text("A teacher has been called").first()).isVisible();
            Accessibility.check(inside.page());
            assertThat(teacher.text("calls you").first()).isVisible();
            teacher.page()
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go in to"))
                    .click();
            assertThat(teacher.text("you are here").first()).isVisible();
            Accessibility.check(teacher.page());
            assertThat(inside.region("Who is here")).containsText("Ottoline Farrow");
            assertThat(inside.button("Call a teacher")).isVisible();
            inside.link("‹ Leave the meeting").click();
            assertThat(teacher.text("0 of 3 here").first()).isVisible();
        }
    }
}
