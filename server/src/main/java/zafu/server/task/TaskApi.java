package zafu.server.task;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link TaskController} takes and gives. */
final class TaskApi {
    private TaskApi() {}

    /**
     * @param covered how many students get exactly one version
     * @param conflicts how many two versions claim
     */
    record TaskCard(
            long id,
            String name,
            TaskState state,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            int versions,
            int covered,
            int conflicts,
            int students) {}

    /**
     * @param items of the library that it is made of
     * @param groupId whom the base is for
     * @param everyone whether it is for everyone
     * @param students whom it is for by name; with none of the three it is for nobody yet
     */
    record NewTask(
            @NotBlank @Size(max = 200) String name,
            @Nullable Long arrangementId,
            @Nullable @Size(max = 50) List<Long> items,
            @Nullable Long groupId,
            @Nullable Boolean everyone,
            @Nullable @Size(max = 400) List<Long> students,
            @Nullable Way way,
            @Nullable @Min(1) @Max(600) Integer minutes,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due) {}

    record Materials(@NotNull @Size(min = 1, max = 50) List<Long> items) {}

    record MadeTask(long id) {}

    /** @param confirmNotCovered that students who get nothing are meant to */
    record HandOut(long version, boolean confirmNotCovered) {}

    record TakeBack(long version) {}

    /** A step by which something was done, or taken back, and by which that can be taken back. */
    record StepDone(long stepId) {}

    /** That those who get nothing from each of them are meant to is confirmed with it. */
    record HandOutTogether(@NotNull @Size(min = 1, max = 60) List<Long> tasks) {}

    record ForStudents(@NotNull @Size(min = 1, max = 400) List<Long> students) {}

    enum EffectKind {
        KEEPS_STARTED,
        CHANGES,
        WITHDRAWN,
        GAINS,
        LEADS_TO_CONFLICT
    }

    /** What a step would do to one open task of one student. */
    record Effect(
            long studentId,
            String givenName,
            String taskName,
            EffectKind kind,
            @Nullable String fromVersion,
            @Nullable String toVersion) {}
}
