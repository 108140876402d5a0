package zafu.server.attempt;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link LiveController} takes and gives. */
final class LiveApi {
    private LiveApi() {}

    /** @param students of the adult's classes, or of the group, who are given the task, by given name */
    record LiveShown(long taskId, String name, List<LiveStudent> students, boolean mayChange) {}

    enum Where {
        NOT_BEGUN,
        WORKING,
        /** Connected, and nothing was given for a while. */
        STANDS_STILL,
        /** At it, and no page of theirs is connected. */
        NO_CONNECTION,
        ON_BREAK,
        HANDED_IN
    }

    /**
     * @param tryId of the running or last try
     * @param answered of {@code questions}
     * @param secondsLeft to work, absent without a limit and where none runs
     * @param quietSeconds since the last answer, or since the start; absent where none runs
     * @param addedMinutes that a teacher added
     */
    record LiveStudent(
            long studentId,
            String givenName,
            String familyName,
            Where where,
            @Nullable Long tryId,
            int answered,
            int questions,
            @Nullable Long secondsLeft,
            @Nullable Long quietSeconds,
            int addedMinutes) {}

    /** @param tries that run under time; those that do not any more are left alone */
    record MinutesForMany(@NotNull @Size(min = 1, max = 400) List<Long> tries, @Min(-600) @Max(600) int minutes) {}

    /** @param tries that have the minutes now */
    record MinutesGiven(List<Long> tries) {}
}
