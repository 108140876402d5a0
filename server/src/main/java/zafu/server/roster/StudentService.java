package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;

/** Reads and changes one student. */
@Service
class StudentService {
    private final StudentAccess access;
    private final ClassPermission permission;
    private final StudentRepository students;
    private final StudentTagRepository tags;
    private final EnrolmentRepository enrolments;
    private final Roster roster;
    private final StudentErasure erasure;
    private final List<StudentPart> parts;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;

    StudentService(
            StudentAccess access,
            ClassPermission permission,
            StudentRepository students,
            StudentTagRepository tags,
            EnrolmentRepository enrolments,
            Roster roster,
            StudentErasure erasure,
            List<StudentPart> parts,
            AuditTrail audit,
            ApplicationEventPublisher events) {
        this.access = access;
        this.permission = permission;
        this.students = students;
        this.tags = tags;
        this.enrolments = enrolments;
        this.roster = roster;
        this.erasure = erasure;
        this.parts = parts;
        this.audit = audit;
        this.events = events;
    }

    @Transactional(readOnly = true)
    StudentApi.StudentSheet sheet(long studentId) {
        List<Long> seen = access.classesSeen(studentId);
        Student student = require(studentId);
        return new StudentApi.StudentSheet(
                student.id,
                student.version,
                student.facts(),
                tagsOf(studentId),
                stays(studentId, seen),
                student.archivedAt != null,
                seen.stream().anyMatch(permission::mayChange),
                access.maySeeNeeds(studentId));
    }

    private Student require(long studentId) {
        return students.findById(studentId).orElseThrow(() -> Refusal.notFound("student"));
    }

    private List<String> tagsOf(long studentId) {
        return tags.of(new Long[] {studentId}).stream().map(each -> each.tag).toList();
    }

    private List<StudentApi.ClassStay> stays(long studentId, List<Long> seen) {
        Map<Long, String> names = roster.namesOf(seen);
        return enrolments.findByStudentIdAndEndsOnIsNull(studentId).stream()
                .filter(each -> names.containsKey(each.classId))
                .map(each -> new StudentApi.ClassStay(each.classId, names.get(each.classId), each.beginsOn))
                .toList();
    }

    @Transactional
    void change(long studentId, StudentApi.StudentEdit edit) {
        access.requireChange(studentId);
        Student student = require(studentId);
        if (student.version != edit.version()) {
            throw new OptimisticLockingFailureException("student " + studentId);
        }
        requireNumberIsFree(edit.facts().studentNumber(), studentId);
        StudentFacts before = student.facts();
        student.set(edit.facts());
        students.saveAndFlush(student);
        List<String> tagsBefore = tagsOf(studentId);
        tags.deleteByStudentId(studentId);
        tags.flush();
        edit.tags().stream().map(String::strip).distinct().forEach(tag -> tags.save(StudentTag.of(studentId, tag)));
        audit.note(
                null,
                "student.changed",
                studentId,
                shortly(before, tagsBefore) + " → " + shortly(edit.facts(), edit.tags()));
        tell(studentId);
    }

    /** What is written down, without the names of the fields: it is read in any language. */
    private static String shortly(StudentFacts facts, List<String> tags) {
        Stream<String> own = Stream.of(
                facts.givenName(),
                facts.familyName(),
                facts.preferredName(),
                String.valueOf(facts.grade()),
                facts.language(),
                facts.homeClass(),
                facts.studentNumber());
        return Stream.concat(own, tags.stream()).filter(each -> !each.isBlank()).collect(Collectors.joining(", "));
    }

    private void requireNumberIsFree(String number, long studentId) {
        boolean taken = !number.isBlank()
                && students.findByStudentNumberIn(List.of(number)).stream().anyMatch(each -> each.id != studentId);
        if (taken) {
            throw Refusal.unusableField(
                    "number-taken", "studentNumber", inWords("roster.the-number-belongs-to-another", "number", number));
        }
    }

    @Transactional
    Map<String, Object> record(long studentId) {
        access.requireChange(studentId);
        Student student = require(studentId);
        Map<String, Object> record = new LinkedHashMap<>();
        record.put("student", student.facts());
        record.put("tags", tagsOf(studentId));
        record.put(
                "classes",
                enrolments.findByStudentId(studentId).stream()
                        .map(each -> Map.of("class", roster.nameOf(each.classId), "from", each.beginsOn.toString()))
                        .toList());
        parts.forEach(part -> record.put(part.name(), part.of(studentId)));
        audit.note(null, "student.record-given-out", studentId, "");
        return record;
    }

    @Transactional
    void erase(long studentId, String nameTyped) {
        access.requireChange(studentId);
        Student student = require(studentId);
        String name = student.fullName();
        if (!nameTyped.strip().equals(name)) {
            throw Refusal.unusableField(
                    "name-differs", "name", inWords("roster.type-the-name-as-it-stands-here-to", "name", name));
        }
        erasure.erase(student);
    }

    private void tell(long studentId) {
        roster.classesOf(studentId).forEach(classId -> events.publishEvent(new StudentsChanged(classId)));
    }
}
