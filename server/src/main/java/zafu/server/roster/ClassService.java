package zafu.server.roster;

import java.time.Clock;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassRole;
import zafu.server.access.CurrentPerson;
import zafu.server.access.EntryCodes;
import zafu.server.platform.Refusal;

/** What teachers see and set of a class and of who is in it. */
@Service
class ClassService {
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final SchoolClassRepository classes;
    private final ClassTermRepository classTerms;
    private final StudentRepository students;
    private final EnrolmentRepository enrolments;
    private final Roster roster;
    private final EntryCodes codes;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    ClassService(
            ClassPermission permission,
            CurrentPerson current,
            SchoolClassRepository classes,
            ClassTermRepository classTerms,
            StudentRepository students,
            EnrolmentRepository enrolments,
            Roster roster,
            EntryCodes codes,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.permission = permission;
        this.current = current;
        this.classes = classes;
        this.classTerms = classTerms;
        this.students = students;
        this.enrolments = enrolments;
        this.roster = roster;
        this.codes = codes;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    @Transactional(readOnly = true)
    ClassApi.MyClasses mine() {
        Map<Long, ClassRole> roles = permission.roles();
        Map<Long, Integer> sizes = sizes(roles.keySet());
        Map<Long, List<Long>> terms = classTerms.findByClassIdIn(roles.keySet()).stream()
                .collect(Collectors.groupingBy(
                        each -> each.classId, Collectors.mapping(each -> each.termId, Collectors.toList())));
        List<ClassApi.ClassCard> cards = classes.findAllById(roles.keySet()).stream()
                .sorted(Comparator.comparing(each -> each.id))
                .map(each -> new ClassApi.ClassCard(
                        each.id,
                        each.name,
                        each.grade,
                        each.subject,
                        sizes.getOrDefault(each.id, 0),
                        roles.get(each.id),
                        terms.getOrDefault(each.id, List.of()),
                        each.archivedAt != null))
                .toList();
        return new ClassApi.MyClasses(
                cards,
                school.name(),
                school.zone().getId(),
                clock.instant(),
                current.adult().administrator(),
                current.adult().keepsShared());
    }

    private Map<Long, Integer> sizes(Collection<Long> of) {
        Map<Long, Integer> sizes = new LinkedHashMap<>();
        enrolments.sizes(of).forEach(row -> sizes.put((Long) row[0], ((Long) row[1]).intValue()));
        return sizes;
    }

    @Transactional
    long create(ClassApi.ClassEdit wanted) {
        permission.requireMayBringInClass();
        long id = roster.createClass(
                wanted.name().strip(), wanted.grade(), current.adult().adultId());
        set(id, wanted);
        audit.note(id, "class.made", id, wanted.name());
        return id;
    }

    @Transactional
    void change(long classId, ClassApi.ClassEdit wanted) {
        permission.requireChange(classId);
        set(classId, wanted);
        audit.note(classId, "class.changed", classId, wanted.toString());
    }

    private void set(long classId, ClassApi.ClassEdit wanted) {
        SchoolClass found = classes.findById(classId).orElseThrow(() -> Refusal.notFound("class"));
        found.name = wanted.name().strip();
        found.grade = wanted.grade();
        found.subject = wanted.subject().strip();
        classes.save(found);
        classTerms.deleteByClassId(classId);
        classTerms.flush();
        wanted.termIds().stream().distinct().forEach(termId -> {
            school.requireTerm(termId);
            ClassTerm made = new ClassTerm();
            made.classId = classId;
            made.termId = termId;
            classTerms.save(made);
        });
    }

    @Transactional
    void archive(long classId, boolean away) {
        permission.requireChange(classId);
        SchoolClass found = classes.findById(classId).orElseThrow(() -> Refusal.notFound("class"));
        found.archivedAt = away ? clock.instant() : null;
        classes.save(found);
        audit.note(classId, away ? "class.archived" : "class.brought-back", classId, found.name);
    }

    @Transactional(readOnly = true)
    List<ClassApi.StudentRow> students(long classId) {
        permission.requireSee(classId);
        boolean codesToo = permission.mayHandOutCodes(classId);
        List<Student> found = students.inClass(classId);
        Map<Long, EntryCodes.Issued> issued =
                codes.of(found.stream().map(student -> student.id).toList());
        return found.stream()
                .map(student -> row(student, issued.get(student.id), codesToo))
                .toList();
    }

    private static ClassApi.StudentRow row(Student student, EntryCodes.@Nullable Issued code, boolean codesToo) {
        Roster.StudentName name = student.named();
        return new ClassApi.StudentRow(
                name.id(),
                name.givenName(),
                name.familyName(),
                name.grade(),
                code == null || !codesToo ? null : code.code(),
                code == null ? null : code.lastUsedAt());
    }

    @Transactional
    void entryCodes(long classId, ClassApi.CodesAsked asked) {
        permission.requireChange(classId);
        Collection<Long> members = roster.membersOf(List.of(classId)).getOrDefault(classId, List.of());
        if (!members.containsAll(asked.students())) {
            throw Refusal.notFound("student");
        }
        for (long student : asked.students()) {
            switch (asked.deed()) {
                case RENEW -> codes.issue(student);
                case REVOKE -> codes.revoke(student);
            }
            String what = asked.deed() == ClassApi.CodeDeed.RENEW ? "entry-code.renewed" : "entry-code.revoked";
            audit.note(classId, what, student, "");
        }
        events.publishEvent(new StudentsChanged(classId));
    }
}
