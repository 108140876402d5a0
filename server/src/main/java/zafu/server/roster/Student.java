package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** A student. */
@Entity
class Student {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String givenName = "";
    String familyName = "";
    int grade;

    @Version
    long version;

    Roster.StudentName named() {
        return new Roster.StudentName(id, givenName, familyName, grade);
    }
}
