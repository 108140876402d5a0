package zafu.server.progress;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;
import zafu.core.work.Where;
import zafu.core.work.WorkStanding;
import zafu.server.attempt.SaidOfWork;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.mark.Marks;
import zafu.server.mark.WorkOfClass;
import zafu.server.progress.ProgressApi.Cell;
import zafu.server.progress.ProgressApi.State;
import zafu.server.task.Tasks;
import zafu.server.task.Tasks.TaskForClass;

/** What each cell of the grid says, from all work of a class at a moment. */
final class Cells {
    private final WorkOfClass all;
    private final Instant now;

    Cells(Marks.Work work, Instant now) {
        all = new WorkOfClass(work);
        this.now = now;
    }

    /** Empty where the task is not the student's. */
    Optional<Cell> of(int column, StudentId student) {
        TaskForClass task = all.work().tasks().get(column);
        WorkOf one = new WorkOf(task.taskId(), student.value());
        WorkStanding<TryShown> standing = standing(task, student);
        if (standing.where() == Where.NOT_GIVEN) {
            return task.conflicts().contains(student)
                    ? Optional.of(plain(column, State.CONFLICT, false))
                    : Optional.empty();
        }
        List<TryShown> own = all.attempts(one);
        State state = stateOf(standing.where());
        boolean asked = standing.where() != Where.EXCUSED && isAsked(one, own);
        return Optional.of(
                own.isEmpty()
                        ? plain(column, state, asked)
                        : withTry(column, state, standing, task.given().get(student), own, asked));
    }

    WorkStanding<TryShown> standing(TaskForClass task, StudentId student) {
        return all.standing(task, student, now);
    }

    /** The tries of one student at a task, in the order in which they were begun. */
    List<TryShown> tries(WorkOf one) {
        return all.attempts(one);
    }

    private static State stateOf(Where where) {
        return switch (where) {
            case NOT_GIVEN -> throw new IllegalArgumentException("what is not given has no cell");
            case EXCUSED -> State.EXCUSED;
            case NOT_OPEN_YET -> State.NOT_OPEN;
            case OPEN -> State.NOT_STARTED;
            case OVERDUE -> State.LATE;
            case MISSED -> State.MISSED;
            case WORKING -> State.NOW;
            case TO_DO_AGAIN -> State.AGAIN;
            case HANDED_IN, MARKED -> State.HANDED_IN;
        };
    }

    /** Whether a reminder, or being asked to try again, is newer than anything the student has begun since. */
    boolean isAsked(WorkOf one, List<TryShown> own) {
        SaidOfWork said = all.said(one);
        if (said == SaidOfWork.NOTHING) {
            return false;
        }
        Instant begun = own.isEmpty() ? Instant.EPOCH : own.get(own.size() - 1).startedAt();
        return said.since(begun, WorkNotes.Kind.REMINDED).isPresent()
                || said.since(begun, WorkNotes.Kind.ASKED_AGAIN).isPresent();
    }

    private static Cell plain(int column, State state, boolean asked) {
        return new Cell(column, state, null, null, null, null, null, null, null, null, null, null, asked ? true : null);
    }

    /** Shows the attempt that is under way, else the one whose result counts, else the last. */
    private Cell withTry(
            int column,
            State state,
            WorkStanding<TryShown> standing,
            Tasks.@Nullable Given given,
            List<TryShown> own,
            boolean asked) {
        TryShown last = own.get(own.size() - 1);
        boolean running = standing.where() == Where.WORKING;
        TryShown shown = running ? last : standing.result().orElse(last);
        int toMark = own.stream().mapToInt(TryShown::toMark).sum();
        int waiting = own.stream().mapToInt(TryShown::waiting).sum();
        return new Cell(
                column,
                state,
                running ? null : shown.earned(),
                running ? null : shown.possible(),
                running ? last.answered() : null,
                running && given != null ? given.questions().size() : null,
                !running && standing.late() ? true : null,
                isLow(standing) ? true : null,
                shown.id(),
                waiting > 0 ? waiting : null,
                toMark > 0 ? toMark : null,
                own.size() > 1 ? own.size() : null,
                asked ? true : null);
    }

    /** Whether the result that counts is under the bar, and nothing newer is under way. */
    boolean isLow(WorkStanding<TryShown> standing) {
        boolean settled = standing.where().isHandedIn() || standing.where() == Where.TO_DO_AGAIN;
        return settled
                && standing.result()
                        .filter(each -> each.possible() != null && each.possible() > 0)
                        .filter(each ->
                                each.share() * 100 < all.work().settings().lowPercent())
                        .isPresent();
    }
}
