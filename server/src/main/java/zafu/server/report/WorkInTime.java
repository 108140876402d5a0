package zafu.server.report;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;
import zafu.server.attempt.SaidOfWork;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.mark.Marks;
import zafu.server.task.Tasks;
import zafu.server.task.Tasks.TaskForClass;

/** What students did of the work that falls in a stretch of days; what is excused is no part of it. */
final class WorkInTime {
    private final Marks.Work work;
    private final LocalDate from;
    private final LocalDate to;
    private final ZoneId zone;
    private final Instant now;
    private final Map<WorkOf, List<TryShown>> handedIn;

    /**
     * @param from first day
     * @param to last day
     */
    WorkInTime(Marks.Work work, LocalDate from, LocalDate to, ZoneId zone, Instant now) {
        this.work = work;
        this.from = from;
        this.to = to;
        this.zone = zone;
        this.now = now;
        handedIn = work.tries().stream()
                .filter(each -> each.handedInAt() != null)
                .collect(Collectors.groupingBy(each -> new WorkOf(each.taskId(), each.studentId())));
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
        for (TaskForClass task : work.tasks()) {
            WorkOf one = new WorkOf(task.taskId(), student.value());
            if (!work.said().getOrDefault(one, SaidOfWork.NOTHING).isExcused()) {
                Piece piece = piece(task, student, handedIn.getOrDefault(one, List.of()));
                if (piece != null) {
                    pieces.add(piece);
                }
            }
        }
        return pieces;
    }

    private @Nullable Piece piece(TaskForClass task, StudentId student, List<TryShown> tries) {
        Tasks.Given given = task.given().get(student);
        LocalDate due =
                given == null ? null : given.terms().due().map(this::day).orElse(null);
        if (tries.isEmpty()) {
            boolean overdue = given != null && given.terms().isOverdueAt(now);
            return overdue && isIn(due) ? new Piece(task, due, null, null) : null;
        }
        LocalDate last = day(tries.get(tries.size() - 1).handedInAt());
        if (!isIn(due) && !isIn(last)) {
            return null;
        }
        List<TryShown> marked =
                tries.stream().filter(each -> each.toMark() == 0).toList();
        return new Piece(
                task,
                due,
                last,
                work.settings()
                        .of(task.taskId())
                        .counting()
                        .of(marked, TryShown::share)
                        .orElse(null));
    }

    private LocalDate day(@Nullable Instant moment) {
        return LocalDate.ofInstant(moment == null ? Instant.EPOCH : moment, zone);
    }

    private boolean isIn(@Nullable LocalDate day) {
        return day != null && !day.isBefore(from) && !day.isAfter(to);
    }
}
