package zafu.e2e;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A class beside the demo's, with two measures and a co-teacher, so that a test may do with it what it likes. */
final class OwnClass {
    private static final String PASSWORD = "salt-marsh-5";
    private final RunningZafu zafu;
    final HttpCaller teacher;
    final HttpCaller colleague;
    final long id;

    /** @param students S1, S2, … with scores 100, 110, … and a second measure that goes the other way */
    OwnClass(RunningZafu zafu, String name, int students) {
        this.zafu = zafu;
        teacher = signedIn("ottoline");
        StringBuilder list = new StringBuilder("Name,Tideline reading scale,Ratio and scale\n");
        int step = Math.min(10, 1000 / students);
        for (int i = 1; i <= students; i++) {
            list.append("S%d Test,%d,%d%n".formatted(i, 100 + step * (i - 1), 60 - i * 50 / students));
        }
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of("className", name, "grade", 5, "pasted", false));
        wanted.put("takenOn", "2027-02-02");
        id = teacher.upload("/api/class-lists", list.toString().getBytes(StandardCharsets.UTF_8), wanted)
                .ok()
                .get("classId")
                .asLong();
        for (JsonNode adult : teacher.get("/api/adults").ok()) {
            if (adult.get("displayName").asString().startsWith("Idris")) {
                teacher.put("/api/classes/" + id + "/adults/" + adult.get("id").asLong(), Map.of("role", "CO_TEACHER"))
                        .done();
            }
        }
        colleague = signedIn("idris");
    }

    private HttpCaller signedIn(String name) {
        return new HttpCaller(java.net.URI.create(zafu.address()).getPort()).signInAdult(name, PASSWORD);
    }

    Window window() {
        return Window.at(zafu).signInTeacher("ottoline", PASSWORD);
    }

    /** An arrangement of similar scores, the lowest group first. */
    long arrange(String name, int groups) {
        Map<String, Object> made = Map.of(
                "name", name, "subject", "reading", "beginsOn", "2027-02-09", "endsOn", "2027-03-12", "measureId", 1);
        long arrangement = teacher.post("/api/classes/" + id + "/arrangements", made)
                .ok()
                .get("id")
                .asLong();
        Map<String, Object> asked =
                Map.of("method", "SIMILAR", "measureId", 1, "groups", groups, "smallest", 1, "largest", 60);
        step(teacher, arrangement, Map.of("kind", "TAKE_PROPOSAL", "proposal", asked));
        return arrangement;
    }

    JsonNode bench(long arrangement) {
        return teacher.get("/api/arrangements/" + arrangement).ok();
    }

    JsonNode step(HttpCaller by, long arrangement, Map<String, Object> command) {
        return by.post("/api/arrangements/" + arrangement + "/steps", command).ok();
    }

    /** Scores of a later day: "S1 Test,170" and so on. */
    void bringIn(String day, String rows) {
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of("className", "", "grade", 5, "pasted", false));
        wanted.put("classId", id);
        wanted.put("takenOn", day);
        byte[] list = ("Name,Tideline reading scale\n" + rows).getBytes(StandardCharsets.UTF_8);
        teacher.upload("/api/class-lists", list, wanted).ok();
    }
}
