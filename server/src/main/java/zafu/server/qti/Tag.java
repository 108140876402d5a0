package zafu.server.qti;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** An XML element on its way out. */
final class Tag {
    private final String name;
    private final Map<String, String> attributes = new LinkedHashMap<>();
    private final List<Object> children = new ArrayList<>();

    /** XHTML that is well-formed already. */
    private record Ready(String xhtml) {}

    private Tag(String name) {
        this.name = name;
    }

    static Tag of(String name, Object... children) {
        return new Tag(name).add(children);
    }

    /** Attributes without a value are left out. */
    Tag with(String attribute, @Nullable Object value) {
        if (value != null) {
            attributes.put(attribute, value.toString());
        }
        return this;
    }

    Tag add(Object... more) {
        for (Object each : more) {
            if (each instanceof List<?> list) {
                children.addAll(list);
            } else {
                children.add(each);
            }
        }
        return this;
    }

    void addFirst(Tag child) {
        children.add(0, child);
    }

    @Nullable
    String attribute(String name) {
        return attributes.get(name);
    }

    Tag addReady(String xhtml) {
        children.add(new Ready(xhtml));
        return this;
    }

    /** @param elementName and {@code attributeName} as they are called in the version that is written */
    String write(UnaryOperator<String> elementName, UnaryOperator<String> attributeName) {
        StringBuilder out = new StringBuilder();
        write(out, elementName, attributeName);
        return out.toString();
    }

    private void write(StringBuilder out, UnaryOperator<String> elementName, UnaryOperator<String> attributeName) {
        String called = elementName.apply(name);
        out.append('<').append(called);
        attributes.forEach((key, value) -> out.append(' ')
                .append(attributeName.apply(key))
                .append("=\"")
                .append(escaped(value).replace("\n", "&#10;"))
                .append('"'));
        out.append('>');
        for (Object child : children) {
            if (child instanceof Tag tag) {
                tag.write(out, elementName, attributeName);
            } else if (child instanceof Ready ready) {
                out.append(ready.xhtml());
            } else {
                out.append(escaped(child.toString()));
            }
        }
        out.append("</").append(called).append('>');
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                // What XML cannot carry at all.
                .replaceAll("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]", "");
    }
}
