package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A term of the school year, both ends included. */
@Entity
@Table(name = "term")
class SchoolTerm {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String name = "";
    LocalDate beginsOn = LocalDate.EPOCH;
    LocalDate endsOn = LocalDate.EPOCH;
    String sourceId = UUID.randomUUID().toString();
}
