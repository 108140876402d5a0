package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;
import static zafu.server.TestTask.version;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Everything that is done to tasks is a step that can be taken back, unless somebody changed the task since. */
class TaskStepsTest extends ServerTest {
    private TestClass own;

    @BeforeEach
    void aClassOfItsOwn() {
        own = newClass("steps", 4);
    }

    private static Object what(JsonNode view) {
        return List.of(view.get("versions"), view.get("adjustments"), view.get("state"), view.get("name"));
    }

    @Test
    void aChangeIsTakenBackWhole() {
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        Object before = what(task.view());
        task.change(base("minutes", 50)
                        .andThen(version(
                                "More", TestClass.targets(false, List.of(), List.of(own.student(1)), List.of())))
                        .andThen(TestTask.eased("TRIES", "tries", 3, TestClass.forEveryone()))
                        .andThen(edit -> edit.put("name", "Another name")))
                .ok();
        JsonNode last = task.view().get("lastStep");
        assertThat(last.get("by").asString()).isEqualTo("Ottoline Farrow");
        task.undo(last.get("id").asLong()).ok();
        assertThat(what(task.view())).isEqualTo(before);
        task.undo(task.lastStep()).ok();
        assertThat(task.view().get("versions")).as("the undo taken back").hasSize(2);
    }

    @Test
    void handingOutIsTakenBackAndOutAgain() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        task.undo(task.lastStep()).ok();
        assertThat(task.view().get("state").asString()).isEqualTo("DRAFT");
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards")).isEmpty();
    }

    @Test
    void whatSomebodyChangedSinceStays() {
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(base("minutes", 50)).ok();
        long first = task.lastStep();
        task.change(base("minutes", 60)).ok();
        var refused = task.undo(first);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("has been changed since");
        assertThat(task.view().get("versions").get(0).get("minutes").asInt()).isEqualTo(60);
    }

    @Test
    void aVersionThatIsBegunCannotBeUndone() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        task.change(version("More", TestClass.targets(false, List.of(), List.of(own.student(1)), List.of())))
                .ok();
        task.start(1);
        var refused = task.undo(task.lastStep());
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("a student has since started");
    }

    @Test
    void aDraftIsRemovedAndBroughtBackAndWorkIsNot() {
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        String path = "/api/tasks/" + task.id;
        long step = own.teacher
                .call("DELETE", path + "?version=" + task.view().get("version").asLong(), null)
                .ok()
                .get("stepId")
                .asLong();
        assertThat(own.teacher.get(path).status()).isEqualTo(404);
        task.undo(step).ok();
        own.handOut(task.id, false).ok();
        task.start(1);
        own.teacher
                .post(
                        path + "/take-back",
                        Map.of("version", task.view().get("version").asLong()))
                .ok();
        var refused = own.teacher.call(
                "DELETE", path + "?version=" + task.view().get("version").asLong(), null);
        assertThat(refused.text()).contains("Students have worked on");
    }

    @Test
    void severalDraftsGoOutAsOneStepOrNoneOfThem() {
        TestTask one = TestTask.draft(own, TestClass.forEveryone());
        TestTask other = TestTask.draft(own, TestClass.forEveryone());
        TestTask nobody = TestTask.draft(own, TestClass.targets(false, List.of(), List.of(), List.of()));
        String path = "/api/classes/" + own.id + "/tasks/handed-out";
        var refused = own.teacher.post(path, Map.of("tasks", List.of(one.id, nobody.id)));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(one.view().get("state").asString()).isEqualTo("DRAFT");
        long step = own.teacher
                .post(path, Map.of("tasks", List.of(one.id, other.id)))
                .ok()
                .get("stepId")
                .asLong();
        assertThat(other.view().get("state").asString()).isEqualTo("HANDED_OUT");
        one.undo(step).ok();
        assertThat(List.of(
                        one.view().get("state").asString(),
                        other.view().get("state").asString()))
                .containsOnly("DRAFT");
    }
}
