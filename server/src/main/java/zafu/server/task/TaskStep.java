package zafu.server.task;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Something that was done to one or several tasks at once. */
@Entity
class TaskStep {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    long adultId;
    Instant takenAt = Instant.EPOCH;
    String deed = "";
    boolean undone;
}
