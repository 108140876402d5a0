package zafu.server.mark;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;
import zafu.core.work.CountingTry;

/** How one task enters the marks of one class. */
@Entity
class TaskMarking {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    long taskId;

    /** Absent for the first one of the class. */
    @Nullable
    Long categoryId;

    boolean counts = true;

    @Enumerated(EnumType.STRING)
    CountingTry counting = CountingTry.BEST;
}
