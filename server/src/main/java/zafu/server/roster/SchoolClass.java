package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A class of students. */
@Entity
class SchoolClass {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String name = "";
    int grade;
    int minutesPerDay = 90;
    String subject = "";
    String sourceId = UUID.randomUUID().toString();

    /** Its students may come back on a known device by picture and PIN. */
    boolean pictureEntry;

    @Nullable
    Instant archivedAt;

    @Version
    long version;
}
