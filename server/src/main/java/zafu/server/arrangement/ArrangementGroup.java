package zafu.server.arrangement;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** A group. Never deleted: work and history go on naming it after it was removed from the bench. */
@Entity
class ArrangementGroup {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long arrangementId;
    String name = "";

    /** Order on the bench, the lowest scores first. */
    int place;

    /** Which shape and hue, 0 to 7; dealt without regard to rank. */
    int look;

    String note = "";

    /** What students call it; absent where they are told no name. */
    @Nullable
    String studentName;

    boolean removed;
}
