package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.core.need.Support;
import zafu.server.demo.HttpCaller;

/**
 * Every operation of the students' pages, asked by every student of the demo about what is theirs: no answer holds what
 * adults call a group or a version, a need, or anybody else. A new operation is walked as soon as it exists.
 */
class DiscretionWalkTest extends WalkTest {
    /** It says only that something changed, and never ends. */
    private static final String NEWS = "GET /api/my/news";

    /** Where those who are in a group together see each other's names: that is what it is for. */
    private static final List<String> TOGETHER = List.of("/corners", "/talks", "/posts");

    /** The demo has no file handed in, no door, no meeting, and no answer that may be checked: these are refused here. */
    private static final List<String> NEEDS_MORE_THAN_THE_DEMO = List.of(
            "POST /api/my/shelf/{itemId}/checked",
            "POST /api/my/corners/{cornerId}/files",
            "GET /api/my/corner-files/{fileId}",
            "POST /api/my/corners/{cornerId}/meeting",
            "PUT /api/my/corners/{cornerId}/meeting/call",
            "GET /api/my/tries/{tryId}/files/{fileId}",
            "DELETE /api/my/tries/{tryId}/files/{fileId}",
            "POST /api/my/tries/{tryId}/answers/{questionId}/check",
            "POST /api/my/tries/{tryId}/break",
            "POST /api/my/groups/join",
            "PUT /api/my/device");

    private record Sent(String endpoint, int status, String text) {}

    @Test
    void nothingThatAStudentOfTheDemoIsSentTells() {
        HttpCaller teacher = teacher();
        long heron =
                teacher.get("/api/classes").ok().get("classes").get(0).get("id").asLong();
        JsonNode students = teacher.get("/api/classes/" + heron + "/students").ok();
        Set<String> staffWords = staffWords(teacher, heron);
        assertThat(staffWords).hasSizeGreaterThan(20);
        Set<String> answered = new TreeSet<>();
        for (JsonNode student : students) {
            for (Sent each : everythingSentTo(student.get("entryCode").asString())) {
                if (each.status() < 300) {
                    answered.add(each.endpoint());
                }
                assertThat(staffWords)
                        .as(each.endpoint() + " to " + student.get("givenName").asString() + ": " + each.text())
                        .noneMatch(each.text()::contains);
                assertThat(othersIn(each, student, students))
                        .as(each.endpoint() + " to " + student.get("givenName").asString())
                        .isEmpty();
            }
        }
        assertThat(endpointsOfStudents().filter(each -> !answered.contains(each)))
                .as("what nobody of the demo was answered about")
                .containsExactlyInAnyOrderElementsOf(NEEDS_MORE_THAN_THE_DEMO);
    }

    private Stream<String> endpointsOfStudents() {
        return endpoints().stream().filter(each -> each.contains("/api/my/") && !each.equals(NEWS));
    }

    /** All operations on all that is theirs: read first, so that nothing is gone before it was read, handed in last. */
    private List<Sent> everythingSentTo(String code) {
        HttpCaller student = nobody().signInStudent(code);
        places.put("workKey", "none");
        List<Sent> sent = new ArrayList<>();
        List<Map<String, Object>> theirs = theirs(student);
        for (int round = 0; round < 3; round++) {
            int now = round;
            endpointsOfStudents().filter(each -> round(each) == now).forEach(endpoint -> choices(endpoint, theirs)
                    .forEach(own -> sent.add(callWith(student, endpoint, own))));
        }
        return sent;
    }

    private static int round(String endpoint) {
        if (endpoint.startsWith("GET") || endpoint.endsWith("/tries")) {
            return 0;
        }
        return endpoint.endsWith("/hand-in") || endpoint.startsWith("DELETE") ? 2 : 1;
    }

    /** What is theirs and has a place in the endpoint; where nothing has, it is asked once, about what is not theirs. */
    private static List<Map<String, Object>> choices(String endpoint, List<Map<String, Object>> theirs) {
        List<Map<String, Object>> fitting = theirs.stream()
                .filter(own -> own.keySet().stream().anyMatch(place -> endpoint.contains("{" + place + "}")))
                .toList();
        return fitting.isEmpty() ? List.of(Map.of()) : fitting;
    }

    private Sent callWith(HttpCaller student, String endpoint, Map<String, Object> own) {
        String[] parts = endpoint.split(" ");
        String path = parts[1];
        Map<String, Object> all = new HashMap<>(places);
        all.putAll(own);
        for (Map.Entry<String, Object> place : all.entrySet()) {
            path = path.replace("{" + place.getKey() + "}", String.valueOf(place.getValue()));
        }
        if (parts[0].equals("POST") && path.endsWith("/files")) {
            HttpCaller.Answer answer = student.uploadFile(path, "x".getBytes(), "x.txt");
            return new Sent(endpoint, answer.status(), answer.text());
        }
        HttpCaller.Answer answer =
                student.call(parts[0], path, parts[0].equals("GET") ? null : WalkBodies.of(endpoint, all));
        return new Sent(endpoint, answer.status(), answer.text());
    }

    /** Ids out of what the student's own pages say, one choice of each at a time. */
    private static List<Map<String, Object>> theirs(HttpCaller student) {
        List<Map<String, Object>> found = new ArrayList<>();
        for (JsonNode card : student.get("/api/my/work").ok().get("cards")) {
            Map<String, Object> own = new LinkedHashMap<>(Map.of("taskId", card.get("taskId")));
            JsonNode page = card.has("tryId")
                    ? student.get("/api/my/tries/" + card.get("tryId")).ok()
                    : student.post("/api/my/tasks/" + card.get("taskId") + "/tries", null)
                            .body();
            if (page != null && page.has("id")) {
                own.put("tryId", page.get("id"));
                page.path("questions")
                        .valueStream()
                        .findFirst()
                        .ifPresent(each -> own.put("questionId", each.get("id")));
                page.path("files").valueStream().findFirst().ifPresent(each -> own.put("fileId", each.get("id")));
            }
            found.add(own);
        }
        student.get("/api/my/shelf").ok().get("books").forEach(book -> found.add(Map.of("itemId", book.get("itemId"))));
        student.get("/api/my/surveys").ok().forEach(survey -> found.add(Map.of("surveyId", survey.get("id"))));
        for (JsonNode corner : student.get("/api/my/corners").ok().get("corners")) {
            Map<String, Object> own = new LinkedHashMap<>(Map.of("cornerId", corner.get("id")));
            JsonNode page = student.get("/api/my/corners/" + corner.get("id")).ok();
            page.path("talks").valueStream().findFirst().ifPresent(talk -> {
                own.put("talkId", talk.get("id"));
                talk.path("posts").valueStream().findFirst().ifPresent(post -> own.put("postId", post.get("id")));
            });
            page.path("files").valueStream().findFirst().ifPresent(file -> own.put("fileId", file.get("id")));
            found.add(own);
        }
        return found;
    }

    private static List<String> othersIn(Sent sent, JsonNode student, JsonNode all) {
        if (TOGETHER.stream().anyMatch(sent.endpoint()::contains)) {
            return List.of();
        }
        return all.valueStream()
                .filter(other -> !other.get("id").equals(student.get("id")))
                .map(other -> other.get("givenName").asString() + " "
                        + other.get("familyName").asString())
                .filter(sent.text()::contains)
                .toList();
    }

    /** What adults call groups, groupings and versions of the class, and every need that there is. */
    private static Set<String> staffWords(HttpCaller teacher, long classId) {
        Set<String> words = new TreeSet<>();
        String base = "/api/classes/" + classId;
        for (JsonNode arrangement : teacher.get(base + "/arrangements").ok()) {
            words.add(arrangement.get("name").asString());
            teacher.get("/api/arrangements/" + arrangement.get("id"))
                    .ok()
                    .get("groups")
                    .forEach(group -> words.add("\"" + group.get("name").asString()));
        }
        for (JsonNode task : teacher.get(base + "/tasks").ok()) {
            teacher.get("/api/tasks/" + task.get("id"))
                    .ok()
                    .get("versions")
                    .forEach(
                            version -> words.add("\"" + version.get("staffName").asString() + "\""));
        }
        for (Support support : Support.values()) {
            words.add("\"" + support.name());
        }
        return words;
    }
}
