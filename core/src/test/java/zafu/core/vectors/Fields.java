package zafu.core.vectors;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** One JSON object of a vector that remembers which of its fields were read, so that none is passed over. */
final class Fields {
    private final JsonNode node;
    private final Set<String> read = new LinkedHashSet<>();

    Fields(JsonNode node) {
        this.node = node;
    }

    JsonNode get(String name) {
        read.add(name);
        JsonNode value = node.get(name);
        if (value == null) {
            throw new AssertionError("the vector has no field \"" + name + "\": " + node);
        }
        return value;
    }

    boolean has(String name) {
        return node.has(name);
    }

    int number(String name) {
        return get(name).asInt();
    }

    boolean flag(String name) {
        return get(name).asBoolean();
    }

    double[] doubles(String name) {
        return get(name).valueStream().mapToDouble(JsonNode::asDouble).toArray();
    }

    List<String> strings(String name) {
        return texts(get(name));
    }

    List<Fields> objects(String name) {
        return get(name).valueStream().map(Fields::new).toList();
    }

    List<Map.Entry<String, JsonNode>> entries(String name) {
        return new ArrayList<>(get(name).properties());
    }

    static List<String> texts(JsonNode array) {
        return array.valueStream().map(JsonNode::asString).toList();
    }

    List<String> unread() {
        return node.propertyNames().stream()
                .filter(name -> !read.contains(name))
                .toList();
    }
}
