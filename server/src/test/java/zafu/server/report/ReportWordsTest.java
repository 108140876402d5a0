package zafu.server.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
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
