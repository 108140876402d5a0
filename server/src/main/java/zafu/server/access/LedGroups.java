package zafu.server.access;

import java.util.Map;
import java.util.Set;

/** Who leads which groups; answered by whoever keeps groups. */
public interface LedGroups {
    /** The groups of this class that the adult leads now, by id, with the ids of who is in them. */
    Map<Long, Set<Long>> of(long classId, long adultId);
}
