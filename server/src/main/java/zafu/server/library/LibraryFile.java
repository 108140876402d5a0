package zafu.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.UnguessableId;

/** A picture or a PDF, kept in the file store under its hash. */
@Entity
class LibraryFile {
    @Id
    @UnguessableId
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
