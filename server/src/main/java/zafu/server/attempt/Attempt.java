package zafu.server.attempt;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.task.Aids;

/** One try at a task. The server's clock alone says when it began and when it ends. */
@Entity
class Attempt {
    /** Who or what handed it in. */
    enum HandedInBy {
        STUDENT,
        TIME,
        /** Ticked by a teacher. */
        TEACHER
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    long versionId;
    long studentId;
    int number;
    Instant startedAt = Instant.EPOCH;

    @Nullable
    Instant endsAt;

    /** What was granted when it began, so that a running try does not change under the student's hands. */
    @Nullable
    Integer percentOfQuestions;

    @Nullable
    Integer choicesLeft;

    /** What was written to be handed in, where the task asks for that. */
    String written = "";

    /** The minutes the student was told they have. */
    @Nullable
    Integer minutes;

    @Nullable
    Instant handedInAt;

    @Enumerated(EnumType.STRING)
    @Nullable
    HandedInBy handedInBy;

    @Nullable
    Integer earned;

    @Nullable
    Integer possible;

    @Version
    long version;

    boolean isRunning() {
        return handedInAt == null;
    }

    boolean isOverAt(Instant moment) {
        return endsAt != null && !moment.isBefore(endsAt);
    }

    /** Those of a version's questions that this try asks. */
    List<Long> kept(List<Long> questions) {
        return Aids.kept(questions, percentOfQuestions);
    }
}
