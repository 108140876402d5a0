package zafu.server.arrangement;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import zafu.core.grouping.Sizes;

/** One way to divide a class into groups, for a purpose and a stretch of weeks. */
@Entity
class Arrangement {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    String name = "";
    String subject = "";
    LocalDate beginsOn = LocalDate.EPOCH;
    LocalDate endsOn = LocalDate.EPOCH;

    @Nullable
    Long measureId;

    @Enumerated(EnumType.STRING)
    Method method = Method.BY_HAND;

    int smallest;
    int largest;

    @Version
    long version;

    Sizes sizes() {
        return new Sizes(smallest, largest);
    }
}
