package zafu.server;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** One of everything that a teacher of a class has beside the class itself, so that walks ask for what is really there. */
final class OwnThings {
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n', 0, 0, 0, 0};
    private static int made;
    private final TestClass own;
    private final HttpCaller teacher;
    private final Map<String, Object> places = new LinkedHashMap<>();

    OwnThings(TestClass own) {
        this.own = own;
        this.teacher = own.teacher;
        made++;
    }

    Map<String, Object> places(long group) {
        keepInLibrary();
        places.put("phraseId", last(teacher.post("/api/phrases", Map.of("words", "Well put " + made))));
        places.put(
                "nameSetId",
                id(teacher.post("/api/name-sets", Map.of("title", "Knots " + made, "names", List.of("Reef")))));
        Map<String, Object> narrowing = Map.of("name", "Grade 5 " + made, "query", "grade=5");
        teacher.put("/api/narrowings", narrowing).done();
        places.put("narrowingId", last(teacher.get("/api/narrowings")));
        places.put(
                "key",
                teacher.get("/api/account/sign-ins").ok().get(0).get("key").asString());
        places.put("backupName", backup());
        knockAtTheDoors(group);
        return places;
    }

    /** One for all walks, because making one takes its time. */
    private String backup() {
        JsonNode all = teacher.get("/api/school/backups").ok();
        JsonNode one = all.isEmpty() ? teacher.post("/api/school/backups", null).ok() : all.get(0);
        return one.get("name").asString();
    }

    private void keepInLibrary() {
        long file = id(teacher.uploadFile("/api/library/files", PNG, "crab.png"));
        Map<String, Object> text = Map.of(
                "kind", "TEXT", "title", "Crab", "body", "![a crab](file:" + file + ")", "visibility", "PRIVATE");
        long item = id(teacher.post("/api/library/items", text));
        places.put("fileId", file);
        places.put("itemId", item);
        Map<String, Object> unit =
                Map.of("title", "Shore", "about", "", "items", List.of(item), "skills", List.of(), "version", 0);
        places.put("unitId", id(teacher.post("/api/library/units", unit)));
    }

    private void knockAtTheDoors(long group) {
        Map<String, Object> invited = Map.of("email", "new" + made + "@harbour.example", "role", "VIEWER");
        teacher.post("/api/classes/" + own.id + "/invitations", invited).ok();
        places.put("invitationId", last(teacher.get("/api/classes/" + own.id + "/invitations")));
        String door = "/api/classes/" + own.id + "/door";
        JsonNode opened =
                teacher.put(door, Map.of("opened", true, "password", "shell")).ok();
        own.stranger()
                .post(
                        "/api/join",
                        Map.of(
                                "code",
                                opened.get("code"),
                                "password",
                                "shell",
                                "givenName",
                                "Rue",
                                "familyName",
                                "Saltmarsh"))
                .ok();
        places.put(
                "requestId",
                teacher.get(door).ok().get("asking").get(0).get("id").asLong());
        String groupDoor = "/api/groups/" + group + "/door";
        Map<String, Object> edit = Map.of(
                "opened",
                true,
                "atOnce",
                false,
                "password",
                "limpet",
                "version",
                teacher.get(groupDoor).ok().get("version").asLong());
        String code = teacher.put(groupDoor, edit).ok().get("code").asString();
        own.signedIn(6)
                .post("/api/my/groups/join", Map.of("code", code, "password", "limpet"))
                .ok();
        places.put(
                "groupRequestId",
                teacher.get(groupDoor).ok().get("asking").get(0).get("id").asLong());
    }

    private static long id(HttpCaller.Answer made) {
        return made.ok().get("id").asLong();
    }

    private static long last(HttpCaller.Answer list) {
        JsonNode all = list.ok();
        return all.get(all.size() - 1).get("id").asLong();
    }
}
