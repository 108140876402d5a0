package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A question that was unfair is taken out of the results after answers came in. Rule 5a. */
class QuestionTakenOutTest extends ServerTest {
    private TestClass own;
    private OwnWork work;

    @BeforeEach
    void threeHandedIn() {
        own = newClass("unfair question", 4);
        work = OwnWork.handedOut(own, Map.of());
        work.done(1, List.of("1", "6"));
        work.done(2, List.of("0", "6"));
        work.done(3, List.of("1", "9"));
    }

    private JsonNode results() {
        return own.teacher.get("/api/tasks/" + work.task + "/results").ok();
    }

    private JsonNode first() {
        return results().get("questions").get(0);
    }

    private String path() {
        return "/api/tasks/" + work.task + "/questions/"
                + first().get("sheet").get("id").asLong() + "/taken-out";
    }

    private void takeOut(String how) {
        own.teacher.put(path(), Map.of("how", how)).done();
    }

    private List<String> earnedOfPossible() {
        return IntStream.rangeClosed(1, 3)
                .mapToObj(work::cell)
                .map(cell ->
                        cell.get("earned").asInt() + "/" + cell.get("possible").asInt())
                .toList();
    }

    private JsonNode pageOf(int number) {
        long tryId = work.cell(number).get("tryId").asLong();
        return own.signedIn(number).get("/api/my/tries/" + tryId).ok();
    }

    @Test
    void fullPointsAreForAllWhateverTheyAnsweredAndForWhoComesLater() {
        assertThat(earnedOfPossible()).containsExactly("3/3", "1/3", "2/3");
        takeOut("FULL_POINTS");
        assertThat(earnedOfPossible()).containsExactly("3/3", "3/3", "2/3");
        work.done(4, List.of("0", "9"));
        assertThat(work.cell(4).get("earned").asInt()).isEqualTo(2);
        assertThat(first().get("takenOut").asString()).isEqualTo("FULL_POINTS");
        assertThat(first().get("missed")).isEmpty();
    }

    @Test
    void whatIsNotCountedIsNeitherEarnedNorPossibleAndThatIsUndone() {
        takeOut("NOT_COUNTED");
        assertThat(earnedOfPossible()).containsExactly("1/1", "1/1", "0/1");
        assertThat(first().has("share")).isFalse();
        takeOut("FULL_POINTS");
        assertThat(earnedOfPossible()).containsExactly("3/3", "3/3", "2/3");
        own.teacher.call("DELETE", path(), null).done();
        assertThat(earnedOfPossible()).containsExactly("3/3", "1/3", "2/3");
        assertThat(first().has("takenOut")).isFalse();
    }

    @Test
    void theStudentIsToldAndSeesHowItCounts() {
        takeOut("FULL_POINTS");
        assertThat(own.signedIn(2)
                        .get("/api/my/work")
                        .ok()
                        .get("cards")
                        .get(0)
                        .get("corrected")
                        .asBoolean())
                .isTrue();
        assertThat(pageOf(2).get("questions").get(0).get("takenOut").asString()).isEqualTo("FULL_POINTS");
    }

    @Test
    void aQuestionOfAnotherTaskIsNotFoundAndOthersMayNotTakeItOut() {
        assertThat(own.teacher
                        .put("/api/tasks/" + work.task + "/questions/9999999/taken-out", Map.of("how", "NOT_COUNTED"))
                        .status())
                .isEqualTo(404);
        assertThat(own.signedIn(1).put(path(), Map.of("how", "NOT_COUNTED")).status())
                .isIn(403, 404);
        assertThat(earnedOfPossible()).containsExactly("3/3", "1/3", "2/3");
    }

    @Test
    void theHistoryOfTheTaskTellsItAndThatOfAStudentWithTheSameNumberDoesNot() {
        takeOut("NOT_COUNTED");
        assertThat(told("TASK")).contains("question taken out");
        assertThat(told("STUDENT")).doesNotContain("question taken out");
    }

    private String told(String kind) {
        return own.teacher
                .get("/api/classes/" + own.id + "/history?kind=" + kind + "&subject=" + work.task)
                .ok()
                .toString();
    }
}
