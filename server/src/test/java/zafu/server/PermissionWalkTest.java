package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** Walks every endpoint there is as each kind of person. A new endpoint is walked as soon as it exists. */
class PermissionWalkTest extends WalkTest {
    /** What belongs to no class and is for every adult of the school. */
    private static final Set<String> FOR_EVERY_ADULT = Set.of(
            "GET /api/report-languages",
            "GET /api/about",
            "GET /api/preparing-items",
            "GET /api/classes",
            "GET /api/measures",
            "GET /api/phrases",
            "POST /api/phrases",
            "DELETE /api/phrases/{phraseId}",
            "GET /api/library/items/{itemId}",
            "POST /api/library/items",
            "PUT /api/library/items/{itemId}",
            "DELETE /api/library/items/{itemId}",
            "POST /api/library/items/deleted",
            "POST /api/library/items/restored",
            "POST /api/library/items/{itemId}/copies",
            "PUT /api/library/items/{itemId}/star",
            "GET /api/library/items/{itemId}/preview",
            "GET /api/library/questions",
            "POST /api/library/files",
            "GET /api/files/{fileId}",
            "GET /api/library/links",
            "POST /api/library/links/followed",
            "GET /api/library/packages",
            "POST /api/library/packages",
            "POST /api/library/packages/preview",
            "GET /api/library/units",
            "POST /api/library/units",
            "PUT /api/library/units/{unitId}",
            "DELETE /api/library/units/{unitId}",
            "POST /api/library/units/{unitId}/restored",
            "GET /api/skills",
            "POST /api/skills",
            "PUT /api/skills/{skillId}",
            "DELETE /api/skills/{skillId}",
            "POST /api/skills/removed",
            "POST /api/skills/restored",
            "POST /api/skills/from-file",
            "POST /api/class-lists",
            "POST /api/class-lists/preview",
            "GET /api/students",
            "POST /api/groups/join",
            "GET /api/narrowings",
            "PUT /api/narrowings",
            "POST /api/classes",
            "POST /api/measures",
            "PUT /api/measures/{measureId}",
            "GET /api/measures/{measureId}/cuts",
            "PUT /api/measures/{measureId}/cuts",
            "GET /api/school/calendar",
            "GET /api/school/writing",
            "GET /api/adults",
            "GET /api/name-sets",
            "POST /api/name-sets",
            "PUT /api/account/password",
            "PUT /api/account/first-steps",
            "PUT /api/account/language",
            "GET /api/account/sign-ins",
            "DELETE /api/account/sign-ins/{key}",
            "POST /api/account/sign-out-everywhere",
            "GET /api/calendar/feeds",
            "POST /api/calendar/feeds",
            "GET /api/under-way/{workKey}");

    /** What looks after the whole school. */
    private static boolean isForAdministrators(String endpoint) {
        return endpoint.contains("/api/school/")
                && !endpoint.equals("GET /api/school/calendar")
                && !endpoint.equals("GET /api/school/writing");
    }

    /** What a leader of groups may ask of the whole class or a task, and is answered for these groups. */
    private static final Set<String> KEPT_TO_ONES_GROUPS = Set.of(
            "GET /api/classes/{classId}/progress",
            "GET /api/classes/{classId}/arrangements",
            "GET /api/classes/{classId}/corners",
            "GET /api/classes/{classId}/meetings",
            "GET /api/tasks/{taskId}/live",
            "GET /api/tasks/{taskId}/results",
            "GET /api/tasks/{taskId}/marking");

    @Test
    void nobodyGetsInUnlessTheEndpointIsOpen() {
        assertThat(endpointsBut(OPEN))
                .allSatisfy(endpoint -> assertThat(call(nobody(), endpoint)).isIn(401, 403));
    }

    @Test
    void aStudentReachesOnlyTheStudentsPages() {
        TestClass other = newClass("walk students", 3);
        HttpCaller student = other.signedIn(1);
        assertThat(endpointsBut(OPEN).filter(endpoint -> !endpoint.contains("/api/my/")))
                .allSatisfy(endpoint -> assertThat(call(student, endpoint))
                        .isEqualTo(endpoint.equals("GET /api/files/{fileId}") ? 404 : 403));
    }

    @Test
    void aStudentReachesNoWorkOfAnother() {
        HttpCaller student = newClass("walk others", 3).signedIn(1);
        assertThat(endpoints().stream().filter(endpoint -> endpoint.contains("/api/my/") && endpoint.contains("{")))
                .isNotEmpty()
                .allSatisfy(endpoint -> assertThat(call(student, endpoint)).isEqualTo(404));
    }

    @Test
    void aTeacherReachesNoClassOfAnother() {
        HttpCaller stranger = nobody().signInAdult(OTHER_TEACHER, PASSWORD);
        Set<String> ownBusiness = new HashSet<>(FOR_EVERY_ADULT);
        ownBusiness.addAll(OPEN);
        assertThat(endpointsBut(ownBusiness)
                        .filter(endpoint -> !endpoint.contains("/api/my/") && !isForAdministrators(endpoint)))
                .isNotEmpty()
                .allSatisfy(endpoint -> assertThat(call(stranger, endpoint)).isEqualTo(404));
        assertThat(endpoints().stream().filter(PermissionWalkTest::isForAdministrators))
                .isNotEmpty()
                .allSatisfy(endpoint -> assertThat(call(stranger, endpoint)).isEqualTo(403));
        assertThat(Stream.of("POST /api/class-lists", "POST /api/class-lists/preview"))
                .allSatisfy(endpoint -> assertThat(call(stranger, endpoint)).isEqualTo(404));
    }

    /** What is for every adult is for each of them alone where it is their own. */
    @Test
    void whatATeacherKeepsToThemselvesIsNotThereForAnother() {
        HttpCaller stranger = nobody().signInAdult(OTHER_TEACHER, PASSWORD);
        List<String> ownThings =
                List.of("{itemId}", "{fileId}", "{phraseId}", "{nameSetId}", "{narrowingId}", "{key}", "{feedId}");
        assertThat(endpoints().stream()
                        .filter(endpoint -> !endpoint.contains("/api/my/"))
                        .filter(endpoint -> ownThings.stream().anyMatch(endpoint::contains)))
                .hasSizeGreaterThan(8)
                .allSatisfy(endpoint -> assertThat(call(stranger, endpoint)).isEqualTo(404));
    }

    @Test
    void aTeacherReachesNoStudentsPage() {
        HttpCaller teacher = teacher();
        assertThat(endpoints().stream().filter(endpoint -> endpoint.contains("/api/my/")))
                .isNotEmpty()
                .allSatisfy(endpoint -> assertThat(call(teacher, endpoint)).isEqualTo(403));
    }

    @Test
    void supportStaffSeeTheClassAndChangeNothing() {
        HttpCaller wen = nobody().signInAdult("wen", "salt-marsh-5");
        long heron =
                wen.get("/api/classes").ok().get("classes").get(0).get("id").asLong();
        places.put("classId", heron);
        places.put(
                "arrangementId",
                wen.get("/api/classes/" + heron + "/arrangements")
                        .ok()
                        .get(0)
                        .get("id")
                        .asLong());
        places.put(
                "taskId",
                wen.get("/api/classes/" + heron + "/tasks")
                        .ok()
                        .get(0)
                        .get("id")
                        .asLong());
        places.put(
                "studentId",
                wen.get("/api/classes/" + heron + "/students")
                        .ok()
                        .get(0)
                        .get("id")
                        .asLong());
        assertThat(endpointsBut(OPEN)
                        .filter(endpoint -> !endpoint.startsWith("GET"))
                        .filter(endpoint -> endpoint.contains("{") && !endpoint.contains("/library/"))
                        .filter(endpoint -> !endpoint.contains("/api/my/"))
                        // Support staff mark, and so give back what is marked.
                        .filter(endpoint -> !endpoint.equals("POST /api/tasks/{taskId}/returned")))
                .isNotEmpty()
                .allSatisfy(endpoint ->
                        assertThat(call(wen, endpoint)).isIn(403, endpoint.contains("{classId}") ? 403 : 404));
        assertThat(wen.get("/api/classes/" + heron + "/progress").status()).isEqualTo(200);
    }

    @Test
    void whoLeadsOneGroupReachesNothingOfTheOthers() {
        TestClass own = TestClass.of(teacher(), port, (long) places.get("classId"));
        long arrangement = (long) places.get("arrangementId");
        own.shareWith("Wen", "GROUP_SUPPORT");
        own.leads("Wen", arrangement, own.groups(arrangement).get(1));
        HttpCaller wen = nobody().signInAdult("wen", "salt-marsh-5");
        Set<String> left = new HashSet<>(KEPT_TO_ONES_GROUPS);
        // It says only that something changed, and never ends.
        left.add("GET /api/classes/{classId}/news");
        left.addAll(FOR_EVERY_ADULT);
        left.addAll(OPEN);
        assertThat(endpointsBut(left)
                        .filter(endpoint -> !endpoint.contains("/api/my/") && !isForAdministrators(endpoint)))
                .isNotEmpty()
                .allSatisfy(endpoint -> assertThat(call(wen, endpoint)).isIn(403, 404));
        assertThat(KEPT_TO_ONES_GROUPS).isNotEmpty().allSatisfy(endpoint -> assertThat(call(wen, endpoint))
                .isLessThan(300));
    }

    @Test
    void withoutTheTokenOfThePageNothingIsChanged() {
        HttpCaller teacher = teacher();
        int status = teacher.withoutToken()
                .post("/api/classes/" + places.get("classId") + "/tasks", Map.of("name", "forged"))
                .status();
        assertThat(status).isEqualTo(403);
    }
}
