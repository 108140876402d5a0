package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The trail can be read by class, student, group, task and school, by those whom it concerns, and goes out as a table. */
class HistoryTest extends ServerTest {
    private static List<String> deeds(JsonNode page) {
        return page.get("lines")
                .valueStream()
                .map(each -> each.get("deed").asString())
                .toList();
    }

    private static List<String> about(JsonNode line) {
        return line.get("about")
                .valueStream()
                .map(each -> each.get("name").asString())
                .toList();
    }

    private static JsonNode history(TestClass own, String query) {
        return own.teacher.get("/api/classes/" + own.id + "/history?" + query).ok();
    }

    @Test
    void readsByStudentGroupAndArrangement() {
        TestClass own = newClass("history of moves", 4);
        long arrangement = own.arrange(2);
        JsonNode bench = own.teacher.get("/api/arrangements/" + arrangement).ok();
        long upper = bench.get("groups").get(1).get("id").asLong();
        String upperName = bench.get("groups").get(1).get("name").asString();
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", upper));

        JsonNode ofStudent = history(own, "kind=STUDENT&subject=" + own.student(1));
        assertThat(deeds(ofStudent).get(0)).isEqualTo("moved");
        JsonNode line = ofStudent.get("lines").get(0);
        assertThat(about(line)).contains("S1 Test", upperName).doesNotContain("S2 Test");
        assertThat(line.get("who").asString()).isEqualTo("Ottoline Farrow");

        assertThat(deeds(history(own, "kind=STUDENT&subject=" + own.student(4))))
                .doesNotContain("moved");
        assertThat(deeds(history(own, "kind=GROUP&subject=" + upper))).startsWith("moved");
        assertThat(deeds(history(own, "kind=ARRANGEMENT&subject=" + arrangement)))
                .contains("moved", "groups formed");
    }

    @Test
    void whatIsDoneToAStudentInNoClassIsReadByTheirTeachersAlone() {
        TestClass own = newClass("history of needs", 1);
        TestClass other = newClass("history elsewhere", 1);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        JsonNode line = history(own, "").get("lines").get(0);
        assertThat(line.get("deed").asString()).isEqualTo("accommodation added");
        assertThat(line.get("facts").asString()).contains("EXTENDED_TIME").doesNotContain("[", "null");

        assertThat(deeds(history(other, ""))).doesNotContain("accommodation added");
        assertThat(deeds(history(other, "kind=STUDENT&subject=" + own.student(1))))
                .isEmpty();
    }

    @Test
    void aTaskHasItsLinesAndGoesOutAsATable() {
        TestClass own = newClass("history of a task", 1);
        long task = TestTask.out(own, TestClass.forEveryone()).id;
        assertThat(deeds(history(own, "kind=TASK&subject=" + task)))
                .startsWith("task assigned")
                .contains("task created");

        String table = new String(
                own.teacher
                        .getBytes("/api/classes/" + own.id + "/history.csv?kind=TASK&subject=" + task)
                        .body(),
                StandardCharsets.UTF_8);
        assertThat(table).contains("When,Who,What was done").contains("task assigned,history of a task,Marsh quiz");
        assertThat(deeds(history(own, "")).get(0)).isEqualTo("history exported");
    }

    @Test
    void longTrailsComePageByPage() {
        TestClass own = newClass("a long history", 1);
        for (int i = 0; i < 60; i++) {
            own.deed("TAG", "t" + i, own.student(1)).done();
            own.deed("UNTAG", "t" + i, own.student(1)).done();
        }
        JsonNode first = history(own, "");
        assertThat(first.get("lines")).hasSize(100);
        assertThat(first.get("older").asBoolean()).isTrue();
        long last = first.get("lines").get(99).get("id").asLong();
        JsonNode second = history(own, "before=" + last);
        assertThat(second.get("older").asBoolean()).isFalse();
        assertThat(second.get("lines").valueStream().map(each -> each.get("id").asLong()))
                .allMatch(id -> id < last);
    }

    @Test
    void whoMayOnlyLookDoesNotReadIt() {
        TestClass own = newClass("history is for teachers", 1);
        own.shareWith("Wen", "SUPPORT");
        HttpCaller support = nobody().signInAdult("wen", "salt-marsh-5");
        assertThat(support.get("/api/classes/" + own.id + "/history").status()).isEqualTo(403);
        assertThat(support.get("/api/school/history").status()).isEqualTo(403);
    }

    @Test
    void administratorsReadWhoWorksWhereAndNothingAboutStudents() {
        TestClass own = newClass("history of the school", 1);
        own.grant(1, "UNTIMED", null).ok();
        own.shareWith("Wen", "VIEWER");
        JsonNode page = own.teacher.get("/api/school/history").ok();
        assertThat(deeds(page)).startsWith("role added").doesNotContain("accommodation added");
        assertThat(page.get("lines").valueStream().flatMap(each -> each.get("about")
                        .valueStream()))
                .noneMatch(each -> each.get("kind").asString().equals("STUDENT"));
    }

    @Test
    void whoIsErasedLeavesNoNameAndNoFacts() {
        TestClass own = newClass("history of an erased one", 1);
        own.deed("TAG", "secret word", own.student(1)).done();
        own.teacher
                .post("/api/students/" + own.student(1) + "/erase", Map.of("name", "S1 Test"))
                .done();
        JsonNode lines = history(own, "").get("lines");
        assertThat(lines.toString()).doesNotContain("secret word").doesNotContain("S1 Test");
    }
}
