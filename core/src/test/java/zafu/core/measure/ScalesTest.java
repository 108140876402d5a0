package zafu.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.skill.SkillStatus;

/** Rules 1 and 5 on many made-up values: what must hold whatever they are. */
class ScalesTest {
    private static List<Double> ascending(Random random, int count) {
        List<Double> cuts = new ArrayList<>();
        double last = 0;
        for (int i = 0; i < count; i++) {
            last += 1 + random.nextInt(50);
            cuts.add(last);
        }
        return cuts;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void aBetterValueIsNeverInAWeakerBand(long seed) {
        Random random = new Random(seed);
        List<Double> scores = ascending(random, 1 + random.nextInt(5));
        for (boolean lowerIsBetter : new boolean[] {false, true}) {
            Cuts cuts = new Cuts(scores, Better.of(lowerIsBetter));
            for (int i = 0; i < 200; i++) {
                double a = random.nextInt(300);
                double b = random.nextInt(300);
                boolean aIsBetter = lowerIsBetter ? a < b : a > b;
                if (aIsBetter) {
                    assertThat(cuts.bandOf(a)).isGreaterThanOrEqualTo(cuts.bandOf(b));
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void lowerIsBetterIsTheMirrorOfHigherIsBetter(long seed) {
        Random random = new Random(seed);
        List<Double> scores = ascending(random, 4);
        List<Double> mirrored = scores.stream().map(cut -> -cut).sorted().toList();
        for (int value = 0; value < 250; value++) {
            assertThat(new Cuts(scores, Better.LOWER).bandOf(value))
                    .isEqualTo(new Cuts(mirrored, Better.HIGHER).bandOf(-value));
        }
    }

    @Test
    void bandsAreCountedFromNoneToAll() {
        Cuts cuts = new Cuts(List.of(10.0, 20.0), Better.HIGHER);
        assertThat(cuts.bandOf(9.99)).isZero();
        assertThat(cuts.bandOf(10)).isEqualTo(1);
        assertThat(cuts.bandOf(20)).isEqualTo(2);
        assertThat(new Cuts(List.of(), Better.HIGHER).bandOf(5)).isZero();
        assertThatThrownBy(() -> new Cuts(List.of(20.0, 20.0), Better.HIGHER)).hasMessageContaining("cuts ascend");
    }

    @ParameterizedTest
    @CsvSource({
        "0, FITS",
        "100, FITS",
        "99.5, FITS",
        "99.55, TOO_MANY_DECIMALS",
        "-0.5, OUT_OF_RANGE",
        "100.5, OUT_OF_RANGE",
        "0.1, FITS",
        "0.30000000000000004, FITS"
    })
    void aValueFitsItsRangeAndDecimals(double value, NumericScale.Fit fit) {
        assertThat(new NumericScale(0, 100, 1, Better.HIGHER, OptionalDouble.empty()).check(value))
                .isEqualTo(fit);
    }

    @Test
    void aScaleThatHasNoWidthIsNone() {
        assertThatThrownBy(() -> new NumericScale(5, 5, 0, Better.HIGHER, OptionalDouble.empty()))
                .hasMessageContaining("does not lie below");
        assertThatThrownBy(() -> new NumericScale(0, 5, -1, Better.HIGHER, OptionalDouble.empty()))
                .hasMessageContaining("is negative");
        assertThatThrownBy(() -> new WhichCounts.MeanOfLast(1)).hasMessageContaining("2 at least");
    }

    @ParameterizedTest
    @CsvSource({
        "2026-08-01, AUTUMN",
        "2026-11-30, AUTUMN",
        "2026-12-01, WINTER",
        "2027-01-15, WINTER",
        "2027-03-31, WINTER",
        "2027-04-01, SPRING",
        "2027-07-31, SPRING"
    })
    void everyDayHasItsSeason(LocalDate day, Season season) {
        assertThat(Season.of(day)).isEqualTo(season);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void onlyTheLastTwoSharesDecideAStatus(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 100; i++) {
            List<Double> shares = new ArrayList<>();
            for (int j = 0; j < 6; j++) {
                shares.add(random.nextInt(21) / 20.0);
            }
            assertThat(SkillStatus.of(shares, false)).isEqualTo(SkillStatus.of(shares.subList(4, 6), false));
            assertThat(SkillStatus.of(shares, true)).isEqualTo(SkillStatus.ABOVE);
        }
    }

    @Test
    void aBetterLastShareNeverMakesTheStatusWorse() {
        for (int before = 0; before <= 20; before++) {
            int worst = Integer.MIN_VALUE;
            for (int last = 0; last <= 20; last++) {
                SkillStatus status = SkillStatus.of(List.of(before / 20.0, last / 20.0), false);
                int rank = -status.ordinal();
                assertThat(rank).isGreaterThanOrEqualTo(worst);
                worst = rank;
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "ABOVE, true",
        "SECURE, true",
        "NEARLY, false",
        "PRACTISING, false",
        "NOT_YET, false",
        "NOT_ASSESSED, false"
    })
    void onlyAboveAndSecureCountAsHeld(SkillStatus status, boolean held) {
        assertThat(status.isHeld()).isEqualTo(held);
    }
}
