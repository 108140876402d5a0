package zafu.server.roster;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.EntryCodes;
import zafu.server.platform.Refusal;

/** What teachers see and set of the students of a class. */
@Service
class ClassService {
    private final ClassPermission permission;
    private final SchoolClassRepository classes;
    private final StudentRepository students;
    private final EnrolmentRepository enrolments;
    private final NeedRepository needs;
    private final EntryCodes codes;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    ClassService(
            ClassPermission permission,
            SchoolClassRepository classes,
            StudentRepository students,
            EnrolmentRepository enrolments,
            NeedRepository needs,
            EntryCodes codes,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.permission = permission;
        this.classes = classes;
        this.students = students;
        this.enrolments = enrolments;
        this.needs = needs;
        this.codes = codes;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    @Transactional(readOnly = true)
    ClassController.MyClasses mine() {
        List<ClassController.ClassCard> cards = classes.findAllById(permission.mine()).stream()
                .map(each -> new ClassController.ClassCard(
                        each.id, each.name, each.grade, (int) enrolments.countByClassId(each.id)))
                .toList();
        return new ClassController.MyClasses(cards, school.name(), school.zone().getId(), clock.instant());
    }

    @Transactional(readOnly = true)
    List<ClassController.StudentRow> students(long classId) {
        permission.requireSee(classId);
        List<Student> found = students.inClass(classId);
        List<Long> ids = found.stream().map(student -> student.id).toList();
        Map<Long, EntryCodes.Issued> issued = codes.of(ids);
        Map<Long, Need> needed =
                needs.findByStudentIdIn(ids).stream().collect(Collectors.toMap(need -> need.studentId, need -> need));
        return found.stream()
                .map(student -> row(student, issued.get(student.id), needed.get(student.id)))
                .toList();
    }

    private static ClassController.StudentRow row(
            Student student, EntryCodes.Issued code, @org.jspecify.annotations.Nullable Need need) {
        return new ClassController.StudentRow(
                student.id,
                student.givenName,
                student.familyName,
                student.grade,
                need == null ? null : new ClassController.NeedsShown(need.timeFactor, need.untimed, need.extraDays),
                code.code(),
                code.lastUsedAt());
    }

    @Transactional
    void setNeeds(long classId, long studentId, ClassController.NeedsShown wanted) {
        requireStudentToChange(classId, studentId);
        Need need = needs.findByStudentId(studentId).orElseGet(Need::new);
        need.studentId = studentId;
        need.timeFactor = wanted.timeFactor();
        need.untimed = wanted.untimed();
        need.extraDays = wanted.extraDays();
        needs.save(need);
        audit.note(classId, "needs.set", studentId, wanted.toString());
        events.publishEvent(new NeedsChanged(classId, studentId));
    }

    @Transactional
    void renewEntryCode(long classId, long studentId) {
        requireStudentToChange(classId, studentId);
        codes.issue(studentId);
        audit.note(classId, "entry-code.renewed", studentId, "");
    }

    private void requireStudentToChange(long classId, long studentId) {
        permission.requireChange(classId);
        if (!enrolments.existsByClassIdAndStudentId(classId, studentId)) {
            throw Refusal.notFound("student");
        }
    }
}
