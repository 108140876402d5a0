package zafu.server.platform;

import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Records that the database keeps as JSON and that a newer program must go on reading. Each carries the number of its format;
 * whoever renames a component raises the number by adding how an older one becomes the next. Samples of every format are
 * kept with the tests.
 *
 * @param <T> a record
 */
public final class StoredJson<T> {
    private static final String FORMAT = "format";
    private final JsonMapper json;
    private final Class<T> type;
    private final List<UnaryOperator<ObjectNode>> toNext;

    /** @param toNext how what is in format 0, 1, … becomes the next; what has no number is in format 0 */
    public StoredJson(JsonMapper json, Class<T> type, List<UnaryOperator<ObjectNode>> toNext) {
        this.json = json;
        this.type = type;
        this.toNext = List.copyOf(toNext);
    }

    public String write(T value) {
        ObjectNode tree = json.valueToTree(value);
        return json.writeValueAsString(tree.put(FORMAT, toNext.size()));
    }

    /** @throws IllegalStateException where a newer program has written it */
    public T read(String text) {
        ObjectNode tree = (ObjectNode) json.readTree(text);
        int format = tree.path(FORMAT).asInt(0);
        if (format > toNext.size()) {
            throw new IllegalStateException("format " + format + " of " + type.getSimpleName()
                    + " is newer than this program, which knows " + toNext.size());
        }
        for (UnaryOperator<ObjectNode> step : toNext.subList(format, toNext.size())) {
            tree = step.apply(tree);
        }
        tree.remove(FORMAT);
        return json.treeToValue(tree, type);
    }
}
