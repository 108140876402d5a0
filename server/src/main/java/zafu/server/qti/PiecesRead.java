package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import zafu.server.library.QuestionBody.Piece;

/** Reads running text with something in it to fill in or to choose, as pieces. */
final class PiecesRead {
    private static final Set<String> BLOCKS = Set.of("p", "div", "blockquote", "li", "h1", "h2", "h3", "h4");
    private static final Set<String> PLAIN =
            Set.of("p", "div", "blockquote", "span", "br", "itemBody", "ul", "ol", "li");
    private final List<String> changes;
    private final Function<Element, Piece> special;
    private final List<Piece> pieces = new ArrayList<>();
    private final StringBuilder text = new StringBuilder();

    private PiecesRead(List<String> changes, Function<Element, Piece> special) {
        this.changes = changes;
        this.special = special;
    }

    /**
     * @param changes is told of what is left out
     * @param special the piece for an interaction or a hot text within
     */
    static List<Piece> of(Element whole, List<String> changes, Function<Element, Piece> special) {
        PiecesRead reading = new PiecesRead(changes, special);
        reading.readInside(whole);
        reading.flush(true);
        return reading.pieces;
    }

    private void readInside(Element parent) {
        Xml.nodes(parent).forEach(this::read);
    }

    private void read(Node node) {
        if (!(node instanceof Element element)) {
            text.append(node.getTextContent().replaceAll("\\s+", " "));
            return;
        }
        String name = Xml.name(element);
        if (name.endsWith("Interaction") || name.equals("hottext")) {
            flush(false);
            pieces.add(special.apply(element));
        } else if (name.equals("br")) {
            text.append('\n');
        } else if (name.equals("prompt") || name.equals("rubricBlock")) {
            return;
        } else if (PLAIN.contains(name) || BLOCKS.contains(name)) {
            if (BLOCKS.contains(name)
                    && !(text.isEmpty() && pieces.isEmpty())
                    && !text.toString().isBlank()) {
                text.append('\n');
            }
            readInside(element);
        } else if (Set.of("em", "i", "strong", "b", "cite").contains(name)) {
            String noEmphasis = inWords("qti.emphasis-within-its-text-is-left-out");
            if (!changes.contains(noEmphasis)) {
                changes.add(noEmphasis);
            }
            readInside(element);
        } else {
            throw new CannotTake(inWords("qti.its-text-holds-which-cannot-be", "name", name));
        }
    }

    private void flush(boolean atEnd) {
        String found = text.toString().replaceAll("[ \\t]+", " ").replaceAll(" ?\n ?", "\n");
        text.setLength(0);
        if (pieces.isEmpty()) {
            found = found.stripLeading();
        }
        if (atEnd) {
            found = found.stripTrailing();
        }
        if (!found.isEmpty()) {
            pieces.add(new Piece(found, null, null, null));
        }
    }
}
