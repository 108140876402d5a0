package zafu.server.task;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.BenchCommand;
import zafu.server.task.TaskApi.Effect;
import zafu.server.task.TaskApi.ForStudents;
import zafu.server.task.TaskApi.HandOut;
import zafu.server.task.TaskApi.HandOutTogether;
import zafu.server.task.TaskApi.MadeTask;
import zafu.server.task.TaskApi.Materials;
import zafu.server.task.TaskApi.NewTask;
import zafu.server.task.TaskApi.StepDone;
import zafu.server.task.TaskApi.TakeBack;
import zafu.server.task.TaskApi.TaskCard;

/** Tasks: made, changed, handed out, taken back; and what a step on the bench would do to them. */
@RestController
class TaskController {
    private final TaskService service;
    private final TaskUndo undo;
    private final MoveEffects effects;

    TaskController(TaskService service, TaskUndo undo, MoveEffects effects) {
        this.service = service;
        this.undo = undo;
        this.effects = effects;
    }

    @GetMapping("/api/classes/{classId}/tasks")
    List<TaskCard> tasks(@PathVariable long classId) {
        return service.cards(classId);
    }

    @PostMapping("/api/classes/{classId}/tasks")
    MadeTask create(@PathVariable long classId, @Valid @RequestBody NewTask wanted) {
        return new MadeTask(service.create(classId, wanted));
    }

    /** Puts items of the library into the base of a draft. */
    @PostMapping("/api/tasks/{taskId}/materials")
    TaskView addMaterials(@PathVariable long taskId, @Valid @RequestBody Materials wanted) {
        service.addMaterials(taskId, wanted.items());
        return service.view(taskId);
    }

    @GetMapping("/api/tasks/{taskId}")
    TaskView task(@PathVariable long taskId) {
        return service.view(taskId);
    }

    @PutMapping("/api/tasks/{taskId}")
    TaskView change(@PathVariable long taskId, @Valid @RequestBody TaskEdit edit) {
        service.change(taskId, edit);
        return service.view(taskId);
    }

    @PostMapping("/api/tasks/{taskId}/hand-out")
    TaskView handOut(@PathVariable long taskId, @Valid @RequestBody HandOut asked) {
        service.handOut(taskId, asked);
        return service.view(taskId);
    }

    @PostMapping("/api/classes/{classId}/tasks/handed-out")
    StepDone handOutTogether(@PathVariable long classId, @Valid @RequestBody HandOutTogether asked) {
        return new StepDone(service.handOutTogether(classId, asked.tasks()));
    }

    @PostMapping("/api/tasks/{taskId}/take-back")
    TaskView takeBack(@PathVariable long taskId, @Valid @RequestBody TakeBack asked) {
        service.takeBack(taskId, asked);
        return service.view(taskId);
    }

    /** Works a change out without making it: what it would do to students who can see the task or are working on it. */
    @PostMapping("/api/tasks/{taskId}/effects")
    List<TaskForesight.TaskEffect> effectsOfChange(@PathVariable long taskId, @Valid @RequestBody TaskEdit edit) {
        return service.foresee(taskId, edit);
    }

    /** Everything that stands in the way of handing out, or should be looked at first. */
    @GetMapping("/api/tasks/{taskId}/hand-out")
    List<TaskView.TaskProblem> beforeHandingOut(@PathVariable long taskId) {
        return service.beforeHandingOut(taskId);
    }

    @DeleteMapping("/api/tasks/{taskId}")
    StepDone remove(@PathVariable long taskId, @RequestParam long version) {
        return new StepDone(service.remove(taskId, version));
    }

    /** Gives the running tries of these students the terms that hold for them now. */
    @PostMapping("/api/tasks/{taskId}/running")
    TaskView giveRunning(@PathVariable long taskId, @Valid @RequestBody ForStudents to) {
        service.giveRunning(taskId, to.students());
        return service.view(taskId);
    }

    /** Makes the tasks of a step as they were before it. */
    @PostMapping("/api/task-steps/{stepId}/undo")
    StepDone undo(@PathVariable long stepId) {
        return new StepDone(undo.undo(stepId));
    }

    /** Works a step of the bench out without taking it: what it would do to work that students can see. */
    @PostMapping("/api/arrangements/{arrangementId}/effects")
    List<Effect> effects(@PathVariable long arrangementId, @Valid @RequestBody BenchCommand command) {
        return effects.of(arrangementId, command);
    }
}
