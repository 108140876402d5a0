package zafu.server.task;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import zafu.core.marking.Feedback;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.core.targeting.VersionId;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;

/** Tasks as they reach students, for the features that show and keep work. Permission is theirs to check. */
@Service
public class Tasks {
    private final TaskLoader loader;
    private final TaskVersionRepository versions;
    private final SchoolSettings school;

    Tasks(TaskLoader loader, TaskVersionRepository versions, SchoolSettings school) {
        this.loader = loader;
        this.versions = versions;
        this.school = school;
    }

    /** What adults call these tasks, the removed ones too. */
    public Map<Long, String> names(Collection<Long> taskIds) {
        return loader.names(taskIds);
    }

    /**
     * What one student is given: the title they see, what to read, do and answer, on what terms and with what at hand.
     *
     * @param questions all of the version; {@link Aids#kept} says which are left for the student
     */
    public record Given(
            long versionId,
            String title,
            String instructions,
            List<Long> texts,
            List<Long> questions,
            Terms.ForStudent terms,
            Aids aids) {}

    /**
     * A task as it reaches a class.
     *
     * @param classes to which it goes, the one that made it first
     * @param doneFirst whether it holds back the other work of its students until it is handed in
     * @param feedback when students are told what was right
     * @param given for every student who gets exactly one version
     * @param conflicts students whom two versions claim
     * @param firstOpens when it opens for whoever comes first; absent where it opens on no day for anybody
     * @param firstDue when it is due for whoever comes first
     */
    public record TaskForClass(
            long taskId,
            List<Long> classes,
            String name,
            TaskState state,
            Way way,
            boolean doneFirst,
            Feedback feedback,
            Map<StudentId, Given> given,
            List<StudentId> conflicts,
            Optional<Instant> firstOpens,
            Optional<Instant> firstDue) {
        /** Whether anybody of these gets it, or is claimed by two versions of it. */
        public boolean isForAnyOf(Predicate<StudentId> these) {
            return given.keySet().stream().anyMatch(these) || conflicts.stream().anyMatch(these);
        }
    }

    /** Every task of the class that students can see, in the order in which they were made. */
    public List<TaskForClass> handedOut(long classId) {
        return handedOut(classId, school.today());
    }

    /** As {@link #handedOut(long)}, with what students are granted on another day. */
    public List<TaskForClass> handedOut(long classId, LocalDate day) {
        ClassTasks all = loader.allOf(classId, day);
        return all.tasks().stream()
                .filter(task -> task.task().state == TaskState.HANDED_OUT)
                .map(task -> forClass(all, task))
                .toList();
    }

    /** One task, whatever its state. */
    public TaskForClass task(long taskId) {
        ClassTasks one = loader.only(loader.require(taskId));
        return forClass(one, one.tasks().get(0));
    }

    /** One task as it would reach a class, a draft too. */
    public TaskForClass foreseen(long taskId, long classId, LocalDate day) {
        ClassTasks all = loader.allOf(classId, day);
        return all.tasks().stream()
                .filter(task -> task.task().id == taskId)
                .findFirst()
                .map(task -> forClass(all, task))
                .orElseThrow(() -> Refusal.notFound("task"));
    }

    /** A version's content and terms for a student, as it is now, even if another version would be given today. */
    public Optional<Given> version(long taskId, long versionId, StudentId student) {
        ClassTasks one = loader.only(loader.require(taskId));
        TaskWithVersions task = one.tasks().get(0);
        return task.content(new VersionId(versionId)).map(content -> given(one, task, student, content));
    }

    /** The classes that a task goes to; none where it is not there any more. */
    public List<Long> classesOf(long taskId) {
        return loader.find(taskId).map(loader::classesOf).orElse(List.of());
    }

    /** How a task is done. */
    public Way wayOf(long taskId) {
        return loader.require(taskId).way;
    }

    /** For each item that there is to read in a task which students can see: the names of such tasks. */
    public Map<Long, Set<String>> handedOutWith(long classId) {
        Map<Long, Set<String>> byItem = new LinkedHashMap<>();
        for (TaskWithVersions task : loader.allOf(classId).tasks()) {
            if (task.task().state == TaskState.HANDED_OUT) {
                task.versions().stream()
                        .flatMap(version -> task.content(version).texts().stream())
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

    /** Of every version of every task of these classes, drafts included. */
    public List<Materials> materialsOfClasses(Collection<Long> classIds) {
        return classIds.stream()
                .flatMap(classId -> loader.allOf(classId).tasks().stream())
                .flatMap(task -> task.versions().stream().map(task::content))
                .map(content -> new Materials(content.texts(), content.questions()))
                .toList();
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
                task.task().id,
                task.classes(),
                task.task().name,
                task.task().state,
                task.task().way,
                task.task().doneFirst,
                task.task().feedback,
                given,
                conflicts,
                first(given, Terms.ForStudent::opens),
                first(given, Terms.ForStudent::due));
    }

    private static Optional<Instant> first(
            Map<StudentId, Given> given, Function<Terms.ForStudent, Optional<Instant>> moment) {
        return given.values().stream()
                .map(each -> moment.apply(each.terms()))
                .flatMap(Optional::stream)
                .min(Instant::compareTo);
    }

    private static Given given(ClassTasks all, TaskWithVersions task, StudentId student, TaskVersion.Content content) {
        return new Given(
                content.versionId(),
                content.title(),
                content.instructions(),
                content.texts(),
                content.questions(),
                all.termsFor(task, student, content),
                Aids.of(all.needsFor(task, student), all.settingsFor(student)));
    }
}
