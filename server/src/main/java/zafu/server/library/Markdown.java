package zafu.server.library;

import java.util.List;
import java.util.regex.Pattern;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.commonmark.renderer.text.TextContentRenderer;
import org.owasp.html.HtmlPolicyBuilder;
import org.owasp.html.PolicyFactory;

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
    private static final Pattern OUR_PICTURE = Pattern.compile("file:\\d{1,18}|/api/(library|my)/files/\\d{1,18}");
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

    /** For whom the page is, which decides where its pictures come from. */
    public enum Reader {
        ADULT("/api/library/files/"),
        STUDENT("/api/my/files/");

        private final String files;

        Reader(String files) {
            this.files = files;
        }
    }

    public static String html(String markdown, Reader reader) {
        String harmless = HARMLESS.sanitize(RENDERER.render(PARSER.parse(markdown)));
        return harmless.replaceAll("src=\"file:(\\d{1,18})\"", "src=\"" + reader.files + "$1\"");
    }

    /** As {@link #html}, without the paragraph around a single line. */
    public static String inline(String markdown, Reader reader) {
        String html = html(markdown, reader).strip();
        boolean onePart = html.startsWith("<p>") && html.endsWith("</p>") && html.indexOf("<p>", 1) < 0;
        return onePart ? html.substring(3, html.length() - 4) : html;
    }

    /** The words alone. */
    public static String plain(String markdown) {
        return PLAIN.render(PARSER.parse(markdown)).strip();
    }
}
