package zafu.server.attempt;

import java.util.List;
import org.springframework.stereotype.Component;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.task.Tasks;

/** Which tries an adult may look at and change: those of students of their classes, at tasks of these classes. */
@Component
class AttemptAccess {
    private final AttemptRepository attempts;
    private final Tasks tasks;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;

    AttemptAccess(
            AttemptRepository attempts, Tasks tasks, Roster roster, ClassPermission permission, CurrentPerson current) {
        this.attempts = attempts;
        this.tasks = tasks;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
    }

    Attempt requireToSee(long tryId) {
        current.adult();
        Attempt attempt = attempts.findById(tryId).orElseThrow(() -> Refusal.notFound("try"));
        requireOneOfMine(attempt);
        return attempt;
    }

    /** Waits for whoever changes it now. */
    Attempt requireToChange(long tryId) {
        current.adult();
        Attempt attempt = attempts.findToChange(tryId).orElseThrow(() -> Refusal.notFound("try"));
        requireOneOfMine(attempt);
        permission.requireChange(classOf(attempt));
        return attempt;
    }

    /** As {@link #requireToChange}, for those who may mark it. */
    Attempt requireToMark(long tryId) {
        current.adult();
        Attempt attempt = attempts.findToChange(tryId).orElseThrow(() -> Refusal.notFound("try"));
        permission.requireMark(classOf(attempt));
        return attempt;
    }

    boolean mayChange(Attempt attempt) {
        return permission.mayChange(classOf(attempt));
    }

    /** Through which class the adult has to do with the try. */
    long classOf(Attempt attempt) {
        return classesOf(attempt).stream()
                .filter(each -> permission.reaches(each, attempt.studentId))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("try"));
    }

    private void requireOneOfMine(Attempt attempt) {
        classOf(attempt);
    }

    /** The student's classes that the task goes to; all of theirs, where they have left those since. */
    private List<Long> classesOf(Attempt attempt) {
        List<Long> own = roster.classesOf(attempt.studentId);
        List<Long> ofTask = tasks.classesOf(attempt.taskId);
        List<Long> both = own.stream().filter(ofTask::contains).toList();
        return both.isEmpty() ? own : both;
    }
}
