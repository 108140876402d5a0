package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** That a student is, or was, in a class. */
@Entity
class Enrolment {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    long studentId;
    LocalDate beginsOn = LocalDate.EPOCH;

    /** The day on which the student left the class. */
    @Nullable
    LocalDate endsOn;

    @Nullable
    String sourceId;
}
