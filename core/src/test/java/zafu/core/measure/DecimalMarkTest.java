package zafu.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.DoublePredicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How a column's numbers are written is said by all of them together. */
class DecimalMarkTest {
    private static final DoublePredicate ANYTHING = value -> true;

    private static List<String> column(String cells) {
        return Arrays.asList(cells.split(";"));
    }

    @ParameterizedTest
    @CsvSource({
        "'1,110;980', POINT",
        "'1.110;980', COMMA",
        "'1,5;2,25', COMMA",
        "'1.5;2.25', POINT",
        "'1,110;7.5', POINT",
        "'1.110;7,5', COMMA",
        "'1,234,567;1,110', POINT",
        "'0,125;1,110', COMMA",
        "'1,110;1,020', UNSURE",
        "'1,110;2;3', UNSURE",
        "'99.125;100', UNSURE",
        "'7,5;7.5;1,110', UNSURE",
        "'abs;-;1,110', UNSURE",
        "'1,110;1.020', UNSURE"
    })
    void theOtherNumbersOfTheColumnDecide(String cells, DecimalMark mark) {
        assertThat(DecimalMark.of(column(cells), ANYTHING)).isEqualTo(mark);
    }

    @ParameterizedTest
    @CsvSource({"'1,110;1,020', 1200, 0, POINT", "'1,110;1,020', 5, 3, COMMA", "'1.110;1.020', 1200, 0, COMMA"})
    void thenWhatTheMeasureCanBeDecides(String cells, double highest, int decimals, DecimalMark mark) {
        NumericScale scale = new NumericScale(0, highest, decimals, Better.HIGHER, OptionalDouble.empty());
        assertThat(DecimalMark.of(column(cells), value -> scale.check(value) == NumericScale.Fit.FITS))
                .isEqualTo(mark);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void inWhateverOrderTheyStand(long seed) {
        List<String> cells = column("1,110;980;1,020;45;abs;1,199");
        Collections.shuffle(cells, new Random(seed));
        assertThat(DecimalMark.of(cells, ANYTHING)).isEqualTo(DecimalMark.POINT);
    }

    /** Whole scores of a reading scale, written with thousands as some programs do, come back as they were. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void whatAProgramWroteWithThousandsIsReadAsItWas(long seed) {
        Random random = new Random(seed);
        for (Locale locale : List.of(Locale.CANADA, Locale.GERMANY)) {
            List<Integer> scores = random.ints(26, 300, 1200).boxed().toList();
            List<String> written = scores.stream()
                    .map(each -> String.format(locale, "%,d", each))
                    .toList();
            DecimalMark mark = DecimalMark.of(written, value -> value >= 0 && value <= 1200);
            for (int i = 0; i < scores.size(); i++) {
                ScoreText read = ScoreText.read(written.get(i));
                double value = read instanceof ScoreText.Unsure unsure
                        ? mark.valueOf(unsure).orElseThrow()
                        : ((ScoreText.Score) read).value();
                assertThat(value).as(written + "").isEqualTo(scores.get(i).doubleValue());
            }
        }
    }

    @Test
    void whatIsUnsureHasNoValue() {
        assertThat(DecimalMark.UNSURE.valueOf(new ScoreText.Unsure("1,110"))).isEmpty();
    }
}
