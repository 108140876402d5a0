package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class NeedsAndScoresTest extends ServerTest {
    private static HttpCaller.Answer setNeeds(TestClass own, int number, Map<String, Object> needs) {
        return own.teacher.put("/api/classes/" + own.id + "/students/" + own.student(number) + "/needs", needs);
    }

    private static JsonNode student(TestClass own, int number) {
        return own.teacher
                .get("/api/classes/" + own.id + "/students")
                .ok()
                .valueStream()
                .filter(each -> each.get("id").asLong() == own.student(number))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void needsAreKeptAndTakenAwayAgain() {
        TestClass own = newClass("needs kept", 2);
        assertThat(student(own, 1).has("needs")).isFalse();
        setNeeds(own, 1, Map.of("timeFactor", new BigDecimal("1.25"), "untimed", false, "extraDays", 1));
        assertThat(student(own, 1).get("needs").get("timeFactor").asDouble()).isEqualTo(1.25);
        assertThat(student(own, 1).get("needs").get("extraDays").asInt()).isEqualTo(1);
        setNeeds(own, 1, Map.of("untimed", false, "extraDays", 0));
        assertThat(student(own, 1).get("needs").has("timeFactor")).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"1.05, 0", "4.5, 0", "1.5, -1", "1.5, 31", "1.234, 0"})
    void needsOutsideWhatIsMeantAreRefusedWithTheField(String factor, int days) {
        TestClass own = newClass("needs refused", 1);
        HttpCaller.Answer refused =
                setNeeds(own, 1, Map.of("timeFactor", new BigDecimal(factor), "untimed", false, "extraDays", days));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("fields").get(0).get("field").asString()).isIn("timeFactor", "extraDays");
        assertThat(student(own, 1).has("needs")).isFalse();
    }

    @Test
    void aStudentOfAnotherClassIsNotReached() {
        TestClass own = newClass("needs own", 1);
        TestClass other = newClass("needs other", 1);
        HttpCaller.Answer refused = own.teacher.put(
                "/api/classes/" + own.id + "/students/" + other.student(1) + "/needs",
                Map.of("untimed", true, "extraDays", 0));
        assertThat(refused.status()).isEqualTo(404);
    }

    @Test
    void changedNeedsReachWorkThatIsOutAndNotStarted() {
        TestClass own = newClass("needs reach", 2);
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        setNeeds(own, 1, Map.of("timeFactor", new BigDecimal("2"), "untimed", false, "extraDays", 0));
        assertThat(minutesOf(own.signedIn(1))).isEqualTo(40);
        assertThat(minutesOf(own.signedIn(2))).isEqualTo(20);
        setNeeds(own, 1, Map.of("untimed", true, "extraDays", 0));
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards").get(0).has("minutes"))
                .isFalse();
    }

    private static int minutesOf(HttpCaller student) {
        return student.get("/api/my/work")
                .ok()
                .get("cards")
                .get(0)
                .get("minutes")
                .asInt();
    }

    @Test
    void aRunningTryKeepsTheTimeItBeganWith() {
        TestClass own = newClass("needs running", 1);
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        HttpCaller student = own.signedIn(1);
        JsonNode page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        setNeeds(own, 1, Map.of("timeFactor", new BigDecimal("2"), "untimed", false, "extraDays", 0));
        JsonNode now = student.get("/api/my/tries/" + page.get("id").asLong()).ok();
        assertThat(now.get("endsAt")).isEqualTo(page.get("endsAt"));
        assertThat(now.get("minutes").asInt()).isEqualTo(20);
    }

    private static JsonNode reading(TestClass own, int number) {
        return own.teacher
                .get("/api/classes/" + own.id + "/scores")
                .ok()
                .get("students")
                .valueStream()
                .filter(each -> each.get("studentId").asLong() == own.student(number))
                .findFirst()
                .orElseThrow()
                .get("scores");
    }

    private static void bringIn(TestClass own, String takenOn, String list) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("classId", own.id);
        wanted.put("className", "");
        wanted.put("grade", 5);
        wanted.put("takenOn", takenOn);
        own.teacher
                .upload("/api/class-lists", list.getBytes(StandardCharsets.UTF_8), wanted)
                .ok();
    }

    @Test
    void theLatestScoreCountsWithItsBandAndTheOthersMakeTheLine() {
        TestClass own = newClass("bands", 2);
        bringIn(own, "2026-11-16", "Name,Tideline reading scale\nS1 Test,520\n");
        bringIn(own, "2027-02-05", "Name,Tideline reading scale\nS1 Test,682\n");
        JsonNode score = reading(own, 1).get(0);
        assertThat(score.get("value").asInt()).isEqualTo(682);
        assertThat(score.get("band").asString()).isEqualTo("at benchmark");
        assertThat(score.get("stale").asBoolean()).isFalse();
        assertThat(score.get("history").valueStream().map(JsonNode::asInt)).containsExactly(520, 100, 682);
        assertThat(reading(own, 2).get(0).get("band").asString()).isEqualTo("well below");
    }

    @Test
    void anAbsenceAfterAScoreDoesNotTakeTheScoreAway() {
        TestClass own = newClass("absence", 2);
        bringIn(own, "2027-02-08", "Name,Tideline reading scale\nS1 Test,abs\nS2 Test,300\n");
        assertThat(reading(own, 1).get(0).get("value").asInt()).isEqualTo(100);
    }

    @Test
    void anOldScoreIsMarkedStaleAndStillPlaces() {
        TestClass own = newClass("stale", 4);
        clock.set(at("2027-06-10T08:10"));
        assertThat(reading(own, 1).get(0).get("stale").asBoolean()).isTrue();
        JsonNode bench = own.bench(own.arrange(2));
        assertThat(bench.get("students").valueStream().allMatch(each -> each.get("stale")
                        .asBoolean()))
                .isTrue();
        assertThat(TestClass.groupOf(bench, own.student(1))).isNotNull();
    }

    @Test
    void theBenchMarksWhoStandsCloseToTheLine() {
        TestClass own = newClass("close", 6);
        JsonNode bench = own.bench(own.arrange(2));
        // Scores are 10 apart, the cut lies in the middle of 120 and 130, and the error is 22.
        assertThat(bench.get("students").valueStream().map(each -> each.get("closeToLine")
                        .asBoolean()))
                .containsExactly(false, true, true, true, true, false);
    }
}
