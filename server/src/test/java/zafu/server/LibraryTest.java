package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class LibraryTest extends ServerTest {
    private static Map<String, Object> question(String kind, Map<String, Object> body) {
        return Map.of("kind", kind, "prompt", "Why?", "points", 1, "body", body);
    }

    private static Map<String, Object> set(Object... questions) {
        return Map.of("title", "Marsh", "questions", List.of(questions));
    }

    static Stream<Arguments> questionsThatLackSomething() {
        return Stream.of(
                Arguments.of("SINGLE_CHOICE", Map.of("options", List.of("one"), "right", 0), "at least two options"),
                Arguments.of("SINGLE_CHOICE", Map.of("options", List.of("one", " "), "right", 0), "none of them empty"),
                Arguments.of("SINGLE_CHOICE", Map.of("options", List.of("one", "two")), "one option marked as right"),
                Arguments.of(
                        "SINGLE_CHOICE",
                        Map.of("options", List.of("one", "two"), "right", 2),
                        "one option marked as right"),
                Arguments.of("NUMERIC", Map.of(), "needs a number"),
                Arguments.of("NUMERIC", Map.of("value", 6, "tolerance", -1), "a tolerance below 0"),
                Arguments.of("SHORT_ANSWER", Map.of("accepted", List.of()), "at least one accepted answer"));
    }

    @ParameterizedTest
    @MethodSource("questionsThatLackSomething")
    void aQuestionSaysWhatItLacks(String kind, Map<String, Object> body, String lack) {
        HttpCaller.Answer refused = teacher().post("/api/library/question-sets", set(question(kind, body)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString())
                .startsWith("The question \"Why?\" ")
                .contains(lack);
    }

    @Test
    void nothingOfASetIsKeptWhereOneQuestionIsIncomplete() {
        HttpCaller teacher = teacher();
        int before = teacher.get("/api/library").ok().get("questionSets").size();
        teacher.post(
                "/api/library/question-sets",
                set(question("NUMERIC", Map.of("value", 6)), question("NUMERIC", Map.of())));
        assertThat(teacher.get("/api/library").ok().get("questionSets")).hasSize(before);
    }

    @Test
    void aCorrectedQuestionKeepsItsIdAndOneTakenOutIsGoneFromTheShelf() {
        HttpCaller teacher = teacher();
        JsonNode made = teacher.post(
                        "/api/library/question-sets",
                        set(question("NUMERIC", Map.of("value", 6)), question("NUMERIC", Map.of("value", 7))))
                .ok();
        Map<String, Object> corrected = new LinkedHashMap<>(question("NUMERIC", Map.of("value", 12)));
        corrected.put("id", made.get("questions").get(1).get("id").asLong());
        JsonNode changed = teacher.put(
                        "/api/library/question-sets/" + made.get("id").asLong(),
                        Map.of(
                                "title", "Marsh",
                                "questions", List.of(corrected),
                                "version", made.get("version").asLong()))
                .ok();
        assertThat(changed.get("questions")).hasSize(1);
        assertThat(changed.get("questions").get(0).get("id"))
                .isEqualTo(made.get("questions").get(1).get("id"));
        assertThat(changed.get("questions").get(0).get("body").get("value").asInt())
                .isEqualTo(12);
    }

    @Test
    void twoPeopleWhoMendOneTextDoNotOverwriteEachOther() {
        HttpCaller teacher = teacher();
        JsonNode text = teacher.post("/api/library/texts", Map.of("title", "Tides", "body", "High and low."))
                .ok();
        String path = "/api/library/texts/" + text.get("id").asLong();
        long version = text.get("version").asLong();
        teacher.put(path, Map.of("title", "Tides", "body", "First.", "version", version))
                .ok();
        HttpCaller.Answer second = teacher.put(path, Map.of("title", "Tides", "body", "Second.", "version", version));
        assertThat(second.status()).isEqualTo(409);
        assertThat(bodyOf(teacher, text)).isEqualTo("First.");
    }

    private static String bodyOf(HttpCaller teacher, JsonNode text) {
        return teacher.get("/api/library")
                .ok()
                .get("texts")
                .valueStream()
                .filter(each -> each.get("id").equals(text.get("id")))
                .findFirst()
                .orElseThrow()
                .get("body")
                .asString();
    }

    @Test
    void aTextIsNoQuestionSet() {
        HttpCaller teacher = teacher();
        JsonNode text = teacher.post("/api/library/texts", Map.of("title", "Tides", "body", "High and low."))
                .ok();
        Map<String, Object> edit = new LinkedHashMap<>(set(question("NUMERIC", Map.of("value", 6))));
        edit.put("version", text.get("version").asLong());
        assertThat(teacher.put("/api/library/question-sets/" + text.get("id").asLong(), edit)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aCorrectionReachesATryThatIsRunningAndItsMark() {
        TestClass own = newClass("correction", 1);
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        HttpCaller student = own.signedIn(1);
        JsonNode page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        long question = page.get("questions").get(1).get("id").asLong();
        String path = "/api/my/tries/" + page.get("id").asLong();
        student.put(path + "/answers/" + question, Map.of("given", "12")).ok();

        JsonNode set = own.teacher
                .get("/api/library")
                .ok()
                .get("questionSets")
                .valueStream()
                .filter(each -> TestClass.ids(each.get("questions")).contains(question))
                .findFirst()
                .orElseThrow();
        Map<String, Object> kept =
                new LinkedHashMap<>(question("SINGLE_CHOICE", Map.of("options", List.of("wind", "moon"), "right", 1)));
        kept.put("id", set.get("questions").get(0).get("id").asLong());
        Map<String, Object> corrected = new LinkedHashMap<>(question("NUMERIC", Map.of("value", 12)));
        corrected.put("id", question);
        own.teacher
                .put(
                        "/api/library/question-sets/" + set.get("id").asLong(),
                        Map.of(
                                "title", "Marsh",
                                "questions", List.of(kept, corrected),
                                "version", set.get("version").asLong()))
                .ok();
        JsonNode done = student.post(path + "/hand-in", null).ok();
        assertThat(done.get("earned").asInt()).isEqualTo(1);
    }
}
