package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import zafu.server.access.AdultAccounts;
import zafu.server.demo.HttpCaller;

/** Walks every endpoint there is as each kind of person. A new endpoint is walked as soon as it exists. */
class PermissionWalkTest extends ServerTest {
    /** What anybody may call, signed in or not. */
    private static final Set<String> OPEN = Set.of(
            "GET /api/session",
            "POST /api/sign-in/adult",
            "POST /api/sign-in/student",
            "GET /api/sign-in/device",
            "POST /api/sign-in/device",
            "POST /api/sign-out",
            "POST /api/first-run",
            "POST /api/join",
            "GET /api/invited/{token}",
            "POST /api/invited/{token}",
            "GET /api/join/{token}");

    /** What belongs to no class and is for every adult of the school. */
    private static final Set<String> FOR_EVERY_ADULT = Set.of(
            "GET /api/report-languages",
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
            "GET /api/library/files/{fileId}",
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
            "GET /api/narrowings",
            "PUT /api/narrowings",
            "POST /api/classes",
            "POST /api/measures",
            "PUT /api/measures/{measureId}",
            "GET /api/measures/{measureId}/cuts",
            "PUT /api/measures/{measureId}/cuts",
            "GET /api/school/calendar",
            "GET /api/adults",
            "GET /api/name-sets",
            "POST /api/name-sets",
            "PUT /api/account/password",
            "GET /api/calendar/feeds",
            "POST /api/calendar/feeds",
            "GET /api/under-way/{workKey}");

    /** What looks after the whole school. */
    private static boolean isForAdministrators(String endpoint) {
        return endpoint.contains("/api/school/") && !endpoint.equals("GET /api/school/calendar");
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

    private static final Set<String> FILES_ALONE =
            Set.of("POST /api/skills/from-file", "POST /api/library/files", "POST /api/library/packages/preview");

    private static final String OTHER_TEACHER = "perpetua";
    private static final String PASSWORD = "harbour-light-9";

    @Autowired
    RequestMappingHandlerMapping requestMappingHandlerMapping;

    @Autowired
    AdultAccounts adults;

    private final Map<String, Object> places = new HashMap<>();

    @BeforeEach
    void knowAnIdOfEverything() {
        TestClass own = newClass("walk", 6);
        long arrangement = own.arrange(2);
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        HttpCaller student = own.signedIn(1);
        places.putAll(Map.of(
                "classId",
                own.id,
                "studentId",
                own.student(1),
                "arrangementId",
                arrangement,
                "taskId",
                task,
                "itemId",
                1,
                "groupId",
                own.groups(arrangement).get(0)));
        places.putAll(Map.of("skillId", 1, "unitId", 0, "evidenceId", 1, "fileId", 0));
        places.put("measureId", 1);
        places.put(
                "accommodationId", own.grant(1, "UNTIMED", null).ok().get("id").asLong());
        places.put(
                "importId",
                own.bringIn("2027-02-03", "Name,Tideline reading scale\nS1 Test,101\n")
                        .get("importId")
                        .asLong());
        Map<String, Object> survey = Map.of("question", "Which?", "options", List.of("a", "b"));
        places.put(
                "surveyId",
                own.teacher
                        .post("/api/classes/" + own.id + "/surveys", survey)
                        .ok()
                        .get("id")
                        .asLong());
        own.teacher.put(
                "/api/classes/" + own.id + "/pair-notes",
                Map.of("oneId", own.student(1), "otherId", own.student(2), "kind", "WORKS_WELL", "weight", 1));
        places.put(
                "pairNoteId",
                own.teacher
                        .get("/api/classes/" + own.id + "/pair-notes")
                        .ok()
                        .get(0)
                        .get("id")
                        .asLong());
        places.putAll(
                Map.of("requestId", 1, "pullId", 1, "narrowingId", 1, "nameSetId", 0, "adultId", 1, "token", "none"));
        places.putAll(Map.of("workKey", "none", "phraseId", 0, "backupName", "none", "invitationId", 0));
        places.putAll(new OwnCorner(own, (long) places.get("groupId")).places());
        knowThePlan(own, task);
        var page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        places.put("tryId", page.get("id").asLong());
        places.put("questionId", page.get("questions").get(0).get("id").asLong());
        places.put("lateId", lateAnswerOf(own, student));
        if (signIn(OTHER_TEACHER).status() != 200) {
            adults.create(OTHER_TEACHER, "Perpetua Lanternrow", PASSWORD, false);
        }
    }

    private static long lateAnswerOf(TestClass own, HttpCaller student) {
        TestTask over = TestTask.out(own, TestClass.forEveryone());
        JsonNode page = over.start(1);
        String path = "/api/my/tries/" + page.get("id").asLong();
        student.post(path + "/hand-in", null).ok();
        long question = page.get("questions").get(0).get("id").asLong();
        student.put(path + "/answers/" + question, Map.of("given", "1")).ok();
        return own.teacher
                .get("/api/tries/" + page.get("id").asLong())
                .ok()
                .get("late")
                .get(0)
                .get("id")
                .asLong();
    }

    private void knowThePlan(TestClass own, long task) {
        places.put("stepId", own.task(task).get("lastStep").get("id").asLong());
        places.put(
                "feedId",
                own.teacher
                        .post("/api/calendar/feeds", Map.of("classId", own.id))
                        .ok()
                        .get("id")
                        .asLong());
        Map<String, Object> session =
                Map.of("version", 0, "begins", "2027-02-09T10:20", "minutes", 20, "title", "", "groups", List.of());
        places.put(
                "sessionId",
                own.teacher
                        .post("/api/classes/" + own.id + "/sessions", session)
                        .ok()
                        .get("id")
                        .asLong());
    }

    private HttpCaller.Answer signIn(String name) {
        return nobody().post("/api/sign-in/adult", Map.of("name", name, "password", PASSWORD));
    }

    private List<String> endpoints() {
        List<String> found = new ArrayList<>();
        requestMappingHandlerMapping.getHandlerMethods().keySet().forEach(mapping -> mapping.getPatternValues().stream()
                .filter(path -> path.startsWith("/api/"))
                .forEach(path ->
                        mapping.getMethodsCondition().getMethods().forEach(method -> found.add(method + " " + path))));
        assertThat(found).hasSizeGreaterThan(30);
        return found;
    }

    private Stream<String> endpointsBut(Set<String> left) {
        return endpoints().stream().filter(endpoint -> !left.contains(endpoint));
    }

    private int call(HttpCaller caller, String endpoint) {
        String[] parts = endpoint.split(" ");
        String path = parts[1];
        for (Map.Entry<String, Object> place : places.entrySet()) {
            path = path.replace("{" + place.getKey() + "}", String.valueOf(place.getValue()));
        }
        assertThat(path).as("an id for every place in " + endpoint).doesNotContain("{");
        path += WalkBodies.queryOf(parts[0], path);
        if (FILES_ALONE.contains(endpoint)) {
            return caller.uploadFile(path, "name\nx\n".getBytes(), "x.csv").status();
        }
        if (endpoint.equals("POST /api/library/packages")) {
            return caller.upload(path, "no zip".getBytes(), Map.of("visibility", "SCHOOL"))
                    .status();
        }
        if (endpoint.startsWith("POST") && endpoint.endsWith("/files")) {
            return caller.uploadFile(path, "x".getBytes(), "x.txt").status();
        }
        boolean bundle = path.contains("/one-roster") && parts[0].equals("POST");
        if (path.startsWith("/api/class-lists") || bundle) {
            Object wanted =
                    Map.of("classId", places.get("classId"), "className", "", "grade", 5, "takenOn", "2027-02-02");
            return caller.upload(path, "Name,Score\nX,1\n".getBytes(), wanted).status();
        }
        return caller.call(parts[0], path, parts[0].equals("GET") ? null : WalkBodies.of(endpoint, places))
                .status();
    }

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
                .allSatisfy(endpoint -> assertThat(call(student, endpoint)).isEqualTo(403));
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

    @Test
    void guessingIsSlowedDown() {
        List<Integer> statuses = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            Map<String, String> guess = Map.of("name", "nobody-of-that-name", "password", "guess-" + i);
            statuses.add(nobody().post("/api/sign-in/adult", guess).status());
        }
        assertThat(statuses).startsWith(401).endsWith(429);
        assertThat(teacher().get("/api/classes").status()).isEqualTo(200);
    }
}
