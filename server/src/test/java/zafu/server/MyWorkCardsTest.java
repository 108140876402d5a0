package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What a student's one page says of each piece of work. */
class MyWorkCardsTest extends ServerTest {
    private static TestTask out(TestClass own, String field, Object value) {
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(TestTask.base(field, value)).ok();
        own.handOut(task.id, true).ok();
        return task;
    }

    private static JsonNode card(HttpCaller student, TestTask task) {
        return student.get("/api/my/work")
                .ok()
                .get("cards")
                .valueStream()
                .filter(each -> each.get("taskId").asLong() == task.id)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "2027-02-09T15:00, NOW, END_OF_SCHOOL",
        "2027-02-10T12:00, NOW, BEFORE_LUNCH",
        "2027-02-10T10:20, NOW,",
        "2027-02-11T23:59, NEXT, END_OF_DAY"
    })
    void itStandsInItsPlaceWithItsTimeNamedAsTheSchoolDoes(String due, String when, String name) {
        TestClass own = newClass("card " + due, 1);
        TestTask task = out(own, "due", due);
        JsonNode card = card(own.signedIn(1), task);
        assertThat(card.get("when").asString()).isEqualTo(when);
        assertThat(card.path("dueName").asString(null)).isEqualTo(name);
    }

    @Test
    void whatWaitsForSomethingElseComesNext() {
        TestClass own = newClass("card waits", 1);
        TestTask later = out(own, "minutes", 10);
        TestTask first = TestTask.draft(own, TestClass.forEveryone());
        first.change(edit -> edit.put("doneFirst", true)).ok();
        own.handOut(first.id, true).ok();
        HttpCaller student = own.signedIn(1);
        assertThat(card(student, first).get("when").asString()).isEqualTo("NOW");
        assertThat(card(student, later).get("when").asString()).isEqualTo("NEXT");
        JsonNode page = first.start(1);
        student.post("/api/my/tries/" + page.get("id").asLong() + "/hand-in", null)
                .ok();
        assertThat(card(student, later).get("when").asString()).isEqualTo("NOW");
    }

    @Test
    void whatIsDoneIsCountedFromMonday() {
        TestClass own = newClass("card done", 1);
        HttpCaller student = own.signedIn(1);
        handIn(student, out(own, "minutes", 10));
        clock.set(at("2027-02-15T09:00"));
        student = own.signedIn(1);
        assertThat(student.get("/api/my/work").ok().get("doneThisWeek").asInt()).isZero();
        handIn(student, out(own, "minutes", 10));
        assertThat(student.get("/api/my/work").ok().get("doneThisWeek").asInt()).isEqualTo(1);
    }

    private static void handIn(HttpCaller student, TestTask task) {
        JsonNode page = task.start(1);
        student.post("/api/my/tries/" + page.get("id").asLong() + "/hand-in", null)
                .ok();
    }

    @Test
    void breaksThatAreGrantedAreSaidBeforeItStarts() {
        TestClass own = newClass("card breaks", 2);
        own.grant(1, "BREAKS", "5").ok();
        TestTask task = out(own, "minutes", 10);
        assertThat(card(own.signedIn(1), task).get("breakMinutes").asInt()).isEqualTo(5);
        assertThat(card(own.signedIn(2), task).get("breakMinutes").asInt()).isZero();
    }

    @Test
    void theSchoolDayIsKeptOnlyWhereItGoesForward() {
        HttpCaller administrator = teacher();
        JsonNode year = administrator.get("/api/school/calendar").ok();
        Map<String, Object> wrong = new LinkedHashMap<>();
        wrong.put("terms", year.get("terms"));
        wrong.put("closedDays", year.get("closedDays"));
        wrong.put("day", Map.of("starts", "13:00", "lunchStarts", "12:00", "lunchEnds", "12:45", "ends", "15:00"));
        HttpCaller.Answer refused = administrator.put("/api/school/calendar", wrong);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("begins before lunch and ends after it");
        assertThat(administrator.get("/api/school/calendar").ok()).isEqualTo(year);
    }

    @Test
    void aClassThatIsLeftTakesItsWorkAlong() {
        TestClass own = newClass("card left", 1);
        TestTask task = out(own, "minutes", 10);
        HttpCaller student = own.signedIn(1);
        assertThat(card(student, task).get("taskId").asLong()).isEqualTo(task.id);
        own.deed("ADD_TO_CLASS", newClass("card other", 1).id, own.student(1)).done();
        own.deed("TAKE_OUT", own.id, own.student(1)).done();
        assertThat(student.get("/api/my/work").ok().get("cards")).isEmpty();
        assertThat(student.post("/api/my/tasks/" + task.id + "/tries", null).status())
                .isEqualTo(404);
    }
}
