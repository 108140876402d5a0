package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What needs a person today, and nothing else. */
class TodayTest extends ServerTest {
    private TestClass own;
    private long arrangement;
    private List<Long> groups;

    @BeforeEach
    void aClassInTwoGroups() {
        own = newClass("today", 4);
        arrangement = own.arrange(2);
        groups = own.groups(arrangement);
    }

    private JsonNode today() {
        return own.teacher
                .get("/api/classes/" + own.id + "/today?arrangementId=" + arrangement)
                .ok();
    }

    private TestTask task(Map<String, Object> targets, String opens, String due) {
        TestTask task = TestTask.draft(own, targets);
        task.change(base("opens", opens).andThen(base("due", due))).ok();
        return task;
    }

    @Test
    void aDraftThatShouldOpenByTomorrowIsNamedAndOneForLaterIsNot() {
        task(TestClass.forEveryone(), "2027-02-10T09:00", "2027-02-12T15:00");
        task(TestClass.forEveryone(), "2027-02-18T09:00", "2027-02-19T15:00");
        JsonNode drafts = today().get("drafts");
        assertThat(drafts).hasSize(1);
        assertThat(drafts.get(0).get("opens").asString()).isEqualTo("2027-02-10T09:00:00");
        assertThat(drafts.get(0).get("students").asInt()).isEqualTo(4);
    }

    @Test
    void whoIsOverdueIsNamedWithTheirOwnDays() {
        own.grant(1, "EXTRA_DAYS", "2").ok();
        TestTask task = task(TestClass.forEveryone(), "2027-02-04T09:00", "2027-02-08T15:00");
        own.handOut(task.id, false).ok();
        JsonNode page = task.start(2);
        own.signedIn(2)
                .post("/api/my/tries/" + page.get("id").asLong() + "/hand-in", null)
                .ok();
        JsonNode late = today().get("overdue").get(0).get("students");
        assertThat(late.valueStream().map(each -> each.get("givenName").asString()))
                .containsExactly("S3", "S4");
    }

    @Test
    void whoHasNothingThisWeekIsNamedWhereOthersHave() {
        assertThat(today().get("idle")).as("nobody has anything").isEmpty();
        TestTask task = task(
                TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of()),
                "2027-02-09T09:00",
                "2027-02-12T15:00");
        own.handOut(task.id, true).ok();
        assertThat(today().get("idle").valueStream().map(JsonNode::asString)).containsExactly("S3", "S4");
    }

    @Test
    void eachGroupHasItsDay() {
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        TestTask task = task(
                TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of()),
                "2027-02-09T09:00",
                "2027-02-12T15:00");
        own.handOut(task.id, true).ok();
        Map<String, Object> session = new LinkedHashMap<>();
        session.put("version", 0);
        session.put("begins", "2027-02-09T10:20");
        session.put("minutes", 20);
        session.put("title", "Main idea");
        session.put("groups", List.of(groups.get(1)));
        own.teacher.post("/api/classes/" + own.id + "/sessions", session).ok();
        JsonNode lower = today().get("groups").get(0).get("things").get(0);
        assertThat(lower.get("kind").asString()).isEqualTo("OPENS");
        assertThat(lower.get("eased").get(0).asString()).isEqualTo("S1 30");
        JsonNode upper = today().get("groups").get(1).get("things").get(0);
        assertThat(upper.get("kind").asString()).isEqualTo("SESSION");
        assertThat(upper.get("adult").asString()).isEqualTo("Ottoline Farrow");
        assertThat(today().get("soon").get(0).get("moment").asString()).isEqualTo("OPENS");
    }

    @Test
    void whomTwoVersionsClaimIsNamed() {
        TestTask task = task(
                TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of()),
                "2027-02-18T09:00",
                "2027-02-19T15:00");
        task.change(TestTask.version("Other", TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of())))
                .ok();
        JsonNode conflict = today().get("conflicts").get(0);
        assertThat(conflict.get("students")).hasSize(2);
    }

    @Test
    void firstStepsAreShownUntilTheyAreTakenOrPutAwayForEver() {
        TestClass own = newClass("first steps", 4);
        String today = "/api/classes/" + own.id + "/today";
        JsonNode steps = own.teacher.get(today).ok().get("firstSteps");
        // The list that the class came from brought scores along.
        assertThat(steps.get("scores").asBoolean()).isTrue();
        assertThat(steps.get("groups").asBoolean()).isFalse();
        own.arrange(2);
        assertThat(own.teacher.get(today).ok().get("firstSteps").get("groups").asBoolean())
                .isTrue();
        own.teacher.put("/api/account/first-steps", Map.of("shown", false)).done();
        assertThat(own.teacher.get(today).ok().has("firstSteps")).isFalse();
        own.teacher.put("/api/account/first-steps", Map.of("shown", true)).done();
        own.handOut(own.draft(TestClass.forEveryone()), false).ok();
        assertThat(own.teacher.get(today).ok().has("firstSteps")).isFalse();
    }
}
