package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Links of the library, followed into the made-up web that ships with the demo. */
class LinkTest extends ServerTest {
    private static long add(HttpCaller teacher, String path) {
        Map<String, Object> link =
                Map.of("kind", "LINK", "title", "Fulmar " + path, "address", "https://sea.example/" + path);
        return teacher.post("/api/library/items", link).ok().get("id").asLong();
    }

    private static JsonNode stateOf(JsonNode states, long item) {
        return states.get("states").get(String.valueOf(item));
    }

    @Test
    void everyLinkIsFollowedAndMarkedWhereItIsUsed() {
        TestClass own = newClass("links", 1);
        long good = add(own.teacher, "pages/cliff");
        long moved = add(own.teacher, "moved/cliff");
        long gone = add(own.teacher, "gone/cliff");
        long slow = add(own.teacher, "slow/cliff");
        long refuses = add(own.teacher, "refuses/cliff");
        JsonNode states = own.teacher.post("/api/library/links/followed", null).ok();
        assertThat(stateOf(states, good).get("state").asString()).isEqualTo("GOOD");
        assertThat(stateOf(states, moved).get("movedTo").asString()).endsWith("/pages/cliff");
        assertThat(stateOf(states, gone).get("state").asString()).isEqualTo("GONE");
        assertThat(stateOf(states, slow).get("state").asString()).isEqualTo("SLOW");
        assertThat(stateOf(states, refuses).get("state").asString()).isEqualTo("REFUSES");

        JsonNode hits = own.teacher
                .get("/api/classes/" + own.id + "/library?words=fulmar+gone")
                .ok()
                .get("hits");
        assertThat(hits.get(0).get("link").asString()).isEqualTo("GONE");
        long group = own.groups(own.arrange(1)).get(0);
        JsonNode shelf = own.teacher
                .post("/api/groups/" + group + "/shelf/items", Map.of("items", List.of(gone), "starred", false))
                .ok();
        assertThat(shelf.get("entries").get(0).get("link").asString()).isEqualTo("GONE");
        JsonNode broken =
                own.teacher.get("/api/classes/" + own.id + "/today").ok().get("brokenLinks");
        assertThat(broken).hasSize(1);
        assertThat(broken.get(0).get("title").asString()).isEqualTo("Fulmar gone/cliff");
    }

    @Test
    void aLinkThatSomebodyKeepsToThemselvesIsListedToNobodyElse() {
        HttpCaller teacher = teacher();
        long item = teacher.post(
                        "/api/library/items",
                        Map.of(
                                "kind", "LINK",
                                "title", "Fulmar of mine",
                                "address", "https://sea.example/pages/mine",
                                "visibility", "PRIVATE"))
                .ok()
                .get("id")
                .asLong();
        JsonNode mine = teacher.post("/api/library/links/followed", null).ok();
        assertThat(stateOf(mine, item).get("state").asString()).isEqualTo("GOOD");
        HttpCaller colleague = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(stateOf(colleague.get("/api/library/links").ok(), item)).isNull();
    }

    @Test
    void aNewAddressIsNotJudgedByTheOldOne() {
        HttpCaller teacher = teacher();
        long item = add(teacher, "gone/nest");
        teacher.post("/api/library/links/followed", null).ok();
        JsonNode now = teacher.get("/api/library/items/" + item).ok();
        teacher.put(
                        "/api/library/items/" + item,
                        Map.of(
                                "kind",
                                "LINK",
                                "title",
                                "Fulmar nest",
                                "address",
                                "https://sea.example/pages/nest",
                                "version",
                                now.get("version").asLong()))
                .ok();
        assertThat(stateOf(teacher.get("/api/library/links").ok(), item)).isNull();
    }
}
