package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A copied task is whole: versions, whom they are for, what is eased, and every date moved by the same weeks. */
class CopiedWeekTest extends ServerTest {
    private TestClass own;
    private TestTask task;

    @BeforeEach
    void aTaskInVersions() {
        own = newClass("copied", 4);
        List<Long> groups = own.groups(own.arrange(2));
        task = TestTask.draft(own, TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of()));
        task.change(base("opens", "2027-02-02T09:00")
                        .andThen(base("due", "2027-02-05T15:00"))
                        .andThen(TestTask.version(
                                "Upper", TestClass.targets(false, List.of(groups.get(1)), List.of(), List.of())))
                        .andThen(TestTask.eased("DUE", "due", "2027-02-08T15:00", TestClass.forEveryone()))
                        .andThen(edit -> edit.put("doneFirst", true)))
                .ok();
    }

    private JsonNode shifted(String deed, int weeks) {
        return own.teacher
                .post("/api/classes/" + own.id + "/week/" + deed, Map.of("begins", "2027-02-01", "weeks", weeks))
                .ok();
    }

    private TestTask newest() {
        JsonNode tasks = own.teacher.get("/api/classes/" + own.id + "/tasks").ok();
        return new TestTask(own, tasks.get(tasks.size() - 1).get("id").asLong());
    }

    @Test
    void theCopyHasAllOfItAndTheOriginalStays() {
        JsonNode before = task.view();
        assertThat(shifted("copied", 1).get("tasks").asInt()).isEqualTo(1);
        TestTask copy = newest();
        assertThat(copy.id).isNotEqualTo(task.id);
        JsonNode view = copy.view();
        assertThat(view.get("versions")).hasSize(2);
        assertThat(view.get("doneFirst").asBoolean()).isTrue();
        assertThat(view.get("versions").get(0).get("opens").asString()).isEqualTo("2027-02-09T09:00:00");
        assertThat(view.get("adjustments").get(0).get("due").asString())
                .as("the 15th is closed")
                .isEqualTo("2027-02-16T15:00:00");
        assertThat(copy.student(1).get("versionId").asLong()).isEqualTo(copy.version(0));
        assertThat(copy.student(4).get("versionId").asLong()).isEqualTo(copy.version(1));
        assertThat(task.view()).isEqualTo(before);
    }

    @Test
    void aMovedWeekMovesBackByTheSameStep() {
        JsonNode before = task.view().get("versions");
        JsonNode moved = shifted("moved", 2);
        assertThat(task.view().get("versions").get(0).get("opens").asString()).isEqualTo("2027-02-16T09:00:00");
        task.undo(moved.get("stepId").asLong()).ok();
        assertThat(task.view().get("versions")).isEqualTo(before);
    }

    @Test
    void anEmptyWeekHasNothingToMove() {
        JsonNode moved = own.teacher
                .post("/api/classes/" + own.id + "/week/moved", Map.of("begins", "2027-04-05", "weeks", 1))
                .ok();
        assertThat(moved.has("stepId")).isFalse();
        assertThat(moved.get("tasks").asInt()).isZero();
        assertThat(own.teacher
                        .post("/api/classes/" + own.id + "/week/moved", Map.of("begins", "2027-04-05", "weeks", 0))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void whoIsInNoGroupHasARowOnceThereIsWorkForThem() {
        long arrangement = own.teacher
                .get("/api/classes/" + own.id + "/arrangements")
                .ok()
                .get(0)
                .get("id")
                .asLong();
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(4))));
        String week = "/api/classes/" + own.id + "/week?day=2027-02-02&arrangementId=" + arrangement;
        assertThat(own.teacher.get(week).ok().get("rows")).hasSize(3);
        task.change(edit -> TestTask.versions(edit)
                        .get(1)
                        .put("targets", TestClass.targets(false, List.of(), List.of(own.student(4)), List.of())))
                .ok();
        JsonNode rows = own.teacher.get(week).ok().get("rows");
        JsonNode last = rows.get(rows.size() - 1);
        assertThat(last.get("kind").asString()).isEqualTo("NOT_PLACED");
        assertThat(last.get("bars").get(0).get("versionName").asString()).isEqualTo("Upper");
    }
}
