package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class ShelfTest extends ServerTest {
    private TestClass own;
    private long group;

    @BeforeEach
    void aGroupOfTwo() {
        own = newClass("shelf", 3);
        group = own.groups(own.arrange(2)).get(0);
    }

    private long add(String kind, String title) {
        Map<String, Object> item = Map.of(
                "kind",
                kind,
                "title",
                title,
                "body",
                "Words.",
                "steps",
                "1. Talk",
                "questions",
                List.of(LibraryTest.question("NUMERIC", Map.of("value", 6, "feedbackWrong", "Count again."))));
        return own.teacher.post("/api/library/items", item).ok().get("id").asLong();
    }

    private HttpCaller.Answer put(boolean starred, long... items) {
        List<Long> ids = Arrays.stream(items).boxed().toList();
        return own.teacher.post(path() + "/items", Map.of("items", ids, "starred", starred));
    }

    private String path() {
        return "/api/groups/" + group + "/shelf";
    }

    private List<String> shelfOf(HttpCaller student) {
        return student.get("/api/my/shelf")
                .ok()
                .get("books")
                .valueStream()
                .map(each -> each.get("title").asString())
                .toList();
    }

    @Test
    void whatIsPutLastStandsFirstAndWhatIsStarredBeforeIt() {
        put(true, add("TEXT", "Starred")).ok();
        put(false, add("TEXT", "One")).ok();
        put(false, add("TEXT", "Two")).ok();
        assertThat(shelfOf(own.signedIn(1))).containsExactly("Starred", "Two", "One");
        assertThat(shelfOf(own.signedIn(3))).as("a student of another group").isEmpty();
    }

    @Test
    void aShelfTellsAStudentNothingOfGroups() {
        put(false, add("TEXT", "One")).ok();
        String seen = own.signedIn(1).get("/api/my/shelf").text();
        assertThat(seen).doesNotContain("group").doesNotContain("addedBy").doesNotContain("level");
    }

    @Test
    void aWholeListIsSwappedAndSwappedBack() {
        long one = add("TEXT", "One");
        long two = add("TEXT", "Two");
        put(false, one).ok();
        JsonNode after = swap(List.of(Map.of("itemId", two, "starred", true)), List.of(one))
                .ok();
        assertThat(after.get("entries").get(0).get("title").asString()).isEqualTo("Two");
        swap(List.of(Map.of("itemId", one, "starred", false)), List.of(two)).ok();
        assertThat(shelfOf(own.signedIn(1))).containsExactly("One");
    }

    private HttpCaller.Answer swap(List<Map<String, Object>> entries, List<Long> now) {
        return own.teacher.put(path(), Map.of("entries", entries, "now", now));
    }

    @Test
    void aListThatSomebodyElseHasChangedIsNotSwappedUnseen() {
        put(false, add("TEXT", "One")).ok();
        assertThat(swap(List.of(), List.of()).status()).isEqualTo(409);
        assertThat(shelfOf(own.signedIn(1))).containsExactly("One");
    }

    @Test
    void aQuizAndALessonDoNotFitAShelf() {
        assertThat(put(false, add("QUIZ", "Quiz")).body().get("detail").asString())
                .contains("\"Quiz\" is a quiz");
        assertThat(put(false, add("LESSON", "Lesson")).status()).isEqualTo(422);
    }

    @Test
    void practiceOnAShelfIsCheckedAsOftenAsOneLikesAndKeepsNothing() {
        long item = add("PRACTICE", "Practice");
        put(false, item).ok();
        HttpCaller student = own.signedIn(1);
        JsonNode open = student.post("/api/my/shelf/" + item + "/opened", null).ok();
        long question = open.get("questions").get(0).get("id").asLong();
        assertThat(open.toString()).doesNotContain("value").doesNotContain("Count again");
        JsonNode wrong = check(student, item, question, "7");
        assertThat(wrong.get("right").asBoolean()).isFalse();
        assertThat(wrong.get("feedback").asString()).isEqualTo("Count again.");
        assertThat(check(student, item, question, "6").get("right").asBoolean()).isTrue();
        assertThat(student.get("/api/my/work").ok().get("cards")).isEmpty();
    }

    private static JsonNode check(HttpCaller student, long item, long question, String given) {
        return student.post(
                        "/api/my/shelf/" + item + "/checked",
                        Map.of("answers", Map.of(String.valueOf(question), given)))
                .ok()
                .get("answers")
                .get(0);
    }

    @Test
    void theTeacherSeesWhoOpenedItAndTheLibraryKnows() {
        long item = add("TEXT", "Opened sandpiper");
        put(false, item).ok();
        own.signedIn(1).post("/api/my/shelf/" + item + "/opened", null).ok();
        JsonNode entry = own.teacher.get(path()).ok().get("entries").get(0);
        assertThat(entry.get("openedBy").asInt()).isEqualTo(1);
        JsonNode hit = own.teacher
                .get("/api/classes/" + own.id + "/library?words=sandpiper")
                .ok()
                .get("hits")
                .get(0);
        assertThat(hit.get("usedBy").asInt()).isEqualTo(1);
    }

    @Test
    void whatIsOnNoShelfOfTheirsIsNotOpened() {
        long item = add("TEXT", "Not here");
        assertThat(own.signedIn(1)
                        .post("/api/my/shelf/" + item + "/opened", null)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whoeverMayOnlyLookPutsNothing() {
        own.shareWith("Wen", "SUPPORT");
        HttpCaller wen = nobody().signInAdult("wen", "salt-marsh-5");
        assertThat(wen.get(path()).ok().get("mayChange").asBoolean()).isFalse();
        assertThat(wen.post(path() + "/items", Map.of("items", List.of(1), "starred", false))
                        .status())
                .isEqualTo(403);
    }
}
