package zafu.server.plan;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Set;
import java.util.TreeSet;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;

/** Time that an adult spends with a group, or with the whole class, at the table. */
@Entity
class LedSession {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    Instant beginsAt = Instant.EPOCH;
    int minutes;
    long adultId;

    /** What is done; for staff only. */
    String title = "";

    /** A lesson of the library. */
    @Nullable
    Long itemId;

    boolean removed;

    /** Empty for the whole class. */
    @ElementCollection
    @CollectionTable(name = "led_session_group", joinColumns = @JoinColumn(name = "session_id"))
    @Column(name = "group_id")
    @BatchSize(size = 1000)
    Set<Long> groups = new TreeSet<>();

    @Version
    long version;

    Instant endsAt() {
        return beginsAt.plusSeconds(60L * minutes);
    }
}
