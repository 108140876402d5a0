package zafu.server.entry;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Somebody signed in who asked to come into a group: a student to be in it, or an adult to help in it. */
@Entity
class GroupRequest {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long groupId;
    long classId;

    @Nullable
    Long studentId;

    @Nullable
    Long adultId;

    Instant askedAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    JoinRequest.State state = JoinRequest.State.WAITING;
}
