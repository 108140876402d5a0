package zafu.server.task;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Adjustment;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Targets;
import zafu.core.targeting.VersionId;

/** A task with all that says who gets what of it, and on what terms. */
final class TaskWithVersions {
    private final Task task;
    private final List<TaskVersion> versions;
    private final Map<Long, Targets> targets = new LinkedHashMap<>();
    private final List<AdjustmentFor> adjustments;
    private final Map<Long, TaskClass> otherClasses = new LinkedHashMap<>();
    private final Map<Long, TaskVersion.Content> contents = new LinkedHashMap<>();

    /** An adjustment, and whom it is for. */
    record AdjustmentFor(TaskAdjustment row, Targets targets) {}

    /**
     * @param versions the base first
     * @param targets rows by version
     * @param adjustments in the order in which they were made, with their rows
     */
    TaskWithVersions(
            Task task,
            List<TaskVersion> versions,
            Map<Long, List<TaskTarget>> targets,
            Map<TaskAdjustment, List<TaskTarget>> adjustments,
            List<TaskClass> otherClasses) {
        this.task = task;
        this.versions = versions;
        versions.forEach(version -> {
            this.targets.put(version.id, targetsOf(version.id, targets.getOrDefault(version.id, List.of())));
            contents.put(version.id, version.over(versions.get(0)));
        });
        this.adjustments = adjustments.entrySet().stream()
                .map(each -> new AdjustmentFor(each.getKey(), targetsOf(each.getKey().id, each.getValue())))
                .toList();
        otherClasses.forEach(each -> this.otherClasses.put(each.classId, each));
    }

    private static Targets targetsOf(long id, List<TaskTarget> rows) {
        boolean everyone = false;
        Set<GroupId> toGroups = new LinkedHashSet<>();
        Set<StudentId> toStudents = new LinkedHashSet<>();
        Set<StudentId> except = new LinkedHashSet<>();
        for (TaskTarget target : rows) {
            switch (target.kind) {
                case EVERYONE -> everyone = true;
                case GROUP -> toGroups.add(new GroupId(target.groupId));
                case STUDENT -> toStudents.add(new StudentId(target.studentId));
                case EXCEPT -> except.add(new StudentId(target.studentId));
            }
        }
        return new Targets(new VersionId(id), everyone, toGroups, toStudents, except);
    }

    Task task() {
        return task;
    }

    List<TaskVersion> versions() {
        return versions;
    }

    TaskVersion base() {
        return versions.get(0);
    }

    boolean isOut() {
        return task.state == TaskState.HANDED_OUT;
    }

    /** The class that made it first, then the others. */
    List<Long> classes() {
        List<Long> all = new ArrayList<>(List.of(task.classId));
        all.addAll(otherClasses.keySet());
        return all;
    }

    List<TaskClass> otherClasses() {
        return List.copyOf(otherClasses.values());
    }

    Targets targetsOf(TaskVersion version) {
        return targets.get(version.id);
    }

    boolean isExcepted(long versionId, StudentId student) {
        Targets of = targets.get(versionId);
        return of != null && of.except().contains(student);
    }

    List<AdjustmentFor> adjustments() {
        return adjustments;
    }

    Optional<TaskVersion.Content> content(VersionId version) {
        return Optional.ofNullable(contents.get(version.value()));
    }

    TaskVersion.Content content(TaskVersion version) {
        return contents.get(version.id);
    }

    /** The terms of a version in a class: the base's, replaced by the dates of the class, then by the version's own. */
    Terms terms(TaskVersion.Content content, long classId) {
        TaskClass other = otherClasses.get(classId);
        return other == null
                ? content.terms()
                : base().baseTerms().replacedBy(other.own(), false).replacedBy(content.own(), content.ownIncludes());
    }

    /** The adjustments that reach a student. Rule 3: targets like a version's, minus exceptions. */
    List<Adjustment> adjustmentsFor(StudentId student, Set<GroupId> groupsOfStudent) {
        if (adjustments.isEmpty()) {
            return List.of();
        }
        List<Adjustment> reaching = new ArrayList<>();
        for (AdjustmentFor each : adjustments) {
            Targets to = each.targets();
            boolean byName = to.students().contains(student);
            boolean reached = byName || to.everyone() || to.groups().stream().anyMatch(groupsOfStudent::contains);
            if (reached && !to.except().contains(student)) {
                reaching.add(new Adjustment(byName, each.row().own()));
            }
        }
        return reaching;
    }
}
