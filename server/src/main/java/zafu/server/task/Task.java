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
import zafu.core.marking.Feedback;
import zafu.core.need.WorkKind;
import zafu.server.platform.Refusal;

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

    /** What kind of work it counts as, when it is asked which accommodations cover it. */
    @Enumerated(EnumType.STRING)
    WorkKind workKind = WorkKind.QUIZ;

    @Enumerated(EnumType.STRING)
    Way way = Way.ON_SCREEN;

    /** It holds back the other work of its students until it is handed in. */
    boolean doneFirst;

    /** When students are told what was right. */
    @Enumerated(EnumType.STRING)
    Feedback feedback = Feedback.WHEN_HANDED_IN;

    /** Tasks that were staggered together have the same. */
    @Nullable
    Long seriesId;

    Instant createdAt = Instant.EPOCH;
    boolean removed;

    /** Counts changes, so that a change of versions or targets alone is a change of the task too. */
    long touched;

    @Nullable
    Instant handedOutAt;

    @Nullable
    Long handedOutBy;

    @Version
    long version;

    void requireOf(long wantedClass) {
        if (classId != wantedClass) {
            throw Refusal.notFound("task");
        }
    }
}
