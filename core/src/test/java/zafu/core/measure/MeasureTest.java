package zafu.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureTest {
    private static final LocalDate TODAY = LocalDate.of(2027, 2, 9);

    @Test
    void theLatestValueCountsAndOfOneDateTheLaterEntered() {
        List<Observation> seen = List.of(
                Observation.of(TODAY.minusDays(7), 571),
                Observation.of(TODAY.minusDays(90), 540),
                Observation.of(TODAY.minusDays(7), 575));
        assertThat(CountingValue.latest(seen, TODAY, 120))
                .isEqualTo(new CountingValue.Counts(575, TODAY.minusDays(7), false));
    }

    @Test
    void aValueBeyondItsShelfLifeStillCountsAndIsStale() {
        assertThat(CountingValue.latest(List.of(Observation.of(TODAY.minusDays(121), 540)), TODAY, 120))
                .isEqualTo(new CountingValue.Counts(540, TODAY.minusDays(121), true));
        assertThat(CountingValue.latest(List.of(Observation.of(TODAY.minusDays(120), 540)), TODAY, 120))
                .isEqualTo(new CountingValue.Counts(540, TODAY.minusDays(120), false));
    }

    @Test
    void withoutAValueNothingIsGuessed() {
        assertThat(CountingValue.latest(List.of(), TODAY, 120)).isEqualTo(new CountingValue.NoObservation());
        assertThat(CountingValue.latest(List.of(Observation.notAssessed(TODAY, "abs")), TODAY, 120))
                .isEqualTo(new CountingValue.NeverAssessed(TODAY));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "571|571",
                "7,5|7.5",
                "7.5|7.5",
                "-3|-3",
                "1.234,5|1234.5",
                "1,234.5|1234.5",
                "' 604 '|604",
                "1 234|1234",
                "1'234.5|1234.5",
                "1,234,567|1234567",
                "0,125|0.125"
            })
    void scoresAreReadWithCommaOrPoint(String typed, double value) {
        assertThat(ScoreText.read(typed)).isEqualTo(new ScoreText.Score(value));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "abs", "ABS", "n/a", "N/A", "-", "–"})
    void blanksAndDashesAreNotAssessed(String typed) {
        assertThat(ScoreText.read(typed)).isInstanceOf(ScoreText.NotAssessed.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"57l", "1,2,3", "12-14", "=1+1", "NaN", "5'3", "12 5", "3/4", "<20"})
    void anythingElseIsKeptAsTypedForTheMessage(String typed) {
        assertThat(ScoreText.read(typed)).isEqualTo(new ScoreText.Unreadable(typed));
    }

    @Test
    void aScaleSaysWhatIsWrongWithAValue() {
        NumericScale scale = new NumericScale(0, 1200, 0, Better.HIGHER, OptionalDouble.of(22));
        assertThat(scale.check(1200)).isEqualTo(NumericScale.Fit.FITS);
        assertThat(scale.check(1201)).isEqualTo(NumericScale.Fit.OUT_OF_RANGE);
        assertThat(scale.check(571.5)).isEqualTo(NumericScale.Fit.TOO_MANY_DECIMALS);
    }
}
