package zafu.server.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.report.Sheet.SheetTable;

/** Words of reports by language, and tables without empty columns. */
class ReportWordsTest {
    private static ReportWords in(String language) {
        return ReportWords.find(language).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"en, en", "en-GB, en", "English, en", "ES, es", "es_MX, es", " spanish , es", "Español, es"})
    void aLanguageIsKnownByCodeOrName(String called, String code) {
        assertThat(in(called).language()).isEqualTo(code);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Welsh", "est", "e", "spanish and english"})
    void whatIsNoLanguageOfOursIsNotFound(String called) {
        assertThat(ReportWords.find(called)).isEqualTo(Optional.empty());
    }

    @Test
    void numbersDaysAndSharesAreWrittenAsTheLanguageDoes() {
        assertThat(in("en").number(1234.5)).isEqualTo("1,234.5");
        assertThat(in("es").number(0.125)).isEqualTo("0,12");
        assertThat(in("en").day(LocalDate.of(2027, 2, 3))).isEqualTo("3 February 2027");
        assertThat(in("es").day(LocalDate.of(2027, 2, 3))).isEqualTo("3 de febrero de 2027");
        assertThat(in("en").percent(0.666)).isEqualTo("67 %");
    }

    @Test
    void oneIsSaidOtherwiseThanNoneOrMany() {
        assertThat(in("en").counted("group.members", 1)).isEqualTo("One student.");
        assertThat(in("en").counted("group.members", 0)).isEqualTo("0 students.");
        assertThat(in("es").counted("group.members", 12)).isEqualTo("12 estudiantes.");
    }

    @Test
    void anApostropheInAPatternOrInANameStaysOne() {
        assertThat(in("en").of("letter.intro", "O'Dunmore {1}", "Monday", "Friday"))
                .isEqualTo("This is a short account of O'Dunmore {1}'s work from Monday to Friday.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"fr", "es", "ar", "zh"})
    void everyLanguageSaysTheSameThings(String language) throws IOException {
        assertThat(patterns(language).keySet()).isEqualTo(patterns("en").keySet());
        patterns("en")
                .stringPropertyNames()
                .forEach(key -> assertThat(placesIn(language, key)).as(key).isSubsetOf(placesIn("en", key)));
        assertThat(in(language).number(3)).isEqualTo("3");
    }

    private static Properties patterns(String language) throws IOException {
        Properties patterns = new Properties();
        String file = "/reports/" + language + ".properties";
        patterns.load(new InputStreamReader(ReportWords.class.getResourceAsStream(file), StandardCharsets.UTF_8));
        return patterns;
    }

    private static Set<String> placesIn(String language, String key) {
        try {
            Matcher places =
                    Pattern.compile("\\{\\d}").matcher(patterns(language).getProperty(key));
            return places.results().map(MatchResult::group).collect(Collectors.toSet());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Test
    void aLetterFromTheRightIsPrintedWithItsWordsInOrder() throws IOException {
        ReportWords words = in("ar");
        Sheet letter = new Sheet(
                "ar",
                false,
                "Quillmere",
                words.of("letter.title", "Umi"),
                "",
                List.of(words.of("letter.greeting", "Umi"), words.counted("letter.handed-in", 3, 2, "Umi")),
                List.of(),
                "",
                List.of(words.of("letter.regards")));
        try (PDDocument pdf = Loader.loadPDF(SheetPages.pdf(List.of(letter), "A4"))) {
            String read = Normalizer.normalize(new PDFTextStripper().getText(pdf), Normalizer.Form.NFKC);
            assertThat(read).contains("عائلة", "الكريمة", "Umi").doesNotContain("______");
        }
    }

    @Test
    void aKeyWithoutWordsIsAFaultOfTheProgram() {
        assertThatThrownBy(() -> in("en").of("letter.nonsense"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("letter.nonsense");
    }

    @Test
    void columnsInWhichNothingIsWrittenAreLeftOut() {
        SheetTable table = SheetTable.of(
                "Over time",
                List.of("Measured", "First", "Last", "Aim"),
                List.of(List.of("Words", "", "71", ""), List.of("Scale", "", "", "")));
        assertThat(table.columns()).containsExactly("Measured", "Last");
        assertThat(table.rows()).containsExactly(List.of("Words", "71"), List.of("Scale", ""));
    }

    @Test
    void aTableWithoutRowsHasNoColumns() {
        assertThat(SheetTable.of("Nothing", List.of("A", "B"), List.of()).columns())
                .isEmpty();
    }
}
