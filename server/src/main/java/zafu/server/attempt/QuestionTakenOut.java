package zafu.server.attempt;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.TakenOut;

/** That a question no longer decides the results of a task. */
@Entity
class QuestionTakenOut {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    long questionId;

    @Enumerated(EnumType.STRING)
    TakenOut how = TakenOut.NOT_COUNTED;

    Instant madeAt = Instant.EPOCH;

    @Nullable
    Long madeBy;

    @Nullable
    Instant undoneAt;
}
