package zafu.server.task;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.Feedback;
import zafu.core.need.WorkKind;
import zafu.core.schedule.TermPart;

/**
 * A whole task as the teacher wants it, the base first. Fields that a version does not override are ignored; what is
 * absent of the task itself stays as it is.
 *
 * @param version of the task that was changed, so that no one's work is overwritten unseen
 * @param feedback when students are told what was right
 * @param doneFirst whether it holds back the other work of its students until it is handed in
 * @param alsoRunning whether tries that are running get the new time and end too
 */
record TaskEdit(
        long version,
        @NotBlank @Size(max = 200) String name,
        @Nullable Long arrangementId,
        @NotNull @Size(min = 1, max = 20) List<@Valid VersionEdit> versions,
        @Nullable WorkKind workKind,
        @Nullable Way way,
        @Nullable Boolean doneFirst,
        @Nullable Feedback feedback,
        @Nullable @Size(max = 40) List<@Valid AdjustmentEdit> adjustments,
        @Nullable @Size(max = 100) List<@Valid TaskClassEdit> otherClasses,
        @Nullable Boolean alsoRunning) {

    /** @param id absent for a version that is new */
    record VersionEdit(
            @Nullable Long id,
            @NotBlank @Size(max = 80) String staffName,
            @NotNull Set<Field> overrides,
            @NotNull @Size(max = 200) String title,
            @Nullable @Size(max = 10000) String instructions,
            @NotNull @Size(max = 10) List<Long> texts,
            @NotNull @Size(max = 200) List<Long> questions,
            @Nullable @Min(1) @Max(600) Integer minutes,
            boolean includesAccommodations,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes,
            @Min(1) @Max(20) int tries,
            @NotNull TaskView.TargetsShown targets) {}

    /** @param sets the terms that it eases; one that is set and absent means none */
    record AdjustmentEdit(
            @NotNull @Size(min = 1) Set<TermPart> sets,
            @Nullable @Min(1) @Max(600) Integer minutes,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes,
            @Nullable @Min(1) @Max(20) Integer tries,
            @NotNull TaskView.TargetsShown targets) {}

    /** @param sets of OPENS, DUE and CLOSES those that the class has of its own */
    record TaskClassEdit(
            long classId,
            @NotNull Set<TermPart> sets,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes) {}
}
