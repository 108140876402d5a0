package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class TryTest extends ServerTest {
    private static String pathOf(JsonNode page) {
        return "/api/my/tries/" + page.get("id").asLong();
    }

    private static HttpCaller.Answer answer(HttpCaller student, JsonNode page, int question, String given) {
        long id = page.get("questions").get(question).get("id").asLong();
        return student.put(pathOf(page) + "/answers/" + id, Map.of("given", given));
    }

    private static JsonNode start(HttpCaller student, long task) {
        return student.post("/api/my/tasks/" + task + "/tries", null).ok();
    }

    private long handedOut(TestClass own) {
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        return task;
    }

    @Test
    void aTryIsResumedWhereItWasLeftAndMarksItself() {
        TestClass own = newClass("resume", 2);
        long task = handedOut(own);
        JsonNode page = start(own.signedIn(1), task);
        answer(own.signedIn(1), page, 0, "1").ok();

        HttpCaller onAnotherDevice = own.signedIn(1);
        JsonNode again = start(onAnotherDevice, task);
        assertThat(again.get("id")).isEqualTo(page.get("id"));
        assertThat(again.get("clock").get("endsAt")).isEqualTo(page.get("clock").get("endsAt"));
        assertThat(again.get("questions").get(0).get("given").asString()).isEqualTo("1");

        answer(onAnotherDevice, page, 1, "5,8").ok();
        JsonNode done = onAnotherDevice.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(done.get("earned").asInt()).isEqualTo(3);
        assertThat(done.get("possible").asInt()).isEqualTo(3);
    }

    @Test
    void theNewestAnswerCountsAndGivingItTwiceChangesNothing() {
        TestClass own = newClass("newest", 2);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own));
        answer(student, page, 0, "1").ok();
        answer(student, page, 0, "0").ok();
        answer(student, page, 0, "0").ok();
        JsonNode done = student.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(done.get("earned").asInt()).isZero();
    }

    @Test
    void atTheEndOfTimeItIsHandedInByItselfWithWhatTheServerHas() {
        TestClass own = newClass("time", 2);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own));
        answer(student, page, 0, "1").ok();
        clock.advance(Duration.ofMinutes(20));
        assertThat(answer(student, page, 1, "6").ok().get("as").asString()).isEqualTo("AFTER_END");
        JsonNode done = student.get(pathOf(page)).ok();
        assertThat(done.get("handedIn").asBoolean()).isTrue();
        assertThat(done.get("endedByTime").asBoolean()).isTrue();
        assertThat(done.get("earned").asInt()).isEqualTo(2);
    }

    @Test
    void beforeItOpensAndAfterItClosesNothingIsStarted() {
        TestClass own = newClass("open", 2);
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> base = own.version("Base", TestClass.forEveryone());
        base.put("id", own.task(task).get("versions").get(0).get("id").asLong());
        base.put("opens", "2027-02-09T09:00:00");
        base.put("closes", "2027-02-09T10:00:00");
        own.change(task, List.of(base)).ok();
        own.handOut(task, false).ok();
        HttpCaller student = own.signedIn(1);
        assertThat(student.post("/api/my/tasks/" + task + "/tries", null)
                        .body()
                        .get("code")
                        .asString())
                .isEqualTo("not-open");
        clock.set(at("2027-02-09T09:50"));
        JsonNode page = start(student, task);
        assertThat(page.get("clock").get("endsAt").asString())
                .isEqualTo(at("2027-02-09T10:00").toString());
        clock.set(at("2027-02-09T10:00"));
        assertThat(own.signedIn(2)
                        .post("/api/my/tasks/" + task + "/tries", null)
                        .body()
                        .get("code")
                        .asString())
                .isEqualTo("closed");
    }

    @Test
    void aSecondTryNeedsASecondTryAllowed() {
        TestClass own = newClass("tries", 2);
        long task = handedOut(own);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, task);
        student.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(student.post("/api/my/tasks/" + task + "/tries", null).status())
                .isEqualTo(409);
    }

    @Test
    void theGridShowsWhatWasGivenAndCountsNothingElse() {
        TestClass own = newClass("grid", 4);
        long task = own.draft(TestClass.targets(true, List.of(), List.of(), List.of(own.student(4))));
        own.handOut(task, true).ok();
        HttpCaller first = own.signedIn(1);
        JsonNode page = start(first, task);
        answer(first, page, 0, "1").ok();
        first.post(pathOf(page) + "/hand-in", null).ok();
        start(own.signedIn(2), task);
        JsonNode grid = own.teacher.get("/api/classes/" + own.id + "/progress").ok();
        assertThat(grid.get("tasks").get(0).get("handedIn").asInt()).isEqualTo(1);
        assertThat(grid.get("tasks").get(0).get("covered").asInt()).isEqualTo(3);
        assertThat(grid.get("groups").get(0).get("students").valueStream().map(row -> row.get("cells")
                        .path(0)
                        .path("state")
                        .asString("not theirs")))
                .containsExactly("HANDED_IN", "NOW", "NOT_STARTED", "not theirs");
    }
}
