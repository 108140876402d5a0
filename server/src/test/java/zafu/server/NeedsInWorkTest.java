package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Which of a student's needs reach which work, and who sees that they do. */
class NeedsInWorkTest extends ServerTest {
    private static final int SET = 20;

    /** A handed-out task of 20 minutes that belongs to an arrangement for reading. */
    private static long readingTask(TestClass own) {
        long arrangement = own.arrange(1);
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> base = own.version("Base", TestClass.forEveryone());
        base.put("id", own.task(task).get("versions").get(0).get("id").asLong());
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("version", own.task(task).get("version").asLong());
        edit.put("name", "Marsh quiz");
        edit.put("arrangementId", arrangement);
        edit.put("versions", List.of(base));
        own.teacher.put("/api/tasks/" + task, edit).ok();
        own.handOut(task, false).ok();
        return task;
    }

    private static int minutesOfFirst(TestClass own) {
        return own.signedIn(1)
                .get("/api/my/work")
                .ok()
                .get("cards")
                .get(0)
                .path("minutes")
                .asInt(0);
    }

    private static void grant(TestClass own, Map<String, Object> more) {
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of(
                "support",
                "EXTENDED_TIME",
                "amount",
                2,
                "detail",
                "",
                "works",
                List.of(),
                "subjects",
                List.of(),
                "source",
                ""));
        wanted.putAll(more);
        own.teacher
                .post("/api/students/" + own.student(1) + "/accommodations", wanted)
                .ok();
    }

    @ParameterizedTest
    @CsvSource({"QUIZ, 40", "READING, 20", "PROJECT, 20"})
    void timeForOneKindOfWorkIsForThatKind(String work, int minutes) {
        TestClass own = newClass("need work " + work, 1);
        readingTask(own);
        grant(own, Map.of("works", List.of(work)));
        assertThat(minutesOfFirst(own)).isEqualTo(minutes);
    }

    @ParameterizedTest
    @CsvSource({"reading, 40", "Reading, 40", "mathematics, 20"})
    void timeForOneSubjectIsForArrangementsOfThatSubject(String subject, int minutes) {
        TestClass own = newClass("need subject " + subject, 1);
        readingTask(own);
        grant(own, Map.of("subjects", List.of(subject)));
        assertThat(minutesOfFirst(own)).isEqualTo(minutes);
    }

    @ParameterizedTest
    @CsvSource({"2027-02-09, , 40", "2027-02-10, , 20", ", 2027-02-09, 40", ", 2027-02-08, 20"})
    void timeIsGivenOnTheDaysItIsInForce(String from, String to, int minutes) {
        TestClass own = newClass("need days " + from + to, 1);
        readingTask(own);
        Map<String, Object> dates = new LinkedHashMap<>();
        if (from != null) {
            dates.put("from", from);
        }
        if (to != null) {
            dates.put("to", to);
        }
        grant(own, dates);
        assertThat(minutesOfFirst(own)).isEqualTo(minutes);
    }

    @Test
    void ofSeveralFactorsTheLargestCountsAndAnEndedOneDoesNot() {
        TestClass own = newClass("need several", 1);
        readingTask(own);
        grant(own, Map.of("amount", 1.5));
        grant(own, Map.of("amount", 3));
        assertThat(minutesOfFirst(own)).isEqualTo(3 * SET);
        JsonNode needs = own.teacher
                .get("/api/students/" + own.student(1) + "/needs")
                .ok()
                .get("accommodations");
        long largest = needs.get(1).get("id").asLong();
        own.teacher
                .post("/api/students/" + own.student(1) + "/accommodations/" + largest + "/end", null)
                .done();
        assertThat(minutesOfFirst(own)).isEqualTo(30);
    }

    @Test
    void aMereViewerOfTheBenchSeesNoNeeds() {
        TestClass own = newClass("need bench", 2);
        long arrangement = own.arrange(1);
        grant(own, Map.of());
        assertThat(own.bench(arrangement).get("students").toString()).contains("2×");
        HttpCaller viewer = viewerOf(own);
        assertThat(viewer.get("/api/arrangements/" + arrangement).text()).doesNotContain("2×");
        assertThat(viewer.get("/api/classes/" + own.id + "/pair-notes").status())
                .isEqualTo(403);
    }

    private HttpCaller viewerOf(TestClass own) {
        own.shareWith("Idris", "VIEWER");
        return nobody().signInAdult("idris", "salt-marsh-5");
    }

    @Test
    void needsOfAnArchivedStudentWaitForThem() {
        TestClass own = newClass("need archived", 2);
        readingTask(own);
        grant(own, Map.of());
        own.deed("ARCHIVE", "", own.student(1)).done();
        own.deed("BRING_BACK", "", own.student(1)).done();
        assertThat(minutesOfFirst(own)).isEqualTo(40);
    }

    @Test
    void theTeacherSeesTheReasonBesideTheTime() {
        TestClass own = newClass("need reason", 2);
        long task = readingTask(own);
        grant(own, Map.of("amount", 1.25));
        JsonNode terms = own.task(task)
                .get("students")
                .valueStream()
                .filter(each -> each.get("id").asLong() == own.student(1))
                .findFirst()
                .orElseThrow()
                .get("terms");
        assertThat(terms.get("minutes").asInt()).isEqualTo(25);
        assertThat(terms.get("reason").asString()).isEqualTo("EXTENDED");
    }
}
