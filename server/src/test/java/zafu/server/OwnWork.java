package zafu.server;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A quiz of three points that is handed out to a class, how its students do it, and what the grid says of it. */
final class OwnWork {
    /** Right answers of both questions. */
    static final List<String> ALL_RIGHT = List.of("1", "6");

    final TestClass own;
    final long task;

    private OwnWork(TestClass own, long task) {
        this.own = own;
        this.task = task;
    }

    /** @param base what differs from {@link TestClass#version} */
    static OwnWork handedOut(TestClass own, Map<String, Object> base) {
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> version = own.version("Base", TestClass.forEveryone());
        version.put("id", own.task(task).get("versions").get(0).get("id").asLong());
        version.putAll(base);
        own.change(task, List.of(version)).ok();
        own.handOut(task, true).ok();
        return new OwnWork(own, task);
    }

    /** Student S{@code number} answers in the order of the questions and hands in; the id of the try. */
    long done(int number, List<String> answers) {
        HttpCaller student = own.signedIn(number);
        JsonNode page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        long id = page.get("id").asLong();
        for (int i = 0; i < answers.size(); i++) {
            long question = page.get("questions").get(i).get("id").asLong();
            student.put("/api/my/tries/" + id + "/answers/" + question, Map.of("given", answers.get(i)))
                    .ok();
        }
        student.post("/api/my/tries/" + id + "/hand-in", null).ok();
        return id;
    }

    List<Map<String, Object>> cells(int... numbers) {
        List<Map<String, Object>> cells = new ArrayList<>();
        for (int number : numbers) {
            cells.add(Map.of("taskId", task, "studentId", own.student(number)));
        }
        return cells;
    }

    HttpCaller.Answer act(String what, List<Map<String, Object>> cells, Map<String, Object> more) {
        Map<String, Object> wanted = new LinkedHashMap<>(more);
        wanted.put("cells", cells);
        return own.teacher.post("/api/classes/" + own.id + "/progress/" + what, wanted);
    }

    JsonNode grid() {
        return own.teacher.get("/api/classes/" + own.id + "/progress").ok();
    }

    JsonNode row(int number) {
        return grid().get("groups")
                .valueStream()
                .flatMap(group -> group.get("students").valueStream())
                .filter(row -> row.get("id").asLong() == own.student(number))
                .findFirst()
                .orElseThrow();
    }

    JsonNode cell(int number) {
        return row(number).get("cells").get(0);
    }

    /** What the student's own page says of the task. */
    JsonNode card(int number) {
        return own.signedIn(number)
                .get("/api/my/work")
                .ok()
                .get("cards")
                .valueStream()
                .filter(each -> each.get("taskId").asLong() == task)
                .findFirst()
                .orElseThrow();
    }
}
