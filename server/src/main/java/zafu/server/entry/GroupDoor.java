package zafu.server.entry;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** The code and password of a group, and who comes in by them. */
@Entity
class GroupDoor {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long groupId;
    long classId;
    String code = "";
    String passwordHash = "";
    boolean opened;
    /** Whether students of its class come in without being let in. */
    boolean atOnce;
    /** How many members it takes in all; absent for as many as come. */
    @Nullable
    Integer most;
    /** On whose word students come in at once. */
    long openedBy;

    @Version
    long version;

    boolean hasRoomBeside(int members) {
        return most == null || members < most;
    }
}
