package zafu.server.task;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import zafu.core.marking.Feedback;
import zafu.server.task.TaskSnapshot.TargetThen;

/** Copies a task with its versions, targets, adjustments and classes, as a draft. */
@Component
class TaskCopies {
    private final TaskRepository tasks;
    private final TaskVersionRepository versions;
    private final TaskClassRepository otherClasses;
    private final TaskStore store;

    TaskCopies(
            TaskRepository tasks, TaskVersionRepository versions, TaskClassRepository otherClasses, TaskStore store) {
        this.tasks = tasks;
        this.versions = versions;
        this.otherClasses = otherClasses;
        this.store = store;
    }

    Task copy(Task of, Instant now) {
        TaskSnapshot was = store.snapshot(of);
        Task copy = new Task();
        copy.classId = of.classId;
        copy.arrangementId = was.arrangementId();
        copy.name = was.name();
        copy.workKind = was.workKind();
        copy.way = was.way();
        copy.doneFirst = was.doneFirst();
        copy.feedback = was.feedback() == null ? Feedback.WHEN_HANDED_IN : was.feedback();
        copy.createdAt = now;
        long id = tasks.save(copy).id;
        for (TaskSnapshot.VersionThen each : was.versions()) {
            TaskVersion version = new TaskVersion();
            version.taskId = id;
            each.writeTo(version);
            store.addTargets(versions.save(version).id, rows(each.targets()));
        }
        int place = 0;
        for (TaskSnapshot.AdjustmentThen each : was.adjustments()) {
            store.add(each.row(id, place++), rows(each.targets()));
        }
        was.otherClasses().forEach(each -> otherClasses.save(each.row(id)));
        versions.flush();
        return copy;
    }

    private static List<TaskTarget> rows(List<TargetThen> targets) {
        return targets.stream().map(TargetThen::row).toList();
    }
}
