package zafu.server.task;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What students have begun of tasks; answered by the feature that keeps tries. */
public interface TriesSoFar {
    List<TrySoFar> of(Collection<Long> taskIds);

    /**
     * @param running not handed in yet
     * @param minutes what the student was told they have, absent for no limit
     * @param endsAt when it is handed in by itself
     */
    record TrySoFar(
            long id,
            long taskId,
            long studentId,
            long versionId,
            boolean running,
            @Nullable Integer minutes,
            Instant startedAt,
            @Nullable Instant endsAt) {}
}
