package zafu.server.task;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.core.targeting.VersionId;
import zafu.server.task.ClassTasks.TaskWithVersions;

/** Tasks as they reach students, for the features that show and keep work. Permission is theirs to check. */
@Service
public class Tasks {
    private final TaskLoader loader;
    private final TaskVersionRepository versions;

    Tasks(TaskLoader loader, TaskVersionRepository versions) {
        this.loader = loader;
        this.versions = versions;
    }

    /** What one student is given: the title they see, what to read and answer, and on what terms. */
    public record Given(long versionId, String title, List<Long> texts, List<Long> questions, Terms.ForStudent terms) {}

    /**
     * A task as it reaches a class.
     *
     * @param given for every student who gets exactly one version
     * @param conflicts students whom two versions claim
     */
    public record TaskForClass(
            long taskId,
            long classId,
            String name,
            TaskState state,
            Map<StudentId, Given> given,
            List<StudentId> conflicts) {}

    /** Every task of the class that students can see, in the order in which they were made. */
    public List<TaskForClass> handedOut(long classId) {
        ClassTasks all = loader.allOf(classId);
        return all.tasks().stream()
                .filter(task -> task.task().state == TaskState.HANDED_OUT)
                .map(task -> forClass(all, task))
                .toList();
    }

    /** A task that was never handed out. */
    public record DraftTask(long taskId, String name) {}

    /** In the order in which they were made. */
    public List<DraftTask> drafts(long classId) {
        return loader.draftsOf(classId).stream()
                .map(task -> new DraftTask(task.id, task.name))
                .toList();
    }

    /** One task, whatever its state. */
    public TaskForClass task(long taskId) {
        ClassTasks one = loader.only(loader.require(taskId));
        return forClass(one, one.tasks().get(0));
    }

    /** A version's content and terms for a student, as it is now, even if another version would be given today. */
    public Optional<Given> version(long taskId, long versionId, StudentId student) {
        ClassTasks one = loader.only(loader.require(taskId));
        TaskWithVersions task = one.tasks().get(0);
        return task.content(new VersionId(versionId)).map(content -> given(one, task, student, content));
    }

    /** For each item that there is to read in a task which students can see: the names of such tasks. */
    public Map<Long, Set<String>> handedOutWith(long classId) {
        Map<Long, Set<String>> byItem = new LinkedHashMap<>();
        for (TaskWithVersions task : loader.allOf(classId).tasks()) {
            if (task.task().state == TaskState.HANDED_OUT) {
                task.versions().stream()
                        .flatMap(version -> version.over(task.base()).texts().stream())
                        .forEach(item -> byItem.computeIfAbsent(item, id -> new LinkedHashSet<>())
                                .add(task.task().name));
            }
        }
        return byItem;
    }

    /** What there is in a version to read and to answer, by id. */
    public record Materials(List<Long> texts, List<Long> questions) {}

    /** Of each of these versions, those that were removed included. */
    public Map<Long, Materials> materials(Collection<Long> versionIds) {
        List<TaskVersion> wanted = versions.findByIdIn(versionIds);
        Map<Long, TaskVersion> bases = new LinkedHashMap<>();
        versions.findByTaskIdInAndPlace(
                        wanted.stream().map(each -> each.taskId).distinct().toList(), TaskVersion.BASE)
                .forEach(base -> bases.put(base.taskId, base));
        Map<Long, Materials> found = new LinkedHashMap<>();
        for (TaskVersion each : wanted) {
            TaskVersion.Content content = each.over(bases.get(each.taskId));
            found.put(each.id, new Materials(content.texts(), content.questions()));
        }
        return found;
    }

    private static TaskForClass forClass(ClassTasks all, TaskWithVersions task) {
        Map<StudentId, Given> given = new LinkedHashMap<>();
        Map<StudentId, Outcome> outcomes = all.outcomes(task);
        outcomes.forEach((student, outcome) -> outcome.given()
                .flatMap(task::content)
                .ifPresent(content -> given.put(student, given(all, task, student, content))));
        List<StudentId> conflicts = outcomes.entrySet().stream()
                .filter(each -> each.getValue() instanceof Outcome.Conflict)
                .map(Map.Entry::getKey)
                .toList();
        return new TaskForClass(
                task.task().id, task.task().classId, task.task().name, task.task().state, given, conflicts);
    }

    private static Given given(ClassTasks all, TaskWithVersions task, StudentId student, TaskVersion.Content content) {
        return new Given(
                content.versionId(),
                content.title(),
                content.texts(),
                content.questions(),
                all.termsFor(task, student, content));
    }
}
