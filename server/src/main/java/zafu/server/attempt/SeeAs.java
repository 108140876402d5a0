package zafu.server.attempt;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.platform.Refusal;
import zafu.server.roster.InTheirPlace;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks;

/** Looks at a student's work in their place, with a task that is not assigned yet where one is asked for. */
@Service
class SeeAs {
    private final MyWorkService work;
    private final TryPages pages;
    private final Tasks tasks;
    private final InTheirPlace place;
    private final SchoolSettings school;
    private final Clock clock;

    SeeAs(MyWorkService work, TryPages pages, Tasks tasks, InTheirPlace place, SchoolSettings school, Clock clock) {
        this.work = work;
        this.pages = pages;
        this.tasks = tasks;
        this.place = place;
        this.school = school;
        this.clock = clock;
    }

    MyWorkApi.MyWork work(long classId, long studentId, @Nullable LocalDateTime at, @Nullable Long draft) {
        return place.look(classId, studentId, at, () -> {
            LocalDate day = LocalDate.ofInstant(clock.instant(), school.zone());
            return work.mine(draft == null ? null : tasks.foreseen(draft, classId, day));
        });
    }

    @Transactional(readOnly = true)
    MyWorkApi.TryPage page(long classId, long studentId, long taskId) {
        place.requireStudent(classId, studentId);
        Tasks.TaskForClass task = tasks.foreseen(taskId, classId, school.today());
        Tasks.Given given = task.given().get(new StudentId(studentId));
        if (given == null) {
            throw Refusal.notFound("task");
        }
        return pages.foreseen(task, given);
    }
}
