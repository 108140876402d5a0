package zafu.server.platform;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;

/** Makes PDFs from our own well-formed HTML, with the fonts that ship with the application. */
public final class PdfPages {
    private static final List<String> REGULAR = List.of("atkinson-latin-400", "atkinson-latin-ext-400");
    private static final List<String> BOLD = List.of("atkinson-latin-700", "atkinson-latin-ext-700");
    private static final String FALLBACK = "dejavu";
    private static final String FAMILIES = "body { font-family: atkinson-latin, atkinson-latin-ext, dejavu; }";

    private PdfPages() {}

    /** Fonts that are asked whether they have a letter; loaded when first needed. */
    private static final class Letters {
        private static final List<Font> FONTS = List.of(load(REGULAR.get(0)), load(REGULAR.get(1)), load(FALLBACK));

        private static Font load(String name) {
            try (InputStream in = open(name)) {
                return Font.createFont(Font.TRUETYPE_FONT, in);
            } catch (IOException | FontFormatException broken) {
                throw new IllegalStateException("font " + name + " cannot be read", broken);
            }
        }
    }

    /** @param html well-formed, with a {@code style} element in its head */
    public static byte[] of(String html) {
        PdfRendererBuilder builder = new PdfRendererBuilder().useFastMode();
        REGULAR.forEach(name -> add(builder, name, 400));
        BOLD.forEach(name -> add(builder, name, 700));
        builder.useFont(() -> open(FALLBACK), FALLBACK, 400, FontStyle.NORMAL, true);
        builder.withHtmlContent(html.replaceFirst("<style>", "<style>" + FAMILIES), null);
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        builder.toStream(pdf);
        try {
            builder.run();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return pdf.toByteArray();
    }

    private static void add(PdfRendererBuilder builder, String name, int weight) {
        String family = name.substring(0, name.lastIndexOf('-'));
        builder.useFont(() -> open(name), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream open(String name) {
        InputStream in = PdfPages.class.getResourceAsStream("/fonts/" + name + ".ttf");
        if (in == null) {
            throw new IllegalStateException("the application has no font " + name);
        }
        return in;
    }

    /** The text without letters that none of our fonts has; where nothing is left, a line to write on by hand. */
    public static String printable(String text) {
        String kept = text.codePoints()
                .filter(letter -> Letters.FONTS.stream().anyMatch(font -> font.canDisplay(letter)))
                .mapToObj(Character::toString)
                .collect(Collectors.joining())
                .strip();
        return kept.isEmpty() ? "______________" : kept;
    }

    /** {@link #printable} text as it stands in HTML; nothing stays nothing. */
    public static String text(String text) {
        return text.isBlank() ? "" : HtmlUtils.htmlEscape(printable(text), "UTF-8");
    }
}
