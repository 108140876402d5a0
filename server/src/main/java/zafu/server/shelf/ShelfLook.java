package zafu.server.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import java.io.Serializable;
import java.time.Instant;

/** A student has opened an item of a shelf. */
@Entity
@IdClass(ShelfLook.Key.class)
class ShelfLook {
    @Id
    long studentId;

    @Id
    long itemId;

    Instant firstAt = Instant.EPOCH;

    /** Who opened what. */
    record Key(long studentId, long itemId) implements Serializable {}
}
