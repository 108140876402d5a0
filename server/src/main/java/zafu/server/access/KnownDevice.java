package zafu.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A browser from which a student has signed in with a right code. What it is known by is kept only as a hash. */
@Entity
class KnownDevice {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String tokenHash = "";
    Instant firstSeen = Instant.EPOCH;
    Instant lastSeen = Instant.EPOCH;
}
