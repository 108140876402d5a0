package zafu.server.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Writes one task of the demo as the task screen would. */
final class DemoTask {
    private final HttpCaller teacher;
    private final long id;
    private final long arrangementId;
    private final JsonNode now;
    private final List<Version> versions = new ArrayList<>();

    DemoTask(HttpCaller teacher, long id, long arrangementId) {
        this.teacher = teacher;
        this.id = id;
        this.arrangementId = arrangementId;
        this.now = teacher.get("/api/tasks/" + id).ok();
    }

    Version base(String title, List<Long> texts, List<Long> questions) {
        Version base = new Version("Base", List.of())
                .set("id", now.get("versions").get(0).get("id").asLong())
                .set("title", title)
                .set("texts", texts)
                .set("questions", questions);
        versions.add(base);
        return base;
    }

    Version version(String staffName, List<Long> groups) {
        Version version = new Version(staffName, groups);
        versions.add(version);
        return version;
    }

    void save() {
        save("ON_SCREEN");
    }

    /** @param way how the task is done */
    void save(String way) {
        Map<String, Object> edit = Map.of(
                "way",
                way,
                "version",
                now.get("version").asLong(),
                "name",
                now.get("name").asString(),
                "arrangementId",
                arrangementId,
                "versions",
                versions.stream().map(version -> version.fields).toList());
        teacher.put("/api/tasks/" + id, edit).ok();
    }

    void handOut() {
        long version = teacher.get("/api/tasks/" + id).ok().get("version").asLong();
        teacher.post("/api/tasks/" + id + "/hand-out", Map.of("version", version, "confirmNotCovered", true))
                .ok();
    }

    static Map<String, Object> toGroups(List<Long> groups) {
        return Map.of("everyone", false, "groups", groups, "students", List.of(), "except", List.of());
    }

    /** The fields of one version. */
    static final class Version {
        private final Map<String, Object> fields = new LinkedHashMap<>();
        private final List<String> overrides = new ArrayList<>();

        private Version(String staffName, List<Long> groups) {
            fields.put("staffName", staffName);
            fields.put("overrides", overrides);
            fields.put("title", "");
            fields.put("texts", List.of());
            fields.put("questions", List.of());
            fields.put("includesAccommodations", false);
            fields.put("tries", 1);
            fields.put("targets", toGroups(groups));
        }

        Version set(String field, Object value) {
            fields.put(field, value);
            return this;
        }

        Version own(String override, String field, Object value) {
            overrides.add(override);
            return set(field, value);
        }
    }
}
