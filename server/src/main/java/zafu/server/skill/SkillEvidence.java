package zafu.server.skill;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** The share that a student had right on a skill on one day. */
@Entity
class SkillEvidence {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long skillId;
    long studentId;
    LocalDate takenOn = LocalDate.EPOCH;
    /** 0 to 1. */
    double fraction;

    @Nullable
    Long runId;

    Instant enteredAt = Instant.EPOCH;

    @Nullable
    Instant removedAt;
}
