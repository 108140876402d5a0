package zafu.server.arrangement;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Names for groups that an adult keeps to use again, one to a line. */
@Entity
class NameSet {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long adultId;
    String title = "";
    String names = "";

    List<String> each() {
        return names.lines().toList();
    }
}
