package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a teacher does about work on the grid, what the student sees of it, and that all of it can be taken back. */
class CellActsTest extends ServerTest {
    private OwnWork work;

    @BeforeEach
    void aQuizThatOneDidBadlyAndOneNotAtAll() {
        clock.set(at("2027-02-09T09:00"));
        work = OwnWork.handedOut(newClass("acts", 3), Map.of("opens", "2027-02-08T09:00", "due", "2027-02-10T15:00"));
        work.done(1, List.of("0", "6"));
        work.done(2, OwnWork.ALL_RIGHT);
    }

    private void undo(JsonNode done) {
        Map<String, Object> back = new LinkedHashMap<>();
        if (done.has("stepId")) {
            back.put("stepId", done.get("stepId").asLong());
        }
        back.put("noteIds", TestClass.longs(done.get("noteIds")));
        back.put("cells", work.cells(1, 2, 3));
        work.own
                .teacher
                .post("/api/classes/" + work.own.id + "/progress/undo", back)
                .done();
    }

    @Test
    void aLowResultIsListedUntilAnotherTryIsBetter() {
        JsonNode low = lowResults();
        assertThat(low.get("results")).hasSize(1);
        assertThat(low.get("results").get(0).get("givenName").asString()).isEqualTo("S1");
        assertThat(work.cell(1).get("low").asBoolean()).isTrue();
        JsonNode done = work.act("another-try", work.cells(1), Map.of("due", "2027-02-12T15:00"))
                .ok();
        JsonNode card = work.card(1);
        assertThat(card.get("when").asString()).isEqualTo("NEXT");
        assertThat(card.get("again").asBoolean()).isTrue();
        assertThat(card.get("due").asString()).startsWith("2027-02-12T15:00");
        assertThat(lowResults().get("results").get(0).get("askedAgain").asBoolean())
                .isTrue();
        work.done(1, OwnWork.ALL_RIGHT);
        assertThat(lowResults().get("results")).isEmpty();
        assertThat(work.cell(1).get("tries").asInt()).isEqualTo(2);
        assertThat(work.card(1).get("earlier")).hasSize(1);
        assertThat(done.get("stepId").asLong()).isPositive();
    }

    private JsonNode lowResults() {
        return work.own
                .teacher
                .get("/api/classes/" + work.own.id + "/low-results")
                .ok();
    }

    @Test
    void anotherTryCanBeTakenBackAndThenCannotBeBegun() {
        undo(work.act("another-try", work.cells(1), Map.of()).ok());
        assertThat(work.card(1).get("when").asString()).isEqualTo("DONE");
        assertThat(work.card(1).get("anotherTry").asBoolean()).isFalse();
        assertThat(work.own
                        .signedIn(1)
                        .post("/api/my/tasks/" + work.task + "/tries", null)
                        .body()
                        .get("code")
                        .asString())
                .isEqualTo("no-try-left");
    }

    @Test
    void anotherTryIsForThoseWhoHaveHandedInAndNothingIsHalfDone() {
        JsonNode refused = work.act("another-try", work.cells(1, 3), Map.of()).body();
        assertThat(refused.get("detail").asString()).contains("S3 has not handed in");
        assertThat(work.card(1).get("again").asBoolean()).isFalse();
        assertThat(work.act("another-try", work.cells(1), Map.of("due", "2027-02-08T15:00"))
                        .body()
                        .get("code")
                        .asString())
                .isEqualTo("past");
    }

    @Test
    void aTaskThatIsClosedIsOpenAgainForTheOneWhoTriesAgain() {
        OwnWork closed = OwnWork.handedOut(work.own, Map.of("closes", "2027-02-09T09:30"));
        closed.done(1, List.of("0", "0"));
        clock.set(at("2027-02-09T10:00"));
        assertThat(closed.card(2).get("when").asString()).isEqualTo("MISSED");
        closed.act("another-try", closed.cells(1), Map.of("due", "2027-02-10T15:00"))
                .ok();
        closed.done(1, OwnWork.ALL_RIGHT);
        assertThat(closed.card(1).get("earned").asDouble()).isEqualTo(3);
        assertThat(closed.card(2).get("when").asString()).isEqualTo("MISSED");
    }

    @Test
    void theOneWhoTriesAgainMayBeGivenAnotherVersion() {
        JsonNode now = work.own.task(work.task);
        Map<String, Object> base = work.own.version("Base", TestClass.forEveryone());
        base.put("id", now.get("versions").get(0).get("id").asLong());
        Map<String, Object> easier =
                work.own.version("Short", TestClass.targets(false, List.of(), List.of(), List.of()));
        easier.put("overrides", List.of("TITLE"));
        easier.put("title", "Why the marsh floods, once more");
        work.own.change(work.task, List.of(base, easier)).ok();
        long version = work.own.task(work.task).get("versions").get(1).get("id").asLong();
        JsonNode done = work.act("another-try", work.cells(1), Map.of("versionId", version))
                .ok();
        assertThat(work.card(1).get("title").asString()).isEqualTo("Why the marsh floods, once more");
        assertThat(work.card(2).get("title").asString()).isEqualTo("Why the marsh floods");
        undo(done);
        assertThat(work.card(1).get("title").asString()).isEqualTo("Why the marsh floods");
    }

    @Test
    void whoIsExcusedHasNothingToDoAndIsNotCounted() {
        JsonNode done =
                work.act("excused", work.cells(3), Map.of("excused", true)).ok();
        assertThat(work.cell(3).get("state").asString()).isEqualTo("EXCUSED");
        assertThat(work.grid().get("tasks").get(0).get("covered").asInt()).isEqualTo(2);
        assertThat(work.card(3).get("when").asString()).isEqualTo("DONE");
        assertThat(work.card(3).get("excused").asBoolean()).isTrue();
        undo(done);
        assertThat(work.cell(3).get("state").asString()).isEqualTo("NOT_STARTED");
        work.act("excused", work.cells(3), Map.of("excused", true)).ok();
        work.act("excused", work.cells(3), Map.of("excused", false)).ok();
        assertThat(work.card(3).get("excused").asBoolean()).isFalse();
    }

    @Test
    void aReminderStandsOnTheStudentsPageUntilItIsBegun() {
        work.act("reminders", work.cells(3), Map.of()).ok();
        assertThat(work.card(3).get("remindedBy").asString()).isNotEmpty();
        assertThat(work.cell(3).get("asked").asBoolean()).isTrue();
        assertThat(work.card(2).has("remindedBy")).isFalse();
        clock.set(at("2027-02-09T10:00"));
        work.done(3, OwnWork.ALL_RIGHT);
        assertThat(work.card(3).has("remindedBy")).isFalse();
    }

    @Test
    void moreDaysAreForThoseSelectedAlone() {
        work.act("extensions", work.cells(3), Map.of("days", 2)).ok();
        assertThat(work.card(3).get("due").asString()).startsWith("2027-02-12T15:00");
        assertThat(work.card(2).get("due").asString()).startsWith("2027-02-10T15:00");
    }

    @Test
    void workThatIsNotTheirsIsLeftAlone() {
        long other = newClass("elsewhere", 1).student(1);
        List<Map<String, Object>> cells = List.of(Map.of("taskId", work.task, "studentId", other));
        assertThat(work.act("reminders", cells, Map.of()).body().get("code").asString())
                .isEqualTo("not-theirs");
    }

    @Test
    void marksFollowWeightsTheBestTryLatenessAndWhatIsMissing() {
        assertThat(work.row(1).get("mark").asDouble()).isEqualTo(1.0 / 3, within(1e-9));
        assertThat(work.row(3).has("mark")).isFalse();
        Map<String, Object> strict = Map.of(
                "missingIsZero",
                true,
                "latePercentPerDay",
                10,
                "lateMostPercent",
                30,
                "lowPercent",
                20,
                "categories",
                List.of(),
                "version",
                0);
        work.own.teacher.put("/api/classes/" + work.own.id + "/marking", strict).ok();
        assertThat(lowResults().get("results")).isEmpty();
        clock.set(at("2027-02-12T09:00"));
        assertThat(work.row(3).get("mark").asDouble()).isZero();
        assertThat(work.row(3).get("missing").asInt()).isEqualTo(1);
        work.done(3, OwnWork.ALL_RIGHT);
        assertThat(work.row(3).get("mark").asDouble()).isEqualTo(0.8, within(1e-9));
        assertThat(work.row(3).get("late").asInt()).isEqualTo(1);
    }
}
