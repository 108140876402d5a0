package zafu.server.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** An address under which a calendar program reads, without signing in, until it is revoked. */
@Entity
class CalendarFeed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String address = "";

    /** Of an adult: one class, or all of theirs where it is absent. */
    @Nullable
    Long classId;

    @Nullable
    Long adultId;

    /** Of an adult: this group alone. */
    @Nullable
    Long groupId;

    @Nullable
    Long studentId;

    Instant madeAt = Instant.EPOCH;

    @Nullable
    Instant revokedAt;
}
