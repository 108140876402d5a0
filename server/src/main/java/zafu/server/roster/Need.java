package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.schedule.TimeLimit.TimeNeeds;

/** What a student needs when it comes to time. */
@Entity
class Need {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long studentId;

    @Nullable
    BigDecimal timeFactor;

    boolean untimed;
    int extraDays;

    @Version
    long version;

    Roster.StudentNeeds asNeeds() {
        BigDecimal factor = timeFactor;
        return new Roster.StudentNeeds(new TimeNeeds(untimed, factor == null ? List.of() : List.of(factor)), extraDays);
    }
}
