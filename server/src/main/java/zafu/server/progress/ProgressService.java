package zafu.server.progress;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.grouping.GroupFigures;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.access.Reach;
import zafu.server.arrangement.Arrangements;
import zafu.server.mark.Marks;
import zafu.server.progress.ProgressApi.Cell;
import zafu.server.progress.ProgressApi.GroupRows;
import zafu.server.progress.ProgressApi.Median;
import zafu.server.progress.ProgressApi.ProgressRow;
import zafu.server.progress.ProgressApi.State;
import zafu.server.progress.ProgressApi.TaskColumn;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks.TaskForClass;

/** Puts the grid together: rows gathered by group, only what was given counts. Rule 6, progress of a task. */
@Service
class ProgressService {
    private final ClassPermission permission;
    private final ClassWork classWork;
    private final Marks marks;
    private final Arrangements arrangements;
    private final Roster roster;
    private final SchoolSettings school;

    ProgressService(
            ClassPermission permission,
            ClassWork classWork,
            Marks marks,
            Arrangements arrangements,
            Roster roster,
            SchoolSettings school) {
        this.permission = permission;
        this.classWork = classWork;
        this.marks = marks;
        this.arrangements = arrangements;
        this.roster = roster;
        this.school = school;
    }

    @Transactional(readOnly = true)
    ProgressApi.Grid grid(long classId, @Nullable Long arrangementId) {
        Reach reach = permission.reach(classId);
        Marks.Work work = inOrder(seen(classWork.of(classId), reach));
        Instant now = classWork.now();
        Cells cells = new Cells(work, now);
        Map<StudentId, Roster.StudentName> names = roster.byId(classId);
        names.keySet().removeIf(id -> !reach.sees(id.value()));
        Map<StudentId, Marks.StudentMark> sums = marks.of(work, names.keySet(), now);
        Map<StudentId, ProgressRow> rows = new LinkedHashMap<>();
        names.forEach((id, name) -> rows.put(id, row(id, name, cells, work, sums.get(id))));
        return new ProgressApi.Grid(
                columnsOf(work, rows.values()),
                gathered(classId, arrangementId, rows, work.tasks().size()).stream()
                        .filter(group -> group.id() == null || reach.seesGroup(group.id()))
                        .toList(),
                work.settings().lowPercent(),
                reach.role().mayChange());
    }

    /** Who leads groups alone learns of no task but those of their students. */
    private static Marks.Work seen(Marks.Work work, Reach reach) {
        List<TaskForClass> tasks = work.tasks().stream()
                .filter(task -> reach.isWhole() || isOfAny(task, work, reach))
                .toList();
        return new Marks.Work(work.settings(), tasks, work.tries(), work.said());
    }

    private static boolean isOfAny(TaskForClass task, Marks.Work work, Reach reach) {
        return task.isForAnyOf(student -> reach.sees(student.value()))
                || work.tries().stream()
                        .anyMatch(each -> each.taskId() == task.taskId() && reach.sees(each.studentId()));
    }

    /** By the day on which they are due, then by when they open; without days in the order in which they were made. */
    private static Marks.Work inOrder(Marks.Work work) {
        Map<Long, Instant> due = new LinkedHashMap<>();
        work.tasks()
                .forEach(task -> due.put(
                        task.taskId(), task.firstDue().or(task::firstOpens).orElse(Instant.MAX)));
        List<TaskForClass> sorted = work.tasks().stream()
                .sorted(Comparator.comparing((TaskForClass task) -> due.get(task.taskId()))
                        .thenComparing(TaskForClass::taskId))
                .toList();
        return new Marks.Work(work.settings(), sorted, work.tries(), work.said());
    }

    private static ProgressRow row(
            StudentId id, Roster.StudentName name, Cells cells, Marks.Work work, Marks.StudentMark sum) {
        List<Cell> own = new ArrayList<>();
        for (int column = 0; column < work.tasks().size(); column++) {
            cells.of(column, id).ifPresent(own::add);
        }
        return new ProgressRow(
                id.value(),
                name.givenName(),
                name.familyName(),
                own,
                sum.mark().overall().isPresent() ? sum.mark().overall().getAsDouble() : null,
                (int) own.stream()
                        .filter(cell -> cell.state() == State.LATE || cell.state() == State.MISSED)
                        .count(),
                (int) own.stream().filter(cell -> cell.late() != null).count());
    }

    private List<TaskColumn> columnsOf(Marks.Work work, Collection<ProgressRow> rows) {
        List<List<Cell>> byColumn = byColumn(rows, work.tasks().size());
        List<TaskColumn> shown = new ArrayList<>();
        for (int i = 0; i < work.tasks().size(); i++) {
            TaskForClass task = work.tasks().get(i);
            List<Cell> cells = byColumn.get(i);
            double[] earned = earned(cells);
            boolean none = earned.length == 0;
            shown.add(new TaskColumn(
                    task.taskId(),
                    task.name(),
                    task.way(),
                    work.settings().of(task.taskId()).categoryId(),
                    school.local(task.firstOpens().orElse(null)),
                    school.local(task.firstDue().orElse(null)),
                    (int) cells.stream()
                            .filter(each -> each.state() == State.HANDED_IN)
                            .count(),
                    (int) cells.stream()
                            .filter(each -> each.state() != State.CONFLICT && each.state() != State.EXCUSED)
                            .count(),
                    (int) cells.stream().filter(each -> each.toMark() != null).count(),
                    none ? null : GroupFigures.medianOf(earned),
                    none ? null : earned[0],
                    none ? null : earned[earned.length - 1]));
        }
        return shown;
    }

    private static List<List<Cell>> byColumn(Collection<ProgressRow> rows, int columns) {
        List<List<Cell>> byColumn = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            byColumn.add(new ArrayList<>());
        }
        rows.forEach(
                row -> row.cells().forEach(cell -> byColumn.get(cell.column()).add(cell)));
        return byColumn;
    }

    private static double[] earned(List<Cell> cells) {
        return cells.stream()
                .filter(each -> each.state() == State.HANDED_IN)
                .map(Cell::earned)
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .sorted()
                .toArray();
    }

    private List<GroupRows> gathered(
            long classId, @Nullable Long arrangementId, Map<StudentId, ProgressRow> rows, int columns) {
        return arrangements.gathered(List.of(classId), arrangementId, rows.keySet()).stream()
                .map(group ->
                        group(group, group.students().stream().map(rows::get).toList(), columns))
                .toList();
    }

    private static GroupRows group(Arrangements.Gathered group, List<ProgressRow> members, int columns) {
        List<Median> medians = byColumn(members, columns).stream()
                .map(cells -> new Median(medianOf(earned(cells))))
                .toList();
        double[] marks = members.stream()
                .map(ProgressRow::mark)
                .filter(Objects::nonNull)
                .flatMapToDouble(DoubleStream::of)
                .sorted()
                .toArray();
        return new GroupRows(group.id(), group.name(), group.look(), members, medians, medianOf(marks));
    }

    private static @Nullable Double medianOf(double[] sorted) {
        return sorted.length == 0 ? null : GroupFigures.medianOf(sorted);
    }
}
