package zafu.server;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A class with students S1, S2, … whose reading scores are 100, 110, 120, …, and what a teacher does with it. */
final class TestClass {
    final HttpCaller teacher;
    final long id;
    private final int port;
    private final List<JsonNode> students = new ArrayList<>();

    private TestClass(HttpCaller teacher, int port, long id) {
        this.teacher = teacher;
        this.port = port;
        this.id = id;
        teacher.get("/api/classes/" + id + "/students").ok().forEach(students::add);
        students.sort((a, b) -> Long.compare(a.get("id").asLong(), b.get("id").asLong()));
    }

    /** A class that is there already. */
    static TestClass of(HttpCaller teacher, int port, long id) {
        return new TestClass(teacher, port, id);
    }

    static TestClass bringIn(HttpCaller teacher, int port, String name, int students) {
        StringBuilder csv = new StringBuilder("Given name,Family name,Tideline reading scale\n");
        for (int i = 1; i <= students; i++) {
            csv.append('S').append(i).append(",Test,").append(90 + 10 * i).append('\n');
        }
        Map<String, Object> wanted = Map.of("className", name, "grade", 5, "takenOn", "2027-02-02");
        byte[] file = csv.toString().getBytes(StandardCharsets.UTF_8);
        JsonNode taken = teacher.upload("/api/class-lists", file, wanted).ok();
        return new TestClass(teacher, port, taken.get("classId").asLong());
    }

    /** The id of student S{@code number}. */
    long student(int number) {
        return students.get(number - 1).get("id").asLong();
    }

    /** The entry code of student S{@code number}, or null. */
    String codeOf(int number) {
        return students.get(number - 1).path("entryCode").asString(null);
    }

    /** Somebody who is not signed in. */
    HttpCaller stranger() {
        return new HttpCaller(port);
    }

    HttpCaller signedIn(int number) {
        return new HttpCaller(port)
                .signInStudent(students.get(number - 1).get("entryCode").asString());
    }

    /** Grants student S{@code number} something; {@code amount} is null for supports without one. */
    /** Says which language a student speaks at home. */
    void speaksAtHome(int number, String language) {
        String path = "/api/students/" + student(number);
        JsonNode sheet = teacher.get(path).ok();
        Map<String, Object> facts = new LinkedHashMap<>(Map.of("givenName", "S" + number, "familyName", "Test"));
        facts.putAll(Map.of("preferredName", "", "grade", 5, "language", language, "homeClass", ""));
        facts.put("studentNumber", "");
        Map<String, Object> edit = Map.of("version", sheet.get("version").asLong(), "facts", facts, "tags", List.of());
        teacher.put(path, edit).done();
    }

    HttpCaller.Answer grant(int number, String support, String amount) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("support", support);
        if (amount != null) {
            wanted.put("amount", new java.math.BigDecimal(amount));
        }
        wanted.putAll(Map.of("detail", "", "works", List.of(), "subjects", List.of(), "source", "test"));
        return teacher.post("/api/students/" + student(number) + "/accommodations", wanted);
    }

    /** Brings in a list of one day, and answers what was taken. */
    JsonNode bringIn(String takenOn, String list) {
        return teacher.upload("/api/class-lists", list.getBytes(StandardCharsets.UTF_8), listOf(takenOn))
                .ok();
    }

    Map<String, Object> listOf(String takenOn) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("classId", id);
        wanted.put("className", "");
        wanted.put("grade", 5);
        wanted.put("takenOn", takenOn);
        return wanted;
    }

    /** Gives the adult whose name begins so a role in the class. */
    void shareWith(String name, String role) {
        teacher.put("/api/classes/" + id + "/adults/" + adult(name), Map.of("role", role))
                .done();
    }

    /** The id of the adult whose name begins so. */
    long adult(String name) {
        return teacher.get("/api/adults")
                .ok()
                .valueStream()
                .filter(each -> each.get("displayName").asString().startsWith(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
    }

    /** Makes the adult whose name begins so lead a group. */
    void leads(String name, long arrangement, long group) {
        step(arrangement, Map.of("kind", "LEAD", "groupId", group, "adults", List.of(adult(name))));
    }

    /** The rows of the Students screen, narrowed by a query such as {@code text=S1&sort=name}. */
    JsonNode screen(String query) {
        return teacher.get("/api/students?classId=" + id + "&" + query).ok();
    }

    /** The row of student S{@code number} on the Students screen. */
    JsonNode row(int number) {
        return screen("")
                .get("students")
                .valueStream()
                .filter(each -> each.get("id").asLong() == student(number))
                .findFirst()
                .orElseThrow();
    }

    /** An arrangement of similar scores; groups from the lowest up. */
    long arrange(int groups) {
        long measure = teacher.get("/api/measures").ok().get(0).get("id").asLong();
        long arrangement = teacher.post(
                        "/api/classes/" + id + "/arrangements",
                        Map.of(
                                "name", "Reading",
                                "subject", "reading",
                                "beginsOn", "2027-02-09",
                                "endsOn", "2027-03-12",
                                "measureId", measure))
                .ok()
                .get("id")
                .asLong();
        Map<String, Object> proposal = Map.of(
                "method", "SIMILAR", "measureId", measure, "groups", groups, "smallest", 1, "largest", students.size());
        step(arrangement, Map.of("kind", "TAKE_PROPOSAL", "proposal", proposal));
        return arrangement;
    }

    JsonNode bench(long arrangement) {
        return teacher.get("/api/arrangements/" + arrangement).ok();
    }

    List<Long> groups(long arrangement) {
        return ids(bench(arrangement).get("groups"));
    }

    JsonNode step(long arrangement, Map<String, Object> command) {
        return teacher.post("/api/arrangements/" + arrangement + "/steps", command)
                .ok();
    }

    /** The group of a student, or null. */
    static Long groupOf(JsonNode bench, long student) {
        return bench.get("students")
                .valueStream()
                .filter(each -> each.get("id").asLong() == student)
                .filter(each -> each.has("groupId"))
                .map(each -> each.get("groupId").asLong())
                .findFirst()
                .orElse(null);
    }

    static List<Long> longs(JsonNode array) {
        return array.valueStream().map(JsonNode::asLong).toList();
    }

    static List<Long> ids(JsonNode array) {
        return array.valueStream().map(each -> each.get("id").asLong()).toList();
    }

    /** A draft whose base has two questions, 20 minutes, and these targets. */
    long draft(Map<String, Object> targets) {
        long task = teacher.post("/api/classes/" + id + "/tasks", Map.of("name", "Marsh quiz"))
                .ok()
                .get("id")
                .asLong();
        JsonNode now = task(task);
        Map<String, Object> base = version("Base", targets);
        base.put("id", now.get("versions").get(0).get("id").asLong());
        change(task, List.of(base)).ok();
        return task;
    }

    /** A version with everything of its own, so that it serves as base too. */
    Map<String, Object> version(String staffName, Map<String, Object> targets) {
        Map<String, Object> version = new LinkedHashMap<>();
        version.put("staffName", staffName);
        version.put("overrides", List.of());
        version.put("title", "Why the marsh floods");
        version.put("texts", List.of());
        version.put("questions", questions());
        version.put("minutes", 20);
        version.put("includesAccommodations", false);
        version.put("tries", 1);
        version.put("targets", targets);
        return version;
    }

    /** Right answers: option 1, and the number 6. */
    private List<Long> questions() {
        Map<String, Object> set = Map.of(
                "kind",
                "QUIZ",
                "title",
                "Test questions",
                "questions",
                List.of(
                        Map.of(
                                "kind",
                                "SINGLE_CHOICE",
                                "prompt",
                                "Why?",
                                "points",
                                2,
                                "body",
                                Map.of("options", List.of("wind", "moon"), "right", 1)),
                        Map.of(
                                "kind",
                                "NUMERIC",
                                "prompt",
                                "How long?",
                                "points",
                                1,
                                "body",
                                Map.of("value", 6, "tolerance", 0.5))));
        return ids(teacher.post("/api/library/items", set).ok().get("questions"));
    }

    /** One thing done with many students: kind, then tag or class. */
    HttpCaller.Answer deed(String kind, Object with, long... students) {
        Map<String, Object> deed = new LinkedHashMap<>();
        deed.put("kind", kind);
        deed.put("students", students);
        deed.put(with instanceof Long ? "classId" : "tag", with);
        return teacher.post("/api/students/deeds", deed);
    }

    static Map<String, Object> targets(boolean everyone, List<Long> groups, List<Long> named, List<Long> except) {
        return Map.of("everyone", everyone, "groups", groups, "students", named, "except", except);
    }

    static Map<String, Object> forEveryone() {
        return targets(true, List.of(), List.of(), List.of());
    }

    JsonNode task(long task) {
        return teacher.get("/api/tasks/" + task).ok();
    }

    HttpCaller.Answer change(long task, List<Map<String, Object>> versions) {
        return teacher.put(
                "/api/tasks/" + task,
                Map.of("version", task(task).get("version").asLong(), "name", "Marsh quiz", "versions", versions));
    }

    HttpCaller.Answer handOut(long task, boolean confirm) {
        return teacher.post(
                "/api/tasks/" + task + "/hand-out",
                Map.of("version", task(task).get("version").asLong(), "confirmNotCovered", confirm));
    }

    /** Tasks with the same version for everyone, handed out. */
    void handOutMany(int number) {
        LongStream.range(0, number)
                .forEach(i -> handOut(draft(forEveryone()), false).ok());
    }
}
