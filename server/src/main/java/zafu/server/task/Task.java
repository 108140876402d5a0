package zafu.server.task;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One piece of work for a class; its base and versions are {@link TaskVersion}s. */
@Entity
class Task {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;

    @Nullable
    Long arrangementId;

    /** What teachers call it. */
    String name = "";

    @Enumerated(EnumType.STRING)
    TaskState state = TaskState.DRAFT;

    @Nullable
    Instant handedOutAt;

    @Nullable
    Long handedOutBy;

    @Version
    long version;
}
