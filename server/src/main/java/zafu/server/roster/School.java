package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;
import zafu.server.access.SchoolHours.Hours;
import zafu.server.roster.WritingApi.Paper;

/** The one school of this installation. */
@Entity
class School {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String name = "";
    String zone = "UTC";

    /** ISO numbers of the days with lessons, Monday is 1: "1,2,3,4,5". */
    String weekdays = "";

    LocalTime dayStarts = LocalTime.of(8, 45);
    LocalTime lunchStarts = LocalTime.NOON;
    LocalTime lunchEnds = LocalTime.of(12, 45);
    LocalTime dayEnds = LocalTime.of(15, 0);

    /** ISO number of the day on which a week starts. */
    int weekStarts = 1;

    @Enumerated(EnumType.STRING)
    @Nullable
    Paper paper;

    @Enumerated(EnumType.STRING)
    @Nullable
    Hours hours;

    @Version
    long version;
}
