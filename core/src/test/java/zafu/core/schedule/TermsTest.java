package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.schedule.TimeLimit.TimeNeeds;

class TermsTest {
    private static final Instant NINE = Instant.parse("2027-02-09T09:00:00Z");
    private static final Instant TEN = Instant.parse("2027-02-09T10:00:00Z");
    private static final SchoolCalendar CALENDAR = new SchoolCalendar(
            List.of(new Term(LocalDate.of(2027, 1, 4), LocalDate.of(2027, 6, 30))),
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY),
            Set.of());

    private static Terms terms(OptionalInt minutes, Optional<Instant> opens, Optional<Instant> closes) {
        return new Terms(minutes, false, opens, Optional.empty(), closes, 1);
    }

    private static Terms.ForStudent plain(Terms terms) {
        return terms.easedBy(List.of()).forStudent(TimeNeeds.NONE, 0, CALENDAR, ZoneOffset.UTC);
    }

    @Test
    void aTryEndsAfterItsTimeOrWhenTheTaskClosesWhicheverIsFirst() {
        Terms.ForStudent both = plain(terms(OptionalInt.of(30), Optional.empty(), Optional.of(TEN)));
        assertThat(both.endOfTryStartedAt(NINE)).contains(NINE.plusSeconds(1800));
        assertThat(both.endOfTryStartedAt(TEN.minusSeconds(60))).contains(TEN);
    }

    @Test
    void withoutALimitOnlyClosingEndsATry() {
        assertThat(plain(terms(OptionalInt.empty(), Optional.empty(), Optional.of(TEN)))
                        .endOfTryStartedAt(NINE))
                .contains(TEN);
        assertThat(plain(terms(OptionalInt.empty(), Optional.empty(), Optional.empty()))
                        .endOfTryStartedAt(NINE))
                .isEmpty();
    }

    @Test
    void anUntimedStudentsTryEndsOnlyWhenTheTaskCloses() {
        Terms timed = terms(OptionalInt.of(30), Optional.empty(), Optional.of(TEN));
        Terms.ForStudent untimed = timed.easedBy(List.of())
                .forStudent(new TimeNeeds(true, List.of(new BigDecimal("2"))), 0, CALENDAR, ZoneOffset.UTC);
        assertThat(untimed.endOfTryStartedAt(NINE)).contains(TEN);
    }

    @Test
    void itIsOpenFromTheMomentItOpensAndClosedFromTheMomentItCloses() {
        Terms.ForStudent terms = plain(terms(OptionalInt.empty(), Optional.of(NINE), Optional.of(TEN)));
        assertThat(terms.isOpenAt(NINE)).isTrue();
        assertThat(terms.isOpenAt(NINE.minusMillis(1))).isFalse();
        assertThat(terms.isClosedAt(TEN)).isTrue();
        assertThat(terms.isClosedAt(TEN.minusMillis(1))).isFalse();
    }

    @Test
    void dueMeansUpToAndIncludingTheMoment() {
        Terms due = new Terms(OptionalInt.empty(), false, Optional.empty(), Optional.of(TEN), Optional.empty(), 1);
        assertThat(plain(due).isOverdueAt(TEN)).isFalse();
        assertThat(plain(due).isOverdueAt(TEN.plusMillis(1))).isTrue();
    }

    @Test
    void extraDaysMoveDueAndClosesButNotOpens() {
        Terms all = new Terms(
                OptionalInt.of(10), false, Optional.of(NINE), Optional.of(TEN), Optional.of(TEN.plusSeconds(60)), 1);
        Terms.ForStudent eased = all.easedBy(List.of()).forStudent(TimeNeeds.NONE, 2, CALENDAR, ZoneOffset.UTC);
        assertThat(eased.opens()).contains(NINE);
        assertThat(eased.due()).contains(Instant.parse("2027-02-11T10:00:00Z"));
        assertThat(eased.closes()).contains(Instant.parse("2027-02-11T10:01:00Z"));
        assertThat(eased.extraDays()).isEqualTo(2);
    }

    @Test
    void extraDaysCountOnlyWhereThereIsADateToMove() {
        Terms dateless = terms(OptionalInt.of(10), Optional.of(NINE), Optional.empty());
        assertThat(dateless.easedBy(List.of())
                        .forStudent(TimeNeeds.NONE, 2, CALENDAR, ZoneOffset.UTC)
                        .extraDays())
                .isZero();
    }

    @Test
    void datesAreInOrderAsFarAsTheyAreGiven() {
        assertThat(order(NINE, TEN, TEN)).isTrue();
        assertThat(order(NINE, NINE, NINE)).isTrue();
        assertThat(order(TEN, NINE, null)).isFalse();
        assertThat(order(null, TEN, NINE)).isFalse();
        assertThat(order(TEN, null, NINE)).isFalse();
        assertThat(order(null, null, null)).isTrue();
    }

    private static boolean order(Instant opens, Instant due, Instant closes) {
        return new Terms(
                        OptionalInt.empty(),
                        false,
                        Optional.ofNullable(opens),
                        Optional.ofNullable(due),
                        Optional.ofNullable(closes),
                        1)
                .inOrder();
    }
}
