package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.platform.Refusal;
import zafu.server.roster.ClassTimes;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.TaskTarget.Kind;

/** Changes one thing of a task, as a step that can be taken back. */
@Service
class TaskDeeds {
    private final TaskLoader loader;
    private final TaskVersionRepository versions;
    private final TaskTargetRepository targets;
    private final TaskSteps steps;
    private final Arrangements arrangements;
    private final ClassPermission permission;
    private final SchoolSettings school;
    private final ClassTimes times;

    TaskDeeds(
            TaskLoader loader,
            TaskVersionRepository versions,
            TaskTargetRepository targets,
            TaskSteps steps,
            Arrangements arrangements,
            ClassPermission permission,
            SchoolSettings school,
            ClassTimes times) {
        this.loader = loader;
        this.versions = versions;
        this.targets = targets;
        this.steps = steps;
        this.arrangements = arrangements;
        this.permission = permission;
        this.school = school;
        this.times = times;
    }

    @Transactional
    long setDays(long taskId, TaskDaysApi.Days wanted) {
        Task task = requireToChange(taskId);
        TaskVersion version = requireVersion(task, wanted.versionId());
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        if (!version.isBase()) {
            Set<Field> own = version.overridden();
            own.addAll(Set.of(Field.OPENS, Field.DUE));
            version.override(own);
        }
        version.opensAt = school.moment(wanted.opens());
        version.dueAt = school.moment(wanted.due());
        versions.saveAndFlush(version);
        requireOrder(task, version);
        return steps.taken(task.classId, "task.days", before);
    }

    @Transactional
    long moveTo(long taskId, TaskDaysApi.ToDay wanted) {
        Task task = requireToChange(taskId);
        TaskVersion version = requireVersion(task, wanted.versionId());
        Terms now = loader.only(task).tasks().get(0).content(version).terms();
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        Dates dates = new Dates(
                        now.opens().orElse(null),
                        now.due().orElse(null),
                        now.closes().orElse(null),
                        school)
                .onDay(wanted.day(), opensOn(task, wanted.day()));
        if (!version.isBase()) {
            Set<Field> own = version.overridden();
            own.addAll(Set.of(Field.OPENS, Field.DUE, Field.CLOSES));
            version.override(own);
        }
        version.opensAt = dates.opens();
        version.dueAt = dates.due();
        version.closesAt = dates.closes();
        versions.saveAndFlush(version);
        return steps.taken(task.classId, "task.days", before);
    }

    private LocalDateTime opensOn(Task task, LocalDate day) {
        return day.atTime(ClassTimes.firstMeeting(times.of(task.classId), day.getDayOfWeek()));
    }

    private void requireOrder(Task task, TaskVersion version) {
        TaskWithVersions now = loader.only(task).tasks().get(0);
        if (!now.content(version).terms().inOrder()) {
            throw Refusal.unusable(
                    "dates-out-of-order", inWords("task.would-be-due-before-it-opens-or", "name", task.name));
        }
    }

    @Transactional
    long giveGroup(long taskId, TaskDaysApi.AlsoFor wanted) {
        Task task = requireToChange(taskId);
        TaskVersion version = requireVersion(task, wanted.versionId());
        boolean known =
                loader.only(task).groups().stream().anyMatch(group -> group.id().value() == wanted.groupId());
        if (!known) {
            throw Refusal.notFound("group");
        }
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        boolean there = targets.findByVersionIdInOrderById(List.of(version.id)).stream()
                .anyMatch(target -> target.kind == Kind.GROUP && target.groupId == wanted.groupId());
        if (!there) {
            targets.saveAndFlush(TaskTarget.of(version.id, Kind.GROUP, wanted.groupId(), null));
        }
        long step = steps.taken(task.classId, "task.for-group", before);
        requireNoConflict(task, arrangements.group(wanted.groupId()).name());
        return step;
    }

    /** A task that is with students never leads to two versions for one. */
    private void requireNoConflict(Task task, String group) {
        ClassTasks loaded = loader.only(task);
        boolean conflict = loaded.outcomes(loaded.tasks().get(0)).values().stream()
                .anyMatch(outcome -> outcome instanceof Outcome.Conflict);
        if (conflict && task.state == TaskState.HANDED_OUT) {
            throw Refusal.conflict(
                    "hand-out-stopped",
                    inWords("task.some-in-have-another-version-of", "group", group, "name", task.name));
        }
    }

    @Transactional
    long takeBackFor(long taskId, List<Long> students) {
        Task task = requireToChange(taskId);
        ClassTasks loaded = loader.only(task);
        if (!students.stream().map(StudentId::new).allMatch(loaded.students()::containsKey)) {
            throw Refusal.notFound("student");
        }
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        List<Long> ids = loaded.tasks().get(0).versions().stream()
                .map(version -> version.id)
                .toList();
        List<TaskTarget> now = targets.findByVersionIdInOrderById(ids);
        targets.deleteAll(now.stream()
                .filter(target -> target.kind == Kind.STUDENT && students.contains(target.studentId))
                .toList());
        for (long version : ids) {
            for (long student : students) {
                boolean there = now.stream()
                        .anyMatch(target -> target.kind == Kind.EXCEPT
                                && target.versionId == version
                                && target.studentId == student);
                if (!there) {
                    targets.save(TaskTarget.of(version, Kind.EXCEPT, null, student));
                }
            }
        }
        targets.flush();
        return steps.taken(task.classId, "task.taken-back-for-some", before);
    }

    private Task requireToChange(long taskId) {
        Task task = loader.require(taskId);
        loader.classesOf(task).forEach(permission::requireChange);
        return task;
    }

    private TaskVersion requireVersion(Task task, long versionId) {
        return versions.findById(versionId)
                .filter(version -> version.taskId == task.id && !version.removed)
                .orElseThrow(() -> Refusal.notFound("version"));
    }
}
