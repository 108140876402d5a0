package zafu.server.task;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link TaskDaysController} takes and gives. */
final class TaskDaysApi {
    private TaskDaysApi() {}

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
}
