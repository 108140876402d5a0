package zafu.server.oneroster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** Where the school's information system answers. */
@Entity
class SchoolSystem {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String address = "";
    String token = "";
    boolean nightly;

    @Version
    long version;
}
