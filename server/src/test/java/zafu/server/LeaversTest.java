package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** At the end of a year those who have left are seen and then erased together, needs and all, and nobody else. */
class LeaversTest extends ServerTest {
    @Autowired
    JdbcTemplate jdbc;

    private Stream<JsonNode> leavers(TestClass own, String before) {
        return own.teacher.get("/api/school/leavers?before=" + before).ok().valueStream();
    }

    private List<Long> leaversOf(TestClass own, String before) {
        return leavers(own, before)
                .map(each -> each.get("id").asLong())
                .filter(id -> id >= own.student(1) && id <= own.student(4))
                .toList();
    }

    private static int erase(TestClass own, String before, long... students) {
        return own.teacher
                .post("/api/school/leavers/erased", Map.of("before", before, "students", students))
                .status();
    }

    @Test
    void whoIsArchivedOrInNoClassSinceBeforeTheDayHasLeft() {
        TestClass own = newClass("leavers", 4);
        own.deed("ARCHIVE", "", own.student(1)).done();
        // As if both had left in the summer before; a list takes students out of their only class.
        jdbc.update("update student set archived_at = timestamp '2026-06-30 12:00:00' where id = ?", own.student(1));
        jdbc.update("update enrolment set ends_on = date '2026-07-02' where student_id = ?", own.student(2));
        own.deed("ARCHIVE", "", own.student(3)).done();

        assertThat(leaversOf(own, "2026-07-01")).containsExactly(own.student(1));
        assertThat(leaversOf(own, "2026-08-01")).containsExactly(own.student(1), own.student(2));
        JsonNode second = leavers(own, "2026-08-01")
                .filter(each -> each.get("id").asLong() == own.student(2))
                .findFirst()
                .orElseThrow();
        assertThat(second.get("left").asString()).isEqualTo("2026-07-02");
        assertThat(second.get("classes").get(0).asString()).isEqualTo("leavers");
    }

    @Test
    void theyAreErasedTogetherWithTheirNeedsOrNotAtAll() {
        TestClass own = newClass("erased leavers", 4);
        own.grant(1, "UNTIMED", null).ok();
        own.deed("ARCHIVE", "", own.student(1), own.student(2)).done();
        jdbc.update(
                "update student set archived_at = timestamp '2026-06-30 12:00:00' where id in (?, ?)",
                own.student(1),
                own.student(2));
        assertThat(erase(own, "2026-08-01", own.student(1), own.student(3)))
                .as("S3 has not left")
                .isEqualTo(409);
        assertThat(count("student", "id", own.student(1))).isOne();

        assertThat(erase(own, "2026-08-01", own.student(1), own.student(2))).isLessThan(300);
        assertThat(count("student", "id", own.student(1))).isZero();
        assertThat(count("accommodation", "student_id", own.student(1))).isZero();
        assertThat(count("student", "id", own.student(3))).isOne();
        assertThat(own.teacher.get("/api/classes/" + own.id + "/students").ok().size())
                .isEqualTo(2);
    }

    private int count(String table, String column, long id) {
        return jdbc.queryForObject("select count(*) from " + table + " where " + column + " = ?", Integer.class, id);
    }

    @Test
    void aDayToComeIsRefusedAndOnlyAdministratorsAsk() {
        TestClass own = newClass("leavers to come", 1);
        assertThat(own.teacher.get("/api/school/leavers?before=2027-07-01").status())
                .isEqualTo(422);
        assertThat(nobody().signInAdult("wen", "salt-marsh-5")
                        .get("/api/school/leavers?before=2026-07-01")
                        .status())
                .isEqualTo(403);
    }
}
