package zafu.server.corner;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Something said to several corners, or to everybody in a class; written once, corrected once. */
@Entity
class Notice {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;

    @Column(length = 8000)
    String text = "";

    @Column(length = 2000)
    String link = "";

    boolean everyone;

    /** Students do not see it before. */
    Instant showFrom = Instant.EPOCH;

    long madeBy;
    Instant madeAt = Instant.EPOCH;

    @Nullable
    Instant removedAt;

    @Version
    long version;
}
