package zafu.server.attempt;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.UnguessableId;

/** A file that a student hands in with a try. What is in it lies in the file store under its hash. */
@Entity
class AttemptFile {
    @Id
    @UnguessableId
    @Nullable
    Long id;

    long attemptId;
    String name = "";
    String mediaType = "";
    long size;
    String hash = "";
    Instant addedAt = Instant.EPOCH;

    /** It came after the try was over. */
    boolean late;

    /** By which a file that is sent twice is known as one. */
    @Nullable
    String fileKey;
}
