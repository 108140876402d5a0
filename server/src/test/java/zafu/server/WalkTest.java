package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import zafu.server.access.AdultAccounts;
import zafu.server.demo.HttpCaller;

/** Knows every endpoint there is, an id for every place in one, and a body that it understands. */
abstract class WalkTest extends ServerTest {
    /** What anybody may call, signed in or not. */
    static final Set<String> OPEN = Set.of(
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
            "GET /api/join/{token}",
            "POST /api/join/{token}/code");

    private static final Set<String> FILES_ALONE =
            Set.of("POST /api/skills/from-file", "POST /api/library/files", "POST /api/library/packages/preview");

    static final String OTHER_TEACHER = "perpetua";
    static final String PASSWORD = "harbour-light-9";

    @Autowired
    RequestMappingHandlerMapping requestMappingHandlerMapping;

    @Autowired
    AdultAccounts adults;

    final Map<String, Object> places = new HashMap<>();

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
                "groupId",
                own.groups(arrangement).get(0)));
        places.putAll(Map.of("skillId", 1, "evidenceId", 1));
        places.put("measureId", 1);
        places.put(
                "accommodationId", own.grant(1, "UNTIMED", null).ok().get("id").asLong());
        places.put(
                "importId",
                own.bringIn("2027-02-03", "Name,Tideline reading scale\nS1 Test,101\n")
                        .get("importId")
                        .asLong());
        knowWishes(own);
        places.putAll(Map.of("pullId", 1, "wordId", 1, "adultId", 1, "token", "none", "workKey", "none"));
        places.putAll(new OwnThings(own).places((long) places.get("groupId")));
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

    private void knowWishes(TestClass own) {
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

    List<String> endpoints() {
        List<String> found = new ArrayList<>();
        requestMappingHandlerMapping.getHandlerMethods().keySet().forEach(mapping -> mapping.getPatternValues().stream()
                .filter(path -> path.startsWith("/api/"))
                .forEach(path ->
                        mapping.getMethodsCondition().getMethods().forEach(method -> found.add(method + " " + path))));
        assertThat(found).hasSizeGreaterThan(30);
        return found;
    }

    Stream<String> endpointsBut(Set<String> left) {
        return endpoints().stream().filter(endpoint -> !left.contains(endpoint));
    }

    int call(HttpCaller caller, String endpoint) {
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
}
