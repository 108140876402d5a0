package zafu.server.library;

import java.util.List;
import java.util.regex.Pattern;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Document;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.commonmark.renderer.text.TextContentRenderer;
import org.owasp.html.HtmlPolicyBuilder;
import org.owasp.html.PolicyFactory;
import zafu.server.platform.Bounds;

/**
 * Turns Markdown into HTML that can do no harm: no scripts, no styles, no pictures but our own. A picture of the library
 * is written {@code ![a crab](file:12)}.
 */
public final class Markdown {
    private static final List<Extension> EXTENSIONS = List.of(TablesExtension.create());
    private static final Parser PARSER = Parser.builder().extensions(EXTENSIONS).build();
    private static final HtmlRenderer RENDERER =
            HtmlRenderer.builder().extensions(EXTENSIONS).softbreak("<br />").build();
    private static final TextContentRenderer PLAIN =
            TextContentRenderer.builder().extensions(EXTENSIONS).build();
    private static final String FILES = "/api/files/";
    private static final Pattern OUR_PICTURE = Pattern.compile("file:\\d{1,18}|/api/files/\\d{1,18}");
    private static final PolicyFactory HARMLESS = new HtmlPolicyBuilder()
            .allowElements(
                    "p",
                    "br",
                    "hr",
                    "em",
                    "strong",
                    "sup",
                    "sub",
                    "ul",
                    "ol",
                    "li",
                    "h1",
                    "h2",
                    "h3",
                    "h4",
                    "blockquote",
                    "code",
                    "pre",
                    "table",
                    "thead",
                    "tbody",
                    "tr",
                    "th",
                    "td",
                    "a",
                    "img")
            .allowAttributes("start")
            .onElements("ol")
            .allowAttributes("alt")
            .onElements("img")
            .allowAttributes("src")
            .matching(OUR_PICTURE)
            .onElements("img")
            .allowUrlProtocols("http", "https", "file")
            .allowAttributes("href")
            .matching(Pattern.compile("https?://.*"))
            .onElements("a")
            .requireRelNofollowOnLinks()
            .toFactory();

    private Markdown() {}

    /** Where a file of the library is to be had, by whoever may see what holds it. */
    static String addressOf(long fileId) {
        return FILES + fileId;
    }

    /** What lies too deep within itself is taken as plain words: nobody wrote it to be read, and no page could show it. */
    private static Node parsed(String markdown) {
        Node page = PARSER.parse(markdown);
        if (isShallow(page)) {
            return page;
        }
        Document plain = new Document();
        Paragraph words = new Paragraph();
        words.appendChild(new Text(markdown));
        plain.appendChild(words);
        return plain;
    }

    private static boolean isShallow(Node page) {
        int depth = 0;
        Node at = page;
        while (at != null && depth <= Bounds.TREE_DEPTH) {
            if (at.getFirstChild() != null) {
                at = at.getFirstChild();
                depth++;
                continue;
            }
            while (at != null && at.getNext() == null) {
                at = at.getParent();
                depth--;
            }
            at = at == null ? null : at.getNext();
        }
        return depth <= Bounds.TREE_DEPTH;
    }

    public static String html(String markdown) {
        String harmless = HARMLESS.sanitize(RENDERER.render(parsed(markdown)));
        return harmless.replaceAll("src=\"file:(\\d{1,18})\"", "src=\"" + FILES + "$1\"");
    }

    /** As {@link #html}, without the paragraph around a single line. */
    public static String inline(String markdown) {
        String html = html(markdown).strip();
        boolean onePart = html.startsWith("<p>") && html.endsWith("</p>") && html.indexOf("<p>", 1) < 0;
        return onePart ? html.substring(3, html.length() - 4) : html;
    }

    /** The words alone. */
    public static String plain(String markdown) {
        return PLAIN.render(parsed(markdown)).strip();
    }
}
