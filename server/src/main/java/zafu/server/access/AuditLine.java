package zafu.server.access;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Who did what, when. Never changed, never deleted. */
@Entity
class AuditLine {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    Instant notedAt = Instant.EPOCH;

    @Nullable
    Long adultId;

    @Nullable
    Long studentId;

    @Nullable
    Long classId;

    String what = "";

    @Nullable
    Long subjectId;

    String facts = "";

    @ElementCollection
    @CollectionTable(name = "audit_subject", joinColumns = @JoinColumn(name = "line_id"))
    Set<AuditSubject> about = new LinkedHashSet<>();
}
