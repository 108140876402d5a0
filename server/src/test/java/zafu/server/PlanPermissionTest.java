package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What others may see and do of a plan: co-teachers, support staff, and those of another class. */
class PlanPermissionTest extends ServerTest {
    private TestClass own;
    private TestTask task;

    @BeforeEach
    void aClassWithATask() {
        own = newClass("plan rights", 3);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        task = TestTask.out(own, TestClass.forEveryone());
    }

    private HttpCaller as(String name, String role) {
        own.shareWith(name.substring(0, 1).toUpperCase() + name.substring(1), role);
        return nobody().signInAdult(name, "salt-marsh-5");
    }

    @Test
    void whoMayNotSeeNeedsSeesNoTimes() {
        HttpCaller wen = as("wen", "VIEWER");
        JsonNode seen = wen.get("/api/tasks/" + task.id).ok();
        assertThat(seen.get("mayChange").asBoolean()).isFalse();
        seen.get("students").forEach(student -> {
            assertThat(student.has("terms")).isFalse();
            assertThat(student.has("running")).isFalse();
        });
        assertThat(wen.get("/api/classes/" + own.id + "/see-as/" + own.student(1))
                        .status())
                .as("needs show in it")
                .isEqualTo(403);
        JsonNode week = wen.get("/api/classes/" + own.id + "/week").ok();
        assertThat(week.get("mayChange").asBoolean()).isFalse();
    }

    @Test
    void whoMayNotChangeCannotTakeAnythingBack() {
        HttpCaller wen = as("wen", "VIEWER");
        assertThat(wen.post("/api/task-steps/" + task.lastStep() + "/undo", null)
                        .status())
                .isEqualTo(403);
        assertThat(task.view().get("state").asString()).isEqualTo("HANDED_OUT");
    }

    @Test
    void aCoTeacherTakesBackWhatACoTeacherDid() {
        HttpCaller idris = as("idris", "CO_TEACHER");
        task.change(base("minutes", 45)).ok();
        idris.post("/api/task-steps/" + task.lastStep() + "/undo", null).ok();
        assertThat(task.view().get("versions").get(0).get("minutes").asInt()).isEqualTo(20);
        assertThat(task.view().get("lastStep").get("by").asString()).startsWith("Idris");
    }

    @Test
    void aTaskCannotBeGivenToAClassThatOneMayNotChange() {
        long kestrel = as("idris", "CO_TEACHER")
                .get("/api/classes")
                .ok()
                .get("classes")
                .valueStream()
                .map(each -> each.get("id").asLong())
                .filter(id -> teacher().get("/api/classes/" + id + "/students").status() == 404)
                .findFirst()
                .orElseThrow();
        HttpCaller.Answer refused =
                task.change(edit -> edit.put("otherClasses", List.of(Map.of("classId", kestrel, "sets", List.of()))));
        assertThat(refused.status()).isEqualTo(404);
    }

    @Test
    void aSessionIsLedByAnAdultOfTheClass() {
        Map<String, Object> session = new LinkedHashMap<>();
        session.put("version", 0);
        session.put("begins", "2027-02-10T10:20");
        session.put("minutes", 20);
        session.put("title", "");
        session.put("groups", List.of());
        session.put("adultId", 999_999);
        HttpCaller.Answer refused = own.teacher.post("/api/classes/" + own.id + "/sessions", session);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("must be an adult of this class");
        session.remove("adultId");
        session.put("groups", List.of(999_999));
        assertThat(own.teacher
                        .post("/api/classes/" + own.id + "/sessions", session)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aFeedEndsForWhoLeavesTheClass() {
        HttpCaller idris = as("idris", "CO_TEACHER");
        String address = idris.post("/api/calendar/feeds", Map.of("classId", own.id))
                .ok()
                .get("address")
                .asString();
        assertThat(nobody().get(address).status()).isEqualTo(200);
        long adult = own.teacher
                .get("/api/classes/" + own.id + "/adults")
                .ok()
                .valueStream()
                .filter(each -> each.get("displayName").asString().startsWith("Idris"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        own.teacher
                .call("DELETE", "/api/classes/" + own.id + "/adults/" + adult, null)
                .done();
        assertThat(nobody().get(address).status()).isEqualTo(404);
    }

    @Test
    void ofATaskForTwoClassesEachAdultSeesTheStudentsOfTheirOwn() {
        TestClass other = newClass("plan rights too", 2);
        other.shareWith("Idris", "CO_TEACHER");
        task.change(edit -> edit.put("otherClasses", List.of(Map.of("classId", other.id, "sets", List.of()))))
                .ok();
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        JsonNode seen = idris.get("/api/tasks/" + task.id).ok();
        assertThat(TestClass.ids(seen.get("students"))).containsExactlyInAnyOrder(other.student(1), other.student(2));
        assertThat(seen.get("mayChange").asBoolean()).isFalse();
        assertThat(task.view().get("students")).hasSize(5);
        assertThat(idris.post("/api/tasks/" + task.id + "/without", Map.of("students", List.of(other.student(1))))
                        .status())
                .isEqualTo(404);
    }
}
