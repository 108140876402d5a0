package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.task.Tasks;
import zafu.server.task.Way;

/** Off-screen work: the teacher ticks who has done it, and takes a tick away. */
@Service
class Ticks {
    private final AttemptRepository attempts;
    private final Tasks tasks;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Ticks(
            AttemptRepository attempts,
            Tasks tasks,
            ClassPermission permission,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock) {
        this.attempts = attempts;
        this.tasks = tasks;
        this.permission = permission;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
    }

    @Transactional
    void tick(long taskId, List<Long> students, boolean done) {
        Tasks.TaskForClass task = tasks.task(taskId);
        task.classes().forEach(permission::requireChange);
        if (task.way() != Way.OFF_SCREEN) {
            throw Refusal.conflict("not-off-screen", inWords("attempt.students-hand-this-in-themselves"));
        }
        for (long student : students) {
            Tasks.Given given = task.given().get(new StudentId(student));
            if (given == null) {
                throw Refusal.notFound("student");
            }
            set(taskId, student, given.versionId(), done);
            long classId = task.classes().get(0);
            audit.note(
                    classId,
                    done ? "work.ticked" : "work.unticked",
                    student,
                    task.name(),
                    Set.of(AuditSubject.task(taskId)));
            task.classes().forEach(each -> events.publishEvent(new TryChanged(each, taskId, student)));
        }
    }

    private void set(long taskId, long student, long versionId, boolean done) {
        List<Attempt> before = attempts.findByTaskIdAndStudentIdOrderByNumber(taskId, student);
        if (!done) {
            attempts.deleteAll(before.stream()
                    .filter(each -> each.handedInBy == Attempt.HandedInBy.TEACHER)
                    .toList());
        } else if (before.isEmpty()) {
            Instant now = clock.instant();
            Attempt ticked = new Attempt();
            ticked.taskId = taskId;
            ticked.versionId = versionId;
            ticked.studentId = student;
            ticked.number = 1;
            ticked.startedAt = now;
            ticked.handedInAt = now;
            ticked.handedInBy = Attempt.HandedInBy.TEACHER;
            attempts.save(ticked);
        }
    }
}
