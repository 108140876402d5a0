package zafu.server.task;

import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zafu.core.work.AttemptAtWork;

/** An attempt as features show it, for core to say where the work stands. */
public interface BegunWork extends AttemptAtWork {
    Instant startedAt();

    /** Absent while it is running. */
    @Nullable
    Instant handedInAt();

    @Override
    default Instant beganAt() {
        return startedAt();
    }

    @Override
    default Optional<Instant> endedAt() {
        return Optional.ofNullable(handedInAt());
    }
}
