package zafu.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** The code by which one student signs in. */
@Entity
class EntryCode {
    @Id
    @Nullable
    Long studentId;

    /** Absent once revoked. */
    @Nullable
    String code;

    Instant issuedAt = Instant.EPOCH;

    @Nullable
    Instant lastUsedAt;
}
