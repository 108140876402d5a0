package zafu.server.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** The plan of the demo's week: when the class meets, who is at the table, and what lies beside the two big tasks. */
final class DemoPlan {
    private final HttpCaller teacher;
    private final DemoLibrary library;
    private final long classId;
    private final long arrangementId;
    private final List<Long> groups;

    /** @param groups of the reading arrangement, from the lowest up */
    DemoPlan(HttpCaller teacher, DemoLibrary library, long classId, long arrangementId, List<Long> groups) {
        this.teacher = teacher;
        this.library = library;
        this.classId = classId;
        this.arrangementId = arrangementId;
        this.groups = groups;
    }

    void meet() {
        List<Map<String, Object>> meetings = new ArrayList<>();
        for (String day : List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY")) {
            meetings.add(meeting(day, "08:30", 50, "reading"));
            meetings.add(meeting(day, "10:20", 45, "groups"));
        }
        teacher.put("/api/classes/" + classId + "/times", Map.of("minutesPerDay", 60, "meetings", meetings))
                .ok();
    }

    private static Map<String, Object> meeting(String day, String at, int minutes, String name) {
        return Map.of("weekday", day, "at", at, "minutes", minutes, "name", name);
    }

    void sit() {
        long wen = adult("Wen");
        for (String day : List.of("2027-02-08", "2027-02-09", "2027-02-11")) {
            session(0, day, 20, wen, "Long words in parts");
        }
        session(1, "2027-02-09", 20, null, "Main idea in one hand");
        session(2, "2027-02-11", 15, null, "Because, so, therefore: at the table");
        session(3, "2027-02-12", 20, null, "Two letters, one marsh");
    }

    private long adult(String name) {
        JsonNode adults = teacher.get("/api/classes/" + classId + "/adults").ok();
        return adults.valueStream()
                .filter(each -> each.get("displayName").asString().startsWith(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
    }

    private void session(int group, String day, int minutes, @Nullable Long adult, String title) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("version", 0);
        wanted.put("begins", day + "T10:20");
        wanted.put("minutes", minutes);
        wanted.put("adultId", adult);
        wanted.put("title", title);
        wanted.put("groups", List.of(groups.get(group)));
        teacher.post("/api/classes/" + classId + "/sessions", wanted).ok();
    }

    /** What is with the students beside the reading of the week. */
    void handOut() {
        Map<String, Object> log = task("Tide log, five days", null, "2027-02-08T09:00", "2027-02-12T15:00");
        log.put("everyone", true);
        log.put("way", "OFF_SCREEN");
        log.put("items", List.of(library.item("Moon diary")));
        handOut(make(log));
        Map<String, Object> chain = task("Cause chain", groups.get(2), "2027-02-08T09:00", "2027-02-10T15:00");
        chain.put("items", List.of(library.item("Cause chain")));
        handOut(make(chain));
        Map<String, Object> diary = task("A keeper's diary", groups.get(3), "2027-02-08T09:00", "2027-02-11T15:00");
        diary.put("items", List.of(library.item("A keeper's diary: three questions")));
        handOut(make(diary));
    }

    /** What is prepared and not handed out yet. */
    void prepare() {
        Map<String, Object> words = task("Parts of long words", groups.get(0), "2027-02-11T09:00", "2027-02-12T15:00");
        words.put("items", List.of(library.item("Parts of long words")));
        make(words);
        Map<String, Object> map = task("Marsh map", null, "2027-02-12T09:00", "2027-02-12T11:00");
        map.put("everyone", true);
        map.put("way", "HAND_IN");
        map.put("minutes", 40);
        map.put("items", List.of(library.item("Squared map of Heron Point")));
        make(map);
    }

    private Map<String, Object> task(String name, @Nullable Long group, String opens, String due) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("name", name);
        wanted.put("arrangementId", arrangementId);
        wanted.put("groupId", group);
        wanted.put("opens", opens);
        wanted.put("due", due);
        return wanted;
    }

    private long make(Map<String, Object> wanted) {
        return teacher.post("/api/classes/" + classId + "/tasks", wanted)
                .ok()
                .get("id")
                .asLong();
    }

    private void handOut(long task) {
        new DemoTask(teacher, task, arrangementId).handOut();
    }
}
