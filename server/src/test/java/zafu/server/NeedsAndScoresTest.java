package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class NeedsAndScoresTest extends ServerTest {
    @Autowired
    JdbcTemplate jdbc;

    private static JsonNode needs(TestClass own, int number) {
        return own.teacher
                .get("/api/students/" + own.student(number) + "/needs")
                .ok();
    }

    private static void end(TestClass own, int number, int place) {
        long id = needs(own, number).get("accommodations").get(place).get("id").asLong();
        own.teacher
                .post("/api/students/" + own.student(number) + "/accommodations/" + id + "/end", null)
                .done();
    }

    @Test
    void needsAreGrantedEndedAndGrantedAgain() {
        TestClass own = newClass("needs kept", 2);
        assertThat(own.row(1).get("needs")).isEmpty();
        long id = own.grant(1, "EXTENDED_TIME", "1.25").ok().get("id").asLong();
        own.grant(1, "READ_ALOUD", null).ok();
        assertThat(own.row(1).get("needs").valueStream().map(each -> each.get("support")
                        .asString()))
                .containsExactly("EXTENDED_TIME", "READ_ALOUD");
        end(own, 1, 0);
        assertThat(own.row(1).get("needs")).hasSize(1);
        own.teacher
                .post("/api/students/" + own.student(1) + "/accommodations/" + id + "/grant-again", null)
                .done();
        assertThat(own.row(1).get("needs").get(0).get("amount").asDouble()).isEqualTo(1.25);
    }

    @Test
    void theSameIsGrantedToSeveralOrToNobodyAndEndedForAll() {
        TestClass own = newClass("needs of several", 3);
        Map<String, Object> untimed =
                Map.of("support", "UNTIMED", "detail", "", "works", List.of(), "subjects", List.of(), "source", "plan");
        List<Long> two = List.of(own.student(1), own.student(3));
        JsonNode granted = own.teacher
                .post("/api/accommodations", Map.of("students", two, "granted", untimed))
                .ok();
        assertThat(own.row(1).get("needs")).hasSize(1);
        assertThat(own.row(2).get("needs")).isEmpty();
        assertThat(own.row(3).get("needs")).hasSize(1);
        own.teacher.post("/api/accommodations/end", granted).done();
        assertThat(own.row(1).get("needs")).isEmpty();
        assertThat(own.row(3).get("needs")).isEmpty();

        List<Long> oneTooMany = List.of(own.student(1), Long.MAX_VALUE);
        assertThat(own.teacher
                        .post("/api/accommodations", Map.of("students", oneTooMany, "granted", untimed))
                        .status())
                .isEqualTo(404);
        assertThat(own.row(1).get("needs")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "EXTENDED_TIME, 1.05, 'Extended time takes a factor from 1.1 to 4.'",
        "EXTENDED_TIME, 4.5, 'Extended time takes a factor from 1.1 to 4.'",
        "EXTRA_DAYS, 31, 'Extra days takes a number of days from 1 to 30.'",
        "READ_ALOUD, 2, 'Read aloud has no amount. Leave it blank.'",
        "TOOL, , 'Say which tool is allowed.'"
    })
    void needsOutsideWhatIsMeantAreRefusedWithASentence(String support, String amount, String sentence) {
        TestClass own = newClass("needs refused", 1);
        HttpCaller.Answer refused = own.grant(1, support, amount);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).isEqualTo(sentence);
        assertThat(own.row(1).get("needs")).isEmpty();
    }

    @Test
    void whatIsNotInForceTodayIsKeptButNotMarked() {
        TestClass own = newClass("needs dates", 1);
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of(
                "support",
                "LARGE_TEXT",
                "detail",
                "",
                "works",
                List.of("READING"),
                "subjects",
                List.of("science"),
                "source",
                "clinic"));
        wanted.put("from", "2027-02-10");
        wanted.put("to", "2027-02-11");
        own.teacher
                .post("/api/students/" + own.student(1) + "/accommodations", wanted)
                .ok();
        assertThat(own.row(1).get("needs")).isEmpty();
        clock.set(at("2027-02-11T08:00"));
        assertThat(own.row(1).get("needs")).hasSize(1);
        clock.set(at("2027-02-12T08:00"));
        JsonNode kept = needs(own, 1).get("accommodations").get(0);
        assertThat(kept.get("inForce").asBoolean()).isFalse();
        assertThat(kept.get("source").asString()).isEqualTo("clinic");
    }

    @Test
    void aPlanHoldsAccommodationsAndEndsNoSoonerThanItBegins() {
        TestClass own = newClass("needs plan", 2);
        String path = "/api/students/" + own.student(1) + "/plans";
        Map<String, Object> plan = new LinkedHashMap<>(Map.of("kind", "Learning plan", "source", "school team"));
        plan.put("from", "2027-02-01");
        plan.put("to", "2027-01-01");
        assertThat(own.teacher.post(path, plan).body().get("detail").asString())
                .isEqualTo("The plan ends on 1 January 2027, before it begins on 1 February 2027.");
        plan.put("to", "2027-06-30");
        long id = own.teacher.post(path, plan).ok().get("id").asLong();
        Map<String, Object> wanted = Map.of(
                "support",
                "UNTIMED",
                "detail",
                "",
                "works",
                List.of(),
                "subjects",
                List.of(),
                "source",
                "",
                "planId",
                id);
        assertThat(own.teacher
                        .post("/api/students/" + own.student(2) + "/accommodations", wanted)
                        .status())
                .isEqualTo(404);
        own.teacher
                .post("/api/students/" + own.student(1) + "/accommodations", wanted)
                .ok();
        assertThat(needs(own, 1).get("accommodations").get(0).get("planId").asLong())
                .isEqualTo(id);
    }

    @Test
    void everyLookAtTheDetailLeavesALine() {
        TestClass own = newClass("needs looked at", 1);
        int before = looks(own.student(1));
        needs(own, 1);
        needs(own, 1);
        assertThat(looks(own.student(1))).isEqualTo(before + 2);
    }

    private int looks(long student) {
        return jdbc.queryForObject(
                "select count(*) from audit_line where what = 'needs.seen' and subject_id = ?", Integer.class, student);
    }

    @Test
    void aStudentOfAnotherClassIsNotReached() {
        TestClass own = newClass("needs own", 1);
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(idris.get("/api/students/" + own.student(1) + "/needs").status())
                .isEqualTo(404);
    }

    @Test
    void changedNeedsReachWorkThatIsOutAndNotStarted() {
        TestClass own = newClass("needs reach", 2);
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        own.grant(1, "EXTENDED_TIME", "2").ok();
        assertThat(minutesOf(own.signedIn(1))).isEqualTo(40);
        assertThat(minutesOf(own.signedIn(2))).isEqualTo(20);
        own.grant(1, "UNTIMED", null).ok();
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
        own.grant(1, "EXTENDED_TIME", "2").ok();
        JsonNode now = student.get("/api/my/tries/" + page.get("id").asLong()).ok();
        assertThat(now.get("clock").get("endsAt")).isEqualTo(page.get("clock").get("endsAt"));
        assertThat(now.get("clock").get("minutes").asInt()).isEqualTo(20);
    }

    private static JsonNode reading(TestClass own, int number) {
        return own.row(number).get("scores");
    }

    @Test
    void theLatestScoreCountsWithItsBandAndTheOthersMakeTheLine() {
        TestClass own = newClass("bands", 2);
        own.bringIn("2026-11-16", "Name,Tideline reading scale\nS1 Test,520\n");
        own.bringIn("2027-02-05", "Name,Tideline reading scale\nS1 Test,682\n");
        JsonNode score = reading(own, 1).get(0);
        assertThat(score.get("value").asInt()).isEqualTo(682);
        assertThat(score.get("bandName").asString()).isEqualTo("at benchmark");
        assertThat(score.get("stale").asBoolean()).isFalse();
        assertThat(score.get("history").valueStream().map(JsonNode::asInt)).containsExactly(520, 100, 682);
        assertThat(reading(own, 2).get(0).get("bandName").asString()).isEqualTo("well below");
    }

    @Test
    void anAbsenceAfterAScoreDoesNotTakeTheScoreAway() {
        TestClass own = newClass("absence", 2);
        own.bringIn("2027-02-08", "Name,Tideline reading scale\nS1 Test,abs\nS2 Test,300\n");
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
