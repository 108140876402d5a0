package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zafu.server.demo.HttpCaller;

/** A key that was wrong is corrected after answers came in: never two keys under one question. Rule 5a. */
class KeyCorrectionTest extends ServerTest {
    private TestClass own;
    private OwnWork work;
    private JsonNode item;

    @BeforeEach
    void threeHandedInByAWrongKey() {
        own = newClass("wrong key", 4);
        work = OwnWork.handedOut(own, Map.of());
        work.done(1, List.of("1", "6"));
        work.done(2, List.of("0", "6"));
        work.done(3, List.of("1", "9"));
        long itemId = results().get("items").get(0).asLong();
        item = own.teacher.get("/api/library/items/" + itemId).ok();
    }

    private JsonNode results() {
        return own.teacher.get("/api/tasks/" + work.task + "/results").ok();
    }

    private String keys() {
        return "/api/tasks/" + work.task + "/corrected-keys";
    }

    /** The first question's right option is the other one, or its options are others. */
    private void correct(int right, List<String> options) {
        clock.advance(Duration.ofMinutes(1));
        ObjectNode edit = edit();
        ObjectNode body = (ObjectNode) edit.get("questions").get(0).get("body");
        body.put("right", right);
        ArrayNode texts = body.putArray("options");
        options.forEach(texts::add);
        item = own.teacher
                .put("/api/library/items/" + item.get("id").asLong(), edit)
                .ok();
        clock.advance(Duration.ofMinutes(1));
    }

    private ObjectNode edit() {
        return ((ObjectNode) item.deepCopy())
                .retain("kind", "title", "body", "language", "visibility", "questions", "version");
    }

    private JsonNode only() {
        JsonNode questions = own.teacher.get(keys()).ok().get("questions");
        assertThat(questions).hasSize(1);
        return questions.get(0);
    }

    private List<Double> earned() {
        return IntStream.rangeClosed(1, 3)
                .mapToObj(number -> work.cell(number).get("earned").asDouble())
                .toList();
    }

    private JsonNode card(int number) {
        return own.signedIn(number).get("/api/my/work").ok().get("cards").get(0);
    }

    @Test
    void whatItWouldChangeIsSaidThenDoneThenUndone() {
        assertThat(own.teacher.get(keys()).ok().get("questions")).isEmpty();
        assertThat(earned()).containsExactly(3.0, 1.0, 2.0);
        correct(0, List.of("wind", "moon"));
        JsonNode said = only();
        assertThat(said.get("answers").asInt()).isEqualTo(3);
        assertThat(said.get("up").asInt()).isEqualTo(1);
        assertThat(said.get("down").asInt()).isEqualTo(2);
        assertThat(earned()).containsExactly(3.0, 1.0, 2.0);
        JsonNode again = own.teacher
                .post(keys(), Map.of("questions", List.of(said.get("questionId").asLong())))
                .ok();
        assertThat(earned()).containsExactly(1.0, 3.0, 0.0);
        assertThat(own.teacher.get(keys()).ok().get("questions")).isEmpty();
        assertThat(results().get("questions").get(0).get("missed")).hasSize(2);
        assertThat(card(2).get("corrected").asBoolean()).isTrue();
        own.teacher.post(keys() + "/undone", Map.of("ids", again.get("ids"))).done();
        assertThat(earned()).containsExactly(3.0, 1.0, 2.0);
        assertThat(card(2).get("corrected").asBoolean()).isFalse();
        assertThat(only().get("up").asInt()).isEqualTo(1);
    }

    @Test
    void whoHandsInLaterIsMarkedByTheSameKeyAndSoIsTheirTeachersPage() {
        correct(0, List.of("wind", "moon"));
        long question = only().get("questionId").asLong();
        own.teacher.post(keys(), Map.of("questions", List.of(question))).ok();
        work.done(4, List.of("0", "6"));
        assertThat(work.cell(4).get("earned").asDouble()).isEqualTo(3);
        assertThat(results().get("questions").get(0).get("missed"))
                .extracting(JsonNode::asLong)
                .containsExactlyInAnyOrder(own.student(1), own.student(3));
    }

    @Test
    void whatAPersonMarkedStays() {
        long tryId = work.cell(1).get("tryId").asLong();
        long question = item.get("questions").get(0).get("id").asLong();
        own.teacher
                .put("/api/tries/" + tryId + "/answers/" + question + "/mark", Map.of("points", 2, "comment", ""))
                .done();
        correct(0, List.of("wind", "moon"));
        assertThat(only().get("down").asInt()).isEqualTo(1);
        own.teacher.post(keys(), Map.of("questions", List.of(question))).ok();
        assertThat(earned()).containsExactly(3.0, 3.0, 0.0);
    }

    @Test
    void answersToOtherOptionsAreNotMarkedAgain() {
        correct(0, List.of("moon", "wind"));
        assertThat(only().get("comparable").asBoolean()).isFalse();
        long question = only().get("questionId").asLong();
        HttpCaller.Answer refused = own.teacher.post(keys(), Map.of("questions", List.of(question)));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(earned()).containsExactly(3.0, 1.0, 2.0);
    }

    @Test
    void whatIsOnlySaidOtherwiseNeedsNoMarkingAgain() {
        ObjectNode edit = edit();
        ((ObjectNode) edit.get("questions").get(0).get("body")).put("feedbackWrong", "Think of the tide.");
        own.teacher.put("/api/library/items/" + item.get("id").asLong(), edit).ok();
        assertThat(own.teacher.get(keys()).ok().get("questions")).isEmpty();
    }
}
