package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** Walks as adults of the roles between owner and stranger, as members of other groups, and as those who were members. */
class RolesWalkTest extends WalkTest {
    /** What owners keep to themselves: who works in the class. */
    private static final Set<String> FOR_OWNERS = Set.of(
            "PUT /api/classes/{classId}/adults/{adultId}",
            "DELETE /api/classes/{classId}/adults/{adultId}",
            "GET /api/classes/{classId}/invitations",
            "POST /api/classes/{classId}/invitations",
            "DELETE /api/classes/{classId}/invitations/{invitationId}");

    /** Listens and never ends. */
    private static final String NEWS = "GET /api/classes/{classId}/news";

    private TestClass own() {
        return TestClass.of(teacher(), port, (long) places.get("classId"));
    }

    private HttpCaller colleague(String role) {
        own().shareWith("Idris", role);
        return nobody().signInAdult("idris", "salt-marsh-5");
    }

    private Stream<String> ofTheClass() {
        return endpointsBut(OPEN)
                .filter(each -> !each.equals(NEWS))
                .filter(each -> each.contains("{classId}")
                        || each.contains("{taskId}")
                        || each.contains("{arrangementId}")
                        || each.contains("{groupId}")
                        || each.contains("{cornerId}"))
                .filter(each -> !each.contains("/api/my/"));
    }

    @Test
    void aCoTeacherMayWhatAnOwnerMayButForWhoWorksInTheClass() {
        HttpCaller idris = colleague("CO_TEACHER");
        HttpCaller owner = teacher();
        assertThat(ofTheClass().filter(each -> each.startsWith("GET") && !FOR_OWNERS.contains(each)))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(call(idris, each)).isEqualTo(call(owner, each)));
        assertThat(ofTheClass().filter(each -> !each.startsWith("DELETE") && !FOR_OWNERS.contains(each)))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(call(idris, each)).isNotIn(401, 403));
    }

    @Test
    void whoWorksInTheClassIsForItsOwners() {
        HttpCaller idris = colleague("CO_TEACHER");
        assertThat(FOR_OWNERS).allSatisfy(each -> assertThat(call(idris, each)).isEqualTo(403));
    }

    @Test
    void aViewerChangesNothing() {
        HttpCaller idris = colleague("VIEWER");
        assertThat(ofTheClass()
                        .filter(each -> !each.startsWith("GET"))
                        // What they have read, and that they are no longer there, is their own.
                        .filter(each ->
                                !each.endsWith("/read") && !each.equals("DELETE /api/corners/{cornerId}/meeting")))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(call(idris, each)).isIn(403, 404));
    }

    @Test
    void whoWasAColleagueIsAStranger() {
        HttpCaller idris = colleague("CO_TEACHER");
        idris.get("/api/classes/" + places.get("classId") + "/progress").ok();
        String feed = idris.post("/api/calendar/feeds", Map.of("classId", places.get("classId")))
                .ok()
                .get("address")
                .asString();
        assertThat(nobody().get(feed).text()).contains("BEGIN:VEVENT");
        TestClass own = own();
        own.teacher
                .call("DELETE", "/api/classes/" + own.id + "/adults/" + own.adult("Idris"), null)
                .done();
        assertThat(ofTheClass()).isNotEmpty().allSatisfy(each -> assertThat(call(idris, each))
                .isEqualTo(404));
        assertThat(nobody().get(feed).text()).doesNotContain("BEGIN:VEVENT");
    }

    /** What belongs to the group of the first student alone, or to that student. */
    private Stream<String> ofTheFirstGroup() {
        return endpoints().stream().filter(each -> each.contains("/api/my/")).filter(each -> Stream.of(
                        "{cornerId}", "{noticeId}", "{talkId}", "{postId}", "{tryId}", "{fileId}")
                .anyMatch(each::contains));
    }

    @Test
    void aStudentOfAnotherGroupReachesNothingOfThisOne() {
        TestClass own = own();
        long arrangement = (long) places.get("arrangementId");
        long elsewhere = own.groups(arrangement).get(1);
        HttpCaller other = own.signedIn(6);
        assertThat(TestClass.groupOf(own.bench(arrangement), own.student(6))).isEqualTo(elsewhere);
        assertThat(ofTheFirstGroup()).isNotEmpty().allSatisfy(each -> assertThat(call(other, each))
                .isEqualTo(404));
    }

    @Test
    void whoHasLeftTheGroupReachesNothingOfItButTheirOwnTries() {
        TestClass own = own();
        HttpCaller left = own.signedIn(1);
        left.get("/api/my/corners/" + places.get("cornerId")).ok();
        own.step((long) places.get("arrangementId"), Map.of("kind", "PLACE", "students", List.of(own.student(1))));
        assertThat(ofTheFirstGroup().filter(each -> !each.contains("{tryId}")))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(call(left, each)).isEqualTo(404));
    }
}
