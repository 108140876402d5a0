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
import zafu.core.schedule.TermPart;

/** Terms of a task eased for some, apart from the versions. Its targets are {@link TaskTarget}s. */
@Entity
class TaskAdjustment {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    int place;

    /** Names of {@link TermPart}s, separated by commas. */
    String sets = "";

    @Nullable
    Integer minutes;

    @Nullable
    Instant opensAt;

    @Nullable
    Instant dueAt;

    @Nullable
    Instant closesAt;

    @Nullable
    Integer tries;

    Set<TermPart> parts() {
        return Parts.read(sets);
    }

    OwnTerms own() {
        Set<TermPart> parts = parts();
        return new OwnTerms(
                Parts.setting(parts.contains(TermPart.MINUTES), minutes),
                Parts.setting(parts.contains(TermPart.OPENS), opensAt),
                Parts.setting(parts.contains(TermPart.DUE), dueAt),
                Parts.setting(parts.contains(TermPart.CLOSES), closesAt),
                parts.contains(TermPart.TRIES) && tries != null ? OptionalInt.of(tries) : OptionalInt.empty());
    }
}
