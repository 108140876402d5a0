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
    static Map<String, Object> question(String kind, Map<String, Object> body) {
        return Map.of("kind", kind, "prompt", "Why?", "points", 1, "body", body);
    }

    static Map<String, Object> quiz(Object... questions) {
        return Map.of("kind", "QUIZ", "title", "Marsh", "questions", List.of(questions));
    }

    private static Map<String, Object> text(String title, Map<String, Object> more) {
        Map<String, Object> item = new LinkedHashMap<>(Map.of("kind", "TEXT", "title", title, "body", "High and low."));
        item.putAll(more);
        return item;
    }

    static String path(JsonNode item) {
        return "/api/library/items/" + item.get("id").asLong();
    }

    /** The item's edit with other questions in it. */
    static Map<String, Object> withQuestions(JsonNode item, Object... questions) {
        Map<String, Object> edit = new LinkedHashMap<>(quiz(questions));
        edit.put("version", item.get("version").asLong());
        return edit;
    }

    static Map<String, Object> corrected(JsonNode question, String kind, Map<String, Object> body) {
        Map<String, Object> edit = new LinkedHashMap<>(question(kind, body));
        edit.put("id", question.get("id").asLong());
        return edit;
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
                Arguments.of("MULTIPLE_CHOICE", Map.of("options", List.of("one", "two")), "at least one option"),
                Arguments.of("NUMERIC", Map.of(), "needs a number"),
                Arguments.of("NUMERIC", Map.of("value", 6, "tolerance", -1), "a tolerance below 0"),
                Arguments.of("SHORT_ANSWER", Map.of("accepted", List.of()), "at least one accepted answer"),
                Arguments.of("ORDERING", Map.of("options", List.of("low", "low")), "the same part twice"),
                Arguments.of(
                        "MATCHING",
                        Map.of("options", List.of("a", "b"), "partners", List.of("c", "d"), "pairs", List.of(0)),
                        "a partner for each of its 2 parts"),
                Arguments.of("BLANKS", Map.of("pieces", List.of(Map.of("text", "No blank"))), "at least one blank"),
                Arguments.of(
                        "BLANKS",
                        Map.of(
                                "pieces",
                                List.of(Map.of(
                                        "text", "", "accepted", List.of("sea"), "choices", List.of("sky", "sand")))),
                        "not among its choices"),
                Arguments.of(
                        "HOT_WORDS",
                        Map.of("pieces", List.of(Map.of("text", "moon", "right", true))),
                        "at least two words to choose from"));
    }

    @ParameterizedTest
    @MethodSource("questionsThatLackSomething")
    void aQuestionSaysWhatItLacks(String kind, Map<String, Object> body, String lack) {
        HttpCaller.Answer refused = teacher().post("/api/library/items", quiz(question(kind, body)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString())
                .startsWith("The question \"Why?\" ")
                .contains(lack);
    }

    static Stream<Arguments> itemsThatLackSomething() {
        return Stream.of(
                Arguments.of(Map.of("kind", "TEXT", "title", "x"), "has no text"),
                Arguments.of(Map.of("kind", "QUIZ", "title", "x"), "at least one question"),
                Arguments.of(Map.of("kind", "LESSON", "title", "x"), "at least one step"),
                Arguments.of(Map.of("kind", "PRINTABLE", "title", "x"), "needs its sheet"),
                Arguments.of(Map.of("kind", "LINK", "title", "x", "address", "ftp://tide.example"), "http://"),
                Arguments.of(Map.of("kind", "LINK", "title", "x", "address", "https://me@tide.example"), "http://"),
                Arguments.of(text("x", Map.of("levelLow", 500)), "both a number and its measure"),
                Arguments.of(text("x", Map.of("levelMeasureId", 1, "levelLow", 5000)), "lies outside"),
                Arguments.of(text("x", Map.of("gradeLow", 6, "gradeHigh", 4)), "lies above the highest"),
                Arguments.of(text("x", Map.of("language", "?!")), "no language tag"),
                Arguments.of(text("x", Map.of("visibility", "CLASS")), "Which class"));
    }

    @ParameterizedTest
    @MethodSource("itemsThatLackSomething")
    void anItemSaysWhatItLacks(Map<String, Object> item, String lack) {
        HttpCaller.Answer refused = teacher().post("/api/library/items", item);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains(lack);
    }

    @Test
    void nothingOfAQuizIsKeptWhereOneQuestionIsIncomplete() {
        HttpCaller teacher = teacher();
        TestClass own = newClass("nothing kept", 1);
        int before = found(own, "").get("total").asInt();
        teacher.post(
                "/api/library/items", quiz(question("NUMERIC", Map.of("value", 6)), question("NUMERIC", Map.of())));
        assertThat(found(own, "").get("total").asInt()).isEqualTo(before);
    }

    private static JsonNode found(TestClass own, String query) {
        return own.teacher.get("/api/classes/" + own.id + "/library?" + query).ok();
    }

    @Test
    void aCorrectedQuestionKeepsItsIdAndOneTakenOutIsGone() {
        HttpCaller teacher = teacher();
        JsonNode made = teacher.post(
                        "/api/library/items",
                        quiz(question("NUMERIC", Map.of("value", 6)), question("NUMERIC", Map.of("value", 7))))
                .ok();
        JsonNode second = made.get("questions").get(1);
        JsonNode changed = teacher.put(
                        path(made), withQuestions(made, corrected(second, "NUMERIC", Map.of("value", 12))))
                .ok();
        assertThat(TestClass.ids(changed.get("questions")))
                .containsExactly(second.get("id").asLong());
        assertThat(changed.get("questions").get(0).get("body").get("value").asInt())
                .isEqualTo(12);
    }

    @Test
    void twoPeopleWhoMendOneTextDoNotOverwriteEachOther() {
        HttpCaller teacher = teacher();
        JsonNode made =
                teacher.post("/api/library/items", text("Tides", Map.of())).ok();
        long version = made.get("version").asLong();
        teacher.put(path(made), text("Tides", Map.of("body", "First.", "version", version)))
                .ok();
        HttpCaller.Answer second =
                teacher.put(path(made), text("Tides", Map.of("body", "Second.", "version", version)));
        assertThat(second.status()).isEqualTo(409);
        assertThat(teacher.get(path(made)).ok().get("body").asString()).isEqualTo("First.");
        assertThat(teacher.get(path(made)).ok().get("editions").asInt()).isEqualTo(1);
    }

    @Test
    void twoPeopleWhoMendOnlyQuestionsDoNotOverwriteEachOtherEither() {
        HttpCaller teacher = teacher();
        JsonNode made = teacher.post("/api/library/items", quiz(question("NUMERIC", Map.of("value", 6))))
                .ok();
        JsonNode own = made.get("questions").get(0);
        teacher.put(path(made), withQuestions(made, corrected(own, "NUMERIC", Map.of("value", 7))))
                .ok();
        assertThat(teacher.put(path(made), withQuestions(made, corrected(own, "NUMERIC", Map.of("value", 8))))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aTextStaysAText() {
        HttpCaller teacher = teacher();
        JsonNode made =
                teacher.post("/api/library/items", text("Tides", Map.of())).ok();
        HttpCaller.Answer refused =
                teacher.put(path(made), withQuestions(made, question("NUMERIC", Map.of("value", 6))));
        assertThat(refused.status()).isEqualTo(422);
    }

    @Test
    void whatIsPrivateIsSeenByItsMakerAlone() {
        HttpCaller teacher = teacher();
        JsonNode made = teacher.post("/api/library/items", text("My own", Map.of("visibility", "PRIVATE")))
                .ok();
        TestClass own = newClass("private", 1);
        own.shareWith("Idris", "CO_TEACHER");
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(idris.get(path(made)).status()).isEqualTo(404);
        assertThat(idris.get(path(made) + "/preview").status()).isEqualTo(404);
        JsonNode seen =
                idris.get("/api/classes/" + own.id + "/library?words=own").ok();
        assertThat(TestClass.ids(seen.get("hits")))
                .doesNotContain(made.get("id").asLong());
        HttpCaller.Answer task =
                idris.post("/api/classes/" + own.id + "/tasks", Map.of("name", "x", "items", List.of(made.get("id"))));
        assertThat(task.status()).isEqualTo(422);
    }

    @Test
    void whatIsForAClassIsSeenByItsAdultsAndChangedByItsTeachers() {
        TestClass own = newClass("for a class", 1);
        JsonNode made = own.teacher
                .post("/api/library/items", text("Ours", Map.of("visibility", "CLASS", "classId", own.id)))
                .ok();
        HttpCaller stranger = nobody().signInAdult("wen", "salt-marsh-5");
        assertThat(stranger.get(path(made)).status()).isEqualTo(404);
        own.shareWith("Idris", "CO_TEACHER");
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(idris.get(path(made)).ok().get("mayEdit").asBoolean()).isTrue();
    }

    @Test
    void whatIsSomebodyElsesIsCopiedToBeChanged() {
        JsonNode made =
                teacher().post("/api/library/items", text("For all", Map.of())).ok();
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        Map<String, Object> edit =
                text("Mine now", Map.of("version", made.get("version").asLong()));
        assertThat(idris.put(path(made), edit).status()).isEqualTo(403);
        JsonNode copy = idris.post(path(made) + "/copies", null).ok();
        assertThat(copy.get("mayEdit").asBoolean()).isTrue();
        assertThat(copy.get("body")).isEqualTo(made.get("body"));
        assertThat(copy.get("visibility").asString()).isEqualTo("PRIVATE");
    }

    @Test
    void whatIsPutAwayIsNotFoundUntilItIsBroughtBack() {
        TestClass own = newClass("put away", 1);
        JsonNode made = own.teacher
                .post("/api/library/items", text("Quagmire", Map.of()))
                .ok();
        own.teacher.call("DELETE", path(made), null).done();
        assertThat(found(own, "words=quagmire").get("total").asInt()).isZero();
        own.teacher
                .post("/api/library/items/restored", Map.of("ids", List.of(made.get("id"))))
                .done();
        assertThat(found(own, "words=quagmire").get("total").asInt()).isEqualTo(1);
    }

    @Test
    void scriptsStylesAndPicturesFromElsewhereAreGoneFromAText() {
        String body = "<script>alert(1)</script>\n\nA <b onclick=\"x()\">bold</b> [go](javascript:x) "
                + "![x](https://elsewhere.example/x.png) <iframe src=\"https://elsewhere.example\"></iframe> *tide*";
        JsonNode made = teacher()
                .post("/api/library/items", text("Harm", Map.of("body", body)))
                .ok();
        String html = made.get("html").asString();
        assertThat(html).contains("<em>tide</em>").contains("bold");
        assertThat(html).doesNotContain("script").doesNotContain("onclick").doesNotContain("elsewhere");
    }

    @Test
    void aTaskMadeOfATextHoldsItsPageAndItsQuestionsAndIsForTheGroup() {
        TestClass own = newClass("task of a text", 2);
        long arrangement = own.arrange(2);
        long group = own.groups(arrangement).get(0);
        Map<String, Object> item = text("Tides", Map.of("questions", List.of(question("NUMERIC", Map.of("value", 6)))));
        JsonNode made = own.teacher.post("/api/library/items", item).ok();
        Map<String, Object> wanted = Map.of(
                "name", "Tides", "arrangementId", arrangement, "items", List.of(made.get("id")), "groupId", group);
        long task = own.teacher
                .post("/api/classes/" + own.id + "/tasks", wanted)
                .ok()
                .get("id")
                .asLong();
        JsonNode base = own.task(task).get("versions").get(0);
        assertThat(TestClass.ids(base.get("texts")))
                .containsExactly(made.get("id").asLong());
        assertThat(TestClass.longs(base.get("questions"))).isEqualTo(TestClass.ids(made.get("questions")));
        assertThat(TestClass.longs(base.get("targets").get("groups"))).containsExactly(group);
    }
}
