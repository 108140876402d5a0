package zafu.server.skill;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** The share that a student had right on a skill on one day. */
@Entity
class SkillEvidence {
    enum Source {
        LIST,
        TRY,
        HAND
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long skillId;
    long studentId;
    LocalDate takenOn = LocalDate.EPOCH;
    /** 0 to 1. */
    double fraction;

    @Enumerated(EnumType.STRING)
    Source source = Source.LIST;

    @Nullable
    Long runId;

    /** The try it comes from. */
    @Nullable
    Long attemptId;

    @Nullable
    Long enteredBy;

    String note = "";

    Instant enteredAt = Instant.EPOCH;

    @Nullable
    Instant removedAt;
}
