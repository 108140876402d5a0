package zafu.server.oneroster;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zafu.server.access.ClassPermission.ListedRole;
import zafu.server.measure.Measures.ToNote;
import zafu.server.oneroster.RosterBundle.ClassLine;
import zafu.server.oneroster.RosterBundle.Flag;
import zafu.server.oneroster.RosterBundle.LineItem;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterBundle.Place;
import zafu.server.oneroster.RosterBundle.Session;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.StudentFacts;

/** What a bundle would change here: everything the applier does, and each thing told in words. */
final class RosterPlan {
    final List<Session> newSessions = new ArrayList<>();
    final List<ClassPlan> classes = new ArrayList<>();
    final List<StudentPlan> students = new ArrayList<>();
    final List<KnownStudent> gone = new ArrayList<>();
    final List<AdultPlan> adults = new ArrayList<>();
    final List<PlacePlan> places = new ArrayList<>();
    final List<RolePlan> roles = new ArrayList<>();
    final List<ListedRole> rolesGone = new ArrayList<>();
    /** New measures by the id of the line item that stands for them. */
    final Map<String, LineItem> newMeasures = new LinkedHashMap<>();

    final List<ResultPlan> results = new ArrayList<>();
    final List<FlagPlan> flags = new ArrayList<>();
    final List<Told> told = new ArrayList<>();
    final List<String> problems = new ArrayList<>();

    /** Kinds of changes as they are counted and shown. */
    enum Kind {
        NEW_TERM,
        NEW_CLASS,
        CLASS_LINKED,
        CLASS_RENAMED,
        CLASS_BACK,
        NEW_STUDENT,
        STUDENT_LINKED,
        STUDENT_CHANGED,
        STUDENT_BACK,
        STUDENT_GONE,
        JOINS_CLASS,
        LEAVES_CLASS,
        NEW_ADULT,
        ROLE_GIVEN,
        ROLE_TAKEN,
        NEW_MEASURE,
        SCORES,
        NEED_GRANTED,
        NEED_ENDED
    }

    /** @param who the student, class, adult or measure it is about */
    record Told(Kind kind, String who, String detail) {}

    /**
     * @param known the class here; absent for a new one
     * @param back whether it was archived and comes back
     */
    record ClassPlan(ClassLine line, @Nullable Long known, @Nullable String renamedFrom, boolean back) {}

    /**
     * @param known the student here; absent for a new one
     * @param facts as they will be written down
     */
    record StudentPlan(Person person, @Nullable KnownStudent known, StudentFacts facts) {}

    /** @param known the adult here; absent for a new one */
    record AdultPlan(Person person, @Nullable Long known) {}

    enum PlaceDeed {
        ENROL,
        ENROL_AGAIN,
        TAKE_OUT,
        /** The place is known already; only its id is new. */
        LINK
    }

    /** A student's place, by the ids of the bundle or, where the bundle no longer has it, by ours. */
    record PlacePlan(
            PlaceDeed deed,
            String sourceId,
            String classSource,
            String studentSource,
            @Nullable Long classId,
            @Nullable Long studentId) {}

    record RolePlan(Place place) {}

    /** @param note its student is the place in the list of results, to be set once students are made */
    record ResultPlan(String lineItemId, @Nullable Long measureId, String studentSource, ToNote note) {}

    /** @param ends an accommodation that no longer holds */
    record FlagPlan(@Nullable Flag granted, @Nullable Long ends) {}

    void tell(Kind kind, String who, String detail) {
        told.add(new Told(kind, who, detail));
    }

    boolean isEmpty() {
        return told.isEmpty();
    }
}
