package zafu.server.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.measure.Measures.MeasureCard;

/** What a person typed as a score. */
class TypedScoreTest {
    private static final MeasureCard POINTS = card(0, 60, 1, List.of());
    private static final MeasureCard WHOLE = card(-10, 1200, 0, List.of());
    private static final MeasureCard LEVELS = card(0, 2, 0, List.of("A", "B", "at home"));

    private static MeasureCard card(double lowest, double highest, int decimals, List<String> levels) {
        return new MeasureCard(
                1, "m", "", lowest, highest, decimals, false, null, levels, "LATEST", null, 120, false, null);
    }

    @ParameterizedTest
    @CsvSource({"12, 12", "12.5, 12.5", "'12,5', 12.5", "' 12 ', 12", "'0', 0", "60, 60", "+5, 5", "60.0, 60"})
    void numbersAreReadWithPointOrComma(String typed, double value) {
        assertThat(TypedScore.read(typed, POINTS).value()).isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource({"'1,200.0', 1200", "'1.200,0', 1200", "-7, -7", "−7, -7", "1 200, 1200"})
    void thousandsAndMinusSignsAreReadAsTheyAreMeant(String typed, double value) {
        assertThat(TypedScore.read(typed, WHOLE).value()).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "-", "–", "abs", "ABSENT", "n/a", "N.A.", "exempt", "not assessed"})
    void wordsForNothingAreNotAssessed(String typed) {
        assertThat(TypedScore.read(typed, POINTS).isNotAssessed()).isTrue();
        assertThat(TypedScore.read(typed, LEVELS).isNotAssessed()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "61, is outside 0 to 60",
        "-1, is outside 0 to 60",
        "12.55, should have 1 decimals at most",
        "twelve, is no number",
        "12/60, is no number",
        "1O, is no number",
        "1e3, is no number",
        "NaN, is no number"
    })
    void whatCannotBeSaysWhy(String typed, String fault) {
        TypedScore read = TypedScore.read(typed, POINTS);
        assertThat(read.fault()).isEqualTo(fault);
        assertThat(read.value()).isNull();
        assertThat(read.isNotAssessed()).isFalse();
    }

    @Test
    void aWholeScaleTakesWholeNumbers() {
        assertThat(TypedScore.read("7.5", WHOLE).fault()).isEqualTo("should be a whole number");
        assertThat(TypedScore.read("7.0", WHOLE).value()).isEqualTo(7);
    }

    @ParameterizedTest
    @CsvSource({"A, 0", "b, 1", "' At Home ', 2"})
    void levelsAreReadByName(String typed, double place) {
        assertThat(TypedScore.read(typed, LEVELS).value()).isEqualTo(place);
    }

    @ParameterizedTest
    @ValueSource(strings = {"C", "1", "AB", "at"})
    void whatIsNoLevelSaysWhichThereAre(String typed) {
        assertThat(TypedScore.read(typed, LEVELS).fault()).isEqualTo("is no level from A to at home");
    }

    @ParameterizedTest
    @CsvSource({"12, 12", "12.5, 12.5", "0, 0", "60, 60"})
    void whatIsShownIsReadAgain(double value, String shown) {
        assertThat(TypedScore.shown(value, POINTS)).isEqualTo(shown);
        assertThat(TypedScore.read(shown, POINTS).value()).isEqualTo(value);
    }

    @Test
    void everyLevelIsShownByTheNameItIsReadBy() {
        for (int place = 0; place < LEVELS.levels().size(); place++) {
            String shown = TypedScore.shown(place, LEVELS);
            assertThat(TypedScore.read(shown, LEVELS).value()).isEqualTo(place);
        }
    }
}
