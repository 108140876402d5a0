package zafu.server.wish;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A question to a class, answered by ranking up to three options. */
@Entity
class Survey {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    String question = "";
    boolean closed;
    Instant madeAt = Instant.EPOCH;

    @Version
    long version;
}
