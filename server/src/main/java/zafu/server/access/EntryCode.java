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

    /** How often everybody who was signed in with it was signed out: whenever it was replaced or taken away. */
    long signInCount;

    Instant issuedAt = Instant.EPOCH;

    @Nullable
    Instant lastUsedAt;
}
