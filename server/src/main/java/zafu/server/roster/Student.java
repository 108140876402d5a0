package zafu.server.roster;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A student. Leaves by being archived, or for good by being erased on request. */
@Entity
class Student {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String givenName = "";
    String familyName = "";
    String preferredName = "";
    int grade;
    String language = "";
    String homeClass = "";
    /** The number that the school knows the student by, blank for none. */
    String studentNumber = "";
    /** Under this the student is known to whoever a list comes from or goes to; never changes. */
    String sourceId = UUID.randomUUID().toString();

    @Nullable
    Instant archivedAt;

    @Version
    long version;

    Roster.StudentName named() {
        return new Roster.StudentName(id, shownName(), familyName, grade);
    }

    /** As in the school's lists, whatever the student is called. */
    String fullName() {
        return (givenName + " " + familyName).strip();
    }

    private String shownName() {
        return preferredName.isEmpty() ? givenName : preferredName;
    }

    StudentFacts facts() {
        return new StudentFacts(givenName, familyName, preferredName, grade, language, homeClass, studentNumber);
    }

    void set(StudentFacts facts) {
        givenName = facts.givenName();
        familyName = facts.familyName();
        preferredName = facts.preferredName();
        grade = facts.grade();
        language = facts.language();
        homeClass = facts.homeClass();
        studentNumber = facts.studentNumber();
    }
}
