package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is printed in which script. */
class PdfPagesTest {
    private static PDDocument page(String name) throws IOException {
        return Loader.loadPDF(PdfPages.of("<html><head><style>p { font-size: 12pt; }</style></head><body><p>"
                + PdfPages.text(name) + "</p></body></html>"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Zoë Ŵren-Łuk",
                "Ελένη Παππά",
                "Олена Коваль",
                "小林 桜",
                "陈晓明",
                "陳曉明",
                "はな カナ",
                "김민준",
                "שרה כהן",
                "ليلى العربي"
            })
    void aNameInAnyOfTheseScriptsCanBeReadInThePdf(String name) throws IOException {
        assertThat(PdfPages.isPrintable(name)).isTrue();
        try (PDDocument pdf = page(name)) {
            String read = Normalizer.normalize(new PDFTextStripper().getText(pdf), Normalizer.Form.NFKC);
            assertThat(read).contains(name);
        }
    }

    /** Letters of Arabic join: each takes the form that its neighbours ask for, from the right. */
    @Test
    void arabicLettersJoinAndRunFromTheRight() throws IOException {
        List<TextPosition> drawn = drawn("بيت");
        assertThat(drawn).extracting(TextPosition::getUnicode).containsExactly("ﺖ", "ﻴ", "ﺑ");
    }

    /** Devanagari is drawn as syllables: three letters and the sign between them make one sign less than it has letters. */
    @Test
    void signsOfDevanagariBecomeOne() throws IOException {
        assertThat(PdfPages.isPrintable("अनिता शर्मा")).isTrue();
        assertThat(drawn("क्ष")).hasSize(1);
        assertThat(drawn("हिन्दी")).hasSizeLessThan("हिन्दी".length());
    }

    private static List<TextPosition> drawn(String name) throws IOException {
        List<TextPosition> drawn = new ArrayList<>();
        PDFTextStripper stripper = new PDFTextStripper() {
            @Override
            protected void processTextPosition(TextPosition text) {
                drawn.add(text);
            }
        };
        try (PDDocument pdf = page(name)) {
            stripper.getText(pdf);
        }
        return drawn;
    }

    @ParameterizedTest
    @ValueSource(strings = {"สมชาย", "Kofi 🙂", "ரவி"})
    void whatNoTypefaceHasIsKnownBeforeItIsPrinted(String name) {
        assertThat(PdfPages.isPrintable(name)).isFalse();
    }

    @Test
    void signsThatOnlySteerLettersNeedNoTypeface() {
        assertThat(PdfPages.isPrintable("ک\u200cتاب \u200fName\u00a0\u2066x\u2069"))
                .isTrue();
    }
}
