package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

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
