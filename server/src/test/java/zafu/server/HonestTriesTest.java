package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Tries under the server's clock: nobody gets more time or less, whatever a browser sends. */
class HonestTriesTest extends ServerTest {
    private long handedOut(TestClass own, Map<String, Object> fields) {
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> base = own.version("Base", TestClass.forEveryone());
        base.put("id", own.task(task).get("versions").get(0).get("id").asLong());
        base.putAll(fields);
        own.change(task, List.of(base)).ok();
        own.handOut(task, true).ok();
        return task;
    }

    private static JsonNode start(HttpCaller student, long task) {
        return student.post("/api/my/tasks/" + task + "/tries", null).ok();
    }

    private static String pathOf(JsonNode page) {
        return "/api/my/tries/" + page.get("id").asLong();
    }

    private static HttpCaller.Answer answer(HttpCaller student, JsonNode page, int question, String given) {
        long id = page.get("questions").get(question).get("id").asLong();
        return student.put(pathOf(page) + "/answers/" + id, Map.of("given", given));
    }

    private static JsonNode card(HttpCaller student) {
        return student.get("/api/my/work").ok().get("cards").get(0);
    }

    @ParameterizedTest
    @CsvSource({"20, , 20", "20, 2027-02-09T08:20, 10", "20, 2027-02-09T09:30, 20", ", 2027-02-09T08:25, 15"})
    void aTryEndsWithItsTimeOrWhenTheTaskCloses(Integer minutes, String closes, long lasts) {
        TestClass own = newClass("ends " + minutes + closes, 1);
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("minutes", minutes);
        if (closes != null) {
            fields.put("closes", closes);
        }
        JsonNode page = start(own.signedIn(1), handedOut(own, fields));
        java.time.Instant ends =
                java.time.Instant.parse(page.get("clock").get("endsAt").asString());
        java.time.Instant began = java.time.Instant.parse(page.get("startedAt").asString());
        assertThat(Duration.between(began, ends).toMinutes()).isEqualTo(lasts);
    }

    @Test
    void anAnswerAfterTheEndDoesNotCountAndTheWorkIsHandedIn() {
        TestClass own = newClass("too late", 1);
        long task = handedOut(own, Map.of("minutes", 10));
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, task);
        answer(student, page, 0, "1").ok();
        clock.advance(Duration.ofMinutes(10).plusSeconds(1));
        assertThat(answer(student, page, 1, "6").ok().get("as").asString()).isEqualTo("AFTER_END");
        JsonNode after = student.get(pathOf(page)).ok();
        assertThat(after.get("handedIn").asBoolean()).isTrue();
        assertThat(after.get("endedByTime").asBoolean()).isTrue();
        assertThat(after.get("earned").asInt()).isEqualTo(2);
    }

    @Test
    void aPageThatIsAskedForWhileTheEndComesIsAPageAllTheSame() {
        TestClass own = newClass("asked at the end", 12);
        long task = handedOut(own, Map.of("minutes", 10));
        List<HttpCaller> students =
                IntStream.rangeClosed(1, 12).mapToObj(own::signedIn).toList();
        List<JsonNode> pages =
                students.stream().map(student -> start(student, task)).toList();
        clock.advance(Duration.ofMinutes(10).plusSeconds(1));
        for (int i = 0; i < students.size(); i++) {
            HttpCaller student = students.get(i);
            String path = pathOf(pages.get(i));
            List<CompletableFuture<Integer>> asked = Stream.generate(() -> CompletableFuture.supplyAsync(
                            () -> student.get(path).status()))
                    .limit(4)
                    .toList();
            assertThat(asked).extracting(CompletableFuture::join).containsOnly(200);
        }
    }

    @Test
    void aSecondBeforeTheEndStillCounts() {
        TestClass own = newClass("just in time", 1);
        long task = handedOut(own, Map.of("minutes", 10));
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, task);
        clock.advance(Duration.ofMinutes(10).minusSeconds(1));
        answer(student, page, 0, "1").ok();
        JsonNode done = student.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(done.get("endedByTime").asBoolean()).isFalse();
        assertThat(done.get("earned").asInt()).isEqualTo(2);
    }

    @Test
    void handedInWorkIsNotChangedAnyMore() {
        TestClass own = newClass("handed in", 1);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own, Map.of()));
        student.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(answer(student, page, 0, "1").ok().get("as").asString()).isEqualTo("HANDED_IN");
        JsonNode again = student.post(pathOf(page) + "/hand-in", null).body();
        assertThat(student.get(pathOf(page)).ok().get("earned").asInt()).isZero();
        assertThat(again).isNotNull();
    }

    @Test
    void aQuestionOfAnotherTaskTakesNoAnswer() {
        TestClass own = newClass("other question", 1);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own, Map.of()));
        JsonNode other = start(student, handedOut(own, Map.of()));
        long foreign = other.get("questions").get(0).get("id").asLong();
        assertThat(student.put(pathOf(page) + "/answers/" + foreign, Map.of("given", "1"))
                        .status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "7", "-1", "one", "9999999999999", "<script>", "1; drop table attempt"})
    void whateverIsSentAsAChoiceIsKeptAndMarkedWrong(String given) {
        TestClass own = newClass("odd choice " + given.hashCode(), 1);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own, Map.of()));
        answer(student, page, 0, given).ok();
        assertThat(student.get(pathOf(page))
                        .ok()
                        .get("questions")
                        .get(0)
                        .get("given")
                        .asString())
                .isEqualTo(given);
        JsonNode done = student.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(done.get("earned").asInt()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"6, 1", "'6,5', 1", "5.5, 1", "6.51, 0", "5.49, 0", "'six', 0", "' 6 ', 1"})
    void aNumberIsRightWithinItsTolerance(String given, int earned) {
        TestClass own = newClass("number " + given.hashCode(), 1);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own, Map.of()));
        answer(student, page, 1, given).ok();
        JsonNode done = student.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(done.get("earned").asInt()).isEqualTo(earned);
    }

    @Test
    void anAnswerLongerThanThePageTakesIsRefused() {
        TestClass own = newClass("long answer", 1);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own, Map.of()));
        assertThat(answer(student, page, 0, "x".repeat(20_001)).status()).isEqualTo(422);
        answer(student, page, 0, "x".repeat(20_000)).ok();
    }

    @Test
    void beforeHandingInNobodyIsToldWhatIsRight() {
        TestClass own = newClass("no telling", 1);
        HttpCaller student = own.signedIn(1);
        JsonNode page = start(student, handedOut(own, Map.of()));
        answer(student, page, 0, "1").ok();
        JsonNode running = student.get(pathOf(page)).ok();
        assertThat(running.get("questions").get(0).has("earned")).isFalse();
        assertThat(running.has("earned")).isFalse();
        assertThat(running.toString()).doesNotContain("\"right\"").doesNotContain("tolerance");
    }

    @Test
    void myWorkSaysWhereEachTaskStands() {
        TestClass own = newClass("my work", 1);
        HttpCaller student = own.signedIn(1);
        long task = handedOut(own, Map.of("opens", "2027-02-09T09:00", "closes", "2027-02-09T12:00"));
        assertThat(card(student).get("when").asString()).isEqualTo("LATER");
        clock.set(at("2027-02-09T09:30"));
        assertThat(card(student).get("when").asString()).isEqualTo("NOW");
        JsonNode page = start(student, task);
        assertThat(card(student).get("when").asString()).isEqualTo("GOING_ON");
        student.post(pathOf(page) + "/hand-in", null).ok();
        assertThat(card(student).get("when").asString()).isEqualTo("DONE");
    }

    @Test
    void whatClosedUnstartedIsSaidToBeClosed() {
        TestClass own = newClass("missed", 1);
        handedOut(own, Map.of("closes", "2027-02-09T12:00"));
        clock.set(at("2027-02-09T12:01"));
        assertThat(card(own.signedIn(1)).get("when").asString()).isEqualTo("MISSED");
    }

    @Test
    void aStudentWhoLeftTheClassHasItsWorkNoMore() {
        TestClass own = newClass("left class", 1);
        TestClass other = newClass("stays in", 1);
        handedOut(own, Map.of());
        own.deed("ADD_TO_CLASS", other.id, own.student(1)).done();
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards")).hasSize(1);
        own.deed("TAKE_OUT", own.id, own.student(1)).done();
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards")).isEmpty();
    }
}
