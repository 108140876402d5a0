package zafu.server.entry;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Somebody who asked to join a class. */
@Entity
class JoinRequest {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    /** Known only to the window that asked. */
    String token = "";

    /** Of a cookie of the browser that asked: a token that was seen by others is worth nothing elsewhere. */
    String browserHash = "";

    String givenName = "";
    String familyName = "";
    Instant askedAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    State state = State.WAITING;

    @Nullable
    Instant letInAt;

    /** When the browser was told the code, which happens once. */
    @Nullable
    Instant toldAt;

    @Nullable
    Long studentId;

    /** Where somebody came with the code of a group: into it as well. */
    @Nullable
    Long groupId;

    enum State {
        WAITING,
        LET_IN,
        TURNED_AWAY
    }
}
