package zafu.server.oneroster;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
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
    static final String SCHOOL = "zafu-school";
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

    /** One file of the bundle. */
    record Part(String name, List<String> header, List<List<String>> rows) {}

    /** The names of columns with commas between. */
    static List<String> columns(String names) {
        return List.of(names.split(","));
    }

    @Transactional
    public byte[] zip() {
        audit.note(null, "roster.given-out", null, "");
        Present here = present.load();
        String changed = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(
                "orgs",
                columns("sourcedId,status,dateLastModified,name,type,identifier,parentSourcedId"),
                List.of(List.of(SCHOOL, "active", changed, school.name(), "school", "", ""))));
        parts.add(sessions(changed));
        parts.add(courses(here, changed));
        parts.add(classes(here, changed));
        parts.add(users(here, changed));
        parts.add(roles(here, changed));
        parts.add(enrolments(here, changed));
        parts.addAll(new ScoreParts(here, changed).all());
        return zipped(parts, clock.instant());
    }

    private Part sessions(String changed) {
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
        return new Part(
                "academicSessions",
                columns("sourcedId,status,dateLastModified,title,type,startDate,endDate,"
                        + "parentSourcedId,schoolYear"),
                rows);
    }

    static List<KnownClass> inUse(Present here) {
        return here.classes.values().stream().filter(each -> !each.archived()).toList();
    }

    private static Part courses(Present here, String changed) {
        return new Part(
                "courses",
                columns("sourcedId,status,dateLastModified,schoolYearSourcedId,title,courseCode,"
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

    private Part classes(Present here, String changed) {
        String terms = String.join(
                ",",
                school.terms().stream().map(SchoolSettings.KnownTerm::sourceId).toList());
        return new Part(
                "classes",
                columns("sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,"
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

    private static Part users(Present here, String changed) {
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
        return new Part(
                "users",
                columns("sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,"
                        + "familyName,middleName,identifier,grades,preferredGivenName,primaryOrgSourcedId"),
                rows);
    }

    private static Part roles(Present here, String changed) {
        List<List<String>> rows = new ArrayList<>();
        students(here).forEach(each -> rows.add(role(each.sourceId(), "student", changed)));
        here.adults.values().forEach(each -> rows.add(role(each.sourceId(), "teacher", changed)));
        return new Part(
                "roles",
                columns("sourcedId,status,dateLastModified,userSourcedId,roleType,role,beginDate,"
                        + "endDate,orgSourcedId,userProfileSourcedId"),
                rows);
    }

    private static List<String> role(String user, String role, String changed) {
        return List.of("role-" + user, "active", changed, user, "primary", role, "", "", SCHOOL, "");
    }

    private static Part enrolments(Present here, String changed) {
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
        return new Part(
                "enrollments",
                columns("sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,"
                        + "userSourcedId,role,primary,beginDate,endDate"),
                rows);
    }

    private static List<String> enrolment(
            String id, KnownClass of, String user, String role, boolean primary, String changed) {
        return List.of(id, "active", changed, of.sourceId(), SCHOOL, user, role, primary ? "true" : "false", "", "");
    }

    private static byte[] zipped(List<Part> parts, Instant now) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            List<List<String>> manifest =
                    new ArrayList<>(List.of(List.of("manifest.version", "1.0"), List.of("oneroster.version", "1.2")));
            for (String name : BundleReader.PARTS) {
                boolean here = parts.stream().anyMatch(part -> part.name.equals(name));
                manifest.add(List.of("file." + name, here ? "bulk" : "absent"));
            }
            manifest.add(List.of("source.systemName", "Zafu"));
            manifest.add(List.of("source.systemCode", "zafu"));
            write(zip, new Part("manifest", List.of("propertyName", "value"), manifest), now);
            for (Part part : parts) {
                write(zip, part, now);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static void write(ZipOutputStream zip, Part part, Instant now) throws IOException {
        ZipEntry entry = new ZipEntry(part.name + ".csv");
        entry.setTime(now.toEpochMilli());
        zip.putNextEntry(entry);
        Writer text = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
        CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180);
        printer.printRecord(part.header);
        for (List<String> row : part.rows) {
            printer.printRecord(row);
        }
        printer.flush();
        zip.closeEntry();
    }
}
