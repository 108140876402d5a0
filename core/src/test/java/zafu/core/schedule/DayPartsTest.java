package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.core.schedule.DayParts.Name;

class DayPartsTest {
    private static final DayParts DAY =
            new DayParts(LocalTime.of(8, 45), LocalTime.NOON, LocalTime.of(12, 45), LocalTime.of(15, 0));

    @ParameterizedTest
    @CsvSource({
        "08:45, BEFORE_SCHOOL",
        "08:59, BEFORE_SCHOOL",
        "09:00,",
        "08:30,",
        "11:59,",
        "12:00, BEFORE_LUNCH",
        "12:14, BEFORE_LUNCH",
        "12:45, AFTER_LUNCH",
        "15:00, END_OF_SCHOOL",
        "15:15,",
        "17:00,",
        "21:00, END_OF_DAY",
        "23:59, END_OF_DAY"
    })
    void aTimeIsNamedOnlyWhereWhoKeepsToTheNameIsNotLate(LocalTime time, Name name) {
        assertThat(DAY.nameOf(time).orElse(null)).isEqualTo(name);
    }

    @Test
    void aDayGoesForward() {
        assertThat(DAY.inOrder()).isTrue();
        assertThat(new DayParts(LocalTime.NOON, LocalTime.NOON, LocalTime.of(13, 0), LocalTime.of(15, 0)).inOrder())
                .isFalse();
        assertThat(new DayParts(LocalTime.of(8, 0), LocalTime.of(13, 0), LocalTime.NOON, LocalTime.of(15, 0)).inOrder())
                .isFalse();
    }
}
