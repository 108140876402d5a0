package zafu.server.exchange;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One import, taken whole and taken back whole. */
@Entity
class ImportRun {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    @Enumerated(EnumType.STRING)
    ImportKind kind = ImportKind.LIST;

    /** The class it went into; absent where it went into the school. */
    @Nullable
    Long classId;

    String fileName = "";
    Instant takenAt = Instant.EPOCH;

    @Nullable
    Long adultId;

    String summary = "";

    @Nullable
    Instant undoneAt;

    @Nullable
    Long undoneBy;
}
