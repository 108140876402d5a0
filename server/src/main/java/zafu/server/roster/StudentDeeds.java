package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.roster.StudentDeedsApi.StudentsDeed;

/** Does one thing with many students in one transaction, with a line in the trail for each who changed by it. */
@Service
class StudentDeeds {
    private final StudentAccess access;
    private final ClassPermission permission;
    private final StudentRepository students;
    private final StudentTagRepository tags;
    private final EnrolmentRepository enrolments;
    private final Roster roster;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    StudentDeeds(
            StudentAccess access,
            ClassPermission permission,
            StudentRepository students,
            StudentTagRepository tags,
            EnrolmentRepository enrolments,
            Roster roster,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.access = access;
        this.permission = permission;
        this.students = students;
        this.tags = tags;
        this.enrolments = enrolments;
        this.roster = roster;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    /** @return those who were not so before */
    @Transactional
    List<Long> take(StudentsDeed deed) {
        Set<Long> asked = new LinkedHashSet<>(deed.students());
        return switch (deed.kind()) {
            case ARCHIVE -> archive(asked, clock.instant());
            case BRING_BACK -> archive(asked, null);
            case TAG -> tag(asked, tagOf(deed));
            case UNTAG -> untag(asked, tagOf(deed));
            case ADD_TO_CLASS -> addTo(classOf(deed), asked);
            case TAKE_OUT -> takeOut(classOf(deed), asked);
        };
    }

    private static String tagOf(StudentsDeed deed) {
        if (deed.tag() == null || deed.tag().isBlank()) {
            throw Refusal.unusableField("no-tag", "tag", inWords("roster.say-which-tag"));
        }
        return deed.tag().strip();
    }

    private static long classOf(StudentsDeed deed) {
        if (deed.classId() == null) {
            throw Refusal.unusableField("no-class", "classId", inWords("roster.say-which-class"));
        }
        return deed.classId();
    }

    private List<Long> archive(Set<Long> asked, @Nullable Instant at) {
        access.requireChangeAll(asked);
        List<Student> changing = students.findAllById(asked).stream()
                .filter(each -> (each.archivedAt == null) != (at == null))
                .toList();
        changing.forEach(each -> each.archivedAt = at);
        students.saveAll(changing);
        return noted(
                null,
                at == null ? "student.brought-back" : "student.archived",
                "",
                changing.stream().map(each -> each.id).toList());
    }

    private List<Long> tag(Set<Long> asked, String tag) {
        access.requireChangeAll(asked);
        Set<Long> tagged = tags.of(asked.toArray(Long[]::new)).stream()
                .filter(each -> each.tag.equals(tag))
                .map(each -> each.studentId)
                .collect(Collectors.toSet());
        List<Long> changing =
                asked.stream().filter(each -> !tagged.contains(each)).toList();
        tags.saveAll(changing.stream().map(each -> StudentTag.of(each, tag)).toList());
        return noted(null, "student.tagged", tag, changing);
    }

    private List<Long> untag(Set<Long> asked, String tag) {
        access.requireChangeAll(asked);
        List<StudentTag> going = tags.of(asked.toArray(Long[]::new)).stream()
                .filter(each -> each.tag.equals(tag))
                .toList();
        tags.deleteAll(going);
        return noted(
                null,
                "student.untagged",
                tag,
                going.stream().map(each -> each.studentId).toList());
    }

    private List<Long> addTo(long classId, Set<Long> asked) {
        permission.requireChange(classId);
        access.requireSeeAll(asked);
        Collection<Long> there = roster.membersOf(List.of(classId)).getOrDefault(classId, List.of());
        List<Long> changing =
                asked.stream().filter(each -> !there.contains(each)).toList();
        changing.forEach(each -> roster.addToClass(classId, each, school.today()));
        return noted(classId, "student.added-to-class", "", changing);
    }

    private List<Long> takeOut(long classId, Set<Long> asked) {
        permission.requireChange(classId);
        Collection<Long> there = roster.membersOf(List.of(classId)).getOrDefault(classId, List.of());
        if (!there.containsAll(asked)) {
            throw Refusal.notFound("student");
        }
        requireAnotherClass(asked);
        asked.forEach(each -> roster.takeOut(classId, each, school.today()));
        events.publishEvent(new StudentsChanged(classId));
        return noted(classId, "student.taken-out", "", List.copyOf(asked));
    }

    /** A student of no class could be found by nobody. */
    private void requireAnotherClass(Set<Long> asked) {
        Map<Long, Long> classesOf = enrolments.presentOf(asked.toArray(Long[]::new)).stream()
                .collect(Collectors.groupingBy(row -> (Long) row[1], Collectors.counting()));
        List<String> lost = students.findAllById(asked).stream()
                .filter(each -> classesOf.getOrDefault(each.id, 0L) < 2)
                .map(each -> each.named().givenName())
                .sorted()
                .toList();
        if (!lost.isEmpty()) {
            throw Refusal.conflict(
                    "last-class",
                    inWords("roster.this-is-the-only-class-of-archive", "names", String.join(", ", lost)));
        }
    }

    private List<Long> noted(@Nullable Long classId, String what, String facts, List<Long> changed) {
        changed.forEach(each -> audit.note(classId, what, each, facts));
        enrolments.presentOf(changed.toArray(Long[]::new)).stream()
                .map(row -> (Long) row[0])
                .distinct()
                .forEach(each -> events.publishEvent(new StudentsChanged(each)));
        return changed;
    }
}
