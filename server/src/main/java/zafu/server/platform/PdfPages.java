package zafu.server.platform;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Bidi;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;

/** Makes PDFs from our own well-formed HTML, with the typefaces that ship with the application. */
public final class PdfPages {
    private PdfPages() {}

    /** @param html well-formed, with a {@code style} element in its head */
    public static byte[] of(String html) {
        PdfRendererBuilder builder = new PdfRendererBuilder().useFastMode();
        Set<Typefaces> faces = Typefaces.neededFor(html);
        faces.forEach(face -> add(builder, face));
        if (Bidi.requiresBidi(html.toCharArray(), 0, html.length())) {
            builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
            builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
        }
        String families = faces.stream().map(Typefaces::family).collect(Collectors.joining(", "));
        builder.withHtmlContent(html.replaceFirst("<style>", "<style>body { font-family: " + families + "; }"), null);
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        builder.toStream(pdf);
        try {
            builder.run();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return pdf.toByteArray();
    }

    private static void add(PdfRendererBuilder builder, Typefaces face) {
        builder.useFont(() -> face.open(false), face.family(), 400, FontStyle.NORMAL, true);
        if (face.hasBold()) {
            builder.useFont(() -> face.open(true), face.family(), 700, FontStyle.NORMAL, true);
        }
    }

    /** The text without letters that none of our typefaces has; where nothing is left, a line to write on by hand. */
    public static String printable(String text) {
        String kept = text.codePoints()
                .mapToObj(Character::toString)
                .filter(Typefaces::haveAll)
                .collect(Collectors.joining())
                .strip();
        return kept.isEmpty() ? "______________" : kept;
    }

    /** Whether all of a text can be printed. */
    public static boolean isPrintable(String text) {
        return Typefaces.haveAll(text);
    }

    /** {@link #printable} text as it stands in HTML; nothing stays nothing. */
    public static String text(String text) {
        return text.isBlank() ? "" : HtmlUtils.htmlEscape(printable(text), "UTF-8");
    }
}
