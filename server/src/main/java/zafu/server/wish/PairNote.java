package zafu.server.wish;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What a teacher noted about two students of a class; the one with the smaller id stands first. */
@Entity
class PairNote {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    long oneId;
    long otherId;

    @Enumerated(EnumType.STRING)
    Kind kind = Kind.WORKS_WELL;

    /** How much an unmet wish weighs, 1 to 3; a rule has none. */
    int weight;

    Instant notedAt = Instant.EPOCH;
    long notedBy;

    /** Two rules and two wishes. */
    enum Kind {
        MUST_BE_TOGETHER,
        MUST_BE_APART,
        WORKS_WELL,
        BETTER_APART
    }
}
