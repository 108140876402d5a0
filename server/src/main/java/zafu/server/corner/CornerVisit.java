package zafu.server.corner;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Up to when somebody has read a corner. */
@Entity
class CornerVisit {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long cornerId;

    @Nullable
    Long adultId;

    @Nullable
    Long studentId;

    Instant readAt = Instant.EPOCH;
}
