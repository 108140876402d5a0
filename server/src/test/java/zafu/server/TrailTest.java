package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Everything that changes people, needs, scores or lists leaves a line of who and when; what is refused leaves none. */
class TrailTest extends ServerTest {
    @Autowired
    JdbcTemplate jdbc;

    private interface Deed {
        void carryOut();
    }

    private List<String> linesOf(Deed deed) {
        Long last = jdbc.queryForObject("select coalesce(max(id), 0) from audit_line", Long.class);
        deed.carryOut();
        List<Map<String, Object>> lines =
                jdbc.queryForList("select what, adult_id, noted_at from audit_line where id > ? order by id", last);
        assertThat(lines).allSatisfy(line -> {
            assertThat(line.get("adult_id")).isNotNull();
            assertThat(line.get("noted_at")).isNotNull();
        });
        return lines.stream().map(line -> (String) line.get("what")).toList();
    }

    private static Map<String, Object> facts(String given) {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("givenName", given);
        facts.put("familyName", "Test");
        facts.put("preferredName", "");
        facts.put("grade", 5);
        facts.put("language", "");
        facts.put("homeClass", "");
        facts.put("studentNumber", "");
        return facts;
    }

    @Test
    void whatIsDoneToAStudent() {
        TestClass own = newClass("trail student", 2);
        TestClass other = newClass("trail other", 1);
        String path = "/api/students/" + own.student(1);
        long version = own.teacher.get(path).ok().get("version").asLong();
        Map<String, Object> edit = Map.of("version", version, "facts", facts("Sam"), "tags", List.of("crew"));
        assertThat(linesOf(() -> own.teacher.put(path, edit).done())).containsExactly("student.changed");
        assertThat(linesOf(() -> own.teacher.put(path, edit))).isEmpty();
        assertThat(linesOf(() -> own.deed("ARCHIVE", "", own.student(1)).done()))
                .containsExactly("student.archived");
        assertThat(linesOf(() -> own.deed("BRING_BACK", "", own.student(1)).done()))
                .containsExactly("student.brought-back");
        assertThat(linesOf(
                        () -> own.deed("ADD_TO_CLASS", other.id, own.student(1)).done()))
                .containsExactly("student.added-to-class");
        assertThat(linesOf(() -> own.deed("TAKE_OUT", other.id, own.student(1)).done()))
                .containsExactly("student.taken-out");
        assertThat(linesOf(() ->
                        own.deed("TAG", "crew", own.student(1), own.student(2)).done()))
                .containsExactly("student.tagged");
        assertThat(linesOf(() -> own.deed("UNTAG", "crew", own.student(1), own.student(2))
                        .done()))
                .containsExactly("student.untagged", "student.untagged");
        assertThat(linesOf(() -> own.teacher.get(path + "/record").ok())).containsExactly("student.record-given-out");
    }

    @Test
    void whatIsDoneToNeedsAndCodes() {
        TestClass own = newClass("trail needs", 1);
        assertThat(linesOf(() -> own.grant(1, "UNTIMED", null).ok())).containsExactly("need.granted");
        assertThat(linesOf(() -> own.grant(1, "UNTIMED", "3"))).isEmpty();
        String needs = "/api/students/" + own.student(1) + "/needs";
        assertThat(linesOf(() -> own.teacher.get(needs).ok())).containsExactly("needs.seen");
        long id = own.teacher
                .get(needs)
                .ok()
                .get("accommodations")
                .get(0)
                .get("id")
                .asLong();
        String path = "/api/students/" + own.student(1) + "/accommodations/" + id;
        assertThat(linesOf(() -> own.teacher.post(path + "/end", null).done())).containsExactly("need.ended");
        assertThat(linesOf(() -> own.teacher.post(path + "/grant-again", null).done()))
                .containsExactly("need.granted-again");
        assertThat(linesOf(() -> own.teacher
                        .post(
                                "/api/students/" + own.student(1) + "/plans",
                                Map.of("kind", "Learning plan", "source", ""))
                        .ok()))
                .containsExactly("need.plan-added");
        String codes = "/api/classes/" + own.id + "/entry-codes";
        assertThat(linesOf(() -> own.teacher
                        .post(codes, Map.of("deed", "REVOKE", "students", List.of(own.student(1))))
                        .done()))
                .containsExactly("entry-code.revoked");
        assertThat(linesOf(() -> own.teacher
                        .post(codes, Map.of("deed", "RENEW", "students", List.of(own.student(1))))
                        .done()))
                .containsExactly("entry-code.renewed");
    }

    @Test
    void whatComesInAndGoesOut() {
        TestClass own = newClass("trail lists", 1);
        String list = "Name,Tideline reading scale\nS1 Test,222\n";
        JsonNode[] taken = new JsonNode[1];
        assertThat(linesOf(() -> taken[0] = own.bringIn("2027-02-08", list))).containsExactly("class-list.taken");
        assertThat(linesOf(() -> own.teacher
                        .upload("/api/class-lists/preview", list.getBytes(), own.listOf("2027-02-08"))
                        .ok()))
                .isEmpty();
        assertThat(linesOf(() -> own.teacher
                        .post("/api/imports/" + taken[0].get("importId").asLong() + "/undo", null)
                        .done()))
                .containsExactly("import.undone");
        assertThat(linesOf(() -> own.teacher.get("/api/classes/" + own.id + "/export?what=SCORES&as=CSV")))
                .containsExactly("list.given-out");
        assertThat(linesOf(() -> own.teacher.getBytes("/api/classes/" + own.id + "/entry-cards")))
                .containsExactly("entry-cards.printed");
        Map<String, Object> cell = Map.of("studentId", own.student(1), "measureId", 1, "typed", "300");
        assertThat(linesOf(() -> own.teacher
                        .put(
                                "/api/classes/" + own.id + "/score-sheet",
                                Map.of("on", "2027-02-09", "cells", List.of(cell)))
                        .ok()))
                .containsExactly("scores.typed");
    }

    @Test
    void whatIsDoneToClassesAndAdults() {
        HttpCaller administrator = teacher();
        Map<String, Object> edit = Map.of("name", "Trail", "grade", 5, "subject", "", "termIds", List.of());
        long[] id = new long[1];
        assertThat(linesOf(() -> id[0] =
                        administrator.post("/api/classes", edit).ok().get("id").asLong()))
                .containsExactly("class.made");
        String path = "/api/classes/" + id[0];
        assertThat(linesOf(() -> administrator.put(path, edit).done())).containsExactly("class.changed");
        assertThat(linesOf(() -> administrator.post(path + "/archive", null).done()))
                .containsExactly("class.archived");
        assertThat(linesOf(() -> administrator.post(path + "/bring-back", null).done()))
                .containsExactly("class.brought-back");
        long wen = administrator
                .get("/api/adults")
                .ok()
                .valueStream()
                .filter(each -> each.get("displayName").asString().startsWith("Wen"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        assertThat(linesOf(() -> administrator
                        .put(path + "/adults/" + wen, Map.of("role", "SUPPORT"))
                        .done()))
                .containsExactly("role.given");
        assertThat(linesOf(() -> administrator
                        .call("DELETE", path + "/adults/" + wen, null)
                        .done()))
                .containsExactly("role.taken");
        assertThat(linesOf(() -> administrator
                        .put(path + "/door", Map.of("opened", true, "password", "cockle"))
                        .ok()))
                .containsExactly("door.opened");
    }

    @Test
    void whatIsDoneToMeasuresAndTheCalendar() {
        HttpCaller administrator = teacher();
        JsonNode year = administrator.get("/api/school/calendar").ok();
        assertThat(linesOf(() -> administrator.put("/api/school/calendar", year).ok()))
                .containsExactly("calendar.changed");
        assertThat(administrator.get("/api/school/calendar").ok()).isEqualTo(year);
        Map<String, Object> noCuts = Map.of("grade", 13, "season", "SPRING", "cuts", List.of());
        assertThat(linesOf(
                        () -> administrator.put("/api/measures/1/cuts", noCuts).done()))
                .containsExactly("measure.cuts-set");
    }

    @Test
    void aTermThatEndsEarlyChangesNothing() {
        HttpCaller administrator = teacher();
        JsonNode before = administrator.get("/api/school/calendar").ok();
        Map<String, Object> wrong = Map.of(
                "terms",
                List.of(Map.of("name", "Backwards", "from", "2027-06-30", "to", "2027-01-04")),
                "closedDays",
                List.of(Map.of("day", "2027-02-15", "reason", "x")),
                "day",
                Map.of("starts", "08:45", "lunchStarts", "12:00", "lunchEnds", "12:45", "ends", "15:00"));
        HttpCaller.Answer refused = administrator.put("/api/school/calendar", wrong);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("The term \"Backwards\" ends on 4 January 2027, before it begins on 30 June 2027.");
        assertThat(administrator.get("/api/school/calendar").ok()).isEqualTo(before);
    }
}
