package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zafu.server.demo.HttpCaller;

/** What a family may ask for. */
class RecordTest extends ServerTest {
    private static final String PLANTED = "Qzwertyplover";

    @Autowired
    JdbcTemplate jdbc;

    private TestClass withAWholeLife(String name) {
        TestClass own = newClass(name, 2);
        own.arrange(1);
        own.grant(1, "READ_ALOUD", null).ok();
        own.bringIn("2027-02-08", "Name,Tags,Find the ratio\nS1 Test,crew,90 %\n");
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/pair-notes",
                        Map.of("oneId", own.student(1), "otherId", own.student(2), "kind", "WORKS_WELL", "weight", 1))
                .done();
        long survey = own.teacher
                .post("/api/classes/" + own.id + "/surveys", Map.of("question", "Which?", "options", List.of("a", "b")))
                .ok()
                .get("id")
                .asLong();
        long task = own.draft(TestClass.targets(true, List.of(), List.of(own.student(1)), List.of()));
        own.handOut(task, false).ok();
        HttpCaller student = own.signedIn(1);
        long option = student.get("/api/my/surveys")
                .ok()
                .get(0)
                .get("options")
                .get(0)
                .get("id")
                .asLong();
        student.put("/api/my/surveys/" + survey, Map.of("ranked", List.of(option)))
                .done();
        JsonNode page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        student.put(
                        "/api/my/tries/" + page.get("id").asLong() + "/answers/"
                                + page.get("questions").get(0).get("id").asLong(),
                        Map.of("given", "1"))
                .ok();
        return own;
    }

    @Test
    void theRecordHoldsEveryPartAndNobodyElse() {
        TestClass own = withAWholeLife("record");
        JsonNode record =
                own.teacher.get("/api/students/" + own.student(1) + "/record").ok();
        for (String part :
                List.of("tags", "classes", "groups", "needs", "scores", "skills", "wishes", "work", "works with")) {
            assertThat(record.get(part)).as(part).isNotEmpty();
        }
        assertThat(record.toString()).doesNotContain("S2");
    }

    /** One word that stands nowhere else is put wherever something about a student can be said, and looked for afterwards. */
    @Test
    void noWordAboutAnErasedStudentIsLeftAnywhere() {
        TestClass own = withAWholeLife("planted");
        long student = own.student(1);
        String path = "/api/students/" + student;
        JsonNode sheet = own.teacher.get(path).ok();
        ObjectNode facts = (ObjectNode) sheet.get("facts");
        facts.put("givenName", PLANTED).put("familyName", PLANTED).put("studentNumber", PLANTED + "7");
        own.teacher
                .put(path, Map.of("version", sheet.get("version").asLong(), "facts", facts, "tags", List.of(PLANTED)))
                .done();
        // A list that names somebody otherwise keeps the name before, to be taken back.
        own.bringIn(
                "2027-02-09",
                "Student number,Given name,Family name,Find the ratio\n" + PLANTED + "7,S1,Otherwise,70 %\n");
        Map<String, Object> need = new LinkedHashMap<>(Map.of(
                "support",
                "READ_ALOUD",
                "detail",
                PLANTED,
                "works",
                List.of(),
                "subjects",
                List.of(),
                "source",
                PLANTED));
        own.teacher.post(path + "/accommodations", need).done();
        assertThat(everything().stream().filter(line -> line.startsWith("import_change ")))
                .anyMatch(line -> line.contains(PLANTED));
        own.teacher.post(path + "/erase", Map.of("name", "S1 Otherwise")).done();
        assertThat(everything().stream().filter(line -> line.contains(PLANTED))).isEmpty();
    }

    /** Every row of every table, a line each. */
    private List<String> everything() {
        return jdbc
                .queryForList(
                        "select table_name from information_schema.tables where table_schema = 'public'", String.class)
                .stream()
                .flatMap(table ->
                        jdbc.queryForList("select * from " + table).stream().map(row -> table + " " + row))
                .toList();
    }

    @Test
    void anErasedStudentIsGoneFromEveryTableAndTheDeedStays() {
        TestClass own = withAWholeLife("erase");
        long student = own.student(1);
        String path = "/api/students/" + student + "/erase";
        assertThat(own.teacher.post(path, Map.of("name", "S1")).status()).isEqualTo(422);
        own.teacher.post(path, Map.of("name", "S1 Test")).done();
        assertThat(own.screen("").get("total").asInt()).isEqualTo(1);
        List<String> tables = jdbc.queryForList(
                "select table_name from information_schema.columns where column_name = 'student_id'"
                        + " and table_schema = 'public' and table_name <> 'audit_line'",
                String.class);
        assertThat(tables).hasSizeGreaterThan(8);
        for (String table : tables) {
            assertThat(jdbc.queryForObject(
                            "select count(*) from " + table + " where student_id = ?", Integer.class, student))
                    .as(table)
                    .isZero();
        }
        assertThat(jdbc.queryForList(
                        "select facts from audit_line where subject_id = ? and what like 'need%'",
                        String.class, student))
                .isNotEmpty()
                .allMatch(String::isEmpty);
        assertThat(jdbc.queryForObject(
                        "select count(*) from audit_line where what = 'student.erased' and subject_id = ?",
                        Integer.class,
                        student))
                .isEqualTo(1);
    }
}
