package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;
import zafu.server.platform.Bounds;

/**
 * Reads XML that a stranger wrote: no entities, no document types, nothing fetched. Elements are known by their local
 * names as QTI 2.1 writes them: {@code qti-choice-interaction} is read as {@code choiceInteraction}.
 */
final class Xml {
    private static final String DEPTH = "maxElementDepth";
    private static final Pattern HYPHEN = Pattern.compile("-([a-z])");

    private Xml() {}

    /** @throws CannotTake where it is not well-formed, or defines entities */
    static Element parse(byte[] bytes) {
        if (bytes.length > Bounds.TREE_BYTES) {
            throw new CannotTake(inWords("qti.it-is-larger-than-mb"));
        }
        try {
            DocumentBuilder builder = factory().newDocumentBuilder();
            builder.setErrorHandler(new DefaultHandler());
            return builder.parse(new ByteArrayInputStream(bytes)).getDocumentElement();
        } catch (SAXException broken) {
            throw new CannotTake(whyNot(String.valueOf(broken.getMessage())));
        } catch (IOException | ParserConfigurationException broken) {
            throw new CannotTake(inWords("qti.it-cannot-be-read"));
        }
    }

    private static String whyNot(String said) {
        if (said.contains("DOCTYPE")) {
            return inWords("qti.it-defines-a-document-type-or");
        }
        return said.contains(DEPTH)
                ? inWords("qti.its-elements-lie-within-each-other", "most", Bounds.TREE_DEPTH)
                : inWords("qti.it-is-not-well-formed-xml");
    }

    private static DocumentBuilderFactory factory() throws ParserConfigurationException {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
        factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
        factory.setAttribute("jdk.xml." + DEPTH, String.valueOf(Bounds.TREE_DEPTH));
        factory.setXIncludeAware(false);
        factory.setExpandEntityReferences(false);
        return factory;
    }

    /** The name as QTI 2.1 has it. */
    static String name(Node node) {
        String local = node.getLocalName() == null ? node.getNodeName() : node.getLocalName();
        return local.startsWith("qti-") ? camel(local.substring("qti-".length())) : local;
    }

    private static String camel(String kebab) {
        return HYPHEN.matcher(kebab).replaceAll(found -> found.group(1).toUpperCase(Locale.ROOT));
    }

    static boolean is(Node node, String name) {
        return node instanceof Element && name(node).equals(name);
    }

    /** An attribute by its name in QTI 2.1, however it is written; empty where there is none. */
    static String attribute(Element element, String name) {
        if (element.hasAttribute(name)) {
            return element.getAttribute(name);
        }
        return element.getAttribute(name.replaceAll("([A-Z])", "-$1").toLowerCase(Locale.ROOT));
    }

    static List<Node> nodes(Node parent) {
        List<Node> found = new ArrayList<>();
        for (Node child = parent.getFirstChild(); child != null; child = child.getNextSibling()) {
            found.add(child);
        }
        return found;
    }

    static List<Element> children(Node parent) {
        return nodes(parent).stream()
                .filter(Element.class::isInstance)
                .map(Element.class::cast)
                .toList();
    }

    static List<Element> children(Node parent, String name) {
        return children(parent).stream().filter(each -> name(each).equals(name)).toList();
    }

    static Optional<Element> child(Node parent, String name) {
        return children(parent, name).stream().findFirst();
    }

    /** All below, in document order. */
    static List<Element> below(Node parent, String name) {
        List<Element> found = new ArrayList<>();
        for (Element child : children(parent)) {
            if (name(child).equals(name)) {
                found.add(child);
            }
            found.addAll(below(child, name));
        }
        return found;
    }

    static List<Element> below(Node parent) {
        List<Element> found = new ArrayList<>();
        for (Element child : children(parent)) {
            found.add(child);
            found.addAll(below(child));
        }
        return found;
    }

    static String text(Node node) {
        return node.getTextContent().strip();
    }
}
