package zafu.server.library;

import java.util.Collection;

/** Answered by the features through which items reach students. */
public interface ItemReach {
    boolean reachesAny(long studentId, Collection<Long> itemIds);
}
