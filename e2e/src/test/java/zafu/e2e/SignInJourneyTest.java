package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** How a student comes in, comes back, and is gone from a device that others use. */
class SignInJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "Doors " + System.nanoTime(), 1);
    private Window student;

    @AfterEach
    void close() {
        student.close();
    }

    /** Whether what was shown, kept on the device, names a piece of work. */
    private static String shownOnDevice(boolean expected) {
        return """
                () => new Promise(done => {
                  const open = indexedDB.open("zafu-shown");
                  open.onsuccess = () => {
                    const get = open.result.transaction("shown").objectStore("shown").get("mine");
                    get.onsuccess = () => {
                      open.result.close();
                      done(JSON.stringify(get.result ?? "").includes("Offline") === %b);
                    };
                  };
                })"""
                .formatted(expected);
    }

    @Test
    void aCodeIsTappedOnLargeKeysAndThePictureBringsTheStudentBack() {
        own.teacher
                .put("/api/classes/" + own.id + "/picture-entry", Map.of("allowed", true))
                .ok();
        student = Window.sized(zafu.address(), 768, 1024).go("/");
        for (char sign : own.codeOf(1).toCharArray()) {
            student.button(String.valueOf(sign)).click();
        }
        student.button("Sign in").click();
        student.button("Come back with a picture").click();
        student.page()
                .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Picture: kite"))
                .click();
        student.field("Four digits").fill("4711");
        Accessibility.check(student.page());
        student.button("Save").click();
        assertThat(student.text("Saved. Next time, tap your picture.")).isVisible();
        student.button("Sign out").click();
        student.button("Sign in as the kite").click();
        Accessibility.check(student.page());
        student.field("Four digits").fill("4712");
        student.button("Sign in").click();
        assertThat(student.page().getByRole(AriaRole.ALERT)).containsText("do not match");
        student.field("Four digits").fill("4711");
        student.button("Sign in").click();
        assertThat(student.text("Good morning, S1")).isVisible();
    }

    @Test
    void myWorkOpensWithoutAConnectionAndNothingIsLeftAfterSigningOut() {
        own.handOut("Offline", List.of(OwnClass.choice("Why?", "Moon", "Wind")), Map.of());
        student = Window.thatInstalls(zafu.address(), 360, 740).signInStudent(own.codeOf(1));
        assertThat(student.button("Start: Offline")).isVisible();
        student.waitUntilInstalled();
        // What is shown is kept on the device a moment after it is shown.
        student.page().reload();
        assertThat(student.button("Start: Offline")).isVisible();
        student.waitUntil(shownOnDevice(true));
        student.offline();
        student.page().reload();
        assertThat(student.button("Start: Offline")).isVisible();
        assertThat(student.text("No connection. This is how it was at")).isVisible();
        student.online();
        student.button("Sign out").click();
        student.field("Your entry code").waitFor();
        student.waitUntil(shownOnDevice(false));
    }

    @Test
    void aDeviceThatOthersUseSignsOutByItself() {
        student = Window.sized(zafu.address(), 1280, 800).go("/");
        student.page().clock().install();
        student.signInStudent(own.codeOf(1));
        assertThat(student.text("Good morning, S1")).isVisible();
        student.page().clock().fastForward("10:01");
        assertThat(student.text("Are you still there?")).isVisible();
        student.button("I am here").click();
        assertThat(student.text("Are you still there?")).isHidden();
        student.page().clock().fastForward("11:02");
        assertThat(student.field("Your entry code")).isVisible();
        assertThat(student.page()).hasURL(Pattern.compile("/$"));
    }
}
