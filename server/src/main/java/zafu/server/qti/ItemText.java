package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** The words of an assessment item, as Markdown. */
final class ItemText {
    static final Set<String> RIGHT = Set.of("right", "correct", "true");
    static final Set<String> WRONG = Set.of("wrong", "incorrect", "false");
    private static final String GAP = "_____";
    private final Element item;
    private final Element body;
    private final HtmlMarkdown markdown;

    ItemText(Element item, Function<String, String> pictures) {
        this.item = item;
        this.body = Xml.child(item, "itemBody").orElseThrow(() -> new CannotTake(inWords("qti.it-has-no-body")));
        this.markdown = new HtmlMarkdown(pictures);
    }

    Element body() {
        return body;
    }

    /** The block in which an interaction stands. */
    static Element lineOf(Element interaction) {
        Node line = interaction;
        while (line.getParentNode() instanceof Element parent
                && !Set.of("itemBody", "div", "blockquote").contains(Xml.name(parent))) {
            line = parent;
        }
        return line == interaction ? (Element) interaction.getParentNode() : (Element) line;
    }

    /** Whether nothing stands before the interaction in its block. */
    static boolean startsLine(Element line, Element entry) {
        for (Node node : Xml.nodes(line)) {
            if (node == entry) {
                return true;
            }
            if (!node.getTextContent().isBlank() || node instanceof Element) {
                return false;
            }
        }
        return false;
    }

    String inside(Element element) {
        return markdown.of(Xml.nodes(element).stream()
                .filter(each -> !Xml.is(each, "feedbackInline"))
                .toList());
    }

    /** All that stands before the interaction, and the interaction's own prompt. */
    String prompt(Element interaction) {
        List<Node> nodes = new ArrayList<>(nodesBefore(interaction));
        Xml.child(interaction, "prompt").ifPresent(nodes::add);
        String prompt = markdown.of(nodes);
        boolean speaksForItself = Xml.is(interaction, "hottextInteraction");
        return prompt.isBlank() && !speaksForItself ? Xml.attribute(item, "title") : prompt;
    }

    /** All that stands before a block; the item's title where nothing does. */
    String before(Node end) {
        String prompt = markdown.of(nodesBefore(end));
        return prompt.isBlank() ? Xml.attribute(item, "title") : prompt;
    }

    /** All of the item's words, with a line to write on where something is to be typed. */
    String withGap(Element entry) {
        Node gap = entry.getOwnerDocument().createTextNode(GAP);
        entry.getParentNode().replaceChild(gap, entry);
        String words = markdown.of(Xml.nodes(body).stream()
                .filter(each -> !Xml.is(each, "rubricBlock"))
                .toList());
        gap.getParentNode().replaceChild(entry, gap);
        return words;
    }

    private List<Node> nodesBefore(Node end) {
        Node top = end;
        while (top.getParentNode() != body) {
            top = top.getParentNode();
        }
        List<Node> nodes = new ArrayList<>();
        boolean passed = false;
        for (Node node : Xml.nodes(body)) {
            boolean empty = !(node instanceof Element) && node.getTextContent().isBlank();
            if (node == top) {
                passed = true;
            } else if (!Xml.is(node, "rubricBlock") && !empty) {
                if (passed) {
                    throw new CannotTake(inWords("qti.there-is-more-text-after-what-it"));
                }
                nodes.add(node);
            }
        }
        return nodes;
    }

    /** @param names by which the feedback may be called */
    @Nullable
    String feedback(Set<String> names) {
        return Xml.children(item, "modalFeedback").stream()
                .filter(each -> names.contains(nameOf(each)))
                .findFirst()
                .map(this::inside)
                .orElse(null);
    }

    boolean hasOtherFeedback() {
        return Xml.children(item, "modalFeedback").stream()
                        .anyMatch(each -> !RIGHT.contains(nameOf(each)) && !WRONG.contains(nameOf(each)))
                || !Xml.below(body, "feedbackInline").isEmpty();
    }

    private static String nameOf(Element feedback) {
        return Xml.attribute(feedback, "identifier").toLowerCase(Locale.ROOT);
    }

    @Nullable
    String guidance() {
        return Xml.below(body, "rubricBlock").stream()
                .filter(each -> Xml.attribute(each, "view").contains("scorer"))
                .findFirst()
                .map(this::inside)
                .orElse(null);
    }
}
