package zafu.server.entry;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** The code and password by which students ask to join a class, and whether they may just now. */
@Entity
class ClassDoor {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    String code = "";
    String passwordHash = "";
    boolean opened;

    @Version
    long version;
}
