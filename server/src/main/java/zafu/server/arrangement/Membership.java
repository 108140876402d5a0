package zafu.server.arrangement;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** That a student was in a group from one moment to another; still is where the end is open. */
@Entity
class Membership {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long arrangementId;
    long groupId;
    long studentId;
    Instant fromAt = Instant.EPOCH;

    @Nullable
    Instant toAt;

    long placedBy;

    /** Whether methods and cuts leave the student where they are. */
    boolean locked;

    /** Whether it is a further group of a student who is in several. */
    boolean also;
}
