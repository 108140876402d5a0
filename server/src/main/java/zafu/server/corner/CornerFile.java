package zafu.server.corner;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.UnguessableId;

/** A file in the shared folder of a corner, or with a notice. What is in it lies in the file store under its hash. */
@Entity
class CornerFile {
    @Id
    @UnguessableId
    @Nullable
    Long id;

    @Nullable
    Long cornerId;

    @Nullable
    Long noticeId;

    String name = "";
    String mediaType = "";
    long size;
    String hash = "";

    @Nullable
    Long adultId;

    @Nullable
    Long studentId;

    Instant addedAt = Instant.EPOCH;

    @Nullable
    Instant removedAt;
}
