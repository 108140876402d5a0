package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Whatever a student gives is kept: once, in the order in which it was given, and apart where it came too late. */
class KeptAnswersTest extends ServerTest {
    private TestClass own;
    private HttpCaller student;
    private JsonNode page;
    private String path;

    private void begin(String name) {
        own = newClass(name, 1);
        page = TestTask.out(own, TestClass.forEveryone()).start(1);
        path = "/api/my/tries/" + page.get("id").asLong();
        student = own.signedIn(1);
    }

    private HttpCaller.Answer give(int question, String given, String key, Instant at) {
        return give(question, given, key, at, null);
    }

    /** Given on a device: its count of what it gave, and over which saved number. */
    private static Map<String, Object> number(String device, long count, long over) {
        return Map.of("device", device, "given", count, "over", over);
    }

    private HttpCaller.Answer give(
            int question, String given, String key, Instant at, @Nullable Map<String, Object> number) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("number", number);
        body.put("given", given);
        body.put("key", key);
        body.put("givenAt", at.toString());
        return student.put(
                path + "/answers/"
                        + page.get("questions").get(question).get("id").asLong(),
                body);
    }

    private String kept(int question) {
        return student.get(path)
                .ok()
                .get("questions")
                .get(question)
                .path("given")
                .asString(null);
    }

    private JsonNode review() {
        return own.teacher.get("/api/tries/" + page.get("id").asLong()).ok();
    }

    private JsonNode decide(String decision) {
        long late = review().get("late").get(0).get("id").asLong();
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("decision", decision);
        return own.teacher.post("/api/late-answers/" + late + "/decision", body).ok();
    }

    @Test
    void ofOneDeviceTheAnswerGivenLastCountsThoughAnEarlierOneComesLater() {
        begin("given last");
        Instant now = clock.instant();
        give(0, "1", "second", now, number("tablet", 2, 0)).ok();
        assertThat(give(0, "0", "first", now, number("tablet", 1, 0))
                        .ok()
                        .get("as")
                        .asString())
                .isEqualTo("OVERTAKEN");
        assertThat(kept(0)).isEqualTo("1");
    }

    @Test
    void aDeviceWhoseClockIsWrongStillGivesTheNewerAnswer() {
        begin("clock behind");
        Instant now = clock.instant();
        clock.advance(Duration.ofMinutes(2));
        give(1, "first", "a", clock.instant(), number("tablet", 1, 0)).ok();
        give(1, "second", "b", now.minus(Duration.ofDays(1)), number("tablet", 2, 1))
                .ok();
        assertThat(kept(1)).isEqualTo("second");
    }

    @Test
    void aPageThatHasNotSeenWhatAnotherDeviceSavedDoesNotOverwriteItAndIsToldWhatItIs() {
        begin("not seen");
        Instant now = clock.instant();
        give(1, "The moon pulls the water.", "a", now, number("tablet", 1, 0)).ok();
        JsonNode refused = give(1, "wat", "b", now, number("phone", 7, 0)).ok();
        assertThat(refused.get("as").asString()).isEqualTo("CHANGED_ELSEWHERE");
        assertThat(refused.get("saved").asString()).isEqualTo("The moon pulls the water.");
        assertThat(refused.get("number").asLong()).isEqualTo(1);
        assertThat(kept(1)).isEqualTo("The moon pulls the water.");
        give(1, "wat", "c", now, number("phone", 8, 1)).ok();
        assertThat(kept(1)).isEqualTo("wat");
    }

    @Test
    void theSameAnswerFromTwoDevicesIsNoConflict() {
        begin("same twice");
        Instant now = clock.instant();
        give(0, "1", "a", now, number("tablet", 1, 0)).ok();
        assertThat(give(0, "1", "b", now, number("phone", 1, 0)).ok().get("as").asString())
                .isEqualTo("KEPT");
    }

    @Test
    void whatIsWrittenAsAWholeIsNotOverwrittenUnseenEither() {
        begin("written unseen");
        student.put(path + "/written", Map.of("text", "<p>Long</p>", "number", number("tablet", 1, 0)))
                .ok();
        JsonNode refused = student.put(path + "/written", Map.of("text", "<p>w</p>", "number", number("phone", 1, 0)))
                .ok();
        assertThat(refused.get("as").asString()).isEqualTo("CHANGED_ELSEWHERE");
        assertThat(student.get(path).ok().get("written").asString()).isEqualTo("<p>Long</p>");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void twoPagesThatSendInAnyOrderAndMoreThanOnceLeaveWhatWasGivenLast(long seed) {
        begin("two pages " + seed);
        Random random = new Random(seed);
        Instant start = clock.instant();
        List<Integer> moments = new ArrayList<>();
        for (int i = 1; i <= 12; i++) {
            moments.add(i);
        }
        moments.addAll(List.copyOf(moments).subList(3, 9));
        Collections.shuffle(moments, random);
        clock.advance(Duration.ofMinutes(1));
        moments.forEach(i -> give(1, "text " + i, "key " + i, start.plusSeconds(i), number("tablet", i, 0))
                .ok());
        assertThat(kept(1)).isEqualTo("text 12");
        assertThat(review().get("late")).isEmpty();
    }

    @Test
    void aDeviceWithAWrongClockIsNotBelievedBeyondTheTry() {
        begin("wrong clock");
        give(0, "0", "future", clock.instant().plus(Duration.ofDays(3))).ok();
        clock.advance(Duration.ofSeconds(10));
        give(0, "1", "now", clock.instant()).ok();
        assertThat(kept(0)).isEqualTo("1");
    }

    @Test
    void whatWasGivenInTimeAndCameLateWaitsForTheTeacher() {
        begin("came late");
        Instant inTime = clock.instant().plusSeconds(60);
        clock.advance(Duration.ofMinutes(25));
        assertThat(student.get(path).ok().get("earned").asInt()).isZero();
        assertThat(give(0, "1", "offline", inTime).ok().get("as").asString()).isEqualTo("AFTER_END");
        give(0, "1", "offline", inTime).ok();
        JsonNode late = review().get("late");
        assertThat(late).hasSize(1);
        assertThat(late.get(0).get("given").asString()).isEqualTo("1");
        assertThat(late.get(0).get("question").asInt()).isEqualTo(1);
        assertThat(late.get(0).get("inTime").asBoolean()).isTrue();
        assertThat(student.get(path).ok().get("cameLate").get("waiting").asInt())
                .isEqualTo(1);
    }

    @Test
    void whatIsAcceptedCountsAndWhatIsTakenBackDoesNotAnyMore() {
        begin("accepted");
        give(0, "0", "wrong", clock.instant()).ok();
        Instant inTime = clock.instant().plusSeconds(60);
        clock.advance(Duration.ofMinutes(25));
        give(0, "1", "right", inTime).ok();
        assertThat(decide("ACCEPTED").get("earned").asInt()).isEqualTo(2);
        assertThat(kept(0)).isEqualTo("1");
        JsonNode undone = decide(null);
        assertThat(undone.get("earned").asInt()).isZero();
        assertThat(undone.get("late").get(0).has("decision")).isFalse();
        assertThat(kept(0)).isEqualTo("0");
        assertThat(decide("DECLINED").get("earned").asInt()).isZero();
        assertThat(student.get(path).ok().get("cameLate").get("declined").asInt())
                .isEqualTo(1);
    }

    @Test
    void anAnswerWhereThereWasNoneIsGoneAgainWhenItsAcceptingIsTakenBack() {
        begin("none before");
        student.post(path + "/hand-in", null).ok();
        give(1, "6", "late", clock.instant()).ok();
        assertThat(decide("ACCEPTED").get("earned").asInt()).isEqualTo(1);
        assertThat(decide(null).get("earned").asInt()).isZero();
        assertThat(kept(1)).isNull();
    }

    @Test
    void whatIsGivenTwiceAfterHandingInIsNoNews() {
        begin("no news");
        give(0, "1", "kept", clock.instant()).ok();
        student.post(path + "/hand-in", null).ok();
        assertThat(give(0, "1", "again", clock.instant()).ok().get("as").asString())
                .isEqualTo("KEPT");
        assertThat(review().get("late")).isEmpty();
    }

    @Test
    void theGridSaysThatSomethingWaits() {
        begin("grid says");
        student.post(path + "/hand-in", null).ok();
        give(0, "1", "late", clock.instant()).ok();
        JsonNode cell = own.teacher
                .get("/api/classes/" + own.id + "/progress")
                .ok()
                .get("groups")
                .get(0)
                .get("students")
                .get(0)
                .get("cells")
                .get(0);
        assertThat(cell.get("waiting").asInt()).isEqualTo(1);
        assertThat(cell.get("tryId").asLong()).isEqualTo(page.get("id").asLong());
    }

    @Test
    void flagsAreThereOnAnotherDevice() {
        begin("flags");
        long question = page.get("questions").get(1).get("id").asLong();
        student.put(path + "/flags", Map.of("questions", List.of(question))).done();
        assertThat(TestClass.longs(own.signedIn(1).get(path).ok().get("flagged")))
                .containsExactly(question);
    }

    @Test
    void aFileThatIsSentTwiceIsOneAndALateOneIsMarked() {
        begin("files");
        byte[] map = "a map".getBytes(java.nio.charset.StandardCharsets.UTF_8);
        student.uploadFile(path + "/files?key=one", map, "map.txt").ok();
        assertThat(student.uploadFile(path + "/files?key=one", map, "map.txt")
                        .ok()
                        .get("files"))
                .hasSize(1);
        student.post(path + "/hand-in", null).ok();
        JsonNode files = student.uploadFile(path + "/files?key=two", map, "late.txt")
                .ok()
                .get("files");
        assertThat(files.get(0).get("late").asBoolean()).isFalse();
        assertThat(files.get(1).get("late").asBoolean()).isTrue();
    }
}
