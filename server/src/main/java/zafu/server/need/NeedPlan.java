package zafu.server.need;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A plan on which accommodations of a student rest. */
@Entity
class NeedPlan {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long studentId;
    String kind = "";
    String source = "";

    @Nullable
    LocalDate fromOn;

    @Nullable
    LocalDate toOn;

    @Version
    long version;
}
