package zafu.e2e;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Fills a server that was just started with classes of 25 and one timed quiz for all of them, for the load run. */
final class LoadSchool {
    private static final int PER_CLASS = 25;
    private static final int QUESTIONS = 12;
    private static final int MINUTES = 60;
    private final HttpCaller teacher;

    private LoadSchool(int port) {
        teacher = new HttpCaller(port);
    }

    /** @param args the port, how many students, and where their codes are written */
    public static void main(String[] args) throws Exception {
        LoadSchool school = new LoadSchool(Integer.parseInt(args[0]));
        school.setUp();
        List<Long> classes = new ArrayList<>();
        for (int i = 0; i < Integer.parseInt(args[1]) / PER_CLASS; i++) {
            classes.add(school.bringIn("Class " + (i + 1)));
        }
        long task = school.handOut(classes);
        StringBuilder csv = new StringBuilder("code,task\n");
        for (long each : classes) {
            school.teacher.get("/api/classes/" + each + "/students").ok().forEach(student -> csv.append(
                            student.get("entryCode").asString())
                    .append(',')
                    .append(task)
                    .append('\n'));
        }
        Files.writeString(Path.of(args[2]), csv);
    }

    private void setUp() {
        teacher.post(
                        "/api/first-run",
                        Map.of(
                                "schoolName", "Quillmere Harbour School",
                                "zone", "America/Halifax",
                                "weekdays", List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY"),
                                "terms", List.of(Map.of("name", "Year", "from", "2020-01-01", "to", "2040-12-31")),
                                "name", "farrow",
                                "displayName", "Ottoline Farrow",
                                "password", "low tide at noon"))
                .done();
        teacher.signInAdult("farrow", "low tide at noon");
    }

    private long bringIn(String name) {
        StringBuilder csv = new StringBuilder("Given name,Family name\n");
        for (int i = 1; i <= PER_CLASS; i++) {
            csv.append("S").append(i).append(",Of ").append(name).append('\n');
        }
        Map<String, Object> wanted = Map.of("className", name, "grade", 5, "takenOn", "2027-02-02");
        return teacher.upload("/api/class-lists", csv.toString().getBytes(StandardCharsets.UTF_8), wanted)
                .ok()
                .get("classId")
                .asLong();
    }

    private long handOut(List<Long> classes) {
        List<Map<String, Object>> questions = new ArrayList<>();
        for (int i = 1; i <= QUESTIONS; i++) {
            questions.add(Map.of("kind", "SHORT_ANSWER", "prompt", "Question " + i, "points", 1, "body", body(i)));
        }
        List<Long> ids = new ArrayList<>();
        teacher.post("/api/library/items", Map.of("kind", "QUIZ", "title", "Same for all", "questions", questions))
                .ok()
                .get("questions")
                .forEach(each -> ids.add(each.get("id").asLong()));
        long task = teacher.post("/api/classes/" + classes.get(0) + "/tasks", Map.of("name", "Same for all"))
                .ok()
                .get("id")
                .asLong();
        JsonNode now = teacher.get("/api/tasks/" + task).ok();
        Map<String, Object> base = new LinkedHashMap<>();
        base.put("id", now.get("versions").get(0).get("id").asLong());
        base.putAll(Map.of("staffName", "Base", "overrides", List.of(), "title", "Same for all", "texts", List.of()));
        base.putAll(Map.of("questions", ids, "minutes", MINUTES, "includesAccommodations", false, "tries", 1));
        base.put("targets", Map.of("everyone", true, "groups", List.of(), "students", List.of(), "except", List.of()));
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("version", now.get("version").asLong());
        edit.put("name", "Same for all");
        edit.put("versions", List.of(base));
        edit.put(
                "otherClasses",
                classes.subList(1, classes.size()).stream()
                        .map(each -> Map.of("classId", each, "sets", List.of()))
                        .toList());
        long version =
                teacher.put("/api/tasks/" + task, edit).ok().get("version").asLong();
        teacher.post("/api/tasks/" + task + "/hand-out", Map.of("version", version, "confirmNotCovered", true))
                .ok();
        return task;
    }

    private static Map<String, Object> body(int right) {
        return Map.of("accepted", List.of(String.valueOf(right)));
    }
}
