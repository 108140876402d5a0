package zafu.server.task;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** One task of a step: how it was before, and its version after. */
@Entity
class TaskStepEntry {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long stepId;
    long taskId;
    long versionAfter;

    /** A {@link TaskSnapshot} as JSON. */
    String before = "";
}
