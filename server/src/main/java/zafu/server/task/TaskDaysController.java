package zafu.server.task;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.task.TaskApi.StepDone;
import zafu.server.task.TaskDaysApi.AlsoFor;
import zafu.server.task.TaskDaysApi.Days;
import zafu.server.task.TaskDaysApi.Extension;
import zafu.server.task.TaskDaysApi.StaggerTasks;
import zafu.server.task.TaskDaysApi.StaggerVersions;
import zafu.server.task.TaskDaysApi.ToDay;
import zafu.server.task.TaskDaysApi.Without;

/** Small changes of tasks that the week makes with one hand: days, one more group, staggered, taken back for some. */
@RestController
class TaskDaysController {
    private final TaskDeeds deeds;
    private final TaskEasing easing;
    private final TaskMoves moves;

    TaskDaysController(TaskDeeds deeds, TaskEasing easing, TaskMoves moves) {
        this.deeds = deeds;
        this.easing = easing;
        this.moves = moves;
    }

    @PostMapping("/api/tasks/{taskId}/days")
    StepDone days(@PathVariable long taskId, @Valid @RequestBody Days wanted) {
        return new StepDone(deeds.setDays(taskId, wanted));
    }

    /** Moves a version to another day; due and closes follow by teaching days, times of day stay. */
    @PostMapping("/api/tasks/{taskId}/day")
    StepDone toDay(@PathVariable long taskId, @Valid @RequestBody ToDay wanted) {
        return new StepDone(deeds.moveTo(taskId, wanted));
    }

    @PostMapping("/api/tasks/{taskId}/groups")
    StepDone alsoFor(@PathVariable long taskId, @Valid @RequestBody AlsoFor wanted) {
        return new StepDone(deeds.giveGroup(taskId, wanted));
    }

    /** Takes a task back for some of its students, also where they are working on it. */
    @PostMapping("/api/tasks/{taskId}/without")
    StepDone without(@PathVariable long taskId, @Valid @RequestBody Without wanted) {
        return new StepDone(deeds.takeBackFor(taskId, wanted.students()));
    }

    /** Lets some hand in later, as an adjustment for them by name. */
    @PostMapping("/api/tasks/{taskId}/extensions")
    StepDone extend(@PathVariable long taskId, @Valid @RequestBody Extension wanted) {
        return new StepDone(easing.extend(taskId, wanted.students(), wanted.days()));
    }

    @PostMapping("/api/tasks/{taskId}/stagger")
    TaskMoves.Moved staggerVersions(@PathVariable long taskId, @Valid @RequestBody StaggerVersions wanted) {
        return moves.staggerVersions(taskId, wanted.versions(), wanted.first(), wanted.step());
    }

    @PostMapping("/api/classes/{classId}/tasks/stagger")
    TaskMoves.Moved stagger(@PathVariable long classId, @Valid @RequestBody StaggerTasks wanted) {
        return moves.stagger(classId, wanted.tasks(), wanted.first(), wanted.step());
    }
}
