package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The week by group. 15 February 2027 is a closed day of the demo's school. */
class WeekTest extends ServerTest {
    private TestClass own;
    private long arrangement;
    private List<Long> groups;

    @BeforeEach
    void aClassInTwoGroups() {
        own = newClass("week", 6);
        arrangement = own.arrange(2);
        groups = own.groups(arrangement);
    }

    private JsonNode week(String day) {
        return own.teacher
                .get("/api/classes/" + own.id + "/week?day=" + day + "&arrangementId=" + arrangement)
                .ok();
    }

    private JsonNode row(JsonNode week, int place) {
        return week.get("rows").get(place);
    }

    private static List<String> bars(JsonNode row) {
        return row.get("bars")
                .valueStream()
                .map(bar -> bar.get("name").asString() + " "
                        + bar.get("fromDay").asInt() + "-" + bar.get("toDay").asInt())
                .toList();
    }

    private TestTask task(String name, Map<String, Object> targets, String opens, String due) {
        TestTask task = TestTask.draft(own, targets);
        task.change(base("opens", opens).andThen(base("due", due)).andThen(edit -> edit.put("name", name)))
                .ok();
        return task;
    }

    private Map<String, Object> forGroup(int place) {
        return TestClass.targets(false, List.of(groups.get(place)), List.of(), List.of());
    }

    private Map<String, Object> session(String begins, int minutes, Long group) {
        Map<String, Object> session = new LinkedHashMap<>();
        session.put("version", 0);
        session.put("begins", begins);
        session.put("minutes", minutes);
        session.put("title", "Main idea");
        session.put("groups", group == null ? List.of() : List.of(group));
        return session;
    }

    private JsonNode addSession(Map<String, Object> session) {
        return own.teacher.post("/api/classes/" + own.id + "/sessions", session).ok();
    }

    @Test
    void workStandsInTheRowOfThoseWhoHaveItFromOpensToDue() {
        task("All", TestClass.forEveryone(), "2027-02-08T09:00", "2027-02-10T15:00");
        task("Lower", forGroup(0), "2027-02-09T09:00", "2027-02-12T15:00");
        task("Long", forGroup(1), "2027-02-04T09:00", "2027-02-19T15:00");
        JsonNode week = week("2027-02-10");
        assertThat(week.get("begins").asString()).isEqualTo("2027-02-08");
        assertThat(bars(row(week, 0))).containsExactly("All 0-2");
        assertThat(bars(row(week, 1))).containsExactly("Lower 1-4");
        assertThat(bars(row(week, 2))).containsExactly("Long 0-4");
        JsonNode goesOn = row(week, 2).get("bars").get(0);
        assertThat(List.of(goesOn.get("before").asBoolean(), goesOn.get("after").asBoolean()))
                .containsOnly(true);
        assertThat(bars(row(week("2027-03-01"), 0))).isEmpty();
    }

    @Test
    void whatLiesOnNoDayWaits() {
        TestTask.draft(own, TestClass.forEveryone());
        assertThat(week("2027-02-10").get("undated")).hasSize(1);
    }

    @Test
    void minutesAddUpWithTimeFactorsAndADayCanBeTooFull() {
        own.teacher
                .put("/api/classes/" + own.id + "/times", Map.of("minutesPerDay", 45, "meetings", List.of()))
                .ok();
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        task("Quiz", TestClass.forEveryone(), "2027-02-10T09:00", "2027-02-10T15:00");
        addSession(session("2027-02-10T10:20", 20, groups.get(0)));
        JsonNode week = week("2027-02-10");
        assertThat(row(week, 1).get("minutes").get(2).asInt()).isEqualTo(30 + 20);
        assertThat(row(week, 2).get("minutes").get(2).asInt()).isEqualTo(20);
        JsonNode longest = week.get("days").get(2).get("longest");
        assertThat(longest.get("tooFull").asBoolean()).isTrue();
        assertThat(longest.get("minutes").asInt()).isEqualTo(50);
    }

    @Test
    void whoIsAtTwoTablesAtOnceIsSaid() {
        addSession(session("2027-02-10T10:20", 20, groups.get(0)));
        JsonNode clash = addSession(session("2027-02-10T10:30", 20, groups.get(1)));
        assertThat(clash.get("clashes").get(0).asString()).contains("is at the table with others then");
        JsonNode after = addSession(session("2027-02-10T10:50", 20, groups.get(1)));
        assertThat(after.get("clashes")).isEmpty();
    }

    @Test
    void aSessionIsTakenOutAndBroughtBack() {
        long id = addSession(session("2027-02-10T10:20", 20, groups.get(0)))
                .get("id")
                .asLong();
        own.teacher.call("DELETE", "/api/sessions/" + id, null).done();
        assertThat(row(week("2027-02-10"), 1).get("sessions")).isEmpty();
        own.teacher.post("/api/sessions/" + id + "/bring-back", null).done();
        assertThat(row(week("2027-02-10"), 1).get("sessions")).hasSize(1);
    }

    @Test
    void aWeekIsCopiedAsDraftsAroundClosedDaysAndTakenBack() {
        TestTask task = task("Log", TestClass.forEveryone(), "2027-02-08T09:00", "2027-02-12T15:00");
        own.handOut(task.id, false).ok();
        addSession(session("2027-02-09T10:20", 20, groups.get(0)));
        JsonNode copied = own.teacher
                .post("/api/classes/" + own.id + "/week/copied", Map.of("begins", "2027-02-08", "weeks", 1))
                .ok();
        assertThat(copied.get("tasks").asInt()).isEqualTo(1);
        assertThat(copied.get("sessions")).hasSize(1);
        JsonNode bar = row(week("2027-02-15"), 0).get("bars").get(0);
        assertThat(bar.get("state").asString()).isEqualTo("DRAFT");
        assertThat(bar.get("opens").asString()).as("the 15th is closed").isEqualTo("2027-02-16T09:00:00");
        own.teacher
                .post("/api/task-steps/" + copied.get("stepId").asLong() + "/undo", null)
                .ok();
        assertThat(row(week("2027-02-15"), 0).get("bars")).isEmpty();
        assertThat(row(week("2027-02-08"), 0).get("bars")).as("the original").hasSize(1);
    }

    @Test
    void aWeekIsMovedButForWhatIsBegun() {
        TestTask begun = task("Begun", TestClass.forEveryone(), "2027-02-08T09:00", "2027-02-12T15:00");
        own.handOut(begun.id, false).ok();
        begun.start(1);
        task("Free", forGroup(0), "2027-02-10T09:00", "2027-02-11T15:00");
        JsonNode moved = own.teacher
                .post("/api/classes/" + own.id + "/week/moved", Map.of("begins", "2027-02-08", "weeks", 1))
                .ok();
        assertThat(moved.get("left").get(0).asString()).isEqualTo("Begun");
        assertThat(bars(row(week("2027-02-15"), 1))).containsExactly("Free 2-3");
        assertThat(bars(row(week("2027-02-08"), 0))).containsExactly("Begun 0-4");
    }

    @Test
    void aSeriesOpensStepByStepAndItsDraftsAreRemembered() {
        TestTask one = task("Part 1", TestClass.forEveryone(), "2027-02-08T09:00", "2027-02-09T15:00");
        TestTask two = task("Part 2", TestClass.forEveryone(), "2027-02-08T09:00", "2027-02-09T15:00");
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/tasks/stagger",
                        Map.of("tasks", List.of(one.id, two.id), "first", "2027-02-11T09:00", "step", 2))
                .ok();
        JsonNode second = two.view().get("versions").get(0);
        assertThat(second.get("opens").asString())
                .as("Friday is the first teaching day after, the 16th the second")
                .isEqualTo("2027-02-16T09:00:00");
        assertThat(second.get("due").asString()).isEqualTo("2027-02-17T15:00:00");
        JsonNode problems =
                own.teacher.get("/api/tasks/" + one.id + "/hand-out").ok();
        JsonNode drafts = problems.valueStream()
                .filter(each -> each.get("kind").asString().equals("SERIES_DRAFTS"))
                .findFirst()
                .orElseThrow();
        assertThat(drafts.get("names").get(0).asString()).isEqualTo("Part 2");
    }

    @Test
    void versionsOpenOneAfterTheOther() {
        TestTask task = task("Staggered", forGroup(0), "2027-02-08T09:00", "2027-02-09T15:00");
        task.change(TestTask.version("Upper", forGroup(1))).ok();
        own.teacher
                .post(
                        "/api/tasks/" + task.id + "/stagger",
                        Map.of(
                                "versions",
                                List.of(task.version(0), task.version(1)),
                                "first",
                                "2027-02-10T09:00",
                                "step",
                                1))
                .ok();
        assertThat(task.terms(1).get("opens").asString()).isEqualTo("2027-02-10T09:00:00");
        assertThat(task.terms(6).get("opens").asString()).isEqualTo("2027-02-11T09:00:00");
        assertThat(task.terms(6).get("due").asString()).isEqualTo("2027-02-12T15:00:00");
    }

    @Test
    void aBarMovesToAnotherDayAndItsDueFollowsByTeachingDays() {
        TestTask task = task("Bar", TestClass.forEveryone(), "2027-02-09T09:00", "2027-02-11T15:00");
        own.teacher
                .post("/api/tasks/" + task.id + "/day", Map.of("versionId", task.version(0), "day", "2027-02-11"))
                .ok();
        JsonNode base = task.view().get("versions").get(0);
        assertThat(base.get("opens").asString()).isEqualTo("2027-02-11T09:00:00");
        assertThat(base.get("due").asString()).isEqualTo("2027-02-16T15:00:00");
        HttpCaller.Answer refused = own.teacher.post(
                "/api/tasks/" + task.id + "/days",
                Map.of("versionId", task.version(0), "opens", "2027-02-12T09:00", "due", "2027-02-10T09:00"));
        assertThat(refused.status()).isEqualTo(422);
    }

    @Test
    void aGroupMoreGetsAVersionUnlessThatMakesTwo() {
        TestTask task = task("Copy", forGroup(0), "2027-02-09T09:00", "2027-02-11T15:00");
        String path = "/api/tasks/" + task.id + "/groups";
        own.teacher
                .post(path, Map.of("versionId", task.version(0), "groupId", groups.get(1)))
                .ok();
        assertThat(task.student(6).get("gets").asString()).isEqualTo("ONE");
        task.change(TestTask.version("Other", forGroup(1)).andThen(base("targets", forGroup(0))))
                .ok();
        own.handOut(task.id, true).ok();
        HttpCaller.Answer refused =
                own.teacher.post(path, Map.of("versionId", task.version(0), "groupId", groups.get(1)));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(task.student(6).get("gets").asString()).isEqualTo("ONE");
    }

    @Test
    void theWeekAndTheTaskAreReadInAFixedNumberOfTimes() {
        String week = "/api/classes/" + own.id + "/week?arrangementId=" + arrangement;
        TestTask one = task("One", TestClass.forEveryone(), "2027-02-09T09:00", "2027-02-11T15:00");
        long few = statements(week);
        long oneTask = statements("/api/tasks/" + one.id);
        LongStream.range(0, 8).forEach(i -> own.handOut(
                        task("Many " + i, forGroup((int) i % 2), "2027-02-09T09:00", "2027-02-11T15:00").id, true)
                .ok());
        assertThat(statements(week)).isEqualTo(few).isLessThan(40);
        assertThat(statements("/api/tasks/" + one.id)).isEqualTo(oneTask).isLessThan(40);
    }

    private long statements(String path) {
        return LongStream.range(0, 4)
                .map(i -> RequestStatements.during(() -> own.teacher.get(path).ok()))
                .min()
                .orElseThrow();
    }
}
