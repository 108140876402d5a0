package zafu.server.skill;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import zafu.server.skill.FrameworkRead.SkillRead;

/**
 * Reads a framework in CASE 1.0 JSON: items without children are skills, the topmost item above one is its strand, and
 * "precedes" makes a prerequisite.
 */
final class CaseFramework {
    private static final int LONGEST_NAME = 120;
    private final CaseFile file;
    private final Map<String, CaseFile.Item> items = new LinkedHashMap<>();
    private final Map<String, String> parentOf = new LinkedHashMap<>();
    private final Map<String, Set<String>> before = new LinkedHashMap<>();
    private final List<String> passedOver = new ArrayList<>();

    private CaseFramework(CaseFile file) {
        this.file = file;
    }

    static FrameworkRead read(byte[] file) {
        return new CaseFramework(CaseFile.read(file)).read();
    }

    private FrameworkRead read() {
        for (CaseFile.Item item : file.items()) {
            String id = text(item.identifier());
            if (id.isEmpty() || text(item.fullStatement()).isEmpty()) {
                passedOver.add(inWords("skill.an-item-without-an-identifier-or-a"));
            } else {
                items.put(id, item);
            }
        }
        file.associations().forEach(this::associate);
        String scheme = file.title() == null ? "CASE" : file.title();
        List<SkillRead> skills = new ArrayList<>();
        Set<String> parents = Set.copyOf(parentOf.values());
        items.forEach((id, item) -> {
            if (!parents.contains(id)) {
                skills.add(skill(id, item, scheme));
            }
        });
        return new FrameworkRead(skills, passedOver);
    }

    private void associate(CaseFile.Association association) {
        String from = nodeId(association.originNodeURI());
        String to = nodeId(association.destinationNodeURI());
        switch (text(association.associationType())) {
            case "isChildOf" -> {
                if (items.containsKey(from) && items.containsKey(to)) {
                    parentOf.put(from, to);
                }
            }
            case "precedes" ->
                before.computeIfAbsent(to, id -> new LinkedHashSet<>()).add(from);
            default ->
                passedOver.add(inWords(
                        "skill.the-association-says-nothing-that", "type", text(association.associationType())));
        }
    }

    private static String text(@Nullable String written) {
        return written == null ? "" : written.strip();
    }

    private static String nodeId(@Nullable JsonNode node) {
        if (node == null) {
            return "";
        }
        return node.isString() ? node.asString() : node.path("identifier").asString("");
    }

    private SkillRead skill(String id, CaseFile.Item item, String scheme) {
        String statement = text(item.fullStatement());
        String shortName = text(item.abbreviatedStatement());
        String name = shortName.isEmpty() ? statement : shortName;
        if (name.length() > LONGEST_NAME) {
            name = name.substring(0, LONGEST_NAME - 1) + "…";
        }
        String top = topOf(id);
        return new SkillRead(
                id,
                name,
                top.equals(id) ? "" : cut(text(items.get(top).fullStatement())),
                gradeOf(item.educationLevel()),
                statement.equals(name) ? "" : statement,
                scheme,
                text(item.humanCodingScheme()),
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

    private static @Nullable Integer gradeOf(@Nullable List<@Nullable String> levels) {
        String first = levels == null || levels.isEmpty() ? "" : text(levels.get(0));
        if (first.equalsIgnoreCase("KG")) {
            return 0;
        }
        return first.matches("\\d{1,2}") ? Integer.valueOf(first) : null;
    }
}
