package zafu.e2e;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A class beside the demo's, with two measures and a co-teacher, so that a test may do with it what it likes. */
final class OwnClass {
    private static final String PASSWORD = "salt-marsh-5";
    private final String address;
    final HttpCaller teacher;
    final HttpCaller colleague;
    final long id;

    /** @param students S1, S2, … with scores 100, 110, … and a second measure that goes the other way */
    OwnClass(RunningZafu zafu, String name, int students) {
        this(zafu.address(), name, students);
    }

    /** At an application of its own, with the demo's school in it. */
    OwnClass(String address, String name, int students) {
        this.address = address;
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
        return new HttpCaller(URI.create(address).getPort()).signInAdult(name, PASSWORD);
    }

    Window window() {
        return Window.at(address).signInTeacher("ottoline", PASSWORD);
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

    private JsonNode student(int number) {
        return teacher.get("/api/classes/" + id + "/students")
                .ok()
                .valueStream()
                .filter(each -> each.get("givenName").asString().equals("S" + number))
                .findFirst()
                .orElseThrow();
    }

    /** The entry code of student S{@code number}. */
    String codeOf(int number) {
        return student(number).get("entryCode").asString();
    }

    /** What the school's clocks show. */
    LocalDateTime now() {
        HttpCaller student = new HttpCaller(URI.create(address).getPort()).signInStudent(codeOf(1));
        return LocalDateTime.parse(
                student.get("/api/my/work").ok().get("localNow").asString());
    }

    /** Student S{@code number} hands in what goes on, at another place. */
    void handIn(int number, String attempt) {
        new HttpCaller(URI.create(address).getPort())
                .signInStudent(codeOf(number))
                .post("/api/my/tries/" + attempt + "/hand-in", null)
                .ok();
    }

    /** Takes a task back from everybody. */
    void withdraw(long task) {
        long version = teacher.get("/api/tasks/" + task).ok().get("version").asLong();
        teacher.post("/api/tasks/" + task + "/take-back", Map.of("version", version))
                .done();
    }

    /** Grants student S{@code number} something; {@code amount} is null for supports without one. */
    void grant(int number, String support, Integer amount) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("support", support);
        wanted.put("amount", amount);
        wanted.putAll(Map.of("detail", "", "works", List.of(), "subjects", List.of(), "source", "test"));
        teacher.post("/api/students/" + student(number).get("id").asLong() + "/accommodations", wanted)
                .ok();
    }

    /** Hands out questions to everybody, with the fields of the base that differ from 20 minutes and one try. */
    long handOut(String title, List<Map<String, Object>> questions, Map<String, Object> fields) {
        List<Long> ids = new ArrayList<>();
        if (!questions.isEmpty()) {
            teacher.post("/api/library/items", Map.of("kind", "QUIZ", "title", title, "questions", questions))
                    .ok()
                    .get("questions")
                    .forEach(question -> ids.add(question.get("id").asLong()));
        }
        long task = teacher.post("/api/classes/" + id + "/tasks", Map.of("name", title))
                .ok()
                .get("id")
                .asLong();
        JsonNode now = teacher.get("/api/tasks/" + task).ok();
        Map<String, Object> base = new LinkedHashMap<>();
        base.put("id", now.get("versions").get(0).get("id").asLong());
        base.putAll(Map.of("staffName", "Base", "overrides", List.of(), "title", title, "texts", List.of()));
        base.putAll(Map.of("questions", ids, "minutes", 20, "includesAccommodations", false, "tries", 1));
        base.put("targets", Map.of("everyone", true, "groups", List.of(), "students", List.of(), "except", List.of()));
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("version", now.get("version").asLong());
        edit.put("name", title);
        edit.put("versions", List.of(base));
        fields.forEach(
                (field, value) -> (field.equals("feedback") || field.equals("way") ? edit : base).put(field, value));
        long version =
                teacher.put("/api/tasks/" + task, edit).ok().get("version").asLong();
        teacher.post("/api/tasks/" + task + "/hand-out", Map.of("version", version, "confirmNotCovered", true))
                .ok();
        return task;
    }

    /** Student S{@code number} answers that many questions of {@link #choice} rightly, the others wrongly, and hands in. */
    void doQuiz(int number, long task, int right) {
        HttpCaller student = new HttpCaller(URI.create(address).getPort()).signInStudent(codeOf(number));
        JsonNode page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        String path = "/api/my/tries/" + page.get("id").asLong();
        int place = 0;
        for (JsonNode question : page.get("questions")) {
            String given = place++ < right ? "0" : "1";
            student.put(path + "/answers/" + question.get("id").asLong(), Map.of("given", given))
                    .ok();
        }
        student.post(path + "/hand-in", null).ok();
    }

    static Map<String, Object> choice(String prompt, String... options) {
        return Map.of(
                "kind", "SINGLE_CHOICE", "prompt", prompt, "points", 1, "body", Map.of("options", options, "right", 0));
    }

    static Map<String, Object> question(String kind, String prompt, Map<String, Object> body) {
        return Map.of("kind", kind, "prompt", prompt, "points", 1, "body", body);
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
