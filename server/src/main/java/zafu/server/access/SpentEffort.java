package zafu.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;

/** A piece of effort that was shown already. */
@Entity
class SpentEffort {
    @Id
    String id = "";

    Instant uselessAfter = Instant.EPOCH;
}
