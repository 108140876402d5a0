package zafu.server.report;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.growth.Growth;
import zafu.server.mark.Marks;
import zafu.server.platform.Refusal;
import zafu.server.progress.ClassWork;
import zafu.server.report.ReportApi.ReportKind;
import zafu.server.report.ReportApi.ReportShown;
import zafu.server.report.ReportApi.ReportWanted;
import zafu.server.roster.Roster;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.SchoolSettings;

/** Gathers what reports are made from, for adults who see the class. */
@Service
class ReportService {
    private static final int USUAL_WEEKS = 6;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final ClassWork classWork;
    private final Marks marks;
    private final Growth growth;
    private final Arrangements arrangements;
    private final Roster roster;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;

    ReportService(
            ClassPermission permission,
            CurrentPerson current,
            ClassWork classWork,
            Marks marks,
            Growth growth,
            Arrangements arrangements,
            Roster roster,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock) {
        this.permission = permission;
        this.current = current;
        this.classWork = classWork;
        this.marks = marks;
        this.growth = growth;
        this.arrangements = arrangements;
        this.roster = roster;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    ReportShown of(long classId, ReportWanted wanted) {
        permission.requireSee(classId);
        LocalDate to = wanted.to() == null ? school.today() : wanted.to();
        LocalDate from = wanted.from() == null ? usualBegin(wanted.kind(), to) : wanted.from();
        if (from.isAfter(to)) {
            throw Refusal.unusableField("backwards", "to", inWords("report.the-last-day-is-before-the-first"));
        }
        ReportMaterial material = material(classId, wanted, from, to);
        return new ReportShown(from, to, sheets(classId, material));
    }

    private LocalDate usualBegin(ReportKind kind, LocalDate to) {
        return kind == ReportKind.OWN_WEEK ? school.week().firstDay(to) : to.minusWeeks(USUAL_WEEKS);
    }

    private ReportMaterial material(long classId, ReportWanted wanted, LocalDate from, LocalDate to) {
        Map<StudentId, KnownStudent> students = new LinkedHashMap<>();
        roster.known(List.of(classId)).stream()
                .filter(each -> !each.archived())
                .forEach(each -> students.put(new StudentId(each.id()), each));
        Marks.Work work = classWork.of(classId);
        return new ReportMaterial(
                school.name(),
                roster.nameOf(classId),
                current.adult().displayName(),
                from,
                to,
                wanted,
                new WorkInTime(work, from, to, school.zone(), clock.instant()),
                marks.of(work, students.keySet(), clock.instant()),
                growth.valuesOf(students.keySet()),
                students);
    }

    private List<Sheet> sheets(long classId, ReportMaterial material) {
        return switch (material.wanted().kind()) {
            case FAMILY_LETTER ->
                wantedStudents(classId, material).stream()
                        .map(each -> new FamilyLetter(material, each).sheet())
                        .toList();
            case CERTIFICATE ->
                wantedStudents(classId, material).stream()
                        .map(each -> Certificate.of(material, each))
                        .toList();
            case GROUP_REPORT ->
                wantedGroups(classId, material.wanted()).stream()
                        .map(each -> new GroupReport(material, each).sheet())
                        .toList();
            case OWN_WEEK -> List.of(OwnWeek.of(material, deeds(classId, material)));
        };
    }

    private List<KnownStudent> wantedStudents(long classId, ReportMaterial material) {
        ReportWanted wanted = material.wanted();
        if (!wanted.students().isEmpty()) {
            return wanted.students().stream()
                    .distinct()
                    .map(id -> material.students().get(new StudentId(id)))
                    .map(each -> {
                        if (each == null) {
                            throw Refusal.notFound("student");
                        }
                        return each;
                    })
                    .toList();
        }
        if (wanted.groupId() == null) {
            return List.copyOf(material.students().values());
        }
        return wantedGroups(classId, wanted).stream()
                .flatMap(group -> group.members().stream())
                .map(material.students()::get)
                .filter(Objects::nonNull)
                .toList();
    }

    private List<GroupWithMembers> wantedGroups(long classId, ReportWanted wanted) {
        List<GroupWithMembers> all = arrangements.seenOfClass(classId);
        if (wanted.groupId() == null) {
            Long newest = all.isEmpty() ? null : all.get(all.size() - 1).arrangementId();
            Long of = wanted.arrangementId() == null ? newest : wanted.arrangementId();
            return all.stream()
                    .filter(each -> Objects.equals(each.arrangementId(), of))
                    .toList();
        }
        List<GroupWithMembers> one = all.stream()
                .filter(each -> each.id().value() == wanted.groupId())
                .toList();
        if (one.isEmpty()) {
            throw Refusal.notFound("group");
        }
        return one;
    }

    private List<String> deeds(long classId, ReportMaterial material) {
        return audit.deeds(
                current.adult().adultId(),
                classId,
                material.from().atStartOfDay(school.zone()).toInstant(),
                material.to().plusDays(1).atStartOfDay(school.zone()).toInstant());
    }

    @Transactional
    byte[] pdf(long classId, ReportWanted wanted) {
        List<Sheet> sheets = of(classId, wanted).sheets();
        if (sheets.isEmpty()) {
            throw Refusal.conflict("no-sheets", inWords("report.there-is-nobody-to-write-about"));
        }
        String kind = wanted.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        audit.note(classId, "report.printed", classId, sheets.size() + " \u00d7 " + kind);
        return SheetPages.pdf(sheets, school.paper());
    }
}
