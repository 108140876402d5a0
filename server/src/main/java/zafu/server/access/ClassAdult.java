package zafu.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** What an adult is to a class. */
@Entity
class ClassAdult {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    long adultId;

    @Enumerated(EnumType.STRING)
    ClassRole role = ClassRole.VIEWER;

    /** Where a list of another system gave the role: its id there. */
    @Nullable
    String sourceId;
}
