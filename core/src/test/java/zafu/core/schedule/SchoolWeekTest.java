package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SchoolWeekTest {
    /** From any day, over a change of year: a day is in one week, which is seven days and starts as it should. */
    @ParameterizedTest
    @EnumSource(DayOfWeek.class)
    void everyDayIsInOneWeekThatStartsAsTheSchoolSays(DayOfWeek starts) {
        SchoolWeek week = new SchoolWeek(starts);
        for (int i = 0; i < 400; i++) {
            LocalDate day = LocalDate.of(2026, 12, 1).plusDays(i);
            assertThat(week.firstDay(day).getDayOfWeek()).isEqualTo(starts);
            assertThat(day).isBetween(week.firstDay(day), week.lastDay(day));
            assertThat(week.firstDay(week.lastDay(day).plusDays(1)))
                    .isEqualTo(week.lastDay(day).plusDays(1));
        }
    }
}
