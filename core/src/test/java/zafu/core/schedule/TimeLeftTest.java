package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimeLeftTest {
    private static final ZoneId HALIFAX = ZoneId.of("America/Halifax");
    /** Friday the 12th is closed, so after Thursday comes Monday. */
    private static final SchoolCalendar CALENDAR = new SchoolCalendar(
            List.of(new Term(LocalDate.of(2027, 1, 4), LocalDate.of(2027, 6, 25))),
            Set.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.WEDNESDAY, DayOfWeek.THURSDAY, DayOfWeek.FRIDAY),
            Set.of(LocalDate.of(2027, 2, 12)));

    private static Optional<Instant> at(String local) {
        return Optional.ofNullable(local)
                .map(text -> LocalDateTime.parse(text).atZone(HALIFAX).toInstant());
    }

    @ParameterizedTest
    @CsvSource({
        // now, due
        "2027-02-09T08:10, , false",
        "2027-02-09T08:10, 2027-02-09T15:00, false",
        "2027-02-09T08:10, 2027-02-10T23:59, false",
        "2027-02-09T08:10, 2027-02-11T09:00, true",
        "2027-02-09T08:10, 2027-02-08T15:00, false",
        "2027-02-11T08:10, 2027-02-15T15:00, false",
        "2027-02-11T08:10, 2027-02-16T15:00, true",
        "2027-06-25T08:00, 2027-09-01T08:00, false"
    })
    void thereIsTimeUntilTheNextTeachingDayEnds(String now, String due, boolean expected) {
        Terms.ForStudent terms = new Terms.ForStudent(
                new TimeLimit.NoLimit(), Optional.empty(), at(due), Optional.empty(), 1, 0, Set.of());
        assertThat(terms.isThereTimeAt(at(now).orElseThrow(), CALENDAR, HALIFAX))
                .isEqualTo(expected);
    }
}
