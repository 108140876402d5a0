package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.schedule.Load.OpenWork;

/** What holds of every calendar: of teaching days, of series, of weeks that are moved, of minutes that add up. */
class SchoolCalendarPropertiesTest {
    private static final LocalDate FIRST = LocalDate.of(2027, 1, 4);
    private static final LocalDate LAST = LocalDate.of(2027, 6, 30);
    private static final ZoneId HALIFAX = ZoneId.of("America/Halifax");

    record Given(SchoolCalendar calendar, LocalDate day, int number) {}

    static Stream<Given> many() {
        Random random = new Random(77);
        return IntStream.range(0, 150).mapToObj(i -> {
            Set<LocalDate> closed = new LinkedHashSet<>();
            for (int n = random.nextInt(25); n > 0; n--) {
                closed.add(FIRST.plusDays(random.nextInt(170)));
            }
            EnumSet<DayOfWeek> weekdays = EnumSet.of(DayOfWeek.of(1 + random.nextInt(7)));
            for (DayOfWeek each : DayOfWeek.values()) {
                if (random.nextInt(3) > 0) {
                    weekdays.add(each);
                }
            }
            SchoolCalendar calendar = new SchoolCalendar(List.of(new Term(FIRST, LAST)), weekdays, closed);
            return new Given(calendar, FIRST.plusDays(random.nextInt(120)), random.nextInt(12));
        });
    }

    @ParameterizedTest
    @MethodSource("many")
    void soManyTeachingDaysOnIsThatManyTeachingDaysAway(Given given) {
        Optional<LocalDate> there = given.calendar().plusTeachingDays(given.day(), given.number());
        there.ifPresent(day -> {
            assertThat(given.calendar().isTeachingDay(day)).isTrue();
            if (given.number() > 0) {
                assertThat(given.calendar().teachingDays(given.day().plusDays(1), day))
                        .isEqualTo(given.number());
            }
        });
    }

    @ParameterizedTest
    @MethodSource("many")
    void aSeriesOpensOnDifferentTeachingDaysInItsOrder(Given given) {
        List<LocalDate> opens = new ArrayList<>();
        for (int place = 0; place < 6; place++) {
            given.calendar().staggered(given.day(), place, 1 + given.number()).ifPresent(opens::add);
        }
        // The first may be pushed on to the day from which the others count.
        assertThat(opens).isSorted().allMatch(given.calendar()::isTeachingDay);
        if (given.calendar().isTeachingDay(given.day())) {
            assertThat(opens).doesNotHaveDuplicates();
        }
    }

    @ParameterizedTest
    @MethodSource("many")
    void aWeekThatIsMovedKeepsItsTimeOfDayAndFallsOnNoClosedDay(Given given) {
        Instant moment = given.day().atTime(9, 5).atZone(HALIFAX).toInstant();
        ZonedDateTime moved =
                given.calendar().plusWeeks(moment, given.number(), HALIFAX).atZone(HALIFAX);
        assertThat(moved.toLocalTime()).isEqualTo(LocalTime.of(9, 5));
        LocalDate plain = given.day().plusWeeks(given.number());
        if (!moved.toLocalDate().equals(plain)) {
            assertThat(given.calendar().isTeachingDay(plain)).isFalse();
            assertThat(given.calendar().isTeachingDay(moved.toLocalDate())).isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("many")
    void allSharesOfATaskTogetherAreItsMinutes(Given given) {
        LocalDate due = given.day().plusDays(given.number());
        OpenWork work = new OpenWork(30, Optional.of(given.day()), Optional.of(due));
        Load load = new Load(given.calendar(), FIRST);
        double sum = given.day()
                .datesUntil(due.plusDays(1))
                .filter(given.calendar()::isTeachingDay)
                .mapToDouble(day -> load.on(day, List.of(work), 0))
                .sum();
        boolean anyDay = given.calendar().teachingDays(given.day(), due) > 0;
        assertThat(sum).isEqualTo(anyDay ? 30 : 0, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("many")
    void moreWorkNeverMakesADayLighter(Given given) {
        Load load = new Load(given.calendar(), FIRST);
        OpenWork one =
                new OpenWork(20, Optional.empty(), Optional.of(given.day().plusDays(given.number())));
        OpenWork other = new OpenWork(25, Optional.of(given.day()), Optional.empty());
        int led = given.calendar().isTeachingDay(given.day()) ? 5 : 0;
        assertThat(load.on(given.day(), List.of(one, other), 5))
                .isGreaterThanOrEqualTo(load.on(given.day(), List.of(one), 5))
                .isGreaterThanOrEqualTo(led);
    }
}
