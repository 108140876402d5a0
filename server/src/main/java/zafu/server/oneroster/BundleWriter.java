package zafu.server.oneroster;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassRole;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.RosterChanges.KnownClass;
import zafu.server.roster.RosterChanges.KnownEnrolment;
import zafu.server.roster.SchoolSettings;

/** Writes the school's list and numeric scores as a complete OneRoster 1.2 CSV bundle. Needs never go into it. */
@Component
class BundleWriter {
    static final String SCHOOL = BundleZip.SCHOOL;
    private final Present.Loader present;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;

    BundleWriter(Present.Loader present, SchoolSettings school, AuditTrail audit, Clock clock) {
        this.present = present;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional
    public byte[] zip() {
        audit.note(null, "roster.given-out", null, "");
        Present here = present.load();
        String changed = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        List<BundleZip.Part> parts = new ArrayList<>();
        parts.add(new BundleZip.Part(
                "orgs",
                BundleZip.columns("sourcedId,status,dateLastModified,name,type,identifier,parentSourcedId"),
                List.of(List.of(SCHOOL, "active", changed, school.name(), "school", "", ""))));
        parts.add(sessions(changed));
        parts.add(courses(here, changed));
        parts.add(classes(here, changed));
        parts.add(users(here, changed));
        parts.add(roles(here, changed));
        parts.add(enrolments(here, changed));
        parts.addAll(new ScoreParts(here, changed).all());
        return BundleZip.of(parts, clock.instant());
    }

    private BundleZip.Part sessions(String changed) {
        List<List<String>> rows = school.terms().stream()
                .map(term -> List.of(
                        term.sourceId(),
                        "active",
                        changed,
                        term.name(),
                        "term",
                        term.dates().from().toString(),
                        term.dates().to().toString(),
                        "",
                        String.valueOf(term.dates().to().getYear())))
                .toList();
        return new BundleZip.Part(
                "academicSessions",
                BundleZip.columns("sourcedId,status,dateLastModified,title,type,startDate,endDate,"
                        + "parentSourcedId,schoolYear"),
                rows);
    }

    static List<KnownClass> inUse(Present here) {
        return here.classes.values().stream().filter(each -> !each.archived()).toList();
    }

    private static BundleZip.Part courses(Present here, String changed) {
        return new BundleZip.Part(
                "courses",
                BundleZip.columns("sourcedId,status,dateLastModified,schoolYearSourcedId,title,courseCode,"
                        + "grades,orgSourcedId,subjects,subjectCodes"),
                inUse(here).stream()
                        .map(each -> List.of(
                                "course-" + each.sourceId(),
                                "active",
                                changed,
                                "",
                                each.name(),
                                "",
                                Grades.written(each.grade()),
                                SCHOOL,
                                "",
                                ""))
                        .toList());
    }

    private BundleZip.Part classes(Present here, String changed) {
        String terms = String.join(
                ",",
                school.terms().stream().map(SchoolSettings.KnownTerm::sourceId).toList());
        return new BundleZip.Part(
                "classes",
                BundleZip.columns("sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,"
                        + "classType,location,schoolSourcedId,termSourcedIds,subjects,subjectCodes,periods"),
                inUse(here).stream()
                        .map(each -> List.of(
                                each.sourceId(),
                                "active",
                                changed,
                                each.name(),
                                Grades.written(each.grade()),
                                "course-" + each.sourceId(),
                                "",
                                "scheduled",
                                "",
                                SCHOOL,
                                terms,
                                "",
                                "",
                                ""))
                        .toList());
    }

    static List<KnownStudent> students(Present here) {
        return here.students.values().stream().filter(each -> !each.archived()).toList();
    }

    private static BundleZip.Part users(Present here, String changed) {
        List<List<String>> rows = new ArrayList<>();
        students(here)
                .forEach(each -> rows.add(List.of(
                        each.sourceId(),
                        "active",
                        changed,
                        "true",
                        "",
                        "",
                        each.facts().givenName(),
                        each.facts().familyName(),
                        "",
                        each.facts().studentNumber(),
                        Grades.written(each.facts().grade()),
                        each.facts().preferredName(),
                        SCHOOL)));
        here.adults.values().forEach(each -> {
            int blank = each.displayName().indexOf(' ');
            String given = blank < 0 ? each.displayName() : each.displayName().substring(0, blank);
            String family = blank < 0 ? "" : each.displayName().substring(blank + 1);
            rows.add(List.of(
                    each.sourceId(),
                    "active",
                    changed,
                    "true",
                    each.name(),
                    "",
                    given,
                    family,
                    "",
                    "",
                    "",
                    "",
                    SCHOOL));
        });
        return new BundleZip.Part(
                "users",
                BundleZip.columns("sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,"
                        + "familyName,middleName,identifier,grades,preferredGivenName,primaryOrgSourcedId"),
                rows);
    }

    private static BundleZip.Part roles(Present here, String changed) {
        List<List<String>> rows = new ArrayList<>();
        students(here).forEach(each -> rows.add(role(each.sourceId(), "student", changed)));
        here.adults.values().forEach(each -> rows.add(role(each.sourceId(), "teacher", changed)));
        return new BundleZip.Part(
                "roles",
                BundleZip.columns("sourcedId,status,dateLastModified,userSourcedId,roleType,role,beginDate,"
                        + "endDate,orgSourcedId,userProfileSourcedId"),
                rows);
    }

    private static List<String> role(String user, String role, String changed) {
        return List.of("role-" + user, "active", changed, user, "primary", role, "", "", SCHOOL, "");
    }

    private static BundleZip.Part enrolments(Present here, String changed) {
        Map<Long, KnownClass> classes = new HashMap<>();
        inUse(here).forEach(each -> classes.put(each.id(), each));
        List<List<String>> rows = new ArrayList<>();
        for (KnownEnrolment each : here.enrolments) {
            KnownStudent student = here.studentsById.get(each.studentId());
            KnownClass of = classes.get(each.classId());
            if (each.present() && of != null && !student.archived()) {
                String id = each.sourceId() != null ? each.sourceId() : of.sourceId() + "-" + student.sourceId();
                rows.add(enrolment(id, of, student.sourceId(), "student", false, changed));
            }
        }
        classes.values().forEach(of -> here.roles
                .getOrDefault(of.id(), Map.of())
                .forEach((adult, role) -> here.adults.values().stream()
                        .filter(each -> each.id() == adult && role != ClassRole.VIEWER)
                        .forEach(each -> rows.add(enrolment(
                                of.sourceId() + "-" + each.sourceId(),
                                of,
                                each.sourceId(),
                                role == ClassRole.SUPPORT ? "aide" : "teacher",
                                role == ClassRole.OWNER,
                                changed)))));
        return new BundleZip.Part(
                "enrollments",
                BundleZip.columns("sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,"
                        + "userSourcedId,role,primary,beginDate,endDate"),
                rows);
    }

    private static List<String> enrolment(
            String id, KnownClass of, String user, String role, boolean primary, String changed) {
        return List.of(id, "active", changed, of.sourceId(), SCHOOL, user, role, primary ? "true" : "false", "", "");
    }
}
