package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A teacher opens a group to whoever knows its password; students and a colleague come. */
class JoiningJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "joining", 4);
    private final Window teacher = own.window();

    @AfterEach
    void close() {
        teacher.close();
    }

    private long arrangementWithAnEmptyGroup() {
        long arrangement = own.arrange("Clubs", 2);
        own.step(own.teacher, arrangement, Map.of("kind", "ADD_GROUP", "text", "Kites", "students", List.of()));
        teacher.go("/classes/" + own.id + "/arrange/" + arrangement);
        return arrangement;
    }

    private String openTheDoor() {
        teacher.region("Kites").waitFor();
        teacher.button("More for Kites").click();
        teacher.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Join code…"))
                .click();
        Locator dialog = teacher.page().getByRole(AriaRole.DIALOG);
        teacher.field("Password").fill("sea breeze");
        teacher.button("Let students join").click();
        assertThat(dialog).containsText("Students can join.");
        Accessibility.check(teacher.page());
        return dialog.locator("b").first().innerText();
    }

    private static void join(Window who, String code) {
        who.field("Group code").fill(code);
        who.field("Password").fill("sea breeze");
        who.button("Join").click();
    }

    @Test
    void whoKnowsThePasswordAsksAndIsLetIn() {
        arrangementWithAnEmptyGroup();
        String code = openTheDoor();
        try (Window student = Window.onPhoneAt(zafu).signInStudent(own.codeOf(1));
                Window colleague = Window.at(zafu).signInTeacher("wen", "salt-marsh-5")) {
            student.button("Join a group").click();
            join(student, code);
            student.text("Your teacher has been asked.").waitFor();
            colleague.button("Wen Castellane").click();
            colleague
                    .page()
                    .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Help in a group"))
                    .click();
            join(colleague, code);
            colleague.text("The teacher has been asked.").waitFor();
        }
        Locator asking = teacher.region("Requests to join");
        assertThat(asking).containsText("S1");
        assertThat(asking).containsText("would like to help in Kites");
        asking.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Let in"))
                .first()
                .click();
        teacher.text("is in Kites.").first().waitFor();
        teacher.button("Done").click();
        assertThat(teacher.region("Kites")).containsText("S1");
    }
}
