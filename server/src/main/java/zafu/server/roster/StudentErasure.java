package zafu.server.roster;

import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.EntryCodes;

/** Removes all that is known of a student, for good. That it was done, when and by whom, stays. */
@Component
class StudentErasure {
    private final StudentRepository students;
    private final StudentTagRepository tags;
    private final EnrolmentRepository enrolments;
    private final Roster roster;
    private final EntryCodes codes;
    private final List<StudentPart> parts;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;

    StudentErasure(
            StudentRepository students,
            StudentTagRepository tags,
            EnrolmentRepository enrolments,
            Roster roster,
            EntryCodes codes,
            List<StudentPart> parts,
            AuditTrail audit,
            ApplicationEventPublisher events) {
        this.students = students;
        this.tags = tags;
        this.enrolments = enrolments;
        this.roster = roster;
        this.codes = codes;
        this.parts = parts;
        this.audit = audit;
        this.events = events;
    }

    /** Whoever calls has made sure that this may be. */
    @Transactional(propagation = Propagation.MANDATORY)
    void erase(Student student) {
        long id = student.id;
        List<Long> left = roster.classesOf(id);
        parts.forEach(part -> part.erase(id));
        tags.deleteByStudentId(id);
        codes.erase(id);
        enrolments.deleteAll(enrolments.findByStudentId(id));
        students.delete(student);
        audit.forget(id);
        audit.note(null, "student.erased", id, "");
        left.forEach(classId -> events.publishEvent(new StudentsChanged(classId)));
    }
}
