package zafu.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.roster.ClassTimesApi.Meeting;
import zafu.server.task.TaskState;
import zafu.server.task.Way;

/** What {@link PlanController} takes and gives. */
final class PlanApi {
    private PlanApi() {}

    /**
     * @param begins the first day of the week
     * @param minutesPerDay from how many minutes on a day is too full
     * @param rows everyone first, then the groups in their order, then those in none where work is given to them
     * @param undated tasks without any day, which wait to be put on one
     */
    record Week(
            LocalDate begins,
            LocalDate today,
            int minutesPerDay,
            List<DayOfWeekShown> days,
            List<Meeting> meetings,
            List<WeekRow> rows,
            List<WeekBar> undated,
            boolean mayChange) {}

    /** @param longest the fullest group of the day with its minutes; absent on a day without work */
    record DayOfWeekShown(
            LocalDate day,
            boolean teaching,
            String closedBecause,
            LocalDateTime opensAt,
            @Nullable FullestGroup longest) {}

    /** @param groupId absent for everyone, and for those in no group */
    record FullestGroup(@Nullable Long groupId, String name, int minutes, boolean tooFull) {}

    enum RowKind {
        EVERYONE,
        GROUP,
        NOT_PLACED
    }

    /** @param minutes per day of the week, of the member who has most */
    record WeekRow(
            RowKind kind,
            @Nullable Long groupId,
            String name,
            @Nullable Integer look,
            int members,
            List<WeekBar> bars,
            List<SessionShown> sessions,
            List<Integer> minutes) {}

    /**
     * A version on its days.
     *
     * @param fromDay the first column that it covers, from 0; {@code toDay} the last
     * @param before whether it began before this week; {@code after} whether it goes on after it
     * @param of how many of the row have it; {@code handedIn} of these
     */
    record WeekBar(
            long taskId,
            long versionId,
            String name,
            String versionName,
            TaskState state,
            Way way,
            boolean doneFirst,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable Integer minutes,
            int fromDay,
            int toDay,
            boolean before,
            boolean after,
            int of,
            int handedIn,
            int conflicts) {}

    /**
     * @param mine whether the adult who looks leads it
     * @param clashes in words, empty for none
     */
    record SessionShown(
            long id,
            long version,
            LocalDateTime begins,
            int minutes,
            long adultId,
            String adult,
            boolean mine,
            String title,
            @Nullable Long itemId,
            List<Long> groups,
            List<String> clashes) {}

    /**
     * @param version as it was read, 0 for a new one
     * @param adultId who leads it, absent for whoever plans it
     * @param groups empty for the whole class
     */
    record SessionEdit(
            long version,
            @NotNull LocalDateTime begins,
            @Min(5) @Max(240) int minutes,
            @Nullable Long adultId,
            @NotNull @Size(max = 200) String title,
            @Nullable Long itemId,
            @NotNull @Size(max = 20) List<Long> groups) {}

    /** @param weeks by how many, back with a minus */
    record ShiftWeek(@NotNull LocalDate begins, @Min(-52) @Max(52) int weeks) {}

    /**
     * @param stepId by which the tasks are taken back as one, absent where there are none
     * @param sessions those that are new or moved, with when they began before
     * @param left tasks that stay because a student has begun them
     */
    record WeekShifted(@Nullable Long stepId, int tasks, List<ShiftedSession> sessions, List<String> left) {}

    record ShiftedSession(long id, LocalDateTime before) {}

    record SessionBegins(@NotNull LocalDateTime begins) {}
}
