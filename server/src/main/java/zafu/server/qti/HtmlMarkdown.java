package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.helper.W3CDom;
import org.jsoup.nodes.Document;
import org.jsoup.select.NodeFilter;
import org.jsoup.select.NodeTraversor;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import zafu.server.library.Markdown;
import zafu.server.platform.Bounds;

/**
 * Turns (X)HTML into the Markdown that says the same. Scripts and styles are dropped; what shows something that Markdown
 * cannot show is refused, so that nothing is silently lost.
 */
final class HtmlMarkdown {
    private static final Set<String> DROPPED =
            Set.of("script", "style", "link", "meta", "title", "head", "stylesheet", "noscript", "template");
    private static final Set<String> CANNOT = Set.of(
            "object",
            "video",
            "audio",
            "iframe",
            "embed",
            "applet",
            "form",
            "input",
            "select",
            "textarea",
            "svg",
            "math",
            "canvas",
            "printedVariable",
            "feedbackInline",
            "feedbackBlock",
            "templateInline",
            "templateBlock",
            "include");
    private static final Set<String> BLOCKS = Set.of(
            "p",
            "div",
            "section",
            "article",
            "main",
            "body",
            "html",
            "header",
            "footer",
            "blockquote",
            "pre",
            "ul",
            "ol",
            "table",
            "hr",
            "h1",
            "h2",
            "h3",
            "h4",
            "h5",
            "h6",
            "dl",
            "figure",
            "prompt",
            "figcaption",
            "address",
            "nav",
            "itemBody",
            "contentBody",
            "stimulusBody",
            "aside");
    private static final Pattern SPECIAL = Pattern.compile("([\\\\`*_\\[\\]<>#|~])");
    private final Function<String, String> pictures;
    private boolean escaping;

    /** @param pictures from the address in the page to that in Markdown; throws {@link CannotTake} for one that is not there */
    HtmlMarkdown(Function<String, String> pictures) {
        this.pictures = pictures;
    }

    /** @throws CannotTake that names the element with no place in Markdown */
    String of(List<? extends Node> nodes) {
        escaping = false;
        String plain = blocks(nodes);
        escaping = true;
        String escaped = blocks(nodes);
        // Signs that mean something in Markdown are only escaped where they would be taken to mean it.
        return words(Markdown.plain(plain)).equals(words(Markdown.plain(escaped))) ? plain : escaped;
    }

    private static String words(String text) {
        return text.replaceAll("\\s+", " ");
    }

    /** As {@link #of}, for a page as it is written. */
    String ofPage(String html) {
        Document page = parsed(html);
        page.select("script, style, noscript, template, head").remove();
        org.w3c.dom.Document document = new W3CDom().namespaceAware(false).fromJsoup(page);
        return of(List.of(document.getDocumentElement()));
    }

    /** @throws CannotTake for more than can be held as a tree, or read down to its leaves */
    static Document parsed(String html) {
        if (html.length() > Bounds.PAGE_LETTERS) {
            throw new CannotTake(inWords("qti.it-is-longer-than-half-a-million"));
        }
        Document page = Jsoup.parse(html);
        NodeTraversor.filter(
                (node, depth) -> {
                    if (depth > Bounds.TREE_DEPTH) {
                        throw new CannotTake(
                                inWords("qti.its-elements-lie-within-each-other", "most", Bounds.TREE_DEPTH));
                    }
                    return NodeFilter.FilterResult.CONTINUE;
                },
                page);
        return page;
    }

    private String blocks(List<? extends Node> nodes) {
        List<String> blocks = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (Node node : nodes) {
            if (node instanceof Element element
                            && BLOCKS.contains(Xml.name(element).toLowerCase(Locale.ROOT))
                    || node instanceof Element other && BLOCKS.contains(Xml.name(other))) {
                flush(line, blocks);
                String block = block((Element) node);
                if (!block.isBlank()) {
                    blocks.add(block);
                }
            } else {
                line.append(inline(node));
            }
        }
        flush(line, blocks);
        return String.join("\n\n", blocks);
    }

    private static void flush(StringBuilder line, List<String> blocks) {
        String text = tidy(line.toString());
        if (!text.isBlank()) {
            blocks.add(text);
        }
        line.setLength(0);
    }

    private static String tidy(String inline) {
        return inline.lines()
                .map(each -> each.replaceAll("[ \\t]+", " ").strip())
                .collect(Collectors.joining("\n"))
                .strip();
    }

    private String block(Element element) {
        String name = Xml.name(element);
        return switch (name) {
            case "ul" -> list(element, false);
            case "ol" -> list(element, true);
            case "hr" -> "---";
            case "h1", "h2", "h3", "h4", "h5", "h6" ->
                "#".repeat(Math.min(4, name.charAt(1) - '0')) + " "
                        + blocks(Xml.nodes(element)).replace("\n", " ");
            case "blockquote" -> prefixed(blocks(Xml.nodes(element)), "> ", "> ");
            case "pre" -> "```\n" + element.getTextContent().stripTrailing() + "\n```";
            case "table" -> table(element);
            case "dl" -> throw new CannotTake(inWords("qti.it-holds-a-list-of-definitions"));
            default -> blocks(Xml.nodes(element));
        };
    }

    private String list(Element element, boolean numbered) {
        List<String> lines = new ArrayList<>();
        for (Element item : Xml.children(element, "li")) {
            String mark = numbered ? (lines.size() + 1) + ". " : "- ";
            lines.add(prefixed(blocks(Xml.nodes(item)), mark, " ".repeat(mark.length())));
        }
        return String.join("\n", lines);
    }

    private static String prefixed(String block, String first, String others) {
        String[] lines = block.split("\n", -1);
        StringBuilder out = new StringBuilder(first).append(lines[0]);
        for (int i = 1; i < lines.length; i++) {
            out.append('\n').append(lines[i].isEmpty() && others.isBlank() ? "" : others + lines[i]);
        }
        return out.toString();
    }

    private String table(Element table) {
        List<List<String>> rows = new ArrayList<>();
        if (!Xml.below(table, "table").isEmpty()) {
            throw new CannotTake(inWords("qti.it-holds-a-table-within-a-table"));
        }
        for (Element row : Xml.below(table, "tr")) {
            List<String> cells = new ArrayList<>();
            for (Element cell : Xml.children(row)) {
                if (cell.hasAttribute("colspan") || cell.hasAttribute("rowspan")) {
                    throw new CannotTake(inWords("qti.it-holds-a-table-with-cells-that"));
                }
                cells.add(blocks(Xml.nodes(cell)).replace("\n", " "));
            }
            rows.add(cells);
        }
        if (rows.isEmpty()) {
            return "";
        }
        List<String> lines = new ArrayList<>();
        lines.add(row(rows.get(0)));
        lines.add(row(rows.get(0).stream().map(cell -> "---").toList()));
        rows.subList(1, rows.size()).forEach(cells -> lines.add(row(cells)));
        return String.join("\n", lines);
    }

    private static String row(List<String> cells) {
        return "| " + String.join(" | ", cells) + " |";
    }

    private String inline(Node node) {
        if (!(node instanceof Element element)) {
            return node.getNodeType() == Node.TEXT_NODE || node.getNodeType() == Node.CDATA_SECTION_NODE
                    ? written(node.getTextContent().replaceAll("\\s+", " "))
                    : "";
        }
        String name = Xml.name(element);
        if (DROPPED.contains(name)) {
            return "";
        }
        if (CANNOT.contains(name)) {
            throw new CannotTake(inWords("qti.it-holds-which-cannot-be-shown", "name", name));
        }
        return switch (name) {
            case "br" -> "\n";
            case "em", "i", "cite", "dfn" -> wrapped("*", element);
            case "strong", "b" -> wrapped("**", element);
            case "code", "kbd", "samp", "tt" -> "`" + element.getTextContent() + "`";
            case "sup", "sub" -> "<" + name + ">" + inlineAll(element) + "</" + name + ">";
            case "a" -> link(element);
            case "img" ->
                "![" + element.getAttribute("alt").replaceAll("[\\[\\]]", "") + "]("
                        + pictures.apply(element.getAttribute("src")) + ")";
            default -> inlineAll(element);
        };
    }

    private String inlineAll(Element element) {
        // A block within a line, as some editors write it, is read as a line of its own.
        return Xml.nodes(element).stream().map(this::inline).collect(Collectors.joining());
    }

    private String wrapped(String mark, Element element) {
        String inside = inlineAll(element);
        String core = inside.strip();
        if (core.isEmpty()) {
            return inside;
        }
        int start = inside.indexOf(core);
        return inside.substring(0, start) + mark + core + mark + inside.substring(start + core.length());
    }

    private String link(Element element) {
        String address = element.getAttribute("href");
        String text = inlineAll(element);
        return address.matches("https?://\\S+") ? "[" + text + "](" + address + ")" : text;
    }

    private String written(String text) {
        return escaping ? SPECIAL.matcher(text).replaceAll("\\\\$1") : text;
    }
}
