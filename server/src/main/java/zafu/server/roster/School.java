package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
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

    @Version
    long version;
}
