package zafu.server.growth;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Where a student is to be, on a measure, by a day. */
@Entity
class GrowthAim {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long studentId;
    long measureId;

    /** In the measure's unit. */
    double goal;

    LocalDate goalDate = LocalDate.EPOCH;

    @Nullable
    Long setBy;

    Instant setAt = Instant.EPOCH;
}
