package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** A word by which teachers gather students. */
@Entity
class StudentTag {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long studentId;
    String tag = "";

    static StudentTag of(long studentId, String tag) {
        StudentTag made = new StudentTag();
        made.studentId = studentId;
        made.tag = tag;
        return made;
    }
}
