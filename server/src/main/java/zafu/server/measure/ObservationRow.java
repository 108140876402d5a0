package zafu.server.measure;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Observation;

/** One observation as it is kept: a score, or a reason why there is none. */
@Entity
@Table(name = "observation")
class ObservationRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long measureId;
    long studentId;
    LocalDate takenOn = LocalDate.EPOCH;

    @Nullable
    Double score;

    @Nullable
    String reason;

    Instant enteredAt = Instant.EPOCH;

    @Nullable
    Long enteredBy;

    /** Taken back or typed over; kept, but no longer counted anywhere. */
    @Nullable
    Instant removedAt;

    @Nullable
    Long removedBy;

    /** The import that brought it. */
    @Nullable
    Long runId;

    Observation asObservation() {
        return score == null
                ? Observation.notAssessed(takenOn, reason == null ? "" : reason)
                : Observation.of(takenOn, score);
    }
}
