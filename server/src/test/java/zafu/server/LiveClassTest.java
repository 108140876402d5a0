package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Who is where in a task, and minutes for several at once. */
class LiveClassTest extends ServerTest {
    private TestClass own;
    private OwnWork work;

    @BeforeEach
    void aQuizThatOneHandedInAndOneBegan() {
        clock.set(at("2027-02-09T09:00"));
        own = newClass("live", 4);
        work = OwnWork.handedOut(own, Map.of());
        work.done(1, OwnWork.ALL_RIGHT);
        begin(2);
    }

    private long begin(int number) {
        return own.signedIn(number)
                .post("/api/my/tasks/" + work.task + "/tries", null)
                .ok()
                .get("id")
                .asLong();
    }

    private JsonNode live(int number) {
        return own.teacher
                .get("/api/tasks/" + work.task + "/live")
                .ok()
                .get("students")
                .valueStream()
                .filter(each -> each.get("studentId").asLong() == own.student(number))
                .findFirst()
                .orElseThrow();
    }

    private HttpCaller.Answer addMinutes(long... tries) {
        return own.teacher.post("/api/tasks/" + work.task + "/minutes", Map.of("tries", tries, "minutes", 5));
    }

    @Test
    void eachIsSeenWhereTheyAre() {
        assertThat(live(1).get("where").asString()).isEqualTo("HANDED_IN");
        assertThat(live(2).get("where").asString()).isEqualTo("NO_CONNECTION");
        assertThat(live(3).get("where").asString()).isEqualTo("NOT_BEGUN");
        clock.advance(Duration.ofMinutes(4));
        JsonNode quiet = live(2);
        assertThat(quiet.get("quietSeconds").asLong()).isEqualTo(240);
        assertThat(quiet.get("secondsLeft").asLong()).isEqualTo(16 * 60);
        assertThat(quiet.get("questions").asInt()).isEqualTo(2);
    }

    @Test
    void minutesAreForThoseWhoStillWorkUnderTime() {
        long second = live(2).get("tryId").asLong();
        long third = begin(3);
        long first = live(1).get("tryId").asLong();
        JsonNode given = addMinutes(first, second, third).ok();
        assertThat(TestClass.longs(given.get("tries"))).containsExactlyInAnyOrder(second, third);
        assertThat(live(3).get("secondsLeft").asLong()).isEqualTo(25 * 60);
        assertThat(live(2).get("addedMinutes").asInt()).isEqualTo(5);
        assertThat(addMinutes(first).status()).isEqualTo(409);
    }

    @Test
    void aTryOfAnotherTaskIsNotHere() {
        OwnWork other = OwnWork.handedOut(own, Map.of());
        assertThat(own.teacher
                        .post(
                                "/api/tasks/" + other.task + "/minutes",
                                Map.of("tries", List.of(live(2).get("tryId").asLong()), "minutes", 5))
                        .status())
                .isEqualTo(404);
        assertThat(live(2).get("addedMinutes").asInt()).isZero();
    }
}
