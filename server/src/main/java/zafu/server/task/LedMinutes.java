package zafu.server.task;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import zafu.core.roster.GroupId;

/** Teacher-led minutes; answered by the feature that plans them. */
public interface LedMinutes {
    List<Led> between(long classId, LocalDate from, LocalDate to);

    /** @param groups for whom; empty for the whole class */
    record Led(LocalDate day, int minutes, Set<GroupId> groups) {}
}
