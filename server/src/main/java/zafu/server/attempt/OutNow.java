package zafu.server.attempt;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.GroupsChanged;
import zafu.server.need.NeedsChanged;
import zafu.server.platform.Refusal;
import zafu.server.roster.StudentsChanged;
import zafu.server.task.TaskChanged;
import zafu.server.task.Tasks;
import zafu.server.task.WorkTermsChanged;

/**
 * What is handed out, remembered for a few seconds: when a whole school works at the same task, who gets what is worked
 * out once for all of them and not at every answer. Any change of tasks, groups, needs or students is known at once;
 * the few seconds are for changes made at another server.
 */
@Component
public class OutNow {
    private static final Duration FRESH = Duration.ofSeconds(3);
    private final Tasks tasks;
    private final AtomicLong generation = new AtomicLong();
    private final Cache<TaskKey, Tasks.TaskForClass> one =
            Caffeine.newBuilder().expireAfterWrite(FRESH).maximumSize(500).build();
    private final Cache<ClassKey, List<Tasks.TaskForClass>> ofClass =
            Caffeine.newBuilder().expireAfterWrite(FRESH).maximumSize(200).build();

    OutNow(Tasks tasks) {
        this.tasks = tasks;
    }

    /** What was read before a change must not be taken for what holds after it, so the change counts in the key. */
    private record TaskKey(long generation, long taskId) {}

    private record ClassKey(long generation, long classId, LocalDate day) {}

    /** One task as it reaches its classes, whatever its state. */
    public Tasks.TaskForClass task(long taskId) {
        return one.get(new TaskKey(generation.get(), taskId), key -> tasks.task(taskId));
    }

    /** Every task of the class that students can see, with what they are granted on a day. */
    public List<Tasks.TaskForClass> handedOut(long classId, LocalDate day) {
        return ofClass.get(new ClassKey(generation.get(), classId, day), key -> tasks.handedOut(classId, day));
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

    @TransactionalEventListener(fallbackExecution = true)
    void on(TaskChanged change) {
        generation.incrementAndGet();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(WorkTermsChanged change) {
        generation.incrementAndGet();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(GroupsChanged change) {
        generation.incrementAndGet();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(NeedsChanged change) {
        generation.incrementAndGet();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(StudentsChanged change) {
        generation.incrementAndGet();
    }
}
