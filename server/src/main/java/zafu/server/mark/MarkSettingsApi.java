package zafu.server.mark;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.work.CountingTry;

/** What {@link MarkSettingsController} takes and gives. */
final class MarkSettingsApi {
    private MarkSettingsApi() {}

    /** @param id absent for one that is new; 0 for the one that a class without categories has */
    record CategoryShown(long id, String name, double weight) {}

    /** How a task that differs from the usual enters the marks. */
    record TaskMarked(long taskId, long categoryId, boolean counts, CountingTry counting) {}

    record Marking(
            boolean missingIsZero,
            int latePercentPerDay,
            int lateMostPercent,
            int lowPercent,
            List<CategoryShown> categories,
            List<TaskMarked> tasks,
            long version) {}

    /** @param id absent for one that is new */
    record CategoryEdit(
            @Nullable Long id, @NotBlank @Size(max = 80) String name, @DecimalMin("0") @Max(1000) double weight) {}

    /** @param categories all of them, in their order; none for a mark without weights */
    record MarkingEdit(
            boolean missingIsZero,
            @Min(0) @Max(100) int latePercentPerDay,
            @Min(0) @Max(100) int lateMostPercent,
            @Min(0) @Max(100) int lowPercent,
            @NotNull @Size(max = 12) List<@Valid CategoryEdit> categories,
            long version) {}

    /** @param categoryId absent for the first one */
    record TasksMarked(
            @NotNull @Size(min = 1, max = 400) List<Long> tasks,
            @Nullable Long categoryId,
            boolean counts,
            @NotNull CountingTry counting) {}
}
