package zafu.server.task;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.core.schedule.OwnTerms;
import zafu.core.schedule.Setting;
import zafu.core.schedule.TermPart;

/** Another class that a task goes to, with the dates that hold there in place of the base's. */
@Entity
class TaskClass {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    long classId;

    /** Names of {@link TermPart}s that this class has of its own, separated by commas. */
    String sets = "";

    @Nullable
    Instant opensAt;

    @Nullable
    Instant dueAt;

    @Nullable
    Instant closesAt;

    OwnTerms own() {
        Set<TermPart> parts = Parts.read(sets);
        return new OwnTerms(
                Setting.leaves(),
                Parts.setting(parts.contains(TermPart.OPENS), opensAt),
                Parts.setting(parts.contains(TermPart.DUE), dueAt),
                Parts.setting(parts.contains(TermPart.CLOSES), closesAt),
                OptionalInt.empty());
    }
}
