package zafu.core.work;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;

/** One attempt of a student at a task, as far as it says where the work stands. Rule 5a. */
public interface AttemptAtWork {
    Instant beganAt();

    /** Empty while it is under way. */
    Optional<Instant> endedAt();

    /** What was earned of what was possible; empty until all of it is marked, and 0 where nothing was possible. */
    OptionalDouble markedShare();
}
