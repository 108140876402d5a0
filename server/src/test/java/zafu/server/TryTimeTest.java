package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Breaks and minutes added: the clock of a running try as the server keeps it. */
class TryTimeTest extends ServerTest {
    private TestClass own;
    private HttpCaller student;
    private JsonNode page;
    private String path;

    private void begin(String name, String breakMinutes) {
        own = newClass(name, 1);
        if (breakMinutes != null) {
            own.grant(1, "BREAKS", breakMinutes).ok();
        }
        page = TestTask.out(own, TestClass.forEveryone()).start(1);
        path = "/api/my/tries/" + page.get("id").asLong();
        student = own.signedIn(1);
    }

    private JsonNode clockSays() {
        return student.get(path + "/clock").ok();
    }

    private HttpCaller.Answer takeBreak(boolean begin) {
        return student.post(path + "/break", Map.of("begin", begin));
    }

    private HttpCaller.Answer add(int minutes) {
        return own.teacher.post("/api/tries/" + page.get("id").asLong() + "/minutes", Map.of("minutes", minutes));
    }

    private static Instant end(JsonNode says) {
        return Instant.parse(says.get("endsAt").asString());
    }

    @Test
    void aBreakStopsTheClockForAsLongAsItLasts() {
        begin("break", "5");
        Instant end = end(clockSays());
        clock.advance(Duration.ofMinutes(2));
        JsonNode paused = takeBreak(true).ok();
        assertThat(paused.get("workSecondsLeft").asLong()).isEqualTo(18 * 60);
        clock.advance(Duration.ofMinutes(3));
        assertThat(clockSays().get("workSecondsLeft").asLong()).isEqualTo(18 * 60);
        JsonNode on = takeBreak(false).ok();
        assertThat(on.get("workSecondsLeft").asLong()).isEqualTo(18 * 60);
        assertThat(on.get("breakSecondsLeft").asLong()).isEqualTo(2 * 60);
        assertThat(end(on)).isEqualTo(end.plus(Duration.ofMinutes(3)));
    }

    @Test
    void aBreakThatIsNotEndedEndsWithItsSum() {
        begin("long break", "5");
        takeBreak(true).ok();
        clock.advance(Duration.ofMinutes(9));
        JsonNode says = clockSays();
        assertThat(says.has("breakUntil")).isFalse();
        assertThat(says.get("workSecondsLeft").asLong()).isEqualTo(16 * 60);
        assertThat(says.get("breakSecondsLeft").asLong()).isZero();
        assertThat(takeBreak(true).status()).isEqualTo(409);
    }

    @Test
    void whoGivesAnAnswerIsNotOnABreakAnyMore() {
        begin("answer ends break", "5");
        takeBreak(true).ok();
        clock.advance(Duration.ofMinutes(1));
        long question = page.get("questions").get(0).get("id").asLong();
        student.put(path + "/answers/" + question, Map.of("given", "1")).ok();
        assertThat(clockSays().has("breakUntil")).isFalse();
        assertThat(clockSays().get("breakSecondsLeft").asLong()).isEqualTo(4 * 60);
    }

    @Test
    void anAnswerFromBeforeTheBreakThatComesLateDoesNotEndIt() {
        begin("late answer in break", "5");
        Instant before = clock.instant();
        clock.advance(Duration.ofSeconds(10));
        takeBreak(true).ok();
        long question = page.get("questions").get(0).get("id").asLong();
        student.put(path + "/answers/" + question, Map.of("given", "1", "givenAt", before.toString()))
                .ok();
        assertThat(clockSays().has("breakUntil")).isTrue();
    }

    @Test
    void withoutABreakGrantedThereIsNone() {
        begin("no break", null);
        assertThat(takeBreak(true).status()).isEqualTo(409);
        assertThat(takeBreak(true).text()).contains("There is no break left");
    }

    @Test
    void minutesThatTheTeacherAddsAreThereAtOnceAndCanBeTakenBack() {
        begin("added", null);
        Instant end = end(clockSays());
        add(5).ok();
        assertThat(end(clockSays())).isEqualTo(end.plus(Duration.ofMinutes(5)));
        assertThat(clockSays().get("addedMinutes").asInt()).isEqualTo(5);
        add(-5).ok();
        assertThat(end(clockSays())).isEqualTo(end);
        assertThat(add(-1).status()).isEqualTo(422);
    }

    @Test
    void toATryThatIsOverNothingIsAdded() {
        begin("over", null);
        clock.advance(Duration.ofMinutes(21));
        assertThat(add(5).status()).isEqualTo(409);
        assertThat(add(5).text()).contains("is over already");
    }

    @Test
    void theTryIsHandedInWhenTimeAndBreaksAreOverAndNotBefore() {
        begin("handed in after break", "5");
        takeBreak(true).ok();
        clock.advance(Duration.ofMinutes(2));
        takeBreak(false).ok();
        clock.advance(Duration.ofMinutes(20).minusSeconds(1));
        assertThat(student.get(path).ok().get("handedIn").asBoolean()).isFalse();
        clock.advance(Duration.ofSeconds(1));
        assertThat(student.get(path).ok().get("handedIn").asBoolean()).isTrue();
    }
}
