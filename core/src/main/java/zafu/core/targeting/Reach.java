package zafu.core.targeting;

import java.util.List;
import zafu.core.roster.GroupId;

/** How a version came to a student; the stronger ways are declared first. Rule 3, resolution. */
public sealed interface Reach {
    /** A try of this version is running. */
    record Started() implements Reach {}

    /** The student is targeted by name. */
    record ByName() implements Reach {}

    /** Through these groups, in the order of the arrangement. */
    record ByGroups(List<GroupId> groups) implements Reach {
        public ByGroups {
            groups = List.copyOf(groups);
        }
    }

    /** Everyone is targeted. */
    record AsEveryone() implements Reach {}
}
