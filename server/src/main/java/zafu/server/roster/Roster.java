package zafu.server.roster;

import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import zafu.core.roster.StudentId;
import zafu.core.schedule.TimeLimit.TimeNeeds;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassRole;
import zafu.server.access.EntryCodes;
import zafu.server.platform.Refusal;

/** Classes and students, for the other features. Permission is theirs to check. */
@Service
public class Roster {
    private final SchoolClassRepository classes;
    private final StudentRepository students;
    private final EnrolmentRepository enrolments;
    private final NeedRepository needs;
    private final EntryCodes codes;
    private final ClassPermission permission;

    Roster(
            SchoolClassRepository classes,
            StudentRepository students,
            EnrolmentRepository enrolments,
            NeedRepository needs,
            EntryCodes codes,
            ClassPermission permission) {
        this.classes = classes;
        this.students = students;
        this.enrolments = enrolments;
        this.needs = needs;
        this.codes = codes;
        this.permission = permission;
    }

    /** A student by name; {@code grade} as in school, from 0. */
    public record StudentName(long id, String givenName, String familyName, int grade) {}

    /** A student to be made. */
    public record NewStudent(String givenName, String familyName, int grade) {}

    /** What a student needs: time, and teaching days on top of a due date. */
    public record StudentNeeds(TimeNeeds time, int extraDays) {
        public static final StudentNeeds NONE = new StudentNeeds(TimeNeeds.NONE, 0);
    }

    /** Everyone in the class, by given name. */
    public List<StudentName> studentsOf(long classId) {
        return students.inClass(classId).stream().map(Student::named).toList();
    }

    /** Everyone in the class by id, in the order of {@link #studentsOf}. */
    public Map<StudentId, StudentName> byId(long classId) {
        Map<StudentId, StudentName> byId = new LinkedHashMap<>();
        studentsOf(classId).forEach(student -> byId.put(new StudentId(student.id()), student));
        return byId;
    }

    public StudentName student(long studentId) {
        return students.findById(studentId).map(Student::named).orElseThrow(() -> Refusal.notFound("student"));
    }

    public List<Long> classesOf(long studentId) {
        return enrolments.findByStudentId(studentId).stream()
                .map(enrolment -> enrolment.classId)
                .sorted()
                .toList();
    }

    public int gradeOf(long classId) {
        return classes.findById(classId).orElseThrow(() -> Refusal.notFound("class")).grade;
    }

    public Map<StudentId, StudentNeeds> needsOf(Collection<StudentId> of) {
        Map<StudentId, StudentNeeds> found = new LinkedHashMap<>();
        needs.findByStudentIdIn(of.stream().map(StudentId::value).toList())
                .forEach(need -> found.put(new StudentId(need.studentId), need.asNeeds()));
        return found;
    }

    /** Makes a class that belongs to this adult, and returns its id. */
    public long createClass(String name, int grade, long ownerId) {
        SchoolClass made = new SchoolClass();
        made.name = name;
        made.grade = grade;
        long id = classes.save(made).id;
        permission.grant(id, ownerId, ClassRole.OWNER);
        return id;
    }

    /** Makes a student with an entry code, enrols them, and returns their id. */
    public long enrol(long classId, NewStudent wanted, LocalDate from) {
        Student student = new Student();
        student.givenName = wanted.givenName();
        student.familyName = wanted.familyName();
        student.grade = wanted.grade();
        long id = students.save(student).id;
        Enrolment enrolment = new Enrolment();
        enrolment.classId = classId;
        enrolment.studentId = id;
        enrolment.beginsOn = from;
        enrolments.save(enrolment);
        codes.issue(id);
        return id;
    }
}
