package zafu.server.library;

import java.util.Collection;
import java.util.Map;
import java.util.Set;

/** Answered by the features in which students work with items: who has had what. */
public interface ItemUse {
    /** For each item that any of these students has had: which of them. */
    Map<Long, Set<Long>> usedBy(Collection<Long> studentIds);
}
