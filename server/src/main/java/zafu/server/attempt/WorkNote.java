package zafu.server.attempt;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What a teacher says about one student's work at one task; taken back, it stays as a line of who and when. */
@Entity
class WorkNote {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    long studentId;

    @Enumerated(EnumType.STRING)
    WorkNotes.Kind kind = WorkNotes.Kind.REMINDED;

    long adultId;
    Instant notedAt = Instant.EPOCH;

    @Nullable
    Instant takenBackAt;
}
