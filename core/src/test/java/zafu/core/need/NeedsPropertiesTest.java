package zafu.core.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of needs however they were granted: in any order, twice, or with more on top. */
class NeedsPropertiesTest {
    private static final LocalDate DAY = LocalDate.parse("2027-02-09");
    private static final List<Support> WITH_AMOUNT = List.of(
            Support.EXTENDED_TIME, Support.EXTRA_DAYS, Support.BREAKS, Support.FEWER_CHOICES, Support.FEWER_QUESTIONS);
    private static final List<Support> ALONE =
            List.of(Support.UNTIMED, Support.READ_ALOUD, Support.LARGE_TEXT, Support.SEPARATE_PLACE);

    private final Accommodation.Work work = new Accommodation.Work(WorkKind.PRACTICE, "science");

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    private static List<Accommodation> granted(Random random) {
        List<Accommodation> all = new ArrayList<>();
        int count = random.nextInt(9);
        for (int i = 0; i < count; i++) {
            all.add(one(random));
        }
        return all;
    }

    private static Accommodation one(Random random) {
        boolean counted = random.nextBoolean();
        Support support =
                counted ? WITH_AMOUNT.get(random.nextInt(WITH_AMOUNT.size())) : ALONE.get(random.nextInt(ALONE.size()));
        Set<WorkKind> works = random.nextInt(3) == 0 ? EnumSet.of(WorkKind.values()[random.nextInt(5)]) : Set.of();
        return new Accommodation(
                support,
                counted ? Optional.of(amount(support, random)) : Optional.empty(),
                "",
                works,
                random.nextInt(4) == 0 ? Set.of("mathematics") : Set.of(),
                random.nextInt(4) == 0 ? Optional.of(DAY.plusDays(random.nextInt(5) - 2)) : Optional.empty(),
                random.nextInt(4) == 0 ? Optional.of(DAY.plusDays(random.nextInt(5) - 2)) : Optional.empty());
    }

    private static BigDecimal amount(Support support, Random random) {
        return support == Support.EXTENDED_TIME
                ? BigDecimal.valueOf(110 + random.nextInt(290), 2)
                : BigDecimal.valueOf(1 + random.nextInt(9));
    }

    private NeedsForWork sum(List<Accommodation> all) {
        return NeedsForWork.of(all, work, DAY);
    }

    private static String said(NeedsForWork needs) {
        List<BigDecimal> factors = new ArrayList<>(needs.time().factors());
        Collections.sort(factors);
        StringBuilder said = new StringBuilder()
                .append(needs.time().untimed())
                .append(factors)
                .append(needs.extraDays())
                .append(needs.questionsLeft(20));
        for (Support each : Support.values()) {
            said.append(each).append(needs.has(each)).append(needs.amountOf(each));
        }
        return said.toString();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOrderOfGrantingSaysNothing(long seed) {
        Random random = new Random(seed);
        List<Accommodation> all = granted(random);
        List<Accommodation> shuffled = new ArrayList<>(all);
        Collections.shuffle(shuffled, random);
        assertThat(said(sum(shuffled))).isEqualTo(said(sum(all)));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreThatIsGrantedIsNeverLess(long seed) {
        Random random = new Random(seed);
        List<Accommodation> some = granted(random);
        List<Accommodation> more = new ArrayList<>(some);
        more.add(one(random));
        NeedsForWork before = sum(some);
        NeedsForWork after = sum(more);
        assertThat(after.extraDays()).isGreaterThanOrEqualTo(before.extraDays());
        assertThat(after.questionsLeft(20)).isLessThanOrEqualTo(before.questionsLeft(20));
        assertThat(after.time().factors()).containsAll(before.time().factors());
        assertThat(after.time().untimed() || !before.time().untimed()).isTrue();
        for (Support each : Support.values()) {
            assertThat(after.has(each) || !before.has(each)).as(each.name()).isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatCountsIsInForceAndCoversTheWork(long seed) {
        List<Accommodation> all = granted(new Random(seed));
        NeedsForWork needs = sum(all);
        assertThat(needs.counting())
                .allSatisfy(each ->
                        assertThat(each.isInForceOn(DAY) && each.covers(work)).isTrue())
                .isSubsetOf(all);
        assertThat(needs.counting().stream().map(Accommodation::support).distinct())
                .containsExactlyInAnyOrderElementsOf(all.stream()
                        .filter(each -> each.isInForceOn(DAY) && each.covers(work))
                        .map(Accommodation::support)
                        .distinct()
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void someOfTheQuestionsAreLeftAndNeverMoreThanAll(long seed) {
        Random random = new Random(seed);
        int all = 1 + random.nextInt(60);
        int percent = 1 + random.nextInt(100);
        int left = NeedsForWork.questionsLeft(all, percent);
        assertThat(left).isBetween(1, all);
        // The smallest whole number that is at least the share.
        assertThat(left * 100).isGreaterThanOrEqualTo(all * percent);
        assertThat((left - 1) * 100).isLessThan(all * percent);
    }
}
