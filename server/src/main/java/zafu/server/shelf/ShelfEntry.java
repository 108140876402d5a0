package zafu.server.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** An item on the shelf of a group. */
@Entity
class ShelfEntry {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long groupId;
    long itemId;
    int place;

    /** Shown before the others. */
    boolean starred;

    long addedBy;
    Instant addedAt = Instant.EPOCH;
}
