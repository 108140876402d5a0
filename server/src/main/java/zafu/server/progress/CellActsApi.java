package zafu.server.progress;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link CellActsController} takes and gives. */
final class CellActsApi {
    private CellActsApi() {}

    /** One student's work at one task. */
    record WorkCell(long taskId, long studentId) {}

    record WorkCells(@NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells) {}

    /** @param excused false to take excuses back */
    record Excused(@NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells, boolean excused) {}

    /** @param days teaching days from the later of today and the day on which it is due */
    record Extended(@NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells, @Min(1) @Max(30) int days) {}

    /**
     * @param due until when, absent to leave the dates as they are
     * @param versionId what is tried now, where all cells are of one task; absent for the same
     */
    record AnotherTry(
            @NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells,
            @Nullable LocalDateTime due,
            @Nullable Long versionId) {}

    /**
     * @param stepId by which tasks are made as they were, where they were changed
     * @param noteIds by which what was said is taken back
     */
    record Acted(
            @Nullable Long stepId,
            @NotNull @Size(max = 4000) List<Long> noteIds,
            @NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells) {}
}
