package zafu.server.roster;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassRole;
import zafu.server.access.CurrentPerson;
import zafu.server.access.EntryCodes;
import zafu.server.platform.Refusal;

/** Classes and students, for the other features. Permission is theirs to check. */
@Service
public class Roster {
    private final SchoolClassRepository classes;
    private final StudentRepository students;
    private final StudentTagRepository tags;
    private final EnrolmentRepository enrolments;
    private final EntryCodes codes;
    private final ClassPermission permission;
    private final CurrentPerson current;

    Roster(
            SchoolClassRepository classes,
            StudentRepository students,
            StudentTagRepository tags,
            EnrolmentRepository enrolments,
            EntryCodes codes,
            ClassPermission permission,
            CurrentPerson current) {
        this.classes = classes;
        this.students = students;
        this.tags = tags;
        this.enrolments = enrolments;
        this.codes = codes;
        this.permission = permission;
        this.current = current;
    }

    /** A student as called in class; {@code grade} as in school, from 0. */
    public record StudentName(long id, String givenName, String familyName, int grade) {
        public String fullName() {
            return (givenName + " " + familyName).strip();
        }
    }

    /** A student with all that is written down; the source id is what other systems know the student by. */
    public record KnownStudent(long id, String sourceId, StudentFacts facts, List<String> tags, boolean archived) {}

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

    /** Everyone in any of these classes, the archived too, each once, in three reads. */
    public List<KnownStudent> known(Collection<Long> classIds) {
        return known(membersOf(classIds));
    }

    /** As {@link #known(Collection)}, for members already read. */
    public List<KnownStudent> known(Map<Long, List<Long>> members) {
        Long[] ids = members.values().stream().flatMap(List::stream).distinct().toArray(Long[]::new);
        Map<Long, List<String>> tagsOf = tagsOf(ids);
        return students.of(ids).stream()
                .map(each -> new KnownStudent(
                        each.id,
                        each.sourceId,
                        each.facts(),
                        tagsOf.getOrDefault(each.id, List.of()),
                        each.archivedAt != null))
                .toList();
    }

    /** Those of these classes that are not archived. */
    public List<Long> inUse(Collection<Long> classIds) {
        return classes.findAllById(classIds).stream()
                .filter(each -> each.archivedAt == null)
                .map(each -> each.id)
                .sorted()
                .toList();
    }

    /** Present members by class. */
    public Map<Long, List<Long>> membersOf(Collection<Long> classIds) {
        Map<Long, List<Long>> members = new LinkedHashMap<>();
        enrolments.present(classIds.toArray(Long[]::new)).forEach(row -> members.computeIfAbsent(
                        (Long) row[0], id -> new ArrayList<>())
                .add((Long) row[1]));
        return members;
    }

    private Map<Long, List<String>> tagsOf(Long[] ids) {
        Map<Long, List<String>> found = new LinkedHashMap<>();
        tags.of(ids).forEach(each -> found.computeIfAbsent(each.studentId, id -> new ArrayList<>())
                .add(each.tag));
        return found;
    }

    /** Names of these students, in the order of their ids. */
    public Map<StudentId, StudentName> named(Collection<Long> studentIds) {
        Map<StudentId, StudentName> named = new TreeMap<>();
        students.findAllById(studentIds).forEach(each -> named.put(new StudentId(each.id), each.named()));
        return named;
    }

    /** As a code or a word; empty where nobody said it. */
    public String languageAtHome(long studentId) {
        return students.findById(studentId)
                .map(student -> student.facts().language())
                .orElse("");
    }

    public StudentName student(long studentId) {
        return students.findById(studentId).map(Student::named).orElseThrow(() -> Refusal.notFound("student"));
    }

    /** The classes that the student is in now; for who looks in the student's place, only those of theirs. */
    public List<Long> classesOf(long studentId) {
        return enrolments.findByStudentIdAndEndsOnIsNull(studentId).stream()
                .map(enrolment -> enrolment.classId)
                .filter(current::isToldOf)
                .sorted()
                .toList();
    }

    public boolean isIn(long classId, long studentId) {
        return enrolments.existsByClassIdAndStudentIdAndEndsOnIsNull(classId, studentId);
    }

    public int gradeOf(long classId) {
        return classNamed(classId).grade;
    }

    public String nameOf(long classId) {
        return classNamed(classId).name;
    }

    /** The names of these classes, in one read. */
    public Map<Long, String> namesOf(Collection<Long> classIds) {
        return classes.findAllById(classIds).stream().collect(Collectors.toMap(each -> each.id, each -> each.name));
    }

    /** The id under which other systems know the class. */
    public String sourceIdOf(long classId) {
        return classNamed(classId).sourceId;
    }

    private SchoolClass classNamed(long classId) {
        return classes.findById(classId).orElseThrow(() -> Refusal.notFound("class"));
    }

    /** Makes a class that belongs to this adult, and returns its id. */
    public long createClass(String name, int grade, @Nullable Long ownerId) {
        SchoolClass made = new SchoolClass();
        made.name = name;
        made.grade = grade;
        long id = classes.save(made).id;
        if (ownerId != null) {
            permission.grant(id, ownerId, ClassRole.OWNER);
        }
        return id;
    }

    /** Makes a student with an entry code, enrols them, and returns their id. */
    public long enrol(long classId, StudentFacts facts, LocalDate from) {
        Student student = new Student();
        student.set(facts);
        long id = students.save(student).id;
        codes.issue(id);
        addToClass(classId, id, from);
        return id;
    }

    /** Puts a student into a class, again where they have left it before; nothing happens where they are in it. */
    public void addToClass(long classId, long studentId, LocalDate from) {
        Enrolment enrolment =
                enrolments.findByClassIdAndStudentId(classId, studentId).orElseGet(Enrolment::new);
        if (enrolment.id == null || enrolment.endsOn != null) {
            enrolment.classId = classId;
            enrolment.studentId = studentId;
            enrolment.beginsOn = from;
            enrolment.endsOn = null;
            enrolments.save(enrolment);
        }
    }

    /** Takes a student out of a class; what was done in it stays. */
    public void takeOut(long classId, long studentId, LocalDate on) {
        enrolments.findByClassIdAndStudentId(classId, studentId).ifPresent(enrolment -> {
            enrolment.endsOn = on;
            enrolments.save(enrolment);
        });
    }
}
