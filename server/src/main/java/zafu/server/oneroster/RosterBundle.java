package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import zafu.core.need.Accommodation;
import zafu.core.roster.Stay;

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
    record Place(String id, boolean gone, String classId, String personId, Role role, boolean primary, Stay stay) {
        Place asGone() {
            return new Place(id, true, classId, personId, role, primary, stay);
        }
    }

    /** The bundle as it stands on a day: places that are over are gone, and those to come are named and left out. */
    RosterBundle on(LocalDate day) {
        List<Place> places = new ArrayList<>();
        List<String> said = new ArrayList<>(problems);
        for (Place place : enrolments) {
            switch (place.stay().on(day)) {
                case NOW -> places.add(place);
                case OVER -> places.add(place.asGone());
                case TO_COME ->
                    said.add(inWords(
                            "oneroster.enrollments-csv-begins-on-it-comes",
                            "id",
                            place.id(),
                            "day",
                            place.stay().from().orElseThrow()));
            }
        }
        return new RosterBundle(bulk, sessions, classes, people, places, lineItems, results, flags, List.copyOf(said));
    }

    record LineItem(String id, boolean gone, String title, double lowest, double highest) {}

    /** @param score absent where the work is exempt or not submitted */
    record Result(String id, boolean gone, String lineItemId, String personId, LocalDate on, OptionalDouble score) {}

    /** An accommodation that the school's system knows of; not part of OneRoster. */
    record Flag(String id, boolean gone, String personId, Accommodation accommodation, String source) {}
}
