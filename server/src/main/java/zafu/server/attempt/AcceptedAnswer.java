package zafu.server.attempt;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** An answer that a person let count, at one task, for everybody who gives it. */
@Entity
class AcceptedAnswer {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    long questionId;
    String given = "";
    double points;
    long adultId;
    Instant acceptedAt = Instant.EPOCH;
}
