package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** An arrangement is for its class, for one adult alone, or for the school to use and not to change. */
class SharedGroupsTest extends ServerTest {
    private static final Map<String, Object> NEXT =
            Map.of("name", "Taken", "beginsOn", "2027-02-10", "endsOn", "2027-03-10");

    private TestClass own;
    private long arrangement;
    private HttpCaller idris;

    @BeforeEach
    void twoTeachersOfAClassWithGroups() {
        own = newClass("groups to share", 6);
        arrangement = own.arrange(2);
        own.shareWith("Idris", "CO_TEACHER");
        idris = nobody().signInAdult("idris", "salt-marsh-5");
    }

    private void seenBy(String sight) {
        JsonNode bench = own.bench(arrangement);
        Map<String, Object> edit = new LinkedHashMap<>(Map.of(
                "name", "Reading",
                "subject", "reading",
                "purpose", "",
                "description", "",
                "note", "for us only",
                "beginsOn", "2027-02-09",
                "endsOn", "2027-03-12",
                "overlap", false,
                "classIds", List.of(own.id)));
        edit.put("sight", sight);
        edit.put("version", bench.get("details").get("version").asLong());
        own.teacher.put("/api/arrangements/" + arrangement, edit).done();
    }

    private List<Long> arrangementsOf(HttpCaller who) {
        return TestClass.ids(who.get("/api/classes/" + own.id + "/arrangements").ok());
    }

    @Test
    void whatOneKeepsToOneselfACoTeacherDoesNotSeeNorChange() {
        assertThat(arrangementsOf(idris)).contains(arrangement);
        seenBy("MINE");
        assertThat(arrangementsOf(idris)).doesNotContain(arrangement);
        assertThat(arrangementsOf(own.teacher)).contains(arrangement);
        String bench = "/api/arrangements/" + arrangement;
        assertThat(idris.get(bench).status()).isEqualTo(404);
        assertThat(idris.post(bench + "/steps", Map.of("kind", "ADD_GROUP")).status())
                .isEqualTo(404);
        String grid = "/api/classes/" + own.id + "/progress?arrangementId=" + arrangement;
        assertThat(own.teacher.get(grid).ok().get("groups")).hasSize(2);
        assertThat(idris.get(grid).ok().get("groups")).hasSize(1);
        seenBy("CLASS");
        assertThat(arrangementsOf(idris)).contains(arrangement);
    }

    @Test
    void workGivenToGroupsThatOneKeepsToOneselfReachesTheirStudents() {
        seenBy("MINE");
        long group = own.groups(arrangement).get(0);
        long task = own.draft(
                Map.of("everyone", false, "groups", List.of(group), "students", List.of(), "except", List.of()));
        own.handOut(task, true).ok();
        assertThat(own.signedIn(1).get("/api/my/work").text()).contains("Why the marsh floods");
        assertThat(own.signedIn(6).get("/api/my/work").text()).doesNotContain("Why the marsh floods");
    }

    /** Another class of Idris's with two of the students. */
    private long sciences() {
        long other = idris.post(
                        "/api/classes",
                        Map.of("name", "sciences", "grade", 5, "subject", "science", "termIds", List.of()))
                .ok()
                .get("id")
                .asLong();
        idris.post(
                        "/api/students/deeds",
                        Map.of(
                                "kind",
                                "ADD_TO_CLASS",
                                "students",
                                List.of(own.student(1), own.student(6)),
                                "classId",
                                other))
                .done();
        return other;
    }

    @Test
    void aColleagueTakesSharedGroupsForTheStudentsInCommonAndChangesNothing() {
        long other = sciences();
        String shared = "/api/classes/" + other + "/shared-arrangements";
        assertThat(TestClass.ids(idris.get(shared).ok())).doesNotContain(arrangement);
        seenBy("SCHOOL");
        JsonNode offered = idris.get(shared)
                .ok()
                .valueStream()
                .filter(each -> each.get("id").asLong() == arrangement)
                .findFirst()
                .orElseThrow();
        assertThat(offered.get("by").asString()).isEqualTo("Ottoline Farrow");
        assertThat(offered.get("groups").get(0).get("here").asInt()).isEqualTo(1);
        assertThat(offered.get("groups").get(0).get("members").asInt()).isEqualTo(3);
        assertThat(offered.toString()).doesNotContain("S1", "for us only");
        long taken = idris.post(shared + "/" + arrangement, NEXT).ok().get("id").asLong();
        JsonNode bench = idris.get("/api/arrangements/" + taken).ok();
        assertThat(bench.get("groups")).hasSize(2);
        assertThat(TestClass.groupOf(bench, own.student(1)))
                .isEqualTo(bench.get("groups").get(0).get("id").asLong());
        assertThat(TestClass.groupOf(bench, own.student(6)))
                .isEqualTo(bench.get("groups").get(1).get("id").asLong());
        // What is done to the copy stays there.
        idris.post("/api/arrangements/" + taken + "/steps", Map.of("kind", "ADD_GROUP"))
                .ok();
        assertThat(own.groups(arrangement)).hasSize(2);
    }

    @Test
    void howManyAreSharedDoesNotChangeHowOftenTheDatabaseIsRead() {
        long other = sciences();
        String shared = "/api/classes/" + other + "/shared-arrangements";
        seenBy("SCHOOL");
        idris.get(shared).ok();
        long one = RequestStatements.during(() -> idris.get(shared).ok());
        for (int i = 0; i < 3; i++) {
            arrangement = own.arrange(2);
            seenBy("SCHOOL");
        }
        idris.get(shared).ok();
        assertThat(RequestStatements.during(() -> idris.get(shared).ok())).isEqualTo(one);
    }

    @Test
    void whatIsNotSharedCannotBeTakenByItsNumber() {
        long other = sciences();
        assertThat(idris.post("/api/classes/" + other + "/shared-arrangements/" + arrangement, NEXT)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatOneKeepsToOneselfIsNotFoundByItsNumbersEither() {
        long group = own.groups(arrangement).get(0);
        String ofClass = "/api/classes/" + own.id;
        List<String> ways = List.of(
                ofClass + "/calendar.ics?groupId=" + group,
                ofClass + "/library?limit=5&groupId=" + group,
                ofClass + "/marks-file?as=CSV&groupId=" + group,
                ofClass + "/ready?groupId=" + group,
                ofClass + "/skill-map?groupId=" + group,
                ofClass + "/reports?kind=GROUP_REPORT&groupId=" + group,
                "/api/groups/" + group + "/settings",
                "/api/groups/" + group + "/shelf",
                "/api/groups/" + group + "/door");
        assertThat(ways).allSatisfy(way -> assertThat(idris.get(way).status()).isEqualTo(200));
        seenBy("MINE");
        assertThat(ways).allSatisfy(way -> assertThat(idris.get(way).status()).isEqualTo(404));
        assertThat(ways)
                .allSatisfy(way -> assertThat(own.teacher.get(way).status()).isEqualTo(200));
        long other = own.arrange(2);
        Map<String, Object> copy = Map.of(
                "method", "COPY", "copyOf", arrangement, "measureId", 1, "groups", 2, "smallest", 1, "largest", 6);
        String proposal = "/api/arrangements/" + other + "/proposal";
        assertThat(own.teacher.post(proposal, copy).status()).isEqualTo(200);
        assertThat(idris.post(proposal, copy).status()).isEqualTo(404);
    }

    @Test
    void studentsReportsAndTheWeekKnowNothingOfGroupsThatAnotherKeeps() {
        String reports = "/api/classes/" + own.id + "/reports?kind=GROUP_REPORT";
        String week = "/api/classes/" + own.id + "/week?arrangementId=" + arrangement;
        String students = "/api/students?classId=" + own.id;
        assertThat(idris.get(students).ok().toString())
                .contains("\"groupIds\":[" + own.groups(arrangement).get(0));
        assertThat(idris.get(reports).ok().get("sheets")).hasSize(2);
        String stays = "/api/students/" + own.student(1) + "/groups";
        assertThat(idris.get(stays).ok()).hasSize(1);
        int rows = idris.get(week).ok().get("rows").size();
        seenBy("MINE");
        assertThat(idris.get(students).ok().get("students").valueStream().map(each -> each.get("groupIds")
                        .size()))
                .containsOnly(0);
        assertThat(idris.get(reports).ok().get("sheets")).isEmpty();
        assertThat(idris.get(week).ok().get("rows")).hasSize(rows - 2);
        assertThat(idris.get(stays).ok()).isEmpty();
        assertThat(own.teacher.get(stays).ok()).hasSize(1);
        assertThat(own.teacher.get(reports).ok().get("sheets")).hasSize(2);
    }
}
