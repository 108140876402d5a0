package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A weekday within a term on which the school does not teach. */
@Entity
class ClosedDay {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    LocalDate closedOn = LocalDate.EPOCH;
    String reason = "";
}
