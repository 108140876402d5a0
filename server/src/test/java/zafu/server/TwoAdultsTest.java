package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/**
 * Two adults who have the same thing before them: whoever saves second is told, and what the first has written stands.
 * The second's words stay on their screen, which the browser tests see to.
 */
class TwoAdultsTest extends ServerTest {

    /** Something both have before them. */
    private record Thing(String path, Map<String, Object> seen, String field, Function<HttpCaller, JsonNode> now) {
        HttpCaller.Answer save(HttpCaller who, String words) {
            Map<String, Object> edit = new LinkedHashMap<>(seen);
            edit.put(field, words);
            return who.put(path, edit);
        }
    }

    private final class Both {
        final TestClass own;
        final HttpCaller first;
        final HttpCaller second;

        Both(String name) {
            own = newClass(name, 4);
            own.shareWith("Idris", "CO_TEACHER");
            first = own.teacher;
            second = nobody().signInAdult("idris", "salt-marsh-5");
        }

        long made(String path, Map<String, Object> body) {
            return first.post(path, body).ok().get("id").asLong();
        }

        void assertThatTheSecondIsTold(Thing thing) {
            assertThat(thing.save(first, "words of the first").status() / 100).isEqualTo(2);
            HttpCaller.Answer told = thing.save(second, "words of the second");
            assertThat(told.status()).isEqualTo(409);
            assertThat(told.body().get("detail").asString()).isNotBlank();
            assertThat(thing.now().apply(second).toString())
                    .contains("words of the first")
                    .doesNotContain("words of the second");
        }
    }

    @Test
    void anItemOfTheLibrary() {
        Both both = new Both("two at an item");
        Map<String, Object> item = Map.of(
                "kind", "TEXT", "title", "Marsh", "body", "Reeds.", "visibility", "CLASS", "classId", both.own.id);
        long id = both.made("/api/library/items", item);
        String path = "/api/library/items/" + id;
        long version = both.first.get(path).ok().get("version").asLong();
        Map<String, Object> seen = new LinkedHashMap<>(item);
        seen.put("version", version);
        HttpCaller.Answer first = both.first.put(path, with(seen, "body", "words of the first"));
        assertThat(first.status() / 100).isEqualTo(2);
        // Only its maker changes an item, here at two windows.
        HttpCaller.Answer second = both.first.put(path, with(seen, "body", "words of the second"));
        assertThat(second.status()).isEqualTo(409);
        assertThat(both.first.get(path).text()).contains("words of the first");
    }

    private static Map<String, Object> with(Map<String, Object> seen, String field, Object value) {
        Map<String, Object> edit = new LinkedHashMap<>(seen);
        edit.put(field, value);
        return edit;
    }

    @Test
    void whatIsWrittenOfAnArrangement() {
        Both both = new Both("two at an arrangement");
        long arrangement = both.own.arrange(2);
        Map<String, Object> seen = new LinkedHashMap<>(Map.of(
                "name", "Reading",
                "subject", "reading",
                "purpose", "",
                "description", "",
                "note", "",
                "beginsOn", "2027-02-09",
                "endsOn", "2027-03-12",
                "overlap", false,
                "classIds", List.of(both.own.id)));
        seen.put(
                "version",
                both.own.bench(arrangement).get("details").get("version").asLong());
        String path = "/api/arrangements/" + arrangement;
        both.assertThatTheSecondIsTold(
                new Thing(path, seen, "note", who -> who.get(path).ok().get("details")));
    }

    @Test
    void aNotice() {
        Both both = new Both("two at a notice");
        OwnCorner corner =
                new OwnCorner(both.own, both.own.groups(both.own.arrange(2)).get(0));
        both.assertThatTheSecondIsTold(new Thing(
                "/api/notices/" + corner.notice,
                OwnCorner.notice("Bring boots.", List.of(corner.id)),
                "text",
                who -> who.get("/api/corners/" + corner.id).ok()));
    }

    @Test
    void aTalk() {
        Both both = new Both("two at a talk");
        OwnCorner corner =
                new OwnCorner(both.own, both.own.groups(both.own.arrange(2)).get(0));
        both.assertThatTheSecondIsTold(new Thing(
                "/api/talks/" + corner.talk, OwnCorner.talk("What did you see?", false), "title", who -> who.get(
                                "/api/corners/" + corner.id)
                        .ok()));
    }

    @Test
    void whereAGroupMeets() {
        Both both = new Both("two at a corner");
        OwnCorner corner =
                new OwnCorner(both.own, both.own.groups(both.own.arrange(2)).get(0));
        String path = "/api/corners/" + corner.id;
        Map<String, Object> seen = Map.of("meetsHere", false, "studentsAdd", true, "version", 0);
        HttpCaller.Answer first = both.first.put(path, with(seen, "meetingAddress", "https://meet.example/first"));
        HttpCaller.Answer second = both.second.put(path, with(seen, "meetingAddress", "https://meet.example/second"));
        assertThat(first.status() / 100).isEqualTo(2);
        assertThat(second.status()).isEqualTo(409);
        assertThat(both.second.get(path).text()).contains("meet.example/first");
    }

    @Test
    void aSessionAtTheTable() {
        Both both = new Both("two at a session");
        Map<String, Object> session =
                Map.of("version", 0, "begins", "2027-02-09T10:20", "minutes", 20, "title", "", "groups", List.of());
        long id = both.made("/api/classes/" + both.own.id + "/sessions", session);
        both.assertThatTheSecondIsTold(
                new Thing("/api/classes/" + both.own.id + "/sessions/" + id, session, "title", who -> who.get(
                                "/api/classes/" + both.own.id + "/week")
                        .ok()));
    }

    @Test
    void aTask() {
        Both both = new Both("two at a task");
        long task = both.own.draft(TestClass.forEveryone());
        JsonNode now = both.own.task(task);
        Map<String, Object> base = both.own.version("Base", TestClass.forEveryone());
        base.put("id", now.get("versions").get(0).get("id").asLong());
        Map<String, Object> seen = new LinkedHashMap<>(Map.of("versions", List.of(base)));
        seen.put("version", now.get("version").asLong());
        both.assertThatTheSecondIsTold(
                new Thing("/api/tasks/" + task, seen, "name", who -> who.get("/api/tasks/" + task)
                        .ok()));
    }

    @Test
    void aStudentsFacts() {
        Both both = new Both("two at a student");
        String path = "/api/students/" + both.own.student(1);
        JsonNode shown = both.first.get(path).ok();
        Map<String, Object> facts = Map.of(
                "givenName", "S1",
                "familyName", "Test",
                "preferredName", "",
                "grade", 5,
                "language", "",
                "homeClass", "",
                "studentNumber", "");
        Map<String, Object> edit = Map.of(
                "version", shown.get("version").asLong(),
                "facts", with(facts, "homeClass", "first"),
                "tags", List.of());
        assertThat(both.first.put(path, edit).status() / 100).isEqualTo(2);
        HttpCaller.Answer second = both.second.put(path, with(edit, "facts", with(facts, "homeClass", "second")));
        assertThat(second.status()).isEqualTo(409);
        assertThat(both.second.get(path).text()).contains("first").doesNotContain("second");
    }
}
