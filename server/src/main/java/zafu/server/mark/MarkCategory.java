package zafu.server.mark;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** A kind of work that has a weight of its own in the mark. */
@Entity
class MarkCategory {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    String name = "";
    double weight;
    int place;
    boolean removed;
}
