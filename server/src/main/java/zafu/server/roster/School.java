package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;

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

    @Version
    long version;
}
