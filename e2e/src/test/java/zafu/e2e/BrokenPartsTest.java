package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Route;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A part of an attempt that fails fails alone: the questions can be answered, and the part can be tried again. */
class BrokenPartsTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "Broken " + System.nanoTime(), 1);
    private Window student;

    @AfterEach
    void close() {
        student.close();
    }

    private long item(Map<String, Object> item) {
        return own.teacher.post("/api/library/items", item).ok().get("id").asLong();
    }

    @Test
    void aFieldToWriteInThatDoesNotComeSaysSoAndIsFetchedAgain() {
        own.handOut(
                "Two ways",
                List.of(
                        OwnClass.choice("Who lives here?", "Crabs", "Whales"),
                        OwnClass.question("LONG_ANSWER", "Tell how.", Map.of())),
                Map.of());
        student = Window.at(zafu).meaning("net::ERR_FAILED", "Failed to fetch", "dynamically imported", "RichText");
        student.context().route("**/assets/RichText*", Route::abort);
        student.signInStudent(own.codeOf(1)).start("Two ways");
        student.field("Crabs").check();
        assertThat(student.text("✓ Saved")).isVisible();
        student.button("Next").click();
        assertThat(student.text("The field to write in could not be shown.")).isVisible();
        assertThat(student.button("Back")).isEnabled();
        Accessibility.check(student.page());
        student.context().unroute("**/assets/RichText*");
        student.page().reload();
        student.button("Next").click();
        assertThat(student.page().locator(".ProseMirror")).isVisible();
    }

    @Test
    void aTextWithoutQuestionsSaysWhatToDo() {
        long text = item(Map.of("kind", "TEXT", "title", "The heron waits", "body", "It waits."));
        own.handOut("To read", List.of(), Map.of("texts", List.of(text)));
        student = Window.onPhoneAt(zafu).signInStudent(own.codeOf(1)).start("To read");
        assertThat(student.text("There are no questions here. When you have read the text, hand in."))
                .isVisible();
        assertThat(student.text("It waits.")).isVisible();
        Accessibility.check(student.page());
        student.handIn();
        assertThat(student.text("Handed in")).isVisible();
    }
}
