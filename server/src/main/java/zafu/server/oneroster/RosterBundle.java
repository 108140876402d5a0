package zafu.server.oneroster;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import zafu.core.need.Accommodation;

/**
 * A school's list as it came from elsewhere, in OneRoster's terms.
 *
 * @param bulk the parts that are complete: who is missing from them is gone
 * @param problems lines that cannot be used, each in one sentence that names file, row and column
 */
record RosterBundle(
        Set<Part> bulk,
        List<Session> sessions,
        List<ClassLine> classes,
        List<Person> people,
        List<Place> enrolments,
        List<LineItem> lineItems,
        List<Result> results,
        List<Flag> flags,
        List<String> problems) {

    enum Part {
        SESSIONS,
        CLASSES,
        USERS,
        ENROLLMENTS,
        LINE_ITEMS,
        RESULTS,
        FLAGS
    }

    /** @param gone to be deleted, of a delta */
    record Session(String id, boolean gone, String title, LocalDate from, LocalDate to) {}

    record ClassLine(String id, boolean gone, String title, int grade, boolean home, List<String> sessionIds) {}

    enum Role {
        STUDENT,
        TEACHER,
        AIDE,
        OTHER
    }

    record Person(
            String id,
            boolean gone,
            Role role,
            String username,
            String givenName,
            String familyName,
            String preferredName,
            String number,
            int grade,
            boolean gradeGiven) {
        String fullName() {
            return (givenName + " " + familyName).strip();
        }
    }

    /** A person's place in a class. */
    record Place(String id, boolean gone, String classId, String personId, Role role, boolean primary) {}

    record LineItem(String id, boolean gone, String title, double lowest, double highest) {}

    /** @param score absent where the work is exempt or not submitted */
    record Result(String id, boolean gone, String lineItemId, String personId, LocalDate on, OptionalDouble score) {}

    /** An accommodation that the school's system knows of; not part of OneRoster. */
    record Flag(String id, boolean gone, String personId, Accommodation accommodation, String source) {}
}
