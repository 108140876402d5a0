package zafu.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.core.measure.OddScore.Meaning;

class OddScoreTest {
    private static final NumericScale TO_1200 = new NumericScale(0, 1200, 0, Better.HIGHER, OptionalDouble.empty());

    private static OddScore odd(String typed) {
        return OddScore.of(typed, TO_1200, DecimalMark.UNSURE).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "<200, BELOW, 200",
        "< 200, BELOW, 200",
        "under 200, BELOW, 200",
        ">1100, ABOVE, 1100",
        "1100+, ABOVE, 1100",
        "≥ 1100, ABOVE, 1100",
        ">1300, ABOVE,",
        "3/4, PART, 3",
        "18 out of 20, PART, 18",
        "85 %, PERCENT, 85",
        "9999, OUTSIDE,",
        "-1, OUTSIDE,",
        "12.5, FINER, 12",
        "A+, WORDS,",
        "5/3, WORDS,",
        "3/0, WORDS,",
        "120 %, WORDS,"
    })
    void cellsAreKnownByWhatIsOddAboutThem(String typed, OddScore.Kind kind, Double number) {
        assertThat(odd(typed).kind()).isEqualTo(kind);
        assertThat(odd(typed).number()).isEqualTo(number == null ? OptionalDouble.empty() : OptionalDouble.of(number));
    }

    @ParameterizedTest
    @CsvSource({"588", "0", "1200", "abs", "n/a", "''", "DNF", "' 600 '"})
    void plainValuesAndWhatWasNotMeasuredAreNotOdd(String typed) {
        assertThat(OddScore.of(typed, TO_1200, DecimalMark.UNSURE)).isEmpty();
    }

    @Test
    void aShareIsOfTheHighestValue() {
        assertThat(odd("3/4").valueAs(Meaning.SHARE, TO_1200)).hasValue(900);
        assertThat(odd("85 %").meanings(TO_1200))
                .containsExactly(Meaning.NOTED, Meaning.NUMBER, Meaning.SHARE, Meaning.EMPTY);
        assertThat(odd("A+").meanings(TO_1200)).containsExactly(Meaning.NOTED, Meaning.EMPTY);
    }

    @Test
    void aMarkThatCanBeEitherIsAskedUntilTheColumnSays() {
        NumericScale fine = new NumericScale(0, 5000, 3, Better.HIGHER, OptionalDouble.empty());
        OddScore either = OddScore.of("1,110", fine, DecimalMark.UNSURE).orElseThrow();
        assertThat(either.meanings(fine)).containsExactly(Meaning.THOUSANDS, Meaning.DECIMALS);
        assertThat(OddScore.of("1,110", fine, DecimalMark.POINT)).isEmpty();
    }

    /** Whatever is offered, it is a value that the measure can have. */
    @Test
    void noMeaningLeavesTheScale() {
        Random random = new Random(21);
        List<String> shapes = List.of("<%s", "%s+", "%s/%s", "%s%%", "%s", "%s.%s", "-%s", "x%s");
        for (int i = 0; i < 2000; i++) {
            NumericScale scale = new NumericScale(
                    random.nextInt(3),
                    3 + random.nextInt(200),
                    random.nextInt(3),
                    Better.HIGHER,
                    OptionalDouble.empty());
            String typed =
                    shapes.get(random.nextInt(shapes.size())).formatted(random.nextInt(300), 1 + random.nextInt(300));
            OddScore.of(typed, scale, DecimalMark.POINT).ifPresent(cell -> {
                Set<NumericScale.Fit> fits = cell.meanings(scale).stream()
                        .map(meaning -> cell.valueAs(meaning, scale))
                        .filter(OptionalDouble::isPresent)
                        .map(value -> scale.check(value.getAsDouble()))
                        .collect(Collectors.toSet());
                assertThat(fits).as(typed + " on " + scale).isSubsetOf(NumericScale.Fit.FITS);
            });
        }
    }
}
