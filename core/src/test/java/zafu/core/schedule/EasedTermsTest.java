package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.schedule.TimeLimit.TimeNeeds;

class EasedTermsTest {
    private static final Instant DAY = Instant.parse("2027-02-09T09:00:00Z");
    private static final SchoolCalendar CALENDAR = new SchoolCalendar(
            List.of(new Term(LocalDate.of(2027, 1, 4), LocalDate.of(2027, 6, 30))),
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY),
            Set.of());

    record Given(Terms version, List<Adjustment> adjustments) {}

    static Stream<Given> many() {
        Random random = new Random(41);
        return IntStream.range(0, 200).mapToObj(i -> {
            List<Adjustment> adjustments = new ArrayList<>();
            for (int n = random.nextInt(5); n > 0; n--) {
                adjustments.add(new Adjustment(random.nextInt(4) == 0, own(random)));
            }
            return new Given(
                    new Terms(
                            random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(1 + random.nextInt(60)),
                            false,
                            moment(random),
                            moment(random),
                            moment(random),
                            1 + random.nextInt(3)),
                    adjustments);
        });
    }

    private static OwnTerms own(Random random) {
        return new OwnTerms(
                setting(random, 1 + random.nextInt(60)),
                setting(random, DAY.plusSeconds(random.nextInt(900_000))),
                setting(random, DAY.plusSeconds(random.nextInt(900_000))),
                setting(random, DAY.plusSeconds(random.nextInt(900_000))),
                random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(1 + random.nextInt(4)));
    }

    private static <T> Setting<T> setting(Random random, T value) {
        return switch (random.nextInt(4)) {
            case 0 -> Setting.none();
            case 1 -> Setting.to(value);
            default -> Setting.leaves();
        };
    }

    private static Optional<Instant> moment(Random random) {
        return random.nextInt(3) == 0 ? Optional.empty() : Optional.of(DAY.plusSeconds(random.nextInt(900_000)));
    }

    private static Terms.ForStudent plain(EasedTerms terms) {
        return terms.forStudent(TimeNeeds.NONE, 0, CALENDAR, ZoneOffset.UTC);
    }

    @ParameterizedTest
    @MethodSource("many")
    void noAdjustmentTakesAnythingAway(Given given) {
        Terms eased = given.version().easedBy(given.adjustments()).terms();
        assertThat(eased.minutes().orElse(Integer.MAX_VALUE))
                .isGreaterThanOrEqualTo(given.version().minutes().orElse(Integer.MAX_VALUE));
        assertThat(eased.opens().orElse(Instant.MIN))
                .isBeforeOrEqualTo(given.version().opens().orElse(Instant.MIN));
        assertThat(eased.due().orElse(Instant.MAX))
                .isAfterOrEqualTo(given.version().due().orElse(Instant.MAX));
        assertThat(eased.closes().orElse(Instant.MAX))
                .isAfterOrEqualTo(given.version().closes().orElse(Instant.MAX));
        assertThat(eased.tries()).isGreaterThanOrEqualTo(given.version().tries());
    }

    @ParameterizedTest
    @MethodSource("many")
    void theOrderOfAdjustmentsDoesNotMatter(Given given) {
        List<Adjustment> turned = new ArrayList<>(given.adjustments());
        Collections.reverse(turned);
        EasedTerms one = given.version().easedBy(given.adjustments());
        EasedTerms other = given.version().easedBy(turned);
        assertThat(plain(other)).isEqualTo(plain(one));
    }

    @ParameterizedTest
    @MethodSource("many")
    void nothingIsCalledEasedThatStayedAsItWas(Given given) {
        EasedTerms eased = given.version().easedBy(given.adjustments());
        if (!eased.changed().contains(TermPart.DUE)) {
            assertThat(eased.terms().due()).isEqualTo(given.version().due());
        }
        if (!eased.changed().contains(TermPart.MINUTES)) {
            assertThat(eased.terms().minutes()).isEqualTo(given.version().minutes());
        }
        if (given.adjustments().isEmpty()) {
            assertThat(eased.changed()).isEmpty();
        }
    }

    @Test
    void aTimeTypedByNameBeatsALongerOneAndIsNotMultiplied() {
        Terms twenty = new Terms(OptionalInt.of(20), false, Optional.empty(), Optional.empty(), Optional.empty(), 1);
        List<Adjustment> both = List.of(minutes(false, Setting.to(40)), minutes(true, Setting.to(25)));
        TimeLimit time = twenty.easedBy(both)
                .forStudent(new TimeNeeds(false, List.of(new BigDecimal("1.5"))), 0, CALENDAR, ZoneOffset.UTC)
                .time();
        assertThat(time).isEqualTo(new TimeLimit.ForThisStudent(OptionalInt.of(25)));
    }

    @Test
    void noLimitTypedByNameIsNoLimit() {
        Terms twenty = new Terms(OptionalInt.of(20), false, Optional.empty(), Optional.empty(), Optional.empty(), 1);
        TimeLimit time =
                plain(twenty.easedBy(List.of(minutes(true, Setting.none())))).time();
        assertThat(time).isEqualTo(new TimeLimit.ForThisStudent(OptionalInt.empty()));
    }

    private static Adjustment minutes(boolean byName, Setting<Integer> minutes) {
        return new Adjustment(
                byName,
                new OwnTerms(minutes, Setting.leaves(), Setting.leaves(), Setting.leaves(), OptionalInt.empty()));
    }
}
