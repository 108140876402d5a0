package zafu.server.corner;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A thread in a corner. */
@Entity
class Talk {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long cornerId;
    String title = "";

    /** Whether a student reads the others only after having said something. */
    boolean postFirst;

    /** From then on only adults say something. */
    @Nullable
    Instant closedAt;

    long madeBy;
    Instant madeAt = Instant.EPOCH;

    @Version
    long version;
}
