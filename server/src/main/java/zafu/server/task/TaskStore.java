package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.marking.Feedback;
import zafu.server.platform.Refusal;
import zafu.server.task.TaskSnapshot.AdjustmentThen;
import zafu.server.task.TaskSnapshot.ClassThen;
import zafu.server.task.TaskSnapshot.TargetThen;
import zafu.server.task.TaskSnapshot.VersionThen;

/** Reads tasks whole, as snapshots, and writes them back so; also writes the rows that hang on a task. */
@Component
class TaskStore {
    private final TaskRepository tasks;
    private final TaskVersionRepository versions;
    private final TaskTargetRepository targets;
    private final TaskAdjustmentRepository adjustments;
    private final TaskClassRepository otherClasses;
    private final TriesSoFar tries;

    TaskStore(
            TaskRepository tasks,
            TaskVersionRepository versions,
            TaskTargetRepository targets,
            TaskAdjustmentRepository adjustments,
            TaskClassRepository otherClasses,
            TriesSoFar tries) {
        this.tasks = tasks;
        this.versions = versions;
        this.targets = targets;
        this.adjustments = adjustments;
        this.otherClasses = otherClasses;
        this.tries = tries;
    }

    TaskSnapshot snapshot(Task task) {
        List<TaskVersion> all = versions.findByTaskIdInAndRemovedFalseOrderByTaskIdAscPlaceAsc(List.of(task.id));
        Map<Long, List<TargetThen>> ofVersions =
                byOwner(targets.findByVersionIdInOrderById(ids(all)), target -> target.versionId);
        List<TaskAdjustment> eased = adjustments.findByTaskIdInOrderByTaskIdAscPlaceAsc(List.of(task.id));
        Map<Long, List<TargetThen>> ofAdjustments = byOwner(
                targets.findByAdjustmentIdInOrderById(
                        eased.stream().map(each -> each.id).toList()),
                target -> target.adjustmentId);
        return new TaskSnapshot(
                task.name,
                task.arrangementId,
                task.state,
                task.workKind,
                task.way,
                task.doneFirst,
                task.feedback,
                task.seriesId,
                task.removed,
                task.handedOutAt,
                task.handedOutBy,
                all.stream()
                        .map(each -> VersionThen.of(each, ofVersions.getOrDefault(each.id, List.of())))
                        .toList(),
                eased.stream()
                        .map(each -> AdjustmentThen.of(each, ofAdjustments.getOrDefault(each.id, List.of())))
                        .toList(),
                otherClasses.findByTaskIdInOrderById(List.of(task.id)).stream()
                        .map(ClassThen::of)
                        .toList());
    }

    private static List<Long> ids(List<TaskVersion> all) {
        return all.stream().map(each -> each.id).toList();
    }

    private static Map<Long, List<TargetThen>> byOwner(List<TaskTarget> rows, Function<TaskTarget, Long> owner) {
        return rows.stream()
                .collect(Collectors.groupingBy(owner, Collectors.mapping(TargetThen::of, Collectors.toList())));
    }

    /** @throws Refusal where a version that was not there then is begun already */
    void restore(Task task, TaskSnapshot then) {
        task.name = then.name();
        task.arrangementId = then.arrangementId();
        task.state = then.state();
        task.workKind = then.workKind();
        task.way = then.way();
        task.doneFirst = then.doneFirst();
        // Steps that were kept before there was a choice say nothing of it.
        task.feedback = then.feedback() == null ? Feedback.WHEN_HANDED_IN : then.feedback();
        task.seriesId = then.seriesId();
        task.removed = then.removed();
        task.handedOutAt = then.handedOutAt();
        task.handedOutBy = then.handedOutBy();
        List<TaskVersion> all = versions.findByTaskIdInOrderByTaskIdAscPlaceAscIdAsc(List.of(task.id));
        targets.deleteByVersionIdIn(ids(all));
        Map<Long, VersionThen> byId = then.versions().stream().collect(Collectors.toMap(VersionThen::id, each -> each));
        requireNotBegun(task, all, byId);
        for (TaskVersion version : all) {
            VersionThen was = byId.get(version.id);
            if (was == null) {
                version.removed = true;
            } else {
                was.writeTo(version);
                addTargets(
                        version.id, was.targets().stream().map(TargetThen::row).toList());
            }
        }
        versions.saveAll(all);
        clearAdjustments(task.id);
        int place = 0;
        for (AdjustmentThen was : then.adjustments()) {
            add(
                    was.row(task.id, place++),
                    was.targets().stream().map(TargetThen::row).toList());
        }
        otherClasses.deleteByTaskId(task.id);
        otherClasses.flush();
        otherClasses.saveAll(
                then.otherClasses().stream().map(each -> each.row(task.id)).toList());
        tasks.saveAndFlush(task);
    }

    private void requireNotBegun(Task task, List<TaskVersion> all, Map<Long, VersionThen> then) {
        List<Long> begun = tries.of(List.of(task.id)).stream()
                .map(TriesSoFar.TrySoFar::versionId)
                .toList();
        all.stream()
                .filter(version -> !version.removed && !then.containsKey(version.id) && begun.contains(version.id))
                .findFirst()
                .ifPresent(version -> {
                    throw Refusal.conflict(
                            "version-started",
                            inWords("task.this-cannot-be-undone-a-student", "version", version.staffName));
                });
    }

    void addTargets(long versionId, List<TaskTarget> rows) {
        rows.forEach(row -> row.versionId = versionId);
        targets.saveAll(rows);
    }

    void clearAdjustments(long taskId) {
        List<Long> ids = new ArrayList<>();
        adjustments.findByTaskIdInOrderByTaskIdAscPlaceAsc(List.of(taskId)).forEach(each -> ids.add(each.id));
        targets.deleteByAdjustmentIdIn(ids);
        targets.flush();
        adjustments.deleteByTaskId(taskId);
    }

    void add(TaskAdjustment adjustment, List<TaskTarget> rows) {
        long id = adjustments.save(adjustment).id;
        rows.forEach(row -> row.adjustmentId = id);
        targets.saveAll(rows);
    }
}
