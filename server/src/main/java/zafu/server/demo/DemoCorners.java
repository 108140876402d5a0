package zafu.server.demo;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import zafu.server.platform.TravellingClock;

/** Corners of two reading groups, in the first days of February. */
final class DemoCorners {
    private final HttpCaller teacher;
    private final TravellingClock clock;
    private final long classId;

    DemoCorners(HttpCaller teacher, TravellingClock clock, long classId) {
        this.teacher = teacher;
        this.clock = clock;
        this.classId = classId;
    }

    /** @param writers who are in the first of the two groups */
    void open(long reading, List<Long> groups, List<String> writers, Function<String, HttpCaller> signedIn) {
        clock.set(DemoFiller.at("2027-02-03T08:10"));
        long first = called(reading, groups.get(0), "Tide pools");
        long second = called(reading, groups.get(1), "Driftwood");
        say(
                "Thursday we walk to the marsh. Bring boots and a pencil.",
                false,
                List.of(first, second),
                "2027-02-03T08:10");
        say("The keeper of the light answers letters on Friday.", false, List.of(first), "2027-02-12T08:00");
        say("The library is open until four this week.", true, List.of(), "2027-02-03T08:15");
        long talk = made(
                "/api/corners/" + first + "/talks",
                Map.of("title", "What would you ask the keeper?", "postFirst", true, "closed", false, "version", 0));
        teacher.post("/api/talks/" + talk + "/posts", Map.of("text", "Think of the storm in the old log book."))
                .ok();
        clock.set(DemoFiller.at("2027-02-04T10:05"));
        List<String> said = List.of(
                "Did the lamp ever go out, and what did you do?",
                "How do you know in the morning how high the tide will be?",
                "Were you not bored?");
        for (int i = 0; i < said.size(); i++) {
            signedIn.apply(writers.get(i))
                    .post("/api/my/talks/" + talk + "/posts", Map.of("text", said.get(i)))
                    .done();
        }
        reportTheLast(first, signedIn.apply(writers.get(0)));
    }

    private void reportTheLast(long corner, HttpCaller student) {
        JsonNode posts = student.get("/api/my/corners/" + corner)
                .ok()
                .get("talks")
                .get(0)
                .get("posts");
        long last = posts.get(posts.size() - 1).get("id").asLong();
        student.post("/api/my/posts/" + last + "/reported", null).done();
    }

    private long called(long reading, long group, String studentName) {
        String path = "/api/arrangements/" + reading;
        for (JsonNode each : teacher.get(path).ok().get("groups")) {
            if (each.get("id").asLong() == group) {
                teacher.post(
                                path + "/steps",
                                Map.of(
                                        "kind",
                                        "RENAME",
                                        "groupId",
                                        group,
                                        "text",
                                        each.get("name").asString(),
                                        "studentName",
                                        studentName))
                        .ok();
            }
        }
        return made("/api/groups/" + group + "/corner", Map.of());
    }

    private void say(String text, boolean everyone, List<Long> corners, String from) {
        made(
                "/api/classes/" + classId + "/notices",
                Map.of(
                        "text", text,
                        "link", "",
                        "everyone", everyone,
                        "corners", corners,
                        "showFrom", from,
                        "version", 0));
    }

    private long made(String path, Map<String, Object> wanted) {
        return teacher.post(path, wanted).ok().get("id").asLong();
    }
}
