package zafu.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Duration;
import java.time.Instant;

/** How often somebody was wrong lately; what is long ago counts less and less. */
@Entity
class WrongEntry {
    private static final double HALVED_AFTER_SECONDS = Duration.ofMinutes(10).toSeconds();

    /** A hash of what is counted: neither names nor addresses are kept. */
    @Id
    String what = "";

    double failures;
    Instant countedAt = Instant.EPOCH;

    double failuresAt(Instant now) {
        double seconds = Math.max(0, Duration.between(countedAt, now).toSeconds());
        return failures * Math.pow(0.5, seconds / HALVED_AFTER_SECONDS);
    }

    void countOne(Instant now) {
        failures = failuresAt(now) + 1;
        countedAt = now;
    }
}
