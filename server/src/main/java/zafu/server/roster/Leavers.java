package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.roster.LeaverApi.Leaver;

/**
 * Students who have left: archived before a day, or in no class any more since before it. At the end of a year a school
 * erases them together, after having seen who they are. Only administrators do this.
 */
@Service
class Leavers {
    private final StudentRepository students;
    private final EnrolmentRepository enrolments;
    private final Roster roster;
    private final StudentErasure erasure;
    private final ClassPermission permission;
    private final SchoolSettings school;

    Leavers(
            StudentRepository students,
            EnrolmentRepository enrolments,
            Roster roster,
            StudentErasure erasure,
            ClassPermission permission,
            SchoolSettings school) {
        this.students = students;
        this.enrolments = enrolments;
        this.roster = roster;
        this.erasure = erasure;
        this.permission = permission;
        this.school = school;
    }

    @Transactional(readOnly = true)
    List<Leaver> before(LocalDate day) {
        permission.requireAdministrator();
        List<Student> left = leftBefore(day);
        Map<Long, List<Enrolment>> stays =
                enrolments.findByStudentIdIn(left.stream().map(each -> each.id).toList()).stream()
                        .collect(Collectors.groupingBy(each -> each.studentId));
        Map<Long, String> names = roster.namesOf(stays.values().stream()
                .flatMap(List::stream)
                .map(each -> each.classId)
                .distinct()
                .toList());
        return left.stream()
                .map(each -> shown(each, stays.getOrDefault(each.id, List.of()), names))
                .toList();
    }

    private Leaver shown(Student student, List<Enrolment> stays, Map<Long, String> names) {
        LocalDateTime archived = school.local(student.archivedAt);
        LocalDate left = archived == null
                ? stays.stream()
                        .map(each -> each.endsOn)
                        .filter(Objects::nonNull)
                        .max(LocalDate::compareTo)
                        .orElseThrow()
                : archived.toLocalDate();
        return new Leaver(
                student.id,
                student.fullName(),
                left,
                stays.stream()
                        .map(each -> names.getOrDefault(each.classId, ""))
                        .distinct()
                        .sorted()
                        .toList());
    }

    /**
     * Erases all of them or, where one does not count as having left before the day, none.
     *
     * @param ids of those who were seen and are meant
     */
    @Transactional
    void erase(LocalDate day, List<Long> ids) {
        permission.requireAdministrator();
        Map<Long, Student> left = leftBefore(day).stream().collect(Collectors.toMap(each -> each.id, each -> each));
        if (!left.keySet().containsAll(ids)) {
            throw Refusal.conflict("came-back", inWords("roster.some-of-these-students-have-come"));
        }
        ids.stream().distinct().forEach(id -> erasure.erase(left.get(id)));
    }

    private List<Student> leftBefore(LocalDate day) {
        if (day.isAfter(school.today())) {
            throw Refusal.unusableField(
                    "day-to-come", "before", inWords("roster.choose-a-day-that-has-come-has-not", "day", day));
        }
        return students.leftBefore(Objects.requireNonNull(school.moment(day.atStartOfDay())), day);
    }
}
