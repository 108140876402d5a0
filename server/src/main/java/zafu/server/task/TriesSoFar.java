package zafu.server.task;

import java.util.Collection;
import java.util.List;

/** What students have begun of tasks; answered by the feature that keeps tries. */
public interface TriesSoFar {
    List<TrySoFar> of(Collection<Long> taskIds);

    /** @param running not handed in yet */
    record TrySoFar(long taskId, long studentId, long versionId, boolean running) {}
}
