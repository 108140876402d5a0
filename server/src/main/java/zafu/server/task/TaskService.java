package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import zafu.core.need.WorkKind;
import zafu.core.roster.StudentId;
import zafu.core.targeting.Outcome;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

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
    private final Roster roster;
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final TaskSteps steps;
    private final LookAhead lookAhead;
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
            Roster roster,
            SchoolSettings school,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            TaskSteps steps,
            LookAhead lookAhead,
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
        this.roster = roster;
        this.school = school;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.steps = steps;
        this.lookAhead = lookAhead;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<TaskApi.TaskCard> cards(long classId) {
        permission.requireSee(classId);
        ClassTasks loaded = loader.allOf(classId);
        return loaded.tasks().stream().map(task -> card(loaded, task)).toList();
    }

    private TaskApi.TaskCard card(ClassTasks loaded, TaskWithVersions task) {
        Map<StudentId, Outcome> outcomes = loaded.outcomes(task);
        int covered = (int) outcomes.values().stream()
                .filter(outcome -> outcome.given().isPresent())
                .count();
        int conflicts = (int) outcomes.values().stream()
                .filter(Outcome.Conflict.class::isInstance)
                .count();
        return new TaskApi.TaskCard(
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
    long create(long classId, TaskApi.NewTask wanted) {
        permission.requireChange(classId);
        requireArrangementOfClass(wanted.arrangementId(), classId);
        Task task = new Task();
        task.classId = classId;
        task.arrangementId = wanted.arrangementId();
        task.name = wanted.name().strip();
        task.way = wanted.way() == null ? Way.ON_SCREEN : wanted.way();
        task.workKind = wanted.items() == null || wanted.items().isEmpty()
                ? WorkKind.QUIZ
                : materials.workKindOf(wanted.items().get(0));
        task.createdAt = clock.instant();
        long id = tasks.save(task).id;
        TaskVersion base = new TaskVersion();
        base.taskId = id;
        base.place = TaskVersion.BASE;
        base.staffName = "Base";
        base.title = task.name;
        base.tries = 1;
        base.minutes = wanted.minutes();
        base.opensAt = school.moment(wanted.opens());
        base.dueAt = school.moment(wanted.due());
        materials.add(base, wanted.items() == null ? List.of() : wanted.items());
        long baseId = versions.save(base).id;
        if (wanted.groupId() != null) {
            requireGroupOfClass(wanted.groupId(), classId);
            targets.save(TaskTarget.of(baseId, TaskTarget.Kind.GROUP, wanted.groupId(), null));
        } else if (Boolean.TRUE.equals(wanted.everyone())) {
            targets.save(TaskTarget.of(baseId, TaskTarget.Kind.EVERYONE, null, null));
        } else if (wanted.students() != null) {
            requireStudentsOfClass(wanted.students(), classId);
            wanted.students().forEach(each -> targets.save(TaskTarget.of(baseId, TaskTarget.Kind.STUDENT, null, each)));
        }
        versions.flush();
        steps.taken(classId, "task.created", steps.beforeMaking(List.of(task)));
        return id;
    }

    private void requireStudentsOfClass(List<Long> students, long classId) {
        if (!students.stream().allMatch(each -> roster.isIn(classId, each))) {
            throw Refusal.notFound("student");
        }
    }

    private void requireGroupOfClass(long groupId, long classId) {
        if (arrangements.seenOfClass(classId).stream()
                .noneMatch(group -> group.id().value() == groupId)) {
            throw Refusal.notFound("group");
        }
    }

    @Transactional
    void addMaterials(long taskId, List<Long> items) {
        Task task = loader.require(taskId);
        permission.requireChange(task.classId);
        if (task.state != TaskState.DRAFT) {
            throw Refusal.conflict("handed-out", inWords("task.is-with-the-students-already", "name", task.name));
        }
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        TaskVersion base = loader.only(task).tasks().get(0).base();
        materials.add(base, items);
        versions.save(base);
        steps.taken(task.classId, "task.changed", before);
    }

    private void requireArrangementOfClass(@Nullable Long arrangementId, long classId) {
        if (arrangementId != null && !arrangements.belongsTo(arrangementId, classId)) {
            throw Refusal.notFound("grouping");
        }
    }

    @Transactional(readOnly = true)
    TaskView view(long taskId) {
        Task task = requireSeen(taskId);
        return reader.view(task);
    }

    /** What handing out would do, with what is looked up only then: links, full days, the rest of the series. */
    @Transactional(readOnly = true)
    List<TaskView.TaskProblem> beforeHandingOut(long taskId) {
        Task task = requireSeen(taskId);
        return lookAhead.problems(task);
    }

    private Task requireSeen(long taskId) {
        Task task = loader.require(taskId);
        if (loader.classesOf(task).stream().noneMatch(permission.mine()::contains)) {
            permission.requireSee(task.classId);
        }
        return task;
    }

    @Transactional
    void change(long taskId, TaskEdit edit) {
        Task task = requireToChange(taskId, edit.version());
        requireArrangementOfClass(edit.arrangementId(), task.classId);
        if (edit.otherClasses() != null) {
            edit.otherClasses().forEach(each -> permission.requireChange(each.classId()));
        }
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        task.name = edit.name().strip();
        task.arrangementId = edit.arrangementId();
        writer.write(loader.only(task), edit);
        steps.taken(task.classId, "task.changed", before);
        if (task.state == TaskState.HANDED_OUT) {
            requireNothingStops(task);
        }
        if (Boolean.TRUE.equals(edit.alsoRunning())) {
            events.publishEvent(new WorkTermsChanged(taskId, Set.of()));
        }
    }

    /** What a change would do to students, worked out by making it and leaving nothing of it. */
    @Transactional
    List<TaskForesight.TaskEffect> foresee(long taskId, TaskEdit edit) {
        Task task = requireToChange(taskId, edit.version());
        requireArrangementOfClass(edit.arrangementId(), task.classId);
        ClassTasks before = loader.only(task);
        TaskForesight foresight = new TaskForesight(before, school);
        task.arrangementId = edit.arrangementId();
        writer.write(before, edit);
        List<TaskForesight.TaskEffect> effects = foresight.comparedWith(loader.only(task));
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        return effects;
    }

    @Transactional
    void handOut(long taskId, TaskApi.HandOut asked) {
        Task task = requireToChange(taskId, asked.version());
        List<TaskView.TaskProblem> problems = requireNothingStops(task);
        Optional<TaskView.TaskProblem> left = problems.stream()
                .filter(problem -> problem.kind() == TaskView.ProblemKind.NOT_COVERED)
                .findFirst();
        if (left.isPresent() && !asked.confirmNotCovered()) {
            throw Refusal.conflict(
                    "not-covered",
                    inWords("task.not-covered", "count", left.get().students().size()));
        }
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        task.state = TaskState.HANDED_OUT;
        task.handedOutAt = clock.instant();
        task.handedOutBy = current.adult().adultId();
        steps.taken(task.classId, "task.handed-out", before);
    }

    /** Hands several drafts out as one step; where something stops one of them, none is handed out. */
    @Transactional
    long handOutTogether(long classId, List<Long> taskIds) {
        permission.requireChange(classId);
        List<Task> wanted = taskIds.stream().distinct().map(loader::require).toList();
        wanted.forEach(task -> loader.classesOf(task).forEach(permission::requireChange));
        Map<Task, TaskSnapshot> before = steps.before(wanted);
        for (Task task : wanted) {
            task.requireOf(classId);
            requireNothingStops(task);
            task.state = TaskState.HANDED_OUT;
            task.handedOutAt = clock.instant();
            task.handedOutBy = current.adult().adultId();
        }
        return steps.taken(classId, "task.handed-out", before);
    }

    /** Students do not see it any more; what they gave stays kept, and comes back when it is handed out again. */
    @Transactional
    void takeBack(long taskId, TaskApi.TakeBack asked) {
        Task task = requireToChange(taskId, asked.version());
        if (task.state != TaskState.HANDED_OUT) {
            throw Refusal.conflict("not-out", inWords("task.this-task-is-not-assigned"));
        }
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        task.state = TaskState.TAKEN_BACK;
        steps.taken(task.classId, "task.taken-back", before);
    }

    /** A draft that nobody wants any more. */
    @Transactional
    long remove(long taskId, long version) {
        Task task = requireToChange(taskId, version);
        if (task.state == TaskState.HANDED_OUT) {
            throw Refusal.conflict("handed-out", inWords("task.is-assigned-withdraw-it-first", "name", task.name));
        }
        ClassTasks loaded = loader.only(task);
        if (!loaded.versionsWithTries(loaded.tasks().get(0)).isEmpty()) {
            throw Refusal.conflict("begun", inWords("task.students-have-worked-on-it-stays", "name", task.name));
        }
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        task.removed = true;
        return steps.taken(task.classId, "task.removed", before);
    }

    /** Gives running tries the terms that hold now: after a change of the task, or of what a student needs. */
    @Transactional
    void giveRunning(long taskId, List<Long> students) {
        Task task = loader.require(taskId);
        loader.classesOf(task).forEach(permission::requireChange);
        events.publishEvent(new WorkTermsChanged(taskId, Set.copyOf(students)));
        students.forEach(student ->
                audit.note(task.classId, "try.terms", student, task.name, Set.of(AuditSubject.task(taskId))));
    }

    private Task requireToChange(long taskId, long version) {
        Task task = loader.require(taskId);
        loader.classesOf(task).forEach(permission::requireChange);
        if (task.version != version) {
            throw new OptimisticLockingFailureException("task " + taskId);
        }
        return task;
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
                inWords("task.two-versions", "count", problem.students().size());
            case NOBODY -> inWords("task.nobody-would-get-this-task-choose");
            case NOTHING_TO_DO -> inWords("task.has-nothing-to-do-choose-a", "version", version);
            case NO_TITLE -> inWords("task.has-no-title-for-students", "version", version);
            case DATES_OUT_OF_ORDER -> inWords("task.the-dates-of-are-out-of-order-it", "version", version);
            case NOT_COVERED,
                    OPENS_IN_PAST,
                    OPENS_ON_CLOSED_DAY,
                    DUE_ON_CLOSED_DAY,
                    BROKEN_LINK,
                    GIVES_AWAY,
                    DAY_TOO_FULL,
                    SERIES_DRAFTS -> throw new IllegalArgumentException(problem.kind() + " stops nothing");
        };
    }
}
