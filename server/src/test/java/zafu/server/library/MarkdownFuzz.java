package zafu.server.library;

import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;

/** Any words at all as Markdown: shown, and harmless. */
public final class MarkdownFuzz {
    private static final Pattern HARM =
            Pattern.compile("(?i)<script|<iframe|<[a-z]+[^>]* on[a-z]+\\s*=|<[^>]+javascript:");

    private MarkdownFuzz() {}

    public static void fuzzerTestOneInput(byte[] input) {
        String markdown = new String(input, StandardCharsets.UTF_8);
        String html = Markdown.html(markdown);
        Markdown.plain(markdown);
        if (HARM.matcher(html).find()) {
            throw new IllegalStateException("harm comes through: " + html);
        }
    }
}
