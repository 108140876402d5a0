package zafu.server.attempt;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.GroupsChanged;
import zafu.server.need.NeedsChanged;
import zafu.server.platform.Refusal;
import zafu.server.platform.Remembered;
import zafu.server.roster.StudentsChanged;
import zafu.server.task.TaskChanged;
import zafu.server.task.Tasks;
import zafu.server.task.WorkTermsChanged;

/**
 * What is handed out, remembered for a few seconds: when a whole school works at the same task, who gets what is worked
 * out once for all of them and not at every answer. It changes with tasks, groups, needs and students.
 */
@Component
public class OutNow {
    private final Tasks tasks;
    private final Remembered<Long, Tasks.TaskForClass> one = new Remembered<>();
    private final Remembered<ClassOnDay, List<Tasks.TaskForClass>> ofClass = new Remembered<>();

    OutNow(Tasks tasks) {
        this.tasks = tasks;
    }

    private record ClassOnDay(long classId, LocalDate day) {}

    /** One task as it reaches its classes, whatever its state. */
    public Tasks.TaskForClass task(long taskId) {
        return one.get(taskId, tasks::task);
    }

    /** Every task of the class that students can see, with what they are granted on a day. */
    public List<Tasks.TaskForClass> handedOut(long classId, LocalDate day) {
        return ofClass.get(new ClassOnDay(classId, day), key -> tasks.handedOut(classId, day));
    }

    /** What the student of a try works at: as it is given today where that is the same version, else that version. */
    Optional<Tasks.Given> given(Attempt attempt) {
        StudentId student = new StudentId(attempt.studentId);
        Tasks.Given today = task(attempt.taskId).given().get(student);
        return today != null && today.versionId() == attempt.versionId
                ? Optional.of(today)
                : tasks.version(attempt.taskId, attempt.versionId, student);
    }

    Tasks.Given requireGiven(Attempt attempt) {
        return given(attempt).orElseThrow(() -> Refusal.notFound("task"));
    }

    @EventListener
    void on(TaskChanged change) {
        forget();
    }

    @EventListener
    void on(WorkTermsChanged change) {
        forget();
    }

    @EventListener
    void on(GroupsChanged change) {
        forget();
    }

    @EventListener
    void on(NeedsChanged change) {
        forget();
    }

    @EventListener
    void on(StudentsChanged change) {
        forget();
    }

    private void forget() {
        one.changed();
        ofClass.changed();
    }
}
