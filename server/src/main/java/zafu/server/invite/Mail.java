package zafu.server.invite;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A mail as it was written. */
@Entity
class Mail {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String recipient = "";
    String subject = "";

    @Column(length = 8000)
    String body = "";

    Instant writtenAt = Instant.EPOCH;

    /** Absent until a mail server has taken it. */
    @Nullable
    Instant sentAt;

    int tries;

    /** What the mail server last said against it; empty where it has not. */
    String failure = "";
}
