package zafu.server.task;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A whole task as the teacher wants it, the base first. Fields that a version does not override are ignored.
 *
 * @param version of the task that was changed, so that no one's work is overwritten unseen
 */
record TaskEdit(
        long version,
        @NotBlank @Size(max = 200) String name,
        @Nullable Long arrangementId,
        @NotNull @Size(min = 1, max = 20) List<@jakarta.validation.Valid VersionEdit> versions) {

    /** @param id absent for a version that is new */
    record VersionEdit(
            @Nullable Long id,
            @NotBlank @Size(max = 80) String staffName,
            @NotNull Set<Field> overrides,
            @NotNull @Size(max = 200) String title,
            @NotNull @Size(max = 10) List<Long> texts,
            @NotNull @Size(max = 200) List<Long> questions,
            @Nullable @Min(1) @Max(600) Integer minutes,
            boolean includesAccommodations,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes,
            @Min(1) @Max(20) int tries,
            @NotNull TaskView.TargetsShown targets) {}
}
