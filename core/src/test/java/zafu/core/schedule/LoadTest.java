package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import zafu.core.schedule.Load.OpenWork;

class LoadTest {
    private static final LocalDate MONDAY = LocalDate.of(2027, 2, 8);
    private static final LocalDate TUESDAY = MONDAY.plusDays(1);
    private static final LocalDate FRIDAY = MONDAY.plusDays(4);
    private static final LocalDate NEXT_MONDAY = MONDAY.plusDays(7);
    private static final SchoolCalendar CALENDAR = new SchoolCalendar(
            List.of(new Term(LocalDate.of(2027, 1, 4), LocalDate.of(2027, 6, 30))),
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY),
            Set.of(NEXT_MONDAY));
    private final Load onTuesday = new Load(CALENDAR, TUESDAY);

    private static OpenWork work(int minutes, LocalDate opens, LocalDate due) {
        return new OpenWork(minutes, Optional.ofNullable(opens), Optional.ofNullable(due));
    }

    @Test
    void aTaskWeighsInEqualPartsOnTheTeachingDaysThatAreLeft() {
        List<OpenWork> works = List.of(work(40, MONDAY, FRIDAY), work(30, FRIDAY, null));
        assertThat(onTuesday.on(TUESDAY, works, 0)).isEqualTo(10);
        assertThat(onTuesday.on(FRIDAY, works, 15)).isEqualTo(10 + 30 + 15);
    }

    @Test
    void weekendsAndClosedDaysCarryNothing() {
        // Friday and Tuesday are the only days on which it can be done.
        OpenWork over = work(20, FRIDAY, NEXT_MONDAY.plusDays(1));
        assertThat(onTuesday.on(FRIDAY, List.of(over), 0)).isEqualTo(10);
    }

    @Test
    void whatIsNotOpenYetWeighsNothing() {
        assertThat(onTuesday.on(TUESDAY, List.of(work(20, FRIDAY, FRIDAY)), 0)).isZero();
    }

    @Test
    void whatIsOverdueWeighsWholeOnTodayAlone() {
        List<OpenWork> overdue = List.of(work(20, null, MONDAY));
        assertThat(onTuesday.on(TUESDAY, overdue, 0)).isEqualTo(20);
        assertThat(onTuesday.on(FRIDAY, overdue, 0)).isZero();
    }

    /** Once 44 minutes, of nobody. */
    @Test
    void aClosedDayHasNoLoadWhateverIsPlannedOnIt() {
        List<OpenWork> works = List.of(work(20, NEXT_MONDAY, NEXT_MONDAY), work(10, null, NEXT_MONDAY));
        assertThat(onTuesday.on(NEXT_MONDAY, works, 15)).isZero();
    }

    @Test
    void theWholeOfATaskIsSpreadAndNothingIsLost() {
        OpenWork all = work(35, MONDAY, FRIDAY);
        Load onMonday = new Load(CALENDAR, MONDAY);
        double sum = Stream.iterate(MONDAY, day -> day.plusDays(1))
                .limit(5)
                .mapToDouble(day -> onMonday.on(day, List.of(all), 0))
                .sum();
        assertThat(sum).isEqualTo(35, within(1e-9));
    }

    @Test
    void aDayThatIsPastIsSeenAsItBegan() {
        assertThat(new Load(CALENDAR, FRIDAY).on(TUESDAY, List.of(work(40, MONDAY, FRIDAY)), 0))
                .isEqualTo(10);
    }

    @Test
    void aSeriesOpensStepByStepOnTeachingDays() {
        assertThat(CALENDAR.staggered(FRIDAY, 0, 2)).contains(FRIDAY);
        assertThat(CALENDAR.staggered(FRIDAY, 1, 1)).contains(NEXT_MONDAY.plusDays(1));
        assertThat(CALENDAR.staggered(LocalDate.of(2027, 6, 30), 1, 1)).isEmpty();
    }

    @Test
    void aWeekLaterIsTheSameTimeOfDayAlsoWhereClocksChangeAndLessonsDoNotFall() {
        ZoneId halifax = ZoneId.of("America/Halifax");
        Instant beforeChange = FRIDAY.plusWeeks(3).atTime(15, 0).atZone(halifax).toInstant();
        assertThat(CALENDAR.plusWeeks(beforeChange, 2, halifax).atZone(halifax).toLocalTime())
                .isEqualTo(java.time.LocalTime.of(15, 0));
        Instant monday = MONDAY.atTime(9, 0).atZone(halifax).toInstant();
        assertThat(CALENDAR.plusWeeks(monday, 1, halifax).atZone(halifax).toLocalDate())
                .isEqualTo(NEXT_MONDAY.plusDays(1));
    }
}
