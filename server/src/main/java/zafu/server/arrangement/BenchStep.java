package zafu.server.arrangement;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One deed on the bench: who, when, and the state before and after, so that it can be undone and redone. */
@Entity
class BenchStep {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long arrangementId;
    Instant takenAt = Instant.EPOCH;
    long adultId;

    @Enumerated(EnumType.STRING)
    BenchCommand.Kind kind = BenchCommand.Kind.PLACE;

    String facts = "";
    String stateBefore = "";
    String stateAfter = "";
    boolean undone;

    /** The revision of the bench at which the step was last taken, undone or redone, and by whom. */
    long revision;

    @Nullable
    Long changedBy;
}
