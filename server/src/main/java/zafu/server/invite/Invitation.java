package zafu.server.invite;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import zafu.server.access.ClassRole;

/** An adult who is asked to work in a class. */
@Entity
class Invitation {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;

    @Enumerated(EnumType.STRING)
    ClassRole role = ClassRole.VIEWER;

    String recipient = "";
    String tokenHash = "";
    long invitedBy;
    Instant invitedAt = Instant.EPOCH;
    Instant expiresAt = Instant.EPOCH;

    @Nullable
    Instant acceptedAt;

    @Nullable
    Long acceptedBy;

    @Nullable
    Instant revokedAt;

    boolean isOpenAt(Instant moment) {
        return acceptedAt == null && revokedAt == null && moment.isBefore(expiresAt);
    }
}
