package zafu.server.roster;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.server.access.EntryCodes;
import zafu.server.platform.Refusal;

/** Changes to people and classes that come from outside, one by one and many at once. Permission is the caller's. */
@Service
public class RosterChanges {
    private final StudentRepository students;
    private final StudentTagRepository tags;
    private final SchoolClassRepository classes;
    private final EnrolmentRepository enrolments;
    private final EntryCodes codes;
    private final EntityManager entities;
    private final Clock clock;

    RosterChanges(
            StudentRepository students,
            StudentTagRepository tags,
            SchoolClassRepository classes,
            EnrolmentRepository enrolments,
            EntryCodes codes,
            EntityManager entities,
            Clock clock) {
        this.students = students;
        this.tags = tags;
        this.classes = classes;
        this.enrolments = enrolments;
        this.codes = codes;
        this.entities = entities;
        this.clock = clock;
    }

    /** A class as other systems know it. */
    public record KnownClass(long id, String sourceId, String name, int grade, boolean archived) {}

    /**
     * That a student is, or was, in a class.
     *
     * @param sourceId under which another system knows it; absent for one that was made here
     */
    public record KnownEnrolment(long classId, long studentId, boolean present, @Nullable String sourceId) {}

    /** @param sourceId absent for one of our own making */
    public long makeStudent(StudentFacts facts, Collection<String> tagged, @Nullable String sourceId) {
        Student made = new Student();
        made.set(facts);
        if (sourceId != null) {
            made.sourceId = sourceId;
        }
        entities.persist(made);
        tag(made.id, tagged);
        return made.id;
    }

    public void issueCodes(Collection<Long> studentIds) {
        codes.issueAll(studentIds);
    }

    public void set(long studentId, StudentFacts facts, Collection<String> tagged) {
        Student student = require(studentId);
        student.set(facts);
        students.save(student);
        tags.deleteByStudentId(studentId);
        tags.flush();
        tag(studentId, tagged);
    }

    private void tag(long studentId, Collection<String> tagged) {
        tagged.stream().distinct().forEach(each -> {
            StudentTag made = new StudentTag();
            made.studentId = studentId;
            made.tag = each;
            entities.persist(made);
        });
    }

    /** Lets the student be known under an id of another system from now on. */
    public void link(long studentId, String sourceId) {
        require(studentId).sourceId = sourceId;
    }

    public void archive(long studentId, boolean away) {
        Student student = require(studentId);
        student.archivedAt = away ? clock.instant() : null;
        students.save(student);
    }

    private Student require(long studentId) {
        return students.findById(studentId).orElseThrow(() -> Refusal.notFound("student"));
    }

    public long makeClass(String name, int grade, String sourceId) {
        SchoolClass made = new SchoolClass();
        made.name = name;
        made.grade = grade;
        made.sourceId = sourceId;
        return classes.save(made).id;
    }

    public void linkClass(long classId, String sourceId) {
        requireClass(classId).sourceId = sourceId;
    }

    public void renameClass(long classId, String name) {
        requireClass(classId).name = name;
    }

    public void archiveClass(long classId, boolean away) {
        requireClass(classId).archivedAt = away ? clock.instant() : null;
    }

    private SchoolClass requireClass(long classId) {
        return classes.findById(classId).orElseThrow(() -> Refusal.notFound("class"));
    }

    /** Students by the id under which other systems know them, the archived too. */
    public Map<String, Roster.KnownStudent> studentsBySource() {
        Map<Long, List<String>> tagged = new LinkedHashMap<>();
        tags.findAll().forEach(each -> tagged.computeIfAbsent(each.studentId, id -> new ArrayList<>())
                .add(each.tag));
        Map<String, Roster.KnownStudent> found = new LinkedHashMap<>();
        students.findAll(org.springframework.data.domain.Sort.by("id"))
                .forEach(each -> found.put(
                        each.sourceId,
                        new Roster.KnownStudent(
                                each.id,
                                each.sourceId,
                                each.facts(),
                                tagged.getOrDefault(each.id, List.of()),
                                each.archivedAt != null)));
        return found;
    }

    public Map<String, KnownClass> classesBySource() {
        Map<String, KnownClass> found = new LinkedHashMap<>();
        classes.findAll(org.springframework.data.domain.Sort.by("id"))
                .forEach(each -> found.put(
                        each.sourceId,
                        new KnownClass(each.id, each.sourceId, each.name, each.grade, each.archivedAt != null)));
        return found;
    }

    public List<KnownEnrolment> enrolments() {
        return enrolments.findAll(org.springframework.data.domain.Sort.by("id")).stream()
                .map(each -> new KnownEnrolment(each.classId, each.studentId, each.endsOn == null, each.sourceId))
                .toList();
    }

    /** Puts a student into a class in which they have never been. */
    public void enrol(long classId, long studentId, LocalDate from, @Nullable String sourceId) {
        Enrolment made = new Enrolment();
        made.classId = classId;
        made.studentId = studentId;
        made.beginsOn = from;
        made.sourceId = sourceId;
        entities.persist(made);
    }

    /** Lets an enrolment be known under an id of another system from now on. */
    public void linkEnrolment(long classId, long studentId, String sourceId) {
        enrolments.findByClassIdAndStudentId(classId, studentId).ifPresent(found -> found.sourceId = sourceId);
    }

    /** Writes what is pending and forgets what was loaded: many rows pass, few are held. */
    public void breathe() {
        entities.flush();
        entities.clear();
    }
}
