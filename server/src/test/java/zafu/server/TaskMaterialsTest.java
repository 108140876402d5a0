package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Items of the library on their way into tasks, and from there to students. */
class TaskMaterialsTest extends ServerTest {
    private TestClass own;

    @BeforeEach
    void aClassOfItsOwn() {
        own = newClass("materials", 2);
    }

    private JsonNode add(String kind, Map<String, Object> more) {
        Map<String, Object> item = new LinkedHashMap<>(Map.of("kind", kind, "title", "An " + kind));
        item.putAll(more);
        return own.teacher.post("/api/library/items", item).ok();
    }

    private JsonNode practice(String body) {
        return add(
                "PRACTICE",
                Map.of("body", body, "questions", List.of(LibraryTest.question("NUMERIC", Map.of("value", 6)))));
    }

    private HttpCaller.Answer into(long task, JsonNode... items) {
        List<JsonNode> ids = Arrays.stream(items).map(each -> each.get("id")).toList();
        return own.teacher.post("/api/tasks/" + task + "/materials", Map.of("items", ids));
    }

    private static JsonNode base(HttpCaller.Answer answer) {
        return answer.ok().get("versions").get(0);
    }

    @Test
    void questionsAreAddedOnceAndAPageOnlyWhereThereIsOne() {
        long task = own.draft(TestClass.forEveryone());
        JsonNode bare = practice("");
        JsonNode withTable = practice("| a | b |\n| --- | --- |\n| 1 | 2 |");
        JsonNode base = base(into(task, bare, withTable));
        assertThat(TestClass.ids(base.get("texts")))
                .containsExactly(withTable.get("id").asLong());
        assertThat(base.get("questions")).hasSize(4);
        assertThat(base(into(task, bare, withTable)).get("questions"))
                .as("added again")
                .hasSize(4);
    }

    @Test
    void aLessonIsForTheTeacherAndDoesNotGoIntoATask() {
        JsonNode lesson = add("LESSON", Map.of("steps", "1. Talk"));
        HttpCaller.Answer refused = into(own.draft(TestClass.forEveryone()), lesson);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains("a lesson does not");
    }

    @Test
    void whatIsPutAwayDoesNotGoIntoATaskButStaysInOne() {
        long task = own.draft(TestClass.forEveryone());
        JsonNode talk = add("TALK", Map.of("body", "Why?"));
        into(task, talk).ok();
        own.teacher
                .call("DELETE", "/api/library/items/" + talk.get("id").asLong(), null)
                .done();
        assertThat(into(own.draft(TestClass.forEveryone()), talk).status()).isEqualTo(422);
        own.handOut(task, false).ok();
        JsonNode page =
                own.signedIn(1).post("/api/my/tasks/" + task + "/tries", null).ok();
        assertThat(page.get("texts").get(0).get("html").asString()).contains("Why?");
    }

    @Test
    void aTaskThatIsWithTheStudentsIsChangedThereAndNotByTheWay() {
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        HttpCaller.Answer refused = into(task, practice(""));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("with the students already");
    }

    @Test
    void aLinkAndASheetReachTheStudentWithTheirAddresses() {
        byte[] pdf = "%PDF-1.4 a table".getBytes();
        long file = own.teacher
                .uploadFile("/api/library/files", pdf, "table.pdf")
                .ok()
                .get("id")
                .asLong();
        JsonNode sheet = add("PRINTABLE", Map.of("fileId", file));
        JsonNode link = add("LINK", Map.of("address", "https://sea.example/pages/gulls", "body", "Listen."));
        long task = own.draft(TestClass.forEveryone());
        into(task, sheet, link).ok();
        own.handOut(task, false).ok();
        HttpCaller student = own.signedIn(1);
        JsonNode texts =
                student.post("/api/my/tasks/" + task + "/tries", null).ok().get("texts");
        String address = texts.get(0).get("file").get("address").asString();
        assertThat(address).isEqualTo("/api/files/" + file);
        assertThat(student.getBytes(address).body()).isEqualTo(pdf);
        assertThat(texts.get(1).get("address").asString()).isEqualTo("https://sea.example/pages/gulls");
        assertThat(own.signedIn(2).get(address).status())
                .as("who has not begun has not had it")
                .isEqualTo(404);
    }

    @Test
    void aGroupOfAnotherClassGetsNoTaskHere() {
        TestClass other = newClass("materials elsewhere", 2);
        long group = other.groups(other.arrange(1)).get(0);
        Map<String, Object> wanted = Map.of("name", "x", "groupId", group);
        assertThat(own.teacher.post("/api/classes/" + own.id + "/tasks", wanted).status())
                .isEqualTo(404);
    }

    @Test
    void anItemThatVanishesFromTheLibraryVanishesFromShelvesAndComesBackWithIt() {
        long group = own.groups(own.arrange(1)).get(0);
        JsonNode talk = add("TALK", Map.of("body", "Why?"));
        own.teacher
                .post(
                        "/api/groups/" + group + "/shelf/items",
                        Map.of("items", List.of(talk.get("id")), "starred", true))
                .ok();
        HttpCaller student = own.signedIn(1);
        assertThat(student.get("/api/my/shelf").ok().get("books")).hasSize(1);
        Map<String, Object> ids = Map.of("ids", List.of(talk.get("id")));
        own.teacher.post("/api/library/items/deleted", ids).done();
        assertThat(student.get("/api/my/shelf").ok().get("books")).isEmpty();
        own.teacher.post("/api/library/items/restored", ids).done();
        JsonNode book = student.get("/api/my/shelf").ok().get("books").get(0);
        assertThat(book.get("first").asBoolean()).isTrue();
    }

    @Test
    void aUnitThatSomebodyElseChangedMeanwhileIsNotOverwritten() {
        Map<String, Object> unit =
                new LinkedHashMap<>(Map.of("title", "Gulls", "about", "", "items", List.of(), "skills", List.of()));
        long id = own.teacher.post("/api/library/units", unit).ok().get("id").asLong();
        unit.put("version", 0);
        unit.put("about", "First.");
        own.teacher.put("/api/library/units/" + id, unit).ok();
        unit.put("about", "Second.");
        assertThat(own.teacher.put("/api/library/units/" + id, unit).status()).isEqualTo(409);
        unit.put("skills", List.of(999_999));
        unit.put("version", 1);
        assertThat(own.teacher.put("/api/library/units/" + id, unit).status()).isEqualTo(404);
    }
}
