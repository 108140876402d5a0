package zafu.server.task;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.Arrangements;
import zafu.server.need.Needs;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.ClassTasks.TaskWithVersions;

/** Loads tasks with their versions, targets, students, groups and tries: as many reads for one task as for hundreds. */
@Component
class TaskLoader {
    private final TaskRepository tasks;
    private final TaskVersionRepository versions;
    private final TaskTargetRepository targets;
    private final Roster roster;
    private final Needs needs;
    private final Arrangements arrangements;
    private final SchoolSettings school;
    private final TriesSoFar tries;

    TaskLoader(
            TaskRepository tasks,
            TaskVersionRepository versions,
            TaskTargetRepository targets,
            Roster roster,
            Needs needs,
            Arrangements arrangements,
            SchoolSettings school,
            TriesSoFar tries) {
        this.tasks = tasks;
        this.versions = versions;
        this.targets = targets;
        this.roster = roster;
        this.needs = needs;
        this.arrangements = arrangements;
        this.school = school;
        this.tries = tries;
    }

    Task require(long taskId) {
        return tasks.findById(taskId).orElseThrow(() -> Refusal.notFound("task"));
    }

    ClassTasks allOf(long classId) {
        return load(classId, tasks.findByClassIdOrderById(classId));
    }

    List<Task> draftsOf(long classId) {
        return tasks.findByClassIdOrderById(classId).stream()
                .filter(task -> task.state == TaskState.DRAFT)
                .toList();
    }

    ClassTasks only(Task task) {
        return load(task.classId, List.of(task));
    }

    private ClassTasks load(long classId, List<Task> wanted) {
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
        Map<StudentId, Roster.StudentName> students = roster.byId(classId);
        return new ClassTasks(
                students,
                needs.granted(students.keySet()),
                arrangements.everOfClass(classId),
                wanted.stream()
                        .map(task -> new TaskWithVersions(task, byTask.getOrDefault(task.id, List.of()), byVersion))
                        .toList(),
                tries.of(ids),
                arrangements.subjectsOf(classId),
                school.calendar(),
                school.zone(),
                school.today());
    }
}
