package zafu.server.exchange;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What an adult said of a file with these columns. */
@Entity
class ListShape {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long adultId;

    /** SHA-256 over the names of the columns. */
    String shape = "";

    /** {@link ListShapes.Known} as JSON. */
    String said = "";

    Instant usedAt = Instant.EPOCH;
}
