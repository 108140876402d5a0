package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;
import static zafu.server.TestTask.version;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What should be looked at before a task is handed out, each thing in a kind of its own. */
class HandOutListTest extends ServerTest {
    private TestClass own;
    private TestTask task;

    @BeforeEach
    void aDraft() {
        own = newClass("hand-out list", 3);
        task = TestTask.draft(own, TestClass.forEveryone());
    }

    private List<String> kinds() {
        return own.teacher
                .get("/api/tasks/" + task.id + "/hand-out")
                .ok()
                .valueStream()
                .map(each -> each.get("kind").asString())
                .toList();
    }

    @Test
    void aPlainTaskHasNothingToLookAt() {
        assertThat(kinds()).isEmpty();
    }

    @Test
    void openingInThePastAndDueOnAClosedDayAreNamed() {
        task.change(base("opens", "2027-02-09T07:00").andThen(base("due", "2027-02-15T15:00")))
                .ok();
        assertThat(kinds()).containsExactlyInAnyOrder("OPENS_IN_PAST", "DUE_ON_CLOSED_DAY");
    }

    @Test
    void aDayWithTooMuchIsNamedWithItsMinutes() {
        own.teacher
                .put("/api/classes/" + own.id + "/times", Map.of("minutesPerDay", 30, "meetings", List.of()))
                .ok();
        own.grant(2, "EXTENDED_TIME", "2").ok();
        task.change(base("opens", "2027-02-10T09:00").andThen(base("due", "2027-02-10T15:00")))
                .ok();
        JsonNode full =
                own.teacher.get("/api/tasks/" + task.id + "/hand-out").ok().get(0);
        assertThat(full.get("kind").asString()).isEqualTo("DAY_TOO_FULL");
        assertThat(full.get("day").asString()).isEqualTo("2027-02-10");
        assertThat(full.get("minutes").asInt()).isEqualTo(40);
        assertThat(full.get("stops").asBoolean()).isFalse();
    }

    @Test
    void aTaskWithoutAnythingToDoIsStoppedAndOneWithWordsIsNot() {
        task.change(base("questions", List.of())).ok();
        assertThat(kinds()).containsExactly("NOTHING_TO_DO");
        assertThat(own.handOut(task.id, false).status()).isEqualTo(409);
        task.change(base("instructions", "Draw the tide.")).ok();
        assertThat(kinds()).isEmpty();
    }

    @Test
    void aTitleThatSaysWhichVersionAStudentHasIsNamedWithoutStopping() {
        task.change(base("title", "Tides, deeper")).ok();
        assertThat(kinds()).isEmpty();
        Map<String, Object> forOne = TestClass.targets(false, List.of(), List.of(own.student(1)), List.of());
        task.change(version("Deeper", forOne)).ok();
        assertThat(kinds()).contains("GIVES_AWAY");
    }

    @Test
    void whoGetsNothingIsNamedWithoutStopping() {
        task.change(base("targets", TestClass.targets(false, List.of(), List.of(own.student(1)), List.of())))
                .ok();
        assertThat(kinds()).containsExactly("NOT_COVERED");
    }
}
