package zafu.server.task;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.task.TaskController.StepDone;

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

    /** Days of one version, absent for none; a version other than the base has them of its own from then on. */
    record Days(long versionId, @Nullable LocalDateTime opens, @Nullable LocalDateTime due) {}

    /** The day on which a version opens from now on, or is due where it opens on none. */
    record ToDay(long versionId, @NotNull LocalDate day) {}

    record AlsoFor(long versionId, long groupId) {}

    /** @param students who do not get the task any more */
    record Without(@NotNull @Size(min = 1, max = 400) List<Long> students) {}

    /** @param days teaching days from the later of today and the day on which it is due */
    record Extension(@NotNull @Size(min = 1, max = 400) List<Long> students, @Min(1) @Max(30) int days) {}

    /** @param step teaching days between one and the next */
    record StaggerTasks(
            @NotNull @Size(min = 2, max = 60) List<Long> tasks,
            @NotNull LocalDateTime first,
            @Min(1) @Max(30) int step) {}

    record StaggerVersions(
            @NotNull @Size(min = 2, max = 20) List<Long> versions,
            @NotNull LocalDateTime first,
            @Min(1) @Max(30) int step) {}

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
