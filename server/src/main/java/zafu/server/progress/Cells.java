package zafu.server.progress;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.server.attempt.SaidOfWork;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.mark.Marks;
import zafu.server.progress.ProgressController.Cell;
import zafu.server.progress.ProgressController.State;
import zafu.server.task.Tasks;
import zafu.server.task.Tasks.TaskForClass;

/** What each cell of the grid says, from all work of a class at a moment. */
final class Cells {
    private final Marks.Work work;
    private final Instant now;
    private final Map<WorkOf, List<TryShown>> tries;

    Cells(Marks.Work work, Instant now) {
        this.work = work;
        this.now = now;
        tries = work.tries().stream()
                .collect(Collectors.groupingBy(each -> new WorkOf(each.taskId(), each.studentId())));
    }

    /** Empty where the task is not the student's. */
    Optional<Cell> of(int column, StudentId student) {
        TaskForClass task = work.tasks().get(column);
        WorkOf one = new WorkOf(task.taskId(), student.value());
        List<TryShown> own = tries.getOrDefault(one, List.of());
        Tasks.Given given = task.given().get(student);
        if (given == null && own.isEmpty()) {
            return task.conflicts().contains(student)
                    ? Optional.of(plain(column, State.CONFLICT, false))
                    : Optional.empty();
        }
        boolean asked = isAsked(one, own);
        if (isExcused(one)) {
            return Optional.of(
                    own.isEmpty()
                            ? plain(column, State.EXCUSED, false)
                            : withTry(column, State.EXCUSED, given, own, false));
        }
        if (own.isEmpty()) {
            return Optional.of(plain(column, notStarted(given.terms()), asked));
        }
        State state = own.get(own.size() - 1).running() ? State.NOW : State.HANDED_IN;
        return Optional.of(withTry(column, state, given, own, asked));
    }

    /** The tries of one student at a task, in the order in which they were begun. */
    List<TryShown> tries(WorkOf one) {
        return tries.getOrDefault(one, List.of());
    }

    boolean isExcused(WorkOf one) {
        return said(one).isExcused();
    }

    /** Whether a reminder, or being asked to try again, is newer than anything the student has begun since. */
    boolean isAsked(WorkOf one, List<TryShown> own) {
        SaidOfWork said = said(one);
        if (said == SaidOfWork.NOTHING) {
            return false;
        }
        Instant begun = own.isEmpty() ? Instant.EPOCH : own.get(own.size() - 1).startedAt();
        return said.since(begun, WorkNotes.Kind.REMINDED).isPresent()
                || said.since(begun, WorkNotes.Kind.ASKED_AGAIN).isPresent();
    }

    private SaidOfWork said(WorkOf one) {
        return work.said().getOrDefault(one, SaidOfWork.NOTHING);
    }

    private static Cell plain(int column, State state, boolean asked) {
        return new Cell(column, state, null, null, null, null, null, null, null, null, null, null, asked ? true : null);
    }

    private Cell withTry(int column, State state, Tasks.@Nullable Given given, List<TryShown> own, boolean asked) {
        TryShown last = own.get(own.size() - 1);
        boolean running = last.running();
        boolean late =
                given != null && last.handedInAt() != null && given.terms().isOverdueAt(last.handedInAt());
        boolean low = state == State.HANDED_IN && isLow(last, work.settings().lowPercent());
        return new Cell(
                column,
                state,
                running ? null : last.earned(),
                running ? null : last.possible(),
                running ? last.answered() : null,
                running && given != null ? given.questions().size() : null,
                late ? true : null,
                low ? true : null,
                last.id(),
                last.waiting() > 0 ? last.waiting() : null,
                last.toMark() > 0 ? last.toMark() : null,
                own.size() > 1 ? own.size() : null,
                asked ? true : null);
    }

    /** Whether a marked result is under the bar. */
    static boolean isLow(TryShown of, int lowPercent) {
        return of.possible() != null && of.possible() > 0 && of.toMark() == 0 && of.share() * 100 < lowPercent;
    }

    private State notStarted(Terms.ForStudent terms) {
        if (!terms.isOpenAt(now)) {
            return State.NOT_OPEN;
        }
        return terms.isOverdueAt(now) ? State.LATE : State.NOT_STARTED;
    }
}
