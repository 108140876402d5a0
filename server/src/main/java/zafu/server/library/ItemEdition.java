package zafu.server.library;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What an item said until it was changed. */
@Entity
class ItemEdition {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long itemId;
    Instant untilAt = Instant.EPOCH;

    @Nullable
    Long changedBy;

    String title = "";

    @Column(length = 100_000)
    String body = "";

    String address = "";

    @Nullable
    Long fileId;
}
