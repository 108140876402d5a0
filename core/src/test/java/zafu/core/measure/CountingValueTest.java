package zafu.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.measure.CountingValue.Counting;

/** Rule 1: which value counts. */
class CountingValueTest {
    private static final LocalDate TODAY = LocalDate.parse("2027-02-09");

    private static Observation on(String day, double value) {
        return Observation.of(LocalDate.parse(day), value);
    }

    private static final List<Observation> SEEN =
            List.of(on("2026-09-14", 60), on("2027-02-02", 64), on("2026-11-16", 70), on("2027-02-02", 66));

    private static CountingValue count(WhichCounts which, boolean lowerIsBetter) {
        return CountingValue.of(SEEN, new Counting(which, Better.of(lowerIsBetter), 120), TODAY);
    }

    @Test
    void theLatestDayCountsAndOnItTheLaterEntered() {
        assertThat(count(WhichCounts.latest(), false))
                .isEqualTo(new CountingValue.Counts(66, LocalDate.parse("2027-02-02"), false));
    }

    @Test
    void theBestCountsWithItsOwnDay() {
        assertThat(count(new WhichCounts.Best(), false))
                .isEqualTo(new CountingValue.Counts(70, LocalDate.parse("2026-11-16"), false));
        assertThat(count(new WhichCounts.Best(), true))
                .isEqualTo(new CountingValue.Counts(60, LocalDate.parse("2026-09-14"), true));
    }

    @Test
    void theMeanIsOfTheLastDaysAndOneValueADay() {
        assertThat(count(new WhichCounts.MeanOfLast(2), false))
                .isEqualTo(new CountingValue.Counts(68, LocalDate.parse("2027-02-02"), false));
        assertThat(((CountingValue.Counts) count(new WhichCounts.MeanOfLast(9), false)).value())
                .isEqualTo((60 + 70 + 66) / 3.0);
    }

    @Test
    void daysWithoutAValueDoNotCount() {
        List<Observation> seen =
                List.of(on("2027-01-10", 50), Observation.notAssessed(LocalDate.parse("2027-02-02"), "abs"));
        assertThat(CountingValue.of(seen, new Counting(WhichCounts.latest(), Better.HIGHER, 120), TODAY))
                .isEqualTo(new CountingValue.Counts(50, LocalDate.parse("2027-01-10"), false));
        assertThat(CountingValue.of(
                        seen.subList(1, 2), new Counting(new WhichCounts.Best(), Better.HIGHER, 120), TODAY))
                .isEqualTo(new CountingValue.NeverAssessed(LocalDate.parse("2027-02-02")));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theOrderOfDaysInTheListDoesNotMatter(long seed) {
        List<Observation> days = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            days.add(Observation.of(TODAY.minusDays(7L * i), 40 + (i * 29) % 31));
        }
        List<Observation> shuffled = new ArrayList<>(days);
        Collections.shuffle(shuffled, new Random(seed));
        for (WhichCounts which : List.of(WhichCounts.latest(), new WhichCounts.Best(), new WhichCounts.MeanOfLast(3))) {
            Counting counting = new Counting(which, Better.of(seed % 2 == 0), 120);
            assertThat(CountingValue.of(shuffled, counting, TODAY)).isEqualTo(CountingValue.of(days, counting, TODAY));
        }
    }

    @ParameterizedTest
    @CsvSource({"a, 0", "' B ', 1", "Secure, 2"})
    void aLevelIsItsPlaceInTheList(String typed, int place) {
        LevelScale scale = new LevelScale(List.of("A", "B", "secure"));
        assertThat(scale.placeOf(typed)).hasValue(place);
        assertThat(scale.placeOf("D")).isEmpty();
        assertThat(scale.asNumbers().check(2)).isEqualTo(NumericScale.Fit.FITS);
        assertThat(scale.asNumbers().check(3)).isEqualTo(NumericScale.Fit.OUT_OF_RANGE);
    }

    @Test
    void aScaleHasTwoLevelsThatDiffer() {
        assertThatThrownBy(() -> new LevelScale(List.of("A"))).hasMessageContaining("two at least");
        assertThatThrownBy(() -> new LevelScale(List.of("A", "a"))).hasMessageContaining("there twice");
    }
}
