package zafu.server.roster;

import static java.time.DayOfWeek.MONDAY;
import static java.time.DayOfWeek.TUESDAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import zafu.server.roster.ClassTimesApi.Meeting;

class ClassTimesTest {
    @Test
    void workOpensAsTheClassFirstMeetsThatDay() {
        List<Meeting> meetings = List.of(
                new Meeting(MONDAY, LocalTime.of(9, 40), 45, "Reading"),
                new Meeting(MONDAY, LocalTime.of(13, 0), 45, ""));
        assertThat(ClassTimes.firstMeeting(meetings, MONDAY)).isEqualTo(LocalTime.of(9, 40));
        assertThat(ClassTimes.firstMeeting(meetings, TUESDAY))
                .as("in the morning where it does not meet")
                .isBefore(LocalTime.NOON);
    }
}
