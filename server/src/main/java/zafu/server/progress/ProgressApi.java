package zafu.server.progress;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.task.Way;

/** What {@link ProgressController} takes and gives. */
final class ProgressApi {
    private ProgressApi() {}

    /**
     * @param groups of the chosen arrangement, and last those in none of them
     * @param lowPercent results under this many per cent are low
     * @param mayChange whether the adult may act on cells
     */
    record Grid(List<TaskColumn> tasks, List<GroupRows> groups, int lowPercent, boolean mayChange) {}

    /**
     * @param categoryId 0 where the class has no categories
     * @param covered how many students it was given to; those it was not given to are not counted
     * @param toMark how many tries wait for a person to mark them
     * @param median points, absent where nothing is marked; so are lowest and highest
     */
    record TaskColumn(
            long id,
            String name,
            Way way,
            long categoryId,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            int handedIn,
            int covered,
            int toMark,
            @Nullable Double median,
            @Nullable Double lowest,
            @Nullable Double highest) {}

    /**
     * @param id absent for those in no group
     * @param medians has one entry a task, without a value where none is marked
     * @param mark median of the members' marks, a share
     */
    record GroupRows(
            @Nullable Long id,
            String name,
            @Nullable Integer look,
            List<ProgressRow> students,
            List<Median> medians,
            @Nullable Double mark) {}

    record Median(@Nullable Double earned) {}

    /**
     * @param cells of the tasks that were given to the student, in the order of the columns
     * @param mark overall, a share; absent where nothing counts yet
     * @param missing how many are past due and not handed in
     * @param late how many were handed in late
     */
    record ProgressRow(
            long id,
            String givenName,
            String familyName,
            List<Cell> cells,
            @Nullable Double mark,
            int missing,
            int late) {}

    enum State {
        /** Two versions claim the student. */
        CONFLICT,
        NOT_OPEN,
        NOT_STARTED,
        /** Past due and not begun; it is still taken. */
        LATE,
        /** Not begun, and nothing is taken any more. */
        MISSED,
        NOW,
        HANDED_IN,
        /** Handed in, and the student is asked to do it again. */
        AGAIN,
        EXCUSED
    }

    /**
     * What is absent is as usual: not late, nothing waits, one try.
     *
     * @param column place of the task
     * @param answered of {@code questions}, both only while a try is running
     * @param late handed in after the due time
     * @param low whether the result is under the class's bar
     * @param tryId of the try that shows, where there is one
     * @param waiting answers that came when the try was over and wait for a teacher to decide
     * @param toMark pieces that wait for a person to mark them
     * @param tries how many, where there are several
     * @param asked whether another try or a reminder waits for the student
     */
    record Cell(
            int column,
            State state,
            @Nullable Double earned,
            @Nullable Double possible,
            @Nullable Integer answered,
            @Nullable Integer questions,
            @Nullable Boolean late,
            @Nullable Boolean low,
            @Nullable Long tryId,
            @Nullable Integer waiting,
            @Nullable Integer toMark,
            @Nullable Integer tries,
            @Nullable Boolean asked) {}

    /** One try in the history of a low result. */
    record TryResult(long id, int number, @Nullable Double earned, @Nullable Double possible, LocalDateTime handedIn) {}

    /**
     * A result under the bar that nobody has done anything about since.
     *
     * @param tries that were handed in, oldest first
     * @param askedAgain whether another try was given and is not begun
     */
    record LowResult(
            long taskId,
            String taskName,
            long studentId,
            String givenName,
            String familyName,
            List<TryResult> tries,
            boolean askedAgain) {}

    record LowResultsShown(int lowPercent, List<LowResult> results) {}

    record ColumnAsMeasure(long measureId) {}
}
