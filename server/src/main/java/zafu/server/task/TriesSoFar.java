package zafu.server.task;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What students have begun of tasks; answered by the feature that keeps tries. */
public interface TriesSoFar {
    List<TrySoFar> of(Collection<Long> taskIds);

    /**
     * @param running not handed in yet
     * @param minutes what the student was told they have, absent for no limit
     * @param endsAt when it is handed in by itself
     * @param handedInAt absent while it is running
     */
    record TrySoFar(
            long id,
            long taskId,
            long studentId,
            long versionId,
            boolean running,
            @Nullable Integer minutes,
            Instant startedAt,
            @Nullable Instant endsAt,
            @Nullable Instant handedInAt)
            implements BegunWork {

        /** Who plans does not ask how well it went. */
        @Override
        public OptionalDouble markedShare() {
            return OptionalDouble.empty();
        }
    }

    /** What is said of students' work at these tasks; who is no key, of nothing is said. */
    Map<OneWork, SaidSoFar> said(Collection<Long> taskIds);

    record OneWork(long taskId, long studentId) {}

    /** @param askedAgainAt when the student was last asked to do it again */
    record SaidSoFar(boolean excused, @Nullable Instant askedAgainAt) {
        static final SaidSoFar NOTHING = new SaidSoFar(false, null);
    }
}
