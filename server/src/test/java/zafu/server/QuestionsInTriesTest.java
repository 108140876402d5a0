package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zafu.server.LibraryTest.corrected;
import static zafu.server.LibraryTest.path;
import static zafu.server.LibraryTest.question;
import static zafu.server.LibraryTest.quiz;
import static zafu.server.LibraryTest.withQuestions;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Questions of every kind as students meet them, and what a correction does to work that is there already. */
class QuestionsInTriesTest extends ServerTest {
    private static final Map<String, Object> BLANK = Map.of("text", "", "accepted", List.of("moon"));

    @Test
    void aCorrectionReachesATryThatIsRunningAndLeavesOneThatWasHandedIn() {
        TestClass own = newClass("correction", 2);
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        HttpCaller early = own.signedIn(1);
        HttpCaller late = own.signedIn(2);
        JsonNode done = answered(early, task);
        JsonNode running = answered(late, task);
        String pathOfDone = "/api/my/tries/" + done.get("id").asLong();
        early.post(pathOfDone + "/hand-in", null).ok();
        clock.set(at("2027-02-09T08:20"));

        JsonNode set = own.teacher
                .get("/api/library/questions?ids="
                        + done.get("questions").get(1).get("id").asLong())
                .ok()
                .get(0);
        JsonNode item = own.teacher
                .get("/api/library/items/" + set.get("itemId").asLong())
                .ok();
        Map<String, Object> first = new LinkedHashMap<>(corrected(
                item.get("questions").get(0), "SINGLE_CHOICE", Map.of("options", List.of("wind", "moon"), "right", 1)));
        first.put("prompt", "Who pulls?");
        Map<String, Object> second = corrected(item.get("questions").get(1), "NUMERIC", Map.of("value", 12));
        own.teacher.put(path(item), withQuestions(item, first, second)).ok();

        JsonNode later = late.post("/api/my/tries/" + running.get("id").asLong() + "/hand-in", null)
                .ok();
        assertThat(later.get("earned").asInt()).isEqualTo(1);
        assertThat(promptOf(later)).isEqualTo("Who pulls?");
        JsonNode before = early.get(pathOfDone).ok();
        assertThat(before.get("earned").asInt()).isZero();
        assertThat(promptOf(before)).isEqualTo("Why?");
    }

    private static String promptOf(JsonNode page) {
        return page.get("questions").get(0).get("sheet").get("prompt").asString();
    }

    /** A try in which the second question is answered with 12. */
    private static JsonNode answered(HttpCaller student, long task) {
        JsonNode page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        long question = page.get("questions").get(1).get("id").asLong();
        student.put("/api/my/tries/" + page.get("id").asLong() + "/answers/" + question, Map.of("given", "12"))
                .ok();
        return page;
    }

    static Stream<Arguments> rightAnswers() {
        return Stream.of(
                Arguments.of(
                        "MULTIPLE_CHOICE", Map.of("options", List.of("a", "b", "c"), "rights", List.of(0, 2)), "0,2"),
                Arguments.of("ORDERING", Map.of("options", List.of("low", "rising", "high")), "0,1,2"),
                Arguments.of(
                        "MATCHING",
                        Map.of("options", List.of("a", "b"), "partners", List.of("x", "y"), "pairs", List.of(1, 0)),
                        "0:1,1:0"),
                Arguments.of("BLANKS", Map.of("pieces", List.of(Map.of("text", "The "), BLANK)), "Moon"),
                Arguments.of(
                        "HOT_WORDS",
                        Map.of(
                                "pieces",
                                List.of(
                                        Map.of("text", "so", "right", true),
                                        Map.of("text", " and "),
                                        Map.of("text", "sea", "right", false))),
                        "0"));
    }

    @ParameterizedTest
    @MethodSource("rightAnswers")
    void everyKindOfQuestionIsAskedWithoutItsAnswerAndMarksItself(String kind, Map<String, Object> body, String right) {
        TestClass own = newClass("kind " + kind, 1);
        JsonNode made = own.teacher
                .post("/api/library/items", quiz(question(kind, body)))
                .ok();
        JsonNode page = tryOf(own, made);
        assertThat(page.get("questions").get(0).toString())
                .doesNotContain("right")
                .doesNotContain("pairs")
                .doesNotContain("accepted");
        JsonNode sheet = page.get("questions").get(0).get("sheet");
        assertThat(handedIn(own, page, inNames(kind, body, sheet, right))
                        .get("earned")
                        .asInt())
                .isEqualTo(1);
    }

    /** An answer by places as a page gives it, which knows the parts by their texts alone. */
    private static String inNames(String kind, Map<String, Object> body, JsonNode sheet, String right) {
        return switch (kind) {
            case "ORDERING" ->
                Stream.of(right.split(","))
                        .map(place -> nameOf(sheet.get("parts"), body.get("options"), place))
                        .collect(Collectors.joining(","));
            case "MATCHING" ->
                Stream.of(right.split(","))
                        .map(pair -> pair.split(":"))
                        .map(pair -> pair[0] + ":" + nameOf(sheet.get("partners"), body.get("partners"), pair[1]))
                        .collect(Collectors.joining(","));
            default -> right;
        };
    }

    private static String nameOf(JsonNode parts, Object texts, String place) {
        Object text = ((List<?>) texts).get(Integer.parseInt(place));
        return parts.valueStream()
                .filter(part -> part.get("text").asString().equals(text))
                .findFirst()
                .orElseThrow()
                .get("name")
                .asString();
    }

    @Test
    void placesSentUnseenEarnNothingAndAreSaid() {
        TestClass own = newClass("unseen", 1);
        JsonNode made = own.teacher
                .post(
                        "/api/library/items",
                        quiz(question("ORDERING", Map.of("options", List.of("low", "rising", "high")))))
                .ok();
        JsonNode page = tryOf(own, made);
        HttpCaller student = own.signedIn(1);
        String path = "/api/my/tries/" + page.get("id").asLong();
        long question = page.get("questions").get(0).get("id").asLong();
        HttpCaller.Answer unseen = student.put(path + "/answers/" + question, Map.of("given", "0,1,2"));
        assertThat(unseen.status()).isEqualTo(422);
        assertThat(unseen.body().get("code").asString()).isEqualTo("unknown-part");
        assertThat(student.post(path + "/hand-in", null).ok().get("earned").asInt())
                .isZero();
    }

    @Test
    void anotherAttemptAtTheSameQuestionNamesItsPartsAnew() {
        TestClass own = newClass("anew", 2);
        Map<String, Object> body = Map.of("options", List.of("low", "rising", "high"));
        JsonNode made = own.teacher
                .post("/api/library/items", quiz(question("ORDERING", body)))
                .ok();
        JsonNode first = tryOf(own, made);
        long task = own.signedIn(2)
                .get("/api/my/work")
                .ok()
                .get("cards")
                .get(0)
                .get("taskId")
                .asLong();
        JsonNode second =
                own.signedIn(2).post("/api/my/tasks/" + task + "/tries", null).ok();
        assertThat(partNames(second)).doesNotContainAnyElementsOf(partNames(first));
        JsonNode again =
                own.signedIn(1).get("/api/my/tries/" + first.get("id").asLong()).ok();
        assertThat(partNames(again)).isEqualTo(partNames(first));
    }

    private static List<Long> partNames(JsonNode page) {
        return page.get("questions")
                .get(0)
                .get("sheet")
                .get("parts")
                .valueStream()
                .map(part -> part.get("name").asLong())
                .toList();
    }

    @Test
    void aLongAnswerWaitsForAPersonAndCountsNothingUntilThen() {
        TestClass own = newClass("long answer", 1);
        JsonNode made = own.teacher
                .post("/api/library/items", quiz(question("LONG_ANSWER", Map.of("guidance", "A reason"))))
                .ok();
        JsonNode done = handedIn(own, tryOf(own, made), "Because of the moon.");
        assertThat(done.has("possible")).as("no result is not none of nothing").isFalse();
        assertThat(done.get("questions").get(0).has("earned")).isFalse();
        assertThat(done.toString()).doesNotContain("A reason");
    }

    @Test
    void aLongAnswerIsMarkedByCriteriaWhichTheStudentSeesWhenItIsGivenBack() {
        TestClass own = newClass("criteria", 1);
        Map<String, Object> body = Map.of("guidance", "In own words.\nGives a reason: 2\nNames the moon: 1");
        JsonNode made = own.teacher
                .post("/api/library/items", quiz(question("LONG_ANSWER", body)))
                .ok();
        JsonNode done = handedIn(own, tryOf(own, made), "Because of the moon.");
        String path = "/api/tries/" + done.get("id").asLong() + "/answers/"
                + done.get("questions").get(0).get("id").asLong() + "/mark";
        assertThat(own.teacher
                        .put(path, Map.of("criteria", List.of(2, 2), "comment", ""))
                        .status())
                .isEqualTo(422);
        own.teacher.put(path, Map.of("criteria", List.of(1, 1), "comment", "")).done();
        String mine = "/api/my/tries/" + done.get("id").asLong();
        assertThat(own.signedIn(1).get(mine).ok().toString()).doesNotContain("Gives a reason");
        own.teacher
                .put("/api/tries/" + done.get("id").asLong() + "/remark", Map.of("text", "", "returned", true))
                .done();
        JsonNode page = own.signedIn(1).get(mine).ok().get("questions").get(0);
        assertThat(page.get("earned").asDouble())
                .as("2 of 3, of a question worth one")
                .isCloseTo(2.0 / 3, within(1e-9));
        assertThat(page.get("criteria").get(0).toString())
                .isEqualTo("{\"name\":\"Gives a reason\",\"earned\":1.0,\"points\":2}");
    }

    @Test
    void feedbackIsSaidOnceItIsHandedIn() {
        TestClass own = newClass("feedback", 1);
        Map<String, Object> body = Map.of("value", 6, "feedbackWrong", "Count *again*.");
        JsonNode made = own.teacher
                .post("/api/library/items", quiz(question("NUMERIC", body)))
                .ok();
        JsonNode page = tryOf(own, made);
        assertThat(page.toString()).doesNotContain("again");
        assertThat(handedIn(own, page, "7")
                        .get("questions")
                        .get(0)
                        .get("feedback")
                        .asString())
                .isEqualTo("Count <em>again</em>.");
    }

    /** Begins a try of S1 at a task made of the item. */
    static JsonNode tryOf(TestClass own, JsonNode item) {
        long task = own.teacher
                .post("/api/classes/" + own.id + "/tasks", Map.of("name", "Task", "items", List.of(item.get("id"))))
                .ok()
                .get("id")
                .asLong();
        JsonNode now = own.task(task);
        Map<String, Object> base = own.version("Base", TestClass.forEveryone());
        base.put("id", now.get("versions").get(0).get("id").asLong());
        base.put("questions", TestClass.ids(item.get("questions")));
        own.change(task, List.of(base)).ok();
        own.handOut(task, false).ok();
        return own.signedIn(1).post("/api/my/tasks/" + task + "/tries", null).ok();
    }

    static JsonNode handedIn(TestClass own, JsonNode page, String given) {
        HttpCaller student = own.signedIn(1);
        String path = "/api/my/tries/" + page.get("id").asLong();
        List<Long> questions = new ArrayList<>(TestClass.ids(page.get("questions")));
        questions.forEach(question -> student.put(path + "/answers/" + question, Map.of("given", given))
                .ok());
        return student.post(path + "/hand-in", null).ok();
    }
}
