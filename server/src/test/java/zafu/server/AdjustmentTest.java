package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;
import static zafu.server.TestTask.eased;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Terms eased apart from the versions, what a change does to students, and running tries. Rules 3 and 4. */
class AdjustmentTest extends ServerTest {
    private TestClass own;

    @BeforeEach
    void aClassOfItsOwn() {
        own = newClass("adjust", 4);
    }

    private Map<String, Object> only(int... numbers) {
        return TestClass.targets(
                false, List.of(), Arrays.stream(numbers).mapToObj(own::student).toList(), List.of());
    }

    private static int minutes(JsonNode terms) {
        return terms.get("minutes").asInt();
    }

    @Test
    void aGroupHasMoreTimeWhateverVersionItsMembersHaveAndNeedsComeOnTop() {
        List<Long> groups = own.groups(own.arrange(2));
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(eased(
                        "MINUTES",
                        "minutes",
                        30,
                        TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of())))
                .ok();
        assertThat(minutes(task.terms(1))).isEqualTo(45);
        assertThat(minutes(task.terms(2))).isEqualTo(30);
        assertThat(task.terms(2).get("eased").get(0).asString()).isEqualTo("MINUTES");
        assertThat(minutes(task.terms(4))).isEqualTo(20);
        assertThat(task.view().get("adjustments").get(0).get("reached").asInt()).isEqualTo(2);
    }

    @Test
    void aTimeForOneByNameStandsAndIsNotMultiplied() {
        own.grant(1, "EXTENDED_TIME", "2").ok();
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(eased("MINUTES", "minutes", 25, only(1))).ok();
        assertThat(minutes(task.terms(1))).isEqualTo(25);
        assertThat(task.terms(1).get("reason").asString()).isEqualTo("FOR_THIS_STUDENT");
    }

    @Test
    void lessThanTheVersionSaysEasesNothing() {
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(eased("MINUTES", "minutes", 10, TestClass.forEveryone())).ok();
        assertThat(minutes(task.terms(1))).isEqualTo(20);
        assertThat(task.terms(1).get("eased")).isEmpty();
    }

    @Test
    void aTryBegunWithMoreTimeEndsLater() {
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(eased("MINUTES", "minutes", 35, only(1))).ok();
        own.handOut(task.id, false).ok();
        assertThat(task.start(1).get("clock").get("minutes").asInt()).isEqualTo(35);
        assertThat(task.start(2).get("clock").get("minutes").asInt()).isEqualTo(20);
    }

    @Test
    void aChangeSaysWhomItTouchesAndLeavesNoTraceUntilItIsMade() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        task.start(1);
        long version = task.view().get("version").asLong();
        JsonNode effects = task.effects(base("minutes", 40)).ok();
        assertThat(effects).hasSize(4);
        JsonNode first = effects.get(0);
        assertThat(first.get("givenName").asString()).isEqualTo("S1");
        assertThat(first.get("running").asBoolean()).isTrue();
        assertThat(first.get("part").asString()).isEqualTo("MINUTES");
        assertThat(List.of(
                        first.get("numberBefore").asInt(),
                        first.get("numberAfter").asInt()))
                .containsExactly(20, 40);
        assertThat(task.view().get("version").asLong()).isEqualTo(version);
        assertThat(minutes(task.terms(1))).isEqualTo(20);
        assertThat(task.effects(edit -> {}).ok()).as("no change").isEmpty();
    }

    @Test
    void leavingSomebodyOutIsForeseenToo() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        JsonNode effects = task.effects(
                        base("targets", TestClass.targets(true, List.of(), List.of(), List.of(own.student(3)))))
                .ok();
        assertThat(effects).hasSize(1);
        assertThat(effects.get(0).get("kind").asString()).isEqualTo("LOSES");
        assertThat(effects.get(0).get("givenName").asString()).isEqualTo("S3");
    }

    @Test
    void aRunningTryKeepsItsTimeUnlessItIsAskedToChange() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        task.start(1);
        task.change(base("minutes", 40)).ok();
        assertThat(task.start(1).get("clock").get("minutes").asInt()).isEqualTo(20);
        task.change(base("minutes", 50).andThen(edit -> edit.put("alsoRunning", true)))
                .ok();
        JsonNode page = task.start(1);
        assertThat(page.get("clock").get("minutes").asInt()).isEqualTo(50);
        assertThat(page.get("clock").get("endsAt").asString()).isEqualTo("2027-02-09T13:00:00Z");
    }

    @Test
    void changedNeedsReachWhatIsNotBegunAndAreOfferedForWhatIs() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        task.start(1);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        JsonNode student = task.student(1);
        assertThat(student.get("running").get("minutes").asInt()).isEqualTo(20);
        assertThat(minutes(student.get("terms"))).isEqualTo(30);
        own.teacher
                .post("/api/tasks/" + task.id + "/running", Map.of("students", List.of(own.student(1))))
                .ok();
        assertThat(task.student(1).get("running").get("minutes").asInt()).isEqualTo(30);
    }

    @Test
    void takenBackFromOneTheTryCannotGoOnAndComesBackWithUndo() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        JsonNode page = task.start(1);
        HttpCaller student = own.signedIn(1);
        String path = "/api/my/tries/" + page.get("id").asLong();
        long question = page.get("questions").get(0).get("id").asLong();
        long step = own.teacher
                .post("/api/tasks/" + task.id + "/without", Map.of("students", List.of(own.student(1))))
                .ok()
                .get("stepId")
                .asLong();
        assertThat(task.student(1).get("gets").asString()).isEqualTo("NOTHING");
        assertThat(task.student(2).get("gets").asString()).isEqualTo("ONE");
        JsonNode apart =
                student.put(path + "/answers/" + question, Map.of("given", "1")).ok();
        assertThat(apart.get("as").asString()).isEqualTo("TAKEN_BACK");
        assertThat(student.get(path).text()).contains("Your teacher has withdrawn this.");
        assertThat(student.get("/api/my/work").ok().get("cards")).isEmpty();
        task.undo(step).ok();
        JsonNode kept =
                student.put(path + "/answers/" + question, Map.of("given", "1")).ok();
        assertThat(kept.get("as").asString()).isEqualTo("KEPT");
    }

    @Test
    void whoIsLateGetsADayMoreAndNobodyElse() {
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(base("due", "2027-02-08T15:00")).ok();
        own.handOut(task.id, false).ok();
        own.teacher
                .post("/api/tasks/" + task.id + "/extensions", Map.of("students", List.of(own.student(2)), "days", 1))
                .ok();
        assertThat(task.terms(2).get("due").asString()).isEqualTo("2027-02-10T15:00:00");
        assertThat(task.terms(1).get("due").asString()).isEqualTo("2027-02-08T15:00:00");
    }

    @Test
    void fewerQuestionsAndChoicesReachTheTry() {
        own.grant(1, "FEWER_QUESTIONS", "50").ok();
        own.grant(2, "FEWER_CHOICES", "2").ok();
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        assertThat(task.terms(1).get("questionsLeft").asInt()).isEqualTo(1);
        JsonNode page = task.start(1);
        assertThat(page.get("questions")).hasSize(1);
        HttpCaller student = own.signedIn(1);
        String path = "/api/my/tries/" + page.get("id").asLong();
        long question = page.get("questions").get(0).get("id").asLong();
        student.put(path + "/answers/" + question, Map.of("given", "1")).ok();
        JsonNode done = student.post(path + "/hand-in", null).ok();
        assertThat(List.of(done.get("earned").asInt(), done.get("possible").asInt()))
                .as("only what was asked counts")
                .containsExactly(2, 2);
    }
}
