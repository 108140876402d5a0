package zafu.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import java.io.Serializable;

/** An adult wants to find this item again. */
@Entity
@IdClass(LibraryStar.Key.class)
class LibraryStar {
    @Id
    long adultId;

    @Id
    long itemId;

    /** Who starred what. */
    record Key(long adultId, long itemId) implements Serializable {}
}
