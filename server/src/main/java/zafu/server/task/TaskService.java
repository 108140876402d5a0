package zafu.server.task;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.targeting.Outcome;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.ClassTasks.TaskWithVersions;

/** Makes tasks, hands them out and takes them back. */
@Service
class TaskService {
    private final TaskRepository tasks;
    private final TaskVersionRepository versions;
    private final TaskLoader loader;
    private final TaskReader reader;
    private final TaskWriter writer;
    private final TaskMaterials materials;
    private final TaskTargetRepository targets;
    private final Arrangements arrangements;
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    TaskService(
            TaskRepository tasks,
            TaskVersionRepository versions,
            TaskLoader loader,
            TaskReader reader,
            TaskWriter writer,
            TaskMaterials materials,
            TaskTargetRepository targets,
            Arrangements arrangements,
            SchoolSettings school,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock) {
        this.tasks = tasks;
        this.versions = versions;
        this.loader = loader;
        this.reader = reader;
        this.writer = writer;
        this.materials = materials;
        this.targets = targets;
        this.arrangements = arrangements;
        this.school = school;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<TaskController.TaskCard> cards(long classId) {
        permission.requireSee(classId);
        ClassTasks loaded = loader.allOf(classId);
        return loaded.tasks().stream().map(task -> card(loaded, task)).toList();
    }

    private TaskController.TaskCard card(ClassTasks loaded, TaskWithVersions task) {
        Map<StudentId, Outcome> outcomes = loaded.outcomes(task);
        int covered = (int) outcomes.values().stream()
                .filter(outcome -> outcome.given().isPresent())
                .count();
        int conflicts = (int) outcomes.values().stream()
                .filter(Outcome.Conflict.class::isInstance)
                .count();
        return new TaskController.TaskCard(
                task.task().id,
                task.task().name,
                task.task().state,
                school.local(task.base().opensAt),
                school.local(task.base().dueAt),
                task.versions().size() - 1,
                covered,
                conflicts,
                outcomes.size());
    }

    /** A draft with a base that is for nobody yet. */
    @Transactional
    long create(long classId, TaskController.NewTask wanted) {
        permission.requireChange(classId);
        requireArrangementOfClass(wanted.arrangementId(), classId);
        Task task = new Task();
        task.classId = classId;
        task.arrangementId = wanted.arrangementId();
        task.name = wanted.name().strip();
        long id = tasks.save(task).id;
        TaskVersion base = new TaskVersion();
        base.taskId = id;
        base.place = TaskVersion.BASE;
        base.staffName = "Base";
        base.title = task.name;
        base.tries = 1;
        materials.add(base, wanted.items() == null ? List.of() : wanted.items());
        long baseId = versions.save(base).id;
        if (wanted.groupId() != null) {
            requireGroupOfClass(wanted.groupId(), classId);
            targets.save(TaskTarget.of(baseId, TaskTarget.Kind.GROUP, wanted.groupId(), null));
        }
        audit.note(classId, "task.created", id, task.name);
        events.publishEvent(new TaskChanged(classId, id));
        return id;
    }

    private void requireGroupOfClass(long groupId, long classId) {
        if (arrangements.ofClass(classId).stream().noneMatch(group -> group.id().value() == groupId)) {
            throw Refusal.notFound("group");
        }
    }

    @Transactional
    void addMaterials(long taskId, List<Long> items) {
        Task task = loader.require(taskId);
        permission.requireChange(task.classId);
        if (task.state != TaskState.DRAFT) {
            throw Refusal.conflict(
                    "handed-out", "\"" + task.name + "\" is with the students already. Change it there.");
        }
        TaskVersion base = loader.only(task).tasks().get(0).base();
        materials.add(base, items);
        versions.save(base);
        saved(task, "task.changed");
    }

    private void requireArrangementOfClass(@org.jspecify.annotations.Nullable Long arrangementId, long classId) {
        if (arrangementId != null && !arrangements.belongsTo(arrangementId, classId)) {
            throw Refusal.notFound("arrangement");
        }
    }

    @Transactional(readOnly = true)
    TaskView view(long taskId) {
        Task task = loader.require(taskId);
        permission.requireSee(task.classId);
        return reader.view(task);
    }

    @Transactional
    void change(long taskId, TaskEdit edit) {
        Task task = requireToChange(taskId, edit.version());
        requireArrangementOfClass(edit.arrangementId(), task.classId);
        task.name = edit.name().strip();
        task.arrangementId = edit.arrangementId();
        writer.write(loader.only(task), edit);
        saved(task, "task.changed");
        if (task.state == TaskState.HANDED_OUT) {
            requireNothingStops(task);
        }
    }

    @Transactional
    void handOut(long taskId, TaskController.HandOut asked) {
        Task task = requireToChange(taskId, asked.version());
        List<TaskView.TaskProblem> problems = requireNothingStops(task);
        Optional<TaskView.TaskProblem> left = problems.stream()
                .filter(problem -> problem.kind() == TaskView.ProblemKind.NOT_COVERED)
                .findFirst();
        if (left.isPresent() && !asked.confirmNotCovered()) {
            throw Refusal.conflict(
                    "not-covered",
                    Counting.students(left.get().students().size()) + " would get nothing from this task. "
                            + "Confirm that this is meant, or give them a version.");
        }
        task.state = TaskState.HANDED_OUT;
        task.handedOutAt = clock.instant();
        task.handedOutBy = current.adult().adultId();
        saved(task, "task.handed-out");
    }

    /** Students do not see it any more; what they gave stays kept, and comes back when it is handed out again. */
    @Transactional
    void takeBack(long taskId, TaskController.TakeBack asked) {
        Task task = requireToChange(taskId, asked.version());
        if (task.state != TaskState.HANDED_OUT) {
            throw Refusal.conflict("not-out", "This task is not handed out.");
        }
        task.state = TaskState.TAKEN_BACK;
        saved(task, "task.taken-back");
    }

    private Task requireToChange(long taskId, long version) {
        Task task = loader.require(taskId);
        permission.requireChange(task.classId);
        if (task.version != version) {
            throw new OptimisticLockingFailureException("task " + taskId);
        }
        return task;
    }

    private void saved(Task task, String deed) {
        // Changes of versions alone must count as a change of the task too.
        writer.touch(task);
        audit.note(task.classId, deed, task.id, task.name);
        events.publishEvent(new TaskChanged(task.classId, task.id));
    }

    private List<TaskView.TaskProblem> requireNothingStops(Task task) {
        ClassTasks loaded = loader.only(task);
        TaskWithVersions one = loaded.tasks().get(0);
        List<TaskView.TaskProblem> problems = HandOutCheck.problems(loaded, one, loaded.outcomes(one), school.zone());
        problems.stream().filter(TaskView.TaskProblem::stops).findFirst().ifPresent(problem -> {
            throw Refusal.conflict("hand-out-stopped", sentence(problem, one));
        });
        return problems;
    }

    private static String sentence(TaskView.TaskProblem problem, TaskWithVersions task) {
        Map<Long, String> names = new LinkedHashMap<>();
        task.versions().forEach(version -> names.put(version.id, version.staffName));
        String version = problem.versionId() == null ? "" : names.getOrDefault(problem.versionId(), "");
        return switch (problem.kind()) {
            case CONFLICTS ->
                Counting.students(problem.students().size()) + " would get two versions. Choose one for each first.";
            case NOBODY -> "Nobody would get this task. Choose for whom it is first.";
            case NOTHING_TO_DO -> "\"" + version + "\" has no question. Choose at least one.";
            case NO_TITLE -> "\"" + version + "\" has no title for students.";
            case DATES_OUT_OF_ORDER ->
                "The dates of \"" + version + "\" are out of order: it opens, is due and closes in this order.";
            case NOT_COVERED, OPENS_ON_CLOSED_DAY, DUE_ON_CLOSED_DAY ->
                throw new IllegalArgumentException(problem.kind() + " stops nothing");
        };
    }
}
