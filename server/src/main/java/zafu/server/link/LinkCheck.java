package zafu.server.link;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What came of following the link of an item the last time. */
@Entity
class LinkCheck {
    @Id
    long itemId;

    String address = "";
    Instant checkedAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    LinkState state = LinkState.GOOD;

    @Nullable
    String movedTo;
}
