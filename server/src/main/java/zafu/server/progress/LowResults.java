package zafu.server.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.mark.Marks;
import zafu.server.progress.ProgressApi.LowResult;
import zafu.server.progress.ProgressApi.TryResult;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks.TaskForClass;

/** Results under the bar that the teacher sets, with all tries that led there; excused work is none. */
@Service
class LowResults {
    private final ClassPermission permission;
    private final ClassWork classWork;
    private final Roster roster;
    private final SchoolSettings school;

    LowResults(ClassPermission permission, ClassWork classWork, Roster roster, SchoolSettings school) {
        this.permission = permission;
        this.classWork = classWork;
        this.roster = roster;
        this.school = school;
    }

    @Transactional(readOnly = true)
    ProgressApi.LowResultsShown of(long classId) {
        permission.requireSee(classId);
        Marks.Work work = classWork.of(classId);
        Cells cells = new Cells(work, classWork.now());
        Map<StudentId, Roster.StudentName> students = roster.byId(classId);
        List<LowResult> found = new ArrayList<>();
        for (TaskForClass task : work.tasks()) {
            for (Roster.StudentName student : students.values()) {
                StudentId id = new StudentId(student.id());
                if (cells.isLow(cells.standing(task, id))) {
                    WorkOf one = new WorkOf(task.taskId(), student.id());
                    List<TryShown> tries = cells.tries(one);
                    found.add(new LowResult(
                            task.taskId(),
                            task.name(),
                            student.id(),
                            student.givenName(),
                            student.familyName(),
                            tries.stream().map(this::shown).toList(),
                            cells.isAsked(one, tries)));
                }
            }
        }
        return new ProgressApi.LowResultsShown(work.settings().lowPercent(), found);
    }

    private TryResult shown(TryShown each) {
        return new TryResult(each.id(), each.number(), each.earned(), each.possible(), school.local(each.handedInAt()));
    }
}
