package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A student is told what was right when the teacher has set it, and not before. */
class FeedbackTest extends ServerTest {
    private TestClass own;
    private TestTask task;
    private HttpCaller student;
    private JsonNode page;
    private String path;

    private void begin(String name, String feedback) {
        own = newClass(name, 1);
        task = TestTask.out(own, TestClass.forEveryone());
        task.change(edit -> {
                    edit.put("feedback", feedback);
                    @SuppressWarnings("unchecked")
                    Map<String, Object> base = ((List<Map<String, Object>>) edit.get("versions")).get(0);
                    base.put("due", "2027-02-09T12:00");
                    base.put("tries", 2);
                })
                .ok();
        page = task.start(1);
        path = "/api/my/tries/" + page.get("id").asLong();
        student = own.signedIn(1);
    }

    private void answerAndHandIn() {
        long question = page.get("questions").get(0).get("id").asLong();
        student.put(path + "/answers/" + question, Map.of("given", "1")).ok();
        student.post(path + "/hand-in", null).ok();
    }

    private JsonNode card() {
        return student.get("/api/my/work").ok().get("cards").get(0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"AFTER_DUE", "AFTER_MARKING"})
    void beforeItIsTimeNothingSaysHowItWent(String feedback) {
        begin("waits " + feedback, feedback);
        answerAndHandIn();
        JsonNode after = student.get(path).ok();
        assertThat(after.has("earned")).isFalse();
        assertThat(after.get("questions").get(0).has("earned")).isFalse();
        assertThat(after.get("questions").get(0).get("given").asString()).isEqualTo("1");
        assertThat(card().has("earned")).isFalse();
        assertThat(card().get("resultWaits").asString())
                .isEqualTo(feedback.equals("AFTER_DUE") ? "FOR_DUE_TIME" : "FOR_TEACHER");
    }

    @Test
    void afterTheDueTimeItShows() {
        begin("after due", "AFTER_DUE");
        answerAndHandIn();
        clock.set(at("2027-02-09T12:01"));
        assertThat(student.get(path).ok().get("earned").asInt()).isEqualTo(2);
        assertThat(card().get("earned").asInt()).isEqualTo(2);
    }

    @Test
    void whenTheTeacherGivesItBackItShowsWithWhatTheTeacherSays() {
        begin("after marking", "AFTER_MARKING");
        answerAndHandIn();
        String remark = "/api/tries/" + page.get("id").asLong() + "/remark";
        own.teacher
                .put(remark, Map.of("text", "Good links.", "returned", false))
                .ok();
        assertThat(student.get(path).ok().get("remark").asString()).isEmpty();
        own.teacher.put(remark, Map.of("text", "Good links.", "returned", true)).ok();
        JsonNode after = student.get(path).ok();
        assertThat(after.get("earned").asInt()).isEqualTo(2);
        assertThat(after.get("remark").asString()).isEqualTo("Good links.");
        assertThat(card().get("remarkBy").asString()).isEqualTo("Ottoline Farrow");
        own.teacher
                .put(remark, Map.of("text", "Good links.", "returned", false))
                .ok();
        assertThat(student.get(path).ok().has("earned")).isFalse();
    }

    @Test
    void aTryThatGoesOnIsNotGivenBack() {
        begin("goes on", "AFTER_MARKING");
        HttpCaller.Answer refused = own.teacher.put(
                "/api/tries/" + page.get("id").asLong() + "/remark", Map.of("text", "", "returned", true));
        assertThat(refused.status()).isEqualTo(409);
    }

    @Test
    void inPracticeEachAnswerIsCheckedAtOnceAndCanBeChanged() {
        begin("as they go", "AS_THEY_GO");
        assertThat(page.get("mayCheck").asBoolean()).isTrue();
        String answer =
                path + "/answers/" + page.get("questions").get(0).get("id").asLong();
        student.put(answer, Map.of("given", "0")).ok();
        assertThat(student.post(answer + "/check", null).ok().get("right").asBoolean())
                .isFalse();
        student.put(answer, Map.of("given", "1")).ok();
        assertThat(student.post(answer + "/check", null).ok().get("right").asBoolean())
                .isTrue();
    }

    @Test
    void elsewhereNothingIsCheckedWhileWorking() {
        begin("no checking", "WHEN_HANDED_IN");
        String answer =
                path + "/answers/" + page.get("questions").get(0).get("id").asLong();
        student.put(answer, Map.of("given", "1")).ok();
        assertThat(student.post(answer + "/check", null).status()).isEqualTo(404);
    }

    @Test
    void anotherTryKeepsTheEarlierOnes() {
        begin("another try", "WHEN_HANDED_IN");
        answerAndHandIn();
        JsonNode second = task.start(1);
        assertThat(second.get("number").asInt()).isEqualTo(2);
        JsonNode earlier = card().get("earlier");
        assertThat(earlier).hasSize(1);
        assertThat(earlier.get(0).get("id").asLong()).isEqualTo(page.get("id").asLong());
        assertThat(earlier.get(0).get("earned").asInt()).isEqualTo(2);
    }

    @Test
    void whatIsNamedInAStepBackIsTheFeedbackToo() {
        begin("undone", "AFTER_DUE");
        long step = task.view().get("lastStep").get("id").asLong();
        own.teacher.post("/api/task-steps/" + step + "/undo", null);
        assertThat(task.view().get("feedback").asString()).isEqualTo("WHEN_HANDED_IN");
    }
}
