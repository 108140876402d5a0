package zafu.server.mark;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import zafu.core.mark.LateRule;

/** How marks come about in a class. */
@Entity
class ClassMarking {
    @Id
    long classId;

    boolean missingIsZero;
    int latePercentPerDay;
    int lateMostPercent;

    /** Results under this many per cent are shown as low. */
    int lowPercent = 60;

    @Version
    long version;

    LateRule late() {
        return new LateRule(latePercentPerDay, lateMostPercent);
    }
}
