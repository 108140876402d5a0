package zafu.server.report;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;
import zafu.core.work.Where;
import zafu.core.work.WorkStanding;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.mark.Marks;
import zafu.server.mark.WorkOfClass;
import zafu.server.task.Tasks;
import zafu.server.task.Tasks.TaskForClass;

/** What students did of the work that falls in a stretch of days; what is excused is no part of it. */
final class WorkInTime {
    private final WorkOfClass all;
    private final LocalDate from;
    private final LocalDate to;
    private final ZoneId zone;
    private final Instant now;

    /**
     * @param from first day
     * @param to last day
     */
    WorkInTime(Marks.Work work, LocalDate from, LocalDate to, ZoneId zone, Instant now) {
        all = new WorkOfClass(work);
        this.from = from;
        this.to = to;
        this.zone = zone;
        this.now = now;
    }

    /**
     * One task of one student.
     *
     * @param due absent where it has no day
     * @param handedInOn absent where it is past due and not handed in
     * @param counting the try whose result counts, absent where none is marked
     */
    record Piece(
            TaskForClass task, @Nullable LocalDate due, @Nullable LocalDate handedInOn, @Nullable TryShown counting) {
        boolean missing() {
            return handedInOn == null;
        }
    }

    /** In the order of the tasks. */
    List<Piece> of(StudentId student) {
        List<Piece> pieces = new ArrayList<>();
        for (TaskForClass task : all.work().tasks()) {
            WorkStanding<TryShown> standing = all.standing(task, student, now);
            Piece piece = standing.where() == Where.EXCUSED ? null : piece(task, student, standing);
            if (piece != null) {
                pieces.add(piece);
            }
        }
        return pieces;
    }

    private @Nullable Piece piece(TaskForClass task, StudentId student, WorkStanding<TryShown> standing) {
        Tasks.Given given = task.given().get(student);
        LocalDate due =
                given == null ? null : given.terms().due().map(this::day).orElse(null);
        LocalDate last = all.attempts(new WorkOf(task.taskId(), student.value())).stream()
                .map(TryShown::handedInAt)
                .filter(Objects::nonNull)
                .reduce((first, second) -> second)
                .map(this::day)
                .orElse(null);
        if (last == null) {
            LocalDate expected = due != null || given == null
                    ? due
                    : given.terms().closes().map(this::day).orElse(null);
            return standing.where().isMissing() && isIn(expected) ? new Piece(task, due, null, null) : null;
        }
        return isIn(due) || isIn(last)
                ? new Piece(task, due, last, standing.result().orElse(null))
                : null;
    }

    private LocalDate day(Instant moment) {
        return LocalDate.ofInstant(moment, zone);
    }

    private boolean isIn(@Nullable LocalDate day) {
        return day != null && !day.isBefore(from) && !day.isAfter(to);
    }
}
