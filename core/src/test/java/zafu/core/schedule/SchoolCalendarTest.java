package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.schedule.SchoolCalendar.Moved;

class SchoolCalendarTest {
    private static final LocalDate FIRST = LocalDate.of(2027, 1, 4);
    private static final LocalDate LAST = LocalDate.of(2027, 6, 30);
    private static final ZoneId HALIFAX = ZoneId.of("America/Halifax");

    private static SchoolCalendar weekdays(LocalDate... closed) {
        return new SchoolCalendar(
                List.of(new Term(FIRST, LAST)), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), Set.of(closed));
    }

    private static Instant halifax(String local) {
        return LocalDateTime.parse(local).atZone(HALIFAX).toInstant();
    }

    record Ask(SchoolCalendar calendar, LocalDate from, int days) {}

    static Stream<Ask> manyAsks() {
        Random random = new Random(11);
        return IntStream.range(0, 120).mapToObj(i -> {
            Set<LocalDate> closed = new HashSet<>();
            for (int c = 0; c < random.nextInt(30); c++) {
                closed.add(FIRST.plusDays(random.nextInt(170)));
            }
            EnumSet<DayOfWeek> days =
                    EnumSet.of(DayOfWeek.of(1 + random.nextInt(7)), DayOfWeek.of(1 + random.nextInt(7)));
            List<Term> terms = List.of(
                    new Term(FIRST, FIRST.plusDays(60)),
                    new Term(FIRST.plusDays(75), LAST.minusDays(random.nextInt(20))));
            return new Ask(
                    new SchoolCalendar(terms, days, closed), FIRST.plusDays(random.nextInt(150)), random.nextInt(12));
        });
    }

    @ParameterizedTest
    @MethodSource("manyAsks")
    void betweenADayAndTheOneNTeachingDaysOnLieExactlyNTeachingDays(Ask ask) {
        Optional<LocalDate> found = ask.calendar.plusTeachingDays(ask.from, ask.days);
        found.ifPresent(day -> {
            assertThat(ask.calendar.isTeachingDay(day)).isTrue();
            long passed = ask.from
                    .plusDays(1)
                    .datesUntil(day.plusDays(1))
                    .filter(ask.calendar::isTeachingDay)
                    .count();
            long expected = ask.days == 0 ? (day.equals(ask.from) ? 0 : 1) : ask.days;
            assertThat(passed).isEqualTo(expected);
        });
    }

    @ParameterizedTest
    @MethodSource("manyAsks")
    void oneMoreDayIsTheNextTeachingDay(Ask ask) {
        Optional<LocalDate> more = ask.calendar.plusTeachingDays(ask.from, ask.days + 1);
        Optional<LocalDate> fewer = ask.calendar.plusTeachingDays(ask.from, ask.days);
        if (more.isPresent() && ask.days > 0) {
            assertThat(fewer).isPresent();
            assertThat(ask.calendar.plusTeachingDays(fewer.get(), 1)).isEqualTo(more);
        }
    }

    @Test
    void zeroDaysOnATeachingDayStaysAndOtherwiseGoesToTheNext() {
        assertThat(weekdays().plusTeachingDays(LocalDate.of(2027, 2, 9), 0)).contains(LocalDate.of(2027, 2, 9));
        assertThat(weekdays().plusTeachingDays(LocalDate.of(2027, 2, 13), 0)).contains(LocalDate.of(2027, 2, 15));
    }

    @Test
    void closedDaysAndDaysOutsideTheTermsAreNoTeachingDays() {
        SchoolCalendar calendar = weekdays(LocalDate.of(2027, 2, 15));
        assertThat(calendar.isTeachingDay(LocalDate.of(2027, 2, 15))).isFalse();
        assertThat(calendar.isTeachingDay(LocalDate.of(2027, 2, 16))).isTrue();
        assertThat(calendar.isTeachingDay(LocalDate.of(2027, 7, 1))).isFalse();
    }

    @Test
    void pastTheLastTermThereIsNoDay() {
        assertThat(weekdays().plusTeachingDays(LocalDate.of(2027, 6, 29), 2)).isEmpty();
    }

    @Test
    void extraDaysKeepTheTimeOfDayOverAClockChange() {
        Instant friday = halifax("2027-03-12T15:00");
        assertThat(weekdays().plusExtraDays(friday, 1, HALIFAX)).isEqualTo(new Moved(halifax("2027-03-15T15:00"), 1));
    }

    @Test
    void noExtraDaysMoveNothingEvenOnAClosedDay() {
        Instant closed = halifax("2027-02-13T15:00");
        assertThat(weekdays().plusExtraDays(closed, 0, HALIFAX)).isEqualTo(new Moved(closed, 0));
    }

    @Test
    void extraDaysPastTheLastTermLeaveTheMomentWhereItIs() {
        Instant last = halifax("2027-06-30T15:00");
        assertThat(weekdays().plusExtraDays(last, 3, HALIFAX)).isEqualTo(new Moved(last, 0));
    }

    @Test
    void lateIsCountedInTeachingDaysAfterTheDueDay() {
        Instant friday = halifax("2027-02-12T15:00");
        assertThat(weekdays().daysLate(friday, halifax("2027-02-12T14:59"), HALIFAX))
                .isZero();
        assertThat(weekdays().daysLate(friday, halifax("2027-02-12T23:00"), HALIFAX))
                .isZero();
        assertThat(weekdays().daysLate(friday, halifax("2027-02-14T09:00"), HALIFAX))
                .isZero();
        assertThat(weekdays().daysLate(friday, halifax("2027-02-16T09:00"), HALIFAX))
                .isEqualTo(2);
    }

    @Test
    void whatCannotBeIsABugOfTheCaller() {
        assertThatThrownBy(() -> weekdays().plusTeachingDays(FIRST, -1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Term(LAST, FIRST)).hasMessageContaining("before it begins");
    }
}
