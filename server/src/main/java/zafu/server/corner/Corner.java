package zafu.server.corner;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** The place of one group. */
@Entity
class Corner {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long groupId;

    /** The class that looks after the group's arrangement. */
    long classId;

    /** Where the group meets, empty where nowhere. */
    @Column(length = 2000)
    String meetingAddress = "";

    /** Whether the group meets on a page of ours, where no address is given. */
    boolean meetsHere;

    /** Whether students may put files into the shared folder. */
    boolean studentsAdd;

    Instant openedAt = Instant.EPOCH;
    long openedBy;

    @Version
    long version;
}
