package zafu.server.task;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;

/** Takes a step at tasks back, as a whole. */
@Service
public class TaskUndo {
    private final TaskSteps steps;
    private final TaskLoader loader;
    private final ClassPermission permission;

    TaskUndo(TaskSteps steps, TaskLoader loader, ClassPermission permission) {
        this.steps = steps;
        this.loader = loader;
        this.permission = permission;
    }

    /** @return the id of the step by which it was taken back, which can be taken back too */
    @Transactional
    public long undo(long stepId) {
        TaskStep step = steps.require(stepId);
        permission.requireChange(step.classId);
        steps.tasksOf(stepId).stream()
                .flatMap(task -> loader.classesOf(task).stream())
                .distinct()
                .forEach(permission::requireChange);
        return steps.undo(step);
    }
}
