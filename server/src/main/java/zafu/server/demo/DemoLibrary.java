package zafu.server.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.demo.DemoWeek.Resources;

/** The school's outline of skills, and a library from which a class can really be taught. */
final class DemoLibrary {
    private static final JsonMapper JSON = new JsonMapper();
    private final HttpCaller teacher;
    private final Map<String, Long> items = new LinkedHashMap<>();
    private final Map<String, List<JsonNode>> questions = new LinkedHashMap<>();
    private final Map<String, Long> skills = new HashMap<>();

    DemoLibrary(HttpCaller teacher) {
        this.teacher = teacher;
    }

    void bringInSkills() {
        teacher.uploadFile("/api/skills/from-file", Resources.read("skills.csv"), "skills.csv")
                .ok();
        JsonNode strands = teacher.get("/api/skills").ok().get("strands");
        long reading = measure("Tideline reading scale");
        for (JsonNode strand : strands) {
            for (JsonNode skill : strand.get("skills")) {
                skills.put(skill.get("name").asString(), skill.get("id").asLong());
                if (skill.get("name").asString().equals("Key details")) {
                    screen(strand, skill, reading, 800);
                }
            }
        }
    }

    /** Whoever reads this well is past it. */
    private void screen(JsonNode strand, JsonNode skill, long measure, double cut) {
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("name", skill.get("name").asString());
        edit.put("strand", strand.get("name").asString());
        edit.put("grade", skill.get("grade").asInt());
        edit.put("description", "");
        edit.put("prerequisites", List.of());
        edit.put("codes", skill.get("codes"));
        edit.put("screenMeasureId", measure);
        edit.put("screenCut", cut);
        edit.put("version", skill.get("version").asLong());
        teacher.put("/api/skills/" + skill.get("id").asLong(), edit).ok();
    }

    private long measure(String name) {
        return teacher.get("/api/measures")
                .ok()
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
    }

    void fill() {
        JsonNode library = JSON.readTree(Resources.read("library.json"));
        long reading = measure("Tideline reading scale");
        library.get("items").forEach(item -> add(item, reading));
        library.get("stars").forEach(title -> teacher.put(
                        "/api/library/items/" + item(title.asString()) + "/star", Map.of("starred", true))
                .done());
        library.get("units").forEach(this::addUnit);
    }

    private void add(JsonNode item, long reading) {
        Map<String, Object> edit = new LinkedHashMap<>();
        for (String field : List.of(
                "kind",
                "title",
                "body",
                "language",
                "minutes",
                "levelLow",
                "levelHigh",
                "gradeLow",
                "gradeHigh",
                "tags",
                "licence",
                "address",
                "aims",
                "steps",
                "materials")) {
            if (item.has(field)) {
                edit.put(field, item.get(field));
            }
        }
        if (item.has("levelLow")) {
            edit.put("levelMeasureId", reading);
        }
        if (item.has("file")) {
            edit.put("fileId", file(item.get("file").asString()));
        }
        List<Map<String, Object>> uses = new ArrayList<>();
        addUses(uses, item.get("trains"), "TRAINS");
        addUses(uses, item.get("needs"), "NEEDS");
        addUses(uses, item.get("prepares"), "PREPARES");
        edit.put("skills", uses);
        edit.put(
                "questions",
                item.get("questions").valueStream().map(this::question).toList());
        JsonNode kept = teacher.post("/api/library/items", edit).ok();
        items.put(kept.get("title").asString(), kept.get("id").asLong());
        questions.put(
                kept.get("title").asString(),
                kept.get("questions").valueStream().toList());
    }

    private long file(String name) {
        return teacher.uploadFile("/api/library/files", Resources.read(name), name)
                .ok()
                .get("id")
                .asLong();
    }

    private void addUses(List<Map<String, Object>> uses, JsonNode names, String role) {
        names.forEach(name -> uses.add(Map.of("skillId", skills.get(name.asString()), "role", role)));
    }

    private Map<String, Object> question(JsonNode asked) {
        Map<String, Object> edit = new LinkedHashMap<>();
        for (String field : List.of("kind", "prompt", "points", "body")) {
            edit.put(field, asked.get(field));
        }
        if (asked.has("skill")) {
            edit.put("skillId", skills.get(asked.get("skill").asString()));
        }
        return edit;
    }

    private void addUnit(JsonNode unit) {
        teacher.post(
                        "/api/library/units",
                        Map.of(
                                "title", unit.get("title"),
                                "about", unit.get("about"),
                                "beginsOn", unit.get("beginsOn"),
                                "items",
                                        unit.get("items")
                                                .valueStream()
                                                .map(title -> item(title.asString()))
                                                .toList(),
                                "skills",
                                        unit.get("skills")
                                                .valueStream()
                                                .map(name -> skills.get(name.asString()))
                                                .toList()))
                .ok();
    }

    long item(String title) {
        Long id = items.get(title);
        if (id == null) {
            throw new IllegalStateException("the demo's library has no \"" + title + "\"");
        }
        return id;
    }

    /** Ids of the first questions of an item. */
    List<Long> questions(String title, int first) {
        return questions.getOrDefault(title, List.of()).stream()
                .limit(first)
                .map(question -> question.get("id").asLong())
                .toList();
    }

    /** A question as it was kept, with what is right. */
    JsonNode question(long id) {
        return questions.values().stream()
                .flatMap(List::stream)
                .filter(question -> question.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    /** Puts items on a group's shelf, the last one first. */
    void shelve(long group, boolean starred, String... titles) {
        for (String title : titles) {
            teacher.post(
                            "/api/groups/" + group + "/shelf/items",
                            Map.of("items", List.of(item(title)), "starred", starred))
                    .ok();
        }
    }
}
