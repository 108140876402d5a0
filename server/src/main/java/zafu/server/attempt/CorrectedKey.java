package zafu.server.attempt;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** That all answers to a question of a task count by the question as it was at a moment, also those given before. */
@Entity
class CorrectedKey {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    long questionId;
    Instant asOf = Instant.EPOCH;

    @Nullable
    Long madeBy;

    @Nullable
    Instant undoneAt;
}
