package zafu.server.task;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.need.Needs;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Loads tasks with their versions, targets, students, groups and tries: as many reads for one task as for hundreds. */
@Component
class TaskLoader {
    private final TaskRepository tasks;
    private final TaskVersionRepository versions;
    private final TaskTargetRepository targets;
    private final TaskAdjustmentRepository adjustments;
    private final TaskClassRepository otherClasses;
    private final GroupSettingRepository settings;
    private final Roster roster;
    private final Needs needs;
    private final Arrangements arrangements;
    private final SchoolSettings school;
    private final TriesSoFar tries;

    TaskLoader(
            TaskRepository tasks,
            TaskVersionRepository versions,
            TaskTargetRepository targets,
            TaskAdjustmentRepository adjustments,
            TaskClassRepository otherClasses,
            GroupSettingRepository settings,
            Roster roster,
            Needs needs,
            Arrangements arrangements,
            SchoolSettings school,
            TriesSoFar tries) {
        this.tasks = tasks;
        this.versions = versions;
        this.targets = targets;
        this.adjustments = adjustments;
        this.otherClasses = otherClasses;
        this.settings = settings;
        this.roster = roster;
        this.needs = needs;
        this.arrangements = arrangements;
        this.school = school;
        this.tries = tries;
    }

    Task require(long taskId) {
        return find(taskId).orElseThrow(() -> Refusal.notFound("task"));
    }

    Map<Long, String> names(Collection<Long> taskIds) {
        return tasks.findAllById(taskIds).stream().collect(Collectors.toMap(each -> each.id, each -> each.name));
    }

    Optional<Task> find(long taskId) {
        return tasks.findById(taskId).filter(task -> !task.removed);
    }

    /** The class that made the task first, then the others. */
    List<Long> classesOf(Task task) {
        List<Long> all = new ArrayList<>(List.of(task.classId));
        otherClasses.findByTaskIdInOrderById(List.of(task.id)).forEach(each -> all.add(each.classId));
        return all;
    }

    /** Every task that goes to a class, for the students of that class. */
    ClassTasks allOf(long classId) {
        return allOf(classId, school.today());
    }

    /** As {@link #allOf(long)}, with what students are granted on another day. */
    ClassTasks allOf(long classId, LocalDate day) {
        return load(List.of(classId), tasks.ofClass(classId), day);
    }

    List<Task> draftsOf(long classId) {
        return tasks.ofClass(classId).stream()
                .filter(task -> task.state == TaskState.DRAFT)
                .toList();
    }

    /** One task, for the students of all its classes. */
    ClassTasks only(Task task) {
        return load(classesOf(task), List.of(task), school.today());
    }

    private ClassTasks load(List<Long> classIds, List<Task> wanted, LocalDate day) {
        List<Long> ids = wanted.stream().map(task -> task.id).toList();
        List<TaskVersion> allVersions = versions.findByTaskIdInAndRemovedFalseOrderByTaskIdAscPlaceAsc(ids);
        Map<Long, List<TaskVersion>> byTask =
                allVersions.stream().collect(Collectors.groupingBy(version -> version.taskId));
        Map<Long, List<TaskTarget>> byVersion =
                targets
                        .findByVersionIdInOrderById(
                                allVersions.stream().map(version -> version.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(target -> target.versionId));
        Map<Long, Map<TaskAdjustment, List<TaskTarget>>> eased = adjustmentsOf(ids);
        Map<Long, List<TaskClass>> others =
                otherClasses.findByTaskIdInOrderById(ids).stream().collect(Collectors.groupingBy(each -> each.taskId));
        Map<Long, Set<StudentId>> members = new LinkedHashMap<>();
        Map<StudentId, Roster.StudentName> students = new LinkedHashMap<>();
        Map<GroupId, GroupWithMembers> groups = new LinkedHashMap<>();
        Map<Long, String> subjects = new LinkedHashMap<>();
        for (long classId : classIds) {
            Map<StudentId, Roster.StudentName> ofClass = roster.byId(classId);
            members.put(classId, ofClass.keySet());
            ofClass.forEach(students::putIfAbsent);
            arrangements.everOfClass(classId).forEach(group -> groups.putIfAbsent(group.id(), group));
            subjects.putAll(arrangements.subjectsOf(classId));
        }
        return new ClassTasks(
                members,
                students,
                needs.granted(students.keySet()),
                List.copyOf(groups.values()),
                wanted.stream()
                        .map(task -> new TaskWithVersions(
                                task,
                                byTask.getOrDefault(task.id, List.of()),
                                byVersion,
                                eased.getOrDefault(task.id, Map.of()),
                                others.getOrDefault(task.id, List.of())))
                        .toList(),
                tries.of(ids),
                () -> tries.said(ids),
                subjects,
                school.calendar(),
                school.zone(),
                day,
                settingsOf(groups.keySet()));
    }

    private Map<GroupId, GroupSetting> settingsOf(Set<GroupId> groups) {
        Map<GroupId, GroupSetting> byGroup = new LinkedHashMap<>();
        settings.findAllById(groups.stream().map(GroupId::value).toList())
                .forEach(each -> byGroup.put(new GroupId(each.groupId), each));
        return byGroup;
    }

    private Map<Long, Map<TaskAdjustment, List<TaskTarget>>> adjustmentsOf(List<Long> taskIds) {
        List<TaskAdjustment> rows = adjustments.findByTaskIdInOrderByTaskIdAscPlaceAsc(taskIds);
        Map<Long, List<TaskTarget>> byAdjustment =
                targets
                        .findByAdjustmentIdInOrderById(
                                rows.stream().map(each -> each.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(target -> target.adjustmentId));
        Map<Long, Map<TaskAdjustment, List<TaskTarget>>> byTask = new LinkedHashMap<>();
        rows.forEach(row -> byTask.computeIfAbsent(row.taskId, id -> new LinkedHashMap<>())
                .put(row, byAdjustment.getOrDefault(row.id, List.of())));
        return byTask;
    }
}
