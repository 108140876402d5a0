package zafu.server.oneroster;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One attempt to fetch the list from the school's system, and what it brought. */
@Entity
class SchoolPull {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    Instant pulledAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    State state = State.FAILED;

    String message = "";

    /** The bundle as JSON, while it waits to be agreed to. */
    @Nullable
    String body;

    @Nullable
    Long runId;

    enum State {
        WAITING,
        NOTHING_NEW,
        TAKEN,
        LEFT,
        FAILED
    }
}
