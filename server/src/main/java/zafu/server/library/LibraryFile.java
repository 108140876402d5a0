package zafu.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A picture or a PDF, kept in the file store under its hash. */
@Entity
class LibraryFile {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String hash = "";
    String name = "";
    String mediaType = "";
    long bytes;

    @Nullable
    Long createdBy;

    Instant createdAt = Instant.EPOCH;
}
