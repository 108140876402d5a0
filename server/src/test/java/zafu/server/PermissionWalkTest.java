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
import zafu.server.access.AdultAccounts;
import zafu.server.demo.HttpCaller;

/** Walks every endpoint there is as each kind of person. A new endpoint is walked as soon as it exists. */
class PermissionWalkTest extends ServerTest {
    /** What anybody may call, signed in or not. */
    private static final Set<String> OPEN = Set.of(
            "GET /api/session",
            "POST /api/sign-in/adult",
            "POST /api/sign-in/student",
            "POST /api/sign-out",
            "POST /api/first-run");

    /** What belongs to no class and is for every adult of the school. */
    private static final Set<String> FOR_EVERY_ADULT = Set.of(
            "GET /api/classes",
            "GET /api/measures",
            "GET /api/library",
            "POST /api/library/texts",
            "PUT /api/library/texts/{textId}",
            "POST /api/library/question-sets",
            "PUT /api/library/question-sets/{setId}",
            "POST /api/class-lists",
            "POST /api/class-lists/preview");

    private static final String OTHER_TEACHER = "idris";
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
                "textId",
                1,
                "setId",
                1));
        var page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        places.put("tryId", page.get("id").asLong());
        places.put("questionId", page.get("questions").get(0).get("id").asLong());
        if (signIn(OTHER_TEACHER).status() != 200) {
            adults.create(OTHER_TEACHER, "Idris Bellweather", PASSWORD, false);
        }
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
        if (path.startsWith("/api/class-lists")) {
            Object wanted =
                    Map.of("classId", places.get("classId"), "className", "", "grade", 5, "takenOn", "2027-02-02");
            return caller.upload(path, "Name,Score\nX,1\n".getBytes(), wanted).status();
        }
        return caller.call(parts[0], path, parts[0].equals("GET") ? null : body(endpoint))
                .status();
    }

    /** A body that passes the checks of shape, so that the answer speaks of permission. */
    private Object body(String endpoint) {
        if (endpoint.endsWith("/steps") || endpoint.endsWith("/effects")) {
            return Map.of("kind", "ADD_GROUP");
        }
        if (endpoint.endsWith("/proposal")) {
            return Map.of("method", "SIMILAR", "measureId", 1, "groups", 2, "smallest", 1, "largest", 9);
        }
        if (endpoint.endsWith("/needs")) {
            return Map.of("untimed", true, "extraDays", 0);
        }
        if (endpoint.endsWith("/arrangements")) {
            return Map.of(
                    "name", "x", "subject", "x", "beginsOn", "2027-02-09", "endsOn", "2027-02-10", "measureId", 1);
        }
        if (endpoint.startsWith("PUT /api/tasks/")) {
            Map<String, Object> base = Map.of(
                    "staffName",
                    "Base",
                    "overrides",
                    List.of(),
                    "title",
                    "x",
                    "texts",
                    List.of(),
                    "questions",
                    List.of(),
                    "includesAccommodations",
                    false,
                    "tries",
                    1,
                    "targets",
                    TestClass.forEveryone());
            return Map.of("version", 0, "name", "x", "versions", List.of(base));
        }
        if (endpoint.contains("/answers/")) {
            return Map.of("given", "0");
        }
        if (endpoint.endsWith("/hand-out")) {
            return Map.of("version", 0, "confirmNotCovered", true);
        }
        return endpoint.endsWith("/take-back") ? Map.of("version", 0) : Map.of("name", "x");
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
        assertThat(endpointsBut(ownBusiness).filter(endpoint -> !endpoint.contains("/api/my/")))
                .isNotEmpty()
                .allSatisfy(endpoint -> assertThat(call(stranger, endpoint)).isEqualTo(404));
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
        Set<String> reads = Set.of("POST /api/arrangements/{arrangementId}/proposal");
        assertThat(endpointsBut(OPEN)
                        .filter(endpoint -> !endpoint.startsWith("GET") && !reads.contains(endpoint))
                        .filter(endpoint -> endpoint.contains("{") && !endpoint.contains("/library/"))
                        .filter(endpoint -> !endpoint.contains("/api/my/")))
                .isNotEmpty()
                .allSatisfy(endpoint -> assertThat(call(wen, endpoint)).isEqualTo(403));
        assertThat(wen.get("/api/classes/" + heron + "/progress").status()).isEqualTo(200);
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
