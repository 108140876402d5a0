package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks;

/** Looks at a student's pages in their place; reads only. Their needs show in it, so only for who may see those. */
@Service
class SeeAs {
    private final MyWorkService work;
    private final TryPages pages;
    private final Tasks tasks;
    private final Roster roster;
    private final ClassPermission permission;
    private final SchoolSettings school;
    private final Clock clock;

    SeeAs(
            MyWorkService work,
            TryPages pages,
            Tasks tasks,
            Roster roster,
            ClassPermission permission,
            SchoolSettings school,
            Clock clock) {
        this.work = work;
        this.pages = pages;
        this.tasks = tasks;
        this.roster = roster;
        this.permission = permission;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    MyWorkController.MyWork work(long classId, long studentId, @Nullable LocalDateTime at, @Nullable Long draft) {
        requireStudent(classId, studentId);
        Instant then = at == null ? clock.instant() : school.moment(at);
        LocalDate day = LocalDate.ofInstant(then, school.zone());
        Tasks.TaskForClass asIfOut = draft == null ? null : tasks.foreseen(draft, classId, day);
        List<Long> seen = roster.classesOf(studentId).stream()
                .filter(permission.mine()::contains)
                .toList();
        return work.of(new StudentId(studentId), seen.isEmpty() ? List.of(classId) : seen, then, asIfOut);
    }

    @Transactional(readOnly = true)
    MyWorkController.TryPage page(long classId, long studentId, long taskId) {
        requireStudent(classId, studentId);
        Tasks.TaskForClass task = tasks.foreseen(taskId, classId, school.today());
        Tasks.Given given = task.given().get(new StudentId(studentId));
        if (given == null) {
            throw Refusal.notFound("task");
        }
        return pages.foreseen(task, given);
    }

    private void requireStudent(long classId, long studentId) {
        permission.requireSeeNeeds(classId);
        if (!roster.isIn(classId, studentId)) {
            throw Refusal.notFound("student");
        }
    }
}
