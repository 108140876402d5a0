package zafu.server;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.demo.HttpCaller;

/** A task of a test class, changed as the page does it: read, changed, sent back whole. */
final class TestTask {
    private static final JsonMapper JSON = new JsonMapper();
    final TestClass own;
    final long id;

    TestTask(TestClass own, long id) {
        this.own = own;
        this.id = id;
    }

    /** A draft with two questions and 20 minutes. */
    static TestTask draft(TestClass own, Map<String, Object> targets) {
        return new TestTask(own, own.draft(targets));
    }

    static TestTask out(TestClass own, Map<String, Object> targets) {
        TestTask task = draft(own, targets);
        own.handOut(task.id, true).ok();
        return task;
    }

    JsonNode view() {
        return own.task(id);
    }

    long version(int place) {
        return view().get("versions").get(place).get("id").asLong();
    }

    JsonNode student(int number) {
        return view().get("students")
                .valueStream()
                .filter(each -> each.get("id").asLong() == own.student(number))
                .findFirst()
                .orElseThrow();
    }

    JsonNode terms(int number) {
        return student(number).get("terms");
    }

    @SuppressWarnings("unchecked")
    Map<String, Object> edit() {
        Map<String, Object> view = JSON.convertValue(view(), Map.class);
        Map<String, Object> edit = new LinkedHashMap<>();
        for (String field : List.of("version", "name", "arrangementId", "workKind", "way", "doneFirst")) {
            edit.put(field, view.get(field));
        }
        List<Map<String, Object>> versions = new ArrayList<>();
        for (Map<String, Object> each : (List<Map<String, Object>>) view.get("versions")) {
            Map<String, Object> version = new LinkedHashMap<>(each);
            version.put(
                    "texts",
                    ((List<Map<String, Object>>) each.get("texts"))
                            .stream().map(text -> text.get("id")).toList());
            version.keySet().removeAll(List.of("base", "pointsInAll", "started"));
            versions.add(version);
        }
        edit.put("versions", versions);
        List<Map<String, Object>> adjustments = new ArrayList<>();
        for (Map<String, Object> each : (List<Map<String, Object>>) view.get("adjustments")) {
            Map<String, Object> adjustment = new LinkedHashMap<>(each);
            adjustment.remove("reached");
            adjustments.add(adjustment);
        }
        edit.put("adjustments", adjustments);
        edit.put("otherClasses", new ArrayList<>());
        return edit;
    }

    HttpCaller.Answer change(Consumer<Map<String, Object>> how) {
        return own.teacher.put("/api/tasks/" + id, changed(how));
    }

    HttpCaller.Answer effects(Consumer<Map<String, Object>> how) {
        return own.teacher.post("/api/tasks/" + id + "/effects", changed(how));
    }

    private Map<String, Object> changed(Consumer<Map<String, Object>> how) {
        Map<String, Object> edit = edit();
        how.accept(edit);
        return edit;
    }

    /** Sets a field of the base. */
    static Consumer<Map<String, Object>> base(String field, Object value) {
        return edit -> versions(edit).get(0).put(field, value);
    }

    /** Adds an adjustment of one term. */
    static Consumer<Map<String, Object>> eased(String part, String field, Object value, Map<String, Object> targets) {
        return edit -> {
            Map<String, Object> adjustment = new LinkedHashMap<>();
            adjustment.put("sets", List.of(part));
            adjustment.put(field, value);
            adjustment.put("targets", targets);
            list(edit, "adjustments").add(adjustment);
        };
    }

    /** Adds a version that follows the base in everything. */
    static Consumer<Map<String, Object>> version(String name, Map<String, Object> targets) {
        return edit -> {
            Map<String, Object> version = new LinkedHashMap<>(versions(edit).get(0));
            version.remove("id");
            version.put("staffName", name);
            version.put("overrides", List.of());
            version.put("targets", targets);
            versions(edit).add(version);
        };
    }

    static List<Map<String, Object>> versions(Map<String, Object> edit) {
        return list(edit, "versions");
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> list(Map<String, Object> edit, String field) {
        return (List<Map<String, Object>>) edit.get(field);
    }

    HttpCaller.Answer undo(long step) {
        return own.teacher.post("/api/task-steps/" + step + "/undo", null);
    }

    long lastStep() {
        return view().get("lastStep").get("id").asLong();
    }

    JsonNode start(int number) {
        return own.signedIn(number).post("/api/my/tasks/" + id + "/tries", null).ok();
    }
}
