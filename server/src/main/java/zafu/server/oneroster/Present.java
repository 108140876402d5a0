package zafu.server.oneroster;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassPermission.ListedRole;
import zafu.server.access.ClassRole;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.need.Needs;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.RosterChanges;
import zafu.server.roster.RosterChanges.KnownClass;
import zafu.server.roster.RosterChanges.KnownEnrolment;
import zafu.server.roster.SchoolSettings;

/** What is here of the school, by the ids under which other systems know it. */
final class Present {
    final Set<String> sessions = new HashSet<>();
    final Map<String, KnownClass> classes;
    final Map<String, KnownStudent> students;
    final Map<Long, KnownStudent> studentsById = new HashMap<>();
    final Map<String, List<KnownStudent>> studentsByName = new HashMap<>();
    final List<KnownEnrolment> enrolments;
    final Map<String, KnownEnrolment> enrolmentByPlace = new HashMap<>();
    final Map<String, AdultAccounts.AdultCard> adults = new LinkedHashMap<>();
    final Map<Long, Map<Long, ClassRole>> roles;
    final List<ListedRole> listedRoles;
    final Map<String, MeasureCard> measuresByName = new HashMap<>();
    final Map<String, MeasureCard> measuresBySource;
    final Measures measures;
    final Needs needs;

    private Present(Loader loader) {
        loader.school.terms().forEach(term -> sessions.add(term.sourceId()));
        classes = loader.roster.classesBySource();
        students = loader.roster.studentsBySource();
        students.values().forEach(each -> {
            studentsById.put(each.id(), each);
            String name = plain(each.facts().givenName() + " " + each.facts().familyName());
            studentsByName.computeIfAbsent(name, key -> new ArrayList<>()).add(each);
        });
        enrolments = loader.roster.enrolments();
        enrolments.forEach(each -> enrolmentByPlace.put(place(each.classId(), each.studentId()), each));
        loader.adults.all().forEach(each -> adults.put(each.sourceId(), each));
        List<Long> classIds = classes.values().stream().map(KnownClass::id).toList();
        roles = loader.permission.adultsOf(classIds);
        listedRoles = loader.permission.listed(classIds);
        loader.measures.shared().forEach(card -> measuresByName.put(plain(card.name()), card));
        measuresBySource = loader.measures.bySourceId();
        measures = loader.measures;
        needs = loader.needs;
    }

    static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    static String place(long classId, long studentId) {
        return classId + "/" + studentId;
    }

    /** Loads what is here. */
    @Component
    static final class Loader {
        private final RosterChanges roster;
        private final SchoolSettings school;
        private final AdultAccounts adults;
        private final ClassPermission permission;
        private final Measures measures;
        private final Needs needs;

        Loader(
                RosterChanges roster,
                SchoolSettings school,
                AdultAccounts adults,
                ClassPermission permission,
                Measures measures,
                Needs needs) {
            this.roster = roster;
            this.school = school;
            this.adults = adults;
            this.permission = permission;
            this.measures = measures;
            this.needs = needs;
        }

        Present load() {
            return new Present(this);
        }
    }
}
