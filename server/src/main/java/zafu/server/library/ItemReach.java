package zafu.server.library;

import java.util.Collection;
import java.util.Set;

/** Answered by the features through which items reach students. */
public interface ItemReach {
    /** Ids of the items that reach a student. */
    Set<Long> ofStudent(long studentId);

    /** Ids of the items that reach, or are meant to reach, anybody of these classes. */
    Set<Long> ofClasses(Collection<Long> classIds);
}
