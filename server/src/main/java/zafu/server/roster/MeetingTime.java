package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;

/** When a class meets in every week. */
@Entity
class MeetingTime {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;

    /** 1 is Monday. */
    int weekday;

    LocalTime beginsAt = LocalTime.NOON;
    int minutes;

    /** What the lesson is called, "reading" for instance; may be empty. */
    String name = "";
}
