package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A file belongs to what holds it: who may see that may see the file, and nobody else. */
class LibraryFileTest extends ServerTest {
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n', 0, 0, 0, 0};

    private HttpCaller colleague;

    @BeforeEach
    void aColleague() {
        colleague = nobody().signInAdult("idris", "salt-marsh-5");
    }

    private long file() {
        return teacher()
                .uploadFile("/api/library/files", PNG, "for Rue alone.png")
                .ok()
                .get("id")
                .asLong();
    }

    private static String address(long file) {
        return "/api/files/" + file;
    }

    private static String picture(long file) {
        return "![a crab](file:" + file + ")";
    }

    private static Map<String, Object> text(String body, Map<String, Object> more) {
        Map<String, Object> item = new LinkedHashMap<>(Map.of("kind", "TEXT", "title", "Crab", "body", body));
        item.putAll(more);
        return item;
    }

    private JsonNode keep(Map<String, Object> item) {
        return teacher().post("/api/library/items", item).ok();
    }

    private static void putOnShelf(TestClass own, JsonNode item) {
        long group = own.groups(own.arrange(1)).get(0);
        own.teacher
                .post(
                        "/api/groups/" + group + "/shelf/items",
                        Map.of("items", List.of(item.get("id")), "starred", false))
                .ok();
    }

    private static long give(TestClass own, JsonNode item) {
        long group = own.groups(own.arrange(1)).get(0);
        Map<String, Object> task = Map.of("name", "Crabs", "items", List.of(item.get("id")), "groupId", group);
        return own.teacher
                .post("/api/classes/" + own.id + "/tasks", task)
                .ok()
                .get("id")
                .asLong();
    }

    private static int status(HttpCaller who, long file) {
        return who.getBytes(address(file)).statusCode();
    }

    @Test
    void aFileIsKnownByItsBytesNotByItsName() {
        assertThat(teacher()
                        .uploadFile("/api/library/files", "<svg/>".getBytes(), "crab.png")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aFileThatNothingHoldsIsForWhoBroughtItIn() {
        long file = file();
        assertThat(teacher().getBytes(address(file)).body()).isEqualTo(PNG);
        assertThat(status(colleague, file)).isEqualTo(404);
        assertThat(status(nobody(), file)).isEqualTo(401);
    }

    @Test
    void aFileIsSeenByWhoSeesAnItemThatHoldsIt() {
        long hidden = file();
        long open = file();
        long ofLesson = file();
        keep(text(picture(hidden), Map.of("visibility", "PRIVATE")));
        keep(text(picture(open), Map.of("visibility", "SCHOOL")));
        keep(Map.of("kind", "LESSON", "title", "Crabs", "steps", picture(ofLesson), "visibility", "SCHOOL"));
        assertThat(status(colleague, hidden)).isEqualTo(404);
        assertThat(status(colleague, open)).isEqualTo(200);
        assertThat(status(colleague, ofLesson)).isEqualTo(200);
    }

    @Test
    void aFileOfAClassIsForItsAdults() {
        TestClass own = newClass("files", 1);
        long file = file();
        keep(text(picture(file), Map.of("visibility", "CLASS", "classId", own.id)));
        assertThat(status(colleague, file)).isEqualTo(404);
        own.shareWith("Idris", "CO_TEACHER");
        assertThat(status(colleague, file)).isEqualTo(200);
    }

    /** Else a co-teacher would see a task with a hole where its picture is. */
    @Test
    void whatATaskOrAShelfOfTheClassHoldsIsSeenByItsAdults() {
        TestClass own = newClass("held by a task", 1);
        own.shareWith("Idris", "CO_TEACHER");
        long onShelf = file();
        long inTask = file();
        putOnShelf(own, keep(text(picture(onShelf), Map.of("visibility", "PRIVATE"))));
        JsonNode given = keep(text(picture(inTask), Map.of("visibility", "PRIVATE")));
        give(own, given);
        assertThat(status(colleague, onShelf)).isEqualTo(200);
        assertThat(status(colleague, inTask)).isEqualTo(200);
    }

    /** Who writes a file's number into an item of their own does not come by the file. */
    @Test
    void anItemCannotHoldWhatItsMakerMayNotSee() {
        long file = file();
        List<Map<String, Object>> thieves = List.of(
                text(picture(file), Map.of()),
                Map.of("kind", "PRINTABLE", "title", "Crab", "fileId", file),
                Map.of("kind", "LESSON", "title", "Crab", "steps", picture(file)),
                LibraryTest.quiz(LibraryTest.question(
                        "SINGLE_CHOICE", Map.of("options", List.of(picture(file), "two"), "right", 1))));
        assertThat(thieves).allSatisfy(item -> assertThat(
                        colleague.post("/api/library/items", item).status())
                .isEqualTo(404));
        assertThat(status(colleague, file)).isEqualTo(404);
    }

    @Test
    void anItemThatIsHiddenIsNotNamedAsTheSameText() {
        JsonNode hidden = keep(text("High and low.", Map.of("visibility", "PRIVATE", "language", "en")));
        Map<String, Object> claim = text("Haut et bas.", Map.of("language", "en", "sameAs", hidden.get("id")));
        HttpCaller.Answer refused = colleague.post("/api/library/items", claim);
        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.text()).doesNotContain("Crab");
    }

    @Test
    void aStudentSeesTheFilesOfWhatIsGivenAndNotWhatTheyAreCalled() {
        TestClass own = newClass("picture", 2);
        long file = file();
        JsonNode made = keep(text(picture(file), Map.of()));
        assertThat(made.get("html").asString()).contains("src=\"" + address(file) + "\"");
        HttpCaller student = own.signedIn(1);
        assertThat(status(student, file)).isEqualTo(404);
        putOnShelf(own, made);
        var answer = student.getBytes(address(file));
        assertThat(answer.body()).isEqualTo(PNG);
        assertThat(answer.headers().toString()).contains("page.png").doesNotContain("Rue");
    }

    @Test
    void aPictureInAnAnswerToChooseReachesTheStudentAfterItWasReplacedToo() {
        TestClass own = newClass("picture in an option", 1);
        long first = file();
        JsonNode quiz = keep(withOption(first));
        long task = give(own, quiz);
        own.handOut(task, false).ok();
        own.signedIn(1).post("/api/my/tasks/" + task + "/tries", null).ok();
        assertThat(status(own.signedIn(1), first)).isEqualTo(200);
        long second = file();
        Map<String, Object> changed = new LinkedHashMap<>(withOption(second));
        changed.put("version", quiz.get("version"));
        own.teacher.put(LibraryTest.path(quiz), changed).ok();
        assertThat(status(own.signedIn(1), first)).isEqualTo(200);
    }

    private static Map<String, Object> withOption(long file) {
        return LibraryTest.quiz(
                LibraryTest.question("SINGLE_CHOICE", Map.of("options", List.of(picture(file), "two"), "right", 0)));
    }

    @Test
    void aPictureOfTheSameTextInAnotherLanguageReachesTheStudent() {
        TestClass own = newClass("picture in French", 1);
        long file = file();
        JsonNode english = keep(text("High and low.", Map.of("language", "en")));
        keep(text(picture(file), Map.of("language", "fr", "sameAs", english.get("id"))));
        assertThat(status(own.signedIn(1), file)).isEqualTo(404);
        putOnShelf(own, english);
        assertThat(status(own.signedIn(1), file)).isEqualTo(200);
    }

    /** Numbers that count up tell how much there is, and which to try next. */
    @Test
    void nothingInAnAddressOfTheLibraryCountsUp() {
        assertThat(file() - file()).isNotIn(-1L, 1L);
        JsonNode one = keep(withOption(file()));
        JsonNode other = keep(withOption(file()));
        assertThat(one.get("id").asLong() - other.get("id").asLong()).isNotIn(-1L, 1L);
        assertThat(List.of(one, other)).allSatisfy(item -> assertThat(
                        item.get("questions").get(0).get("id").asLong())
                .isBetween(1L << 40, 1L << 52));
    }
}
