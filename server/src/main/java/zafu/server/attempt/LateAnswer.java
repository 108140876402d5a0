package zafu.server.attempt;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What a student gave when it could not count any more, as it was given, until a teacher has decided. */
@Entity
class LateAnswer {
    /** Why it does not count by itself. */
    enum Reason {
        AFTER_END,
        HANDED_IN,
        TAKEN_BACK
    }

    enum Decision {
        ACCEPTED,
        DECLINED
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long attemptId;

    /** Absent for what is written as a whole. */
    @Nullable
    Long questionId;

    /** By which an answer that is sent twice is known as one. */
    String answerKey = "";

    String given = "";

    /** As the page says it, within the time of the try and before it came. */
    Instant givenAt = Instant.EPOCH;

    Instant receivedAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    Reason reason = Reason.AFTER_END;

    /** By the page's word it was given before the try was over. */
    boolean inTime;

    @Enumerated(EnumType.STRING)
    @Nullable
    Decision decision;

    @Nullable
    Instant decidedAt;

    @Nullable
    Long decidedBy;

    /** What it took the place of, where it was accepted; absent where there was nothing. */
    @Nullable
    String insteadOf;
}
