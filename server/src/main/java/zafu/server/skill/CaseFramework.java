package zafu.server.skill;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.platform.Refusal;
import zafu.server.skill.FrameworkRead.SkillRead;

/**
 * Reads a framework in CASE 1.0 JSON: items without children are skills, the topmost item above one is its strand, and
 * "precedes" makes a prerequisite.
 */
final class CaseFramework {
    private static final int LONGEST_NAME = 120;
    private final JsonNode root;
    private final Map<String, JsonNode> items = new LinkedHashMap<>();
    private final Map<String, String> parentOf = new LinkedHashMap<>();
    private final Map<String, Set<String>> before = new LinkedHashMap<>();
    private final List<String> passedOver = new ArrayList<>();

    private CaseFramework(JsonNode root) {
        this.root = root;
    }

    static FrameworkRead read(byte[] file) {
        JsonNode root;
        try {
            root = new JsonMapper().readTree(file);
        } catch (JacksonException broken) {
            throw Refusal.unusable("file-not-readable", "The file is no JSON that can be read.");
        }
        if (!root.path("CFItems").isArray()) {
            throw Refusal.unusable(
                    "file-not-readable", "The file has no list \"CFItems\", so it is no framework in CASE 1.0.");
        }
        return new CaseFramework(root).read();
    }

    private FrameworkRead read() {
        for (JsonNode item : root.get("CFItems")) {
            String id = item.path("identifier").asString("");
            if (id.isEmpty() || item.path("fullStatement").asString("").isBlank()) {
                passedOver.add("An item without an identifier or a statement was passed over.");
            } else {
                items.put(id, item);
            }
        }
        root.path("CFAssociations").forEach(this::associate);
        String scheme = root.path("CFDocument").path("title").asString("CASE");
        List<SkillRead> skills = new ArrayList<>();
        Set<String> parents = Set.copyOf(parentOf.values());
        items.forEach((id, item) -> {
            if (!parents.contains(id)) {
                skills.add(skill(id, item, scheme));
            }
        });
        return new FrameworkRead(skills, passedOver);
    }

    private void associate(JsonNode association) {
        String from = nodeId(association.path("originNodeURI"));
        String to = nodeId(association.path("destinationNodeURI"));
        switch (association.path("associationType").asString("")) {
            case "isChildOf" -> {
                if (items.containsKey(from) && items.containsKey(to)) {
                    parentOf.put(from, to);
                }
            }
            case "precedes" ->
                before.computeIfAbsent(to, id -> new LinkedHashSet<>()).add(from);
            default ->
                passedOver.add("The association \""
                        + association.path("associationType").asString("") + "\" says nothing that is kept here.");
        }
    }

    private static String nodeId(JsonNode node) {
        return node.isString() ? node.asString() : node.path("identifier").asString("");
    }

    private SkillRead skill(String id, JsonNode item, String scheme) {
        String statement = item.path("fullStatement").asString().strip();
        String shortName = item.path("abbreviatedStatement").asString("").strip();
        String name = shortName.isEmpty() ? statement : shortName;
        if (name.length() > LONGEST_NAME) {
            name = name.substring(0, LONGEST_NAME - 1) + "…";
        }
        String top = topOf(id);
        return new SkillRead(
                id,
                name,
                top.equals(id) ? "" : cut(items.get(top).path("fullStatement").asString()),
                gradeOf(item.path("educationLevel")),
                statement.equals(name) ? "" : statement,
                scheme,
                item.path("humanCodingScheme").asString("").strip(),
                before.getOrDefault(id, Set.of()).stream()
                        .filter(items::containsKey)
                        .toList());
    }

    private static String cut(String name) {
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name.strip();
    }

    private String topOf(String id) {
        String at = id;
        for (int steps = 0; steps <= items.size() && parentOf.containsKey(at); steps++) {
            at = parentOf.get(at);
        }
        return at;
    }

    private static @Nullable Integer gradeOf(JsonNode levels) {
        String first = levels.isArray() && !levels.isEmpty() ? levels.get(0).asString("") : "";
        if (first.equalsIgnoreCase("KG")) {
            return 0;
        }
        return first.matches("\\d{1,2}") ? Integer.valueOf(first) : null;
    }
}
