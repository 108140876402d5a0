package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A teacher looks at a student's pages before the student does, at any time, without leaving a trace. */
class SeeAsTest extends ServerTest {
    @Autowired
    JdbcTemplate jdbc;

    private String path(TestClass own, String query) {
        return "/api/classes/" + own.id + "/see-as/" + own.student(1) + query;
    }

    @Test
    void aDraftIsSeenAsItWouldBeAtTheTimeAsked() {
        TestClass own = newClass("see as", 2);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(base("opens", "2027-02-11T09:00")).ok();
        assertThat(own.teacher.get(path(own, "")).ok().get("cards")).isEmpty();
        JsonNode now = own.teacher.get(path(own, "?draft=" + task.id)).ok();
        assertThat(now.get("cards").get(0).get("when").asString()).isEqualTo("LATER");
        JsonNode then = own.teacher
                .get(path(own, "?draft=" + task.id + "&at=2027-02-11T10:00:00"))
                .ok();
        JsonNode card = then.get("cards").get(0);
        assertThat(card.get("when").asString()).isEqualTo("NOW");
        assertThat(card.get("minutes").asInt()).isEqualTo(30);
        assertThat(then.get("localNow").asString()).isEqualTo("2027-02-11T10:00:00");
        JsonNode page = own.teacher.get(path(own, "/tasks/" + task.id)).ok();
        assertThat(page.get("questions")).hasSize(2);
        assertThat(page.get("clock").get("minutes").asInt()).isEqualTo(30);
    }

    @Test
    void everythingThatTheStudentsPageHoldsIsSaidAsToTheStudent() {
        TestClass own = newClass("whole page", 6);
        TestClass other = newClass("not theirs", 1);
        long group = own.groups(own.arrange(2)).get(0);
        putOnShelf(own, group);
        OwnCorner corner = new OwnCorner(own, group);
        Map<String, Object> later = new LinkedHashMap<>(OwnCorner.notice("Seals on Friday.", List.of(corner.id)));
        later.put("showFrom", "2027-02-12T08:00:00");
        corner.made("/api/classes/" + own.id + "/notices", later);
        ask(own, "What next?");
        HttpCaller student = own.signedIn(1);
        for (String part : List.of("/shelf", "/surveys", "/corners", "/corners/" + corner.id)) {
            assertThat(own.teacher.get(path(own, part)).ok())
                    .as(part)
                    .isEqualTo(student.get("/api/my" + part).ok());
        }
        assertThat(own.teacher.get(path(own, "/corners")).ok().toString()).doesNotContain("Seals");
        assertThat(own.teacher
                        .get(path(own, "/corners?at=2027-02-12T09:00:00"))
                        .ok()
                        .toString())
                .contains("Seals");
        assertThat(other.teacher
                        .get("/api/classes/" + other.id + "/see-as/" + own.student(1) + "/shelf")
                        .status())
                .isEqualTo(404);
    }

    private static void putOnShelf(TestClass own, long group) {
        Map<String, Object> item = Map.of("kind", "TEXT", "title", "The heron waits", "body", "It waits.");
        long text = own.teacher.post("/api/library/items", item).ok().get("id").asLong();
        own.teacher
                .post("/api/groups/" + group + "/shelf/items", Map.of("items", List.of(text), "starred", false))
                .done();
    }

    private static void ask(TestClass own, String question) {
        Map<String, Object> survey = Map.of("question", question, "options", List.of("Birds", "Tides"));
        own.teacher.post("/api/classes/" + own.id + "/surveys", survey).done();
    }

    @Test
    void whatAStudentHasInAnotherClassStaysOutOfSightForWhoDoesNotWorkThere() {
        TestClass own = newClass("seen in", 2);
        TestClass other = newClass("not seen in", 2);
        Map<String, Object> deed =
                Map.of("students", List.of(own.student(1)), "kind", "ADD_TO_CLASS", "classId", other.id);
        own.teacher.post("/api/students/deeds", deed).done();
        ask(other, "Asked in the other class?");
        ask(own, "Asked in this class?");
        own.shareWith("Idris", "CO_TEACHER");
        HttpCaller colleague = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(own.signedIn(1).get("/api/my/surveys").ok().toString()).contains("other class", "this class");
        assertThat(colleague.get(path(own, "/surveys")).ok().toString())
                .contains("this class")
                .doesNotContain("other class");
    }

    @Test
    void lookingWritesNothing() {
        TestClass own = newClass("no trace", 2);
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        List<Long> before = rows();
        own.teacher.get(path(own, "?at=2027-03-01T09:00:00")).ok();
        own.teacher.get(path(own, "/tasks/" + task.id)).ok();
        assertThat(rows()).isEqualTo(before);
    }

    /** How many rows each table has. */
    private List<Long> rows() {
        return jdbc
                .queryForList(
                        "select table_name from information_schema.tables where table_schema = 'public' order by 1",
                        String.class)
                .stream()
                .filter(table -> !table.startsWith("spring_session") && !table.startsWith("flyway"))
                .map(table -> jdbc.queryForObject("select count(*) from " + table, Long.class))
                .toList();
    }
}
