package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.platform.StoredJson;
import zafu.server.roster.SchoolSettings;

/**
 * Keeps what was done to tasks together with how they were before. A step is taken back as a whole, as long as nobody
 * has changed one of its tasks since.
 */
@Component
class TaskSteps {
    private final TaskStepRepository steps;
    private final TaskStepEntryRepository entries;
    private final TaskRepository tasks;
    private final TaskLoader loader;
    private final TaskStore store;
    private final AdultAccounts adults;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final SchoolSettings school;
    private final ApplicationEventPublisher events;
    private final StoredJson<TaskSnapshot> kept;
    private final Clock clock;

    TaskSteps(
            TaskStepRepository steps,
            TaskStepEntryRepository entries,
            TaskRepository tasks,
            TaskLoader loader,
            TaskStore store,
            AdultAccounts adults,
            CurrentPerson current,
            AuditTrail audit,
            SchoolSettings school,
            ApplicationEventPublisher events,
            JsonMapper json,
            Clock clock) {
        this.steps = steps;
        this.entries = entries;
        this.tasks = tasks;
        this.loader = loader;
        this.store = store;
        this.adults = adults;
        this.current = current;
        this.audit = audit;
        this.school = school;
        this.events = events;
        this.kept = kept(json);
        this.clock = clock;
    }

    /** Without a number and in format 1 they look the same. */
    static StoredJson<TaskSnapshot> kept(JsonMapper json) {
        return new StoredJson<>(json, TaskSnapshot.class, List.of(UnaryOperator.identity()));
    }

    /** How tasks are now, before something is done to them. */
    Map<Task, TaskSnapshot> before(Collection<Task> touched) {
        Map<Task, TaskSnapshot> snapshots = new LinkedHashMap<>();
        touched.forEach(task -> snapshots.put(task, store.snapshot(task)));
        return snapshots;
    }

    /** For tasks that were just made: before, they were not there. */
    Map<Task, TaskSnapshot> beforeMaking(Collection<Task> made) {
        Map<Task, TaskSnapshot> snapshots = new LinkedHashMap<>();
        made.forEach(task -> snapshots.put(task, store.snapshot(task).asRemoved()));
        return snapshots;
    }

    /** Keeps a step with a line of who and when for each of its tasks, and tells the others; returns its id. */
    long taken(long classId, String deed, Map<Task, TaskSnapshot> before) {
        TaskStep step = new TaskStep();
        step.classId = classId;
        step.adultId = current.adult().adultId();
        step.takenAt = clock.instant();
        step.deed = deed;
        long id = steps.save(step).id;
        before.forEach((task, was) -> {
            touch(task);
            TaskStepEntry entry = new TaskStepEntry();
            entry.stepId = id;
            entry.taskId = task.id;
            entry.versionAfter = task.version;
            entry.before = kept.write(was);
            entries.save(entry);
            tell(task, deed);
        });
        return id;
    }

    private void touch(Task task) {
        task.touched++;
        tasks.saveAndFlush(task);
    }

    private void tell(Task task, String deed) {
        for (long classId : loader.classesOf(task)) {
            audit.note(classId, deed, task.id, task.name);
            events.publishEvent(new TaskChanged(classId, task.id));
        }
    }

    /** The last step at a task, where nothing has changed it since. */
    TaskView.@Nullable TaskLastStep lastOf(Task task) {
        return entries.lastStep(task.id, task.version)
                .map(step -> new TaskView.TaskLastStep(
                        step.id,
                        step.deed,
                        adults.displayNames(List.of(step.adultId)).getOrDefault(step.adultId, ""),
                        school.local(step.takenAt)))
                .orElse(null);
    }

    TaskStep require(long stepId) {
        return steps.findById(stepId).orElseThrow(() -> Refusal.notFound("step"));
    }

    List<Task> tasksOf(long stepId) {
        return entries.findByStepIdOrderById(stepId).stream()
                .map(entry -> tasks.findById(entry.taskId).orElseThrow(() -> Refusal.notFound("task")))
                .toList();
    }

    /** Makes every task of a step as it was before; itself a step that can be taken back. */
    long undo(TaskStep step) {
        List<TaskStepEntry> all = entries.findByStepIdOrderById(step.id);
        Map<Task, TaskSnapshot> now = new LinkedHashMap<>();
        for (TaskStepEntry entry : all) {
            Task task = tasks.findById(entry.taskId).orElseThrow(() -> Refusal.notFound("task"));
            if (step.undone || task.version != entry.versionAfter) {
                throw Refusal.conflict(
                        "changed-since", inWords("task.has-been-changed-since-earlier", "name", task.name));
            }
            now.put(task, store.snapshot(task));
        }
        for (TaskStepEntry entry : all) {
            Task task = tasks.findById(entry.taskId).orElseThrow(() -> Refusal.notFound("task"));
            store.restore(task, kept.read(entry.before));
        }
        step.undone = true;
        steps.save(step);
        return taken(step.classId, "task.undone", now);
    }
}
