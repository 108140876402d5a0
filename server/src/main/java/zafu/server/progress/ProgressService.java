package zafu.server.progress;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.grouping.GroupFigures;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.attempt.Tries;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.progress.ProgressController.Cell;
import zafu.server.progress.ProgressController.GroupRows;
import zafu.server.progress.ProgressController.ProgressRow;
import zafu.server.progress.ProgressController.State;
import zafu.server.progress.ProgressController.TaskColumn;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks;
import zafu.server.task.Tasks.TaskForClass;

/** Puts the grid together: rows gathered by group, only what was given counts. Rule 6, progress of a task. */
@Service
class ProgressService {
    private final ClassPermission permission;
    private final Tasks tasks;
    private final Tries tries;
    private final Arrangements arrangements;
    private final Roster roster;
    private final SchoolSettings school;
    private final Clock clock;

    ProgressService(
            ClassPermission permission,
            Tasks tasks,
            Tries tries,
            Arrangements arrangements,
            Roster roster,
            SchoolSettings school,
            Clock clock) {
        this.permission = permission;
        this.tasks = tasks;
        this.tries = tries;
        this.arrangements = arrangements;
        this.roster = roster;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    ProgressController.Grid grid(long classId, @Nullable Long arrangementId) {
        permission.requireSee(classId);
        List<TaskForClass> columns = tasks.handedOut(classId);
        Map<Long, Map<Long, TryShown>> lastTries = lastTries(columns);
        Map<StudentId, ProgressRow> rows = new LinkedHashMap<>();
        roster.byId(classId).forEach((id, name) -> rows.put(id, row(id, name, columns, lastTries)));
        return new ProgressController.Grid(
                columnsOf(columns, rows), gathered(classId, arrangementId, rows, columns.size()));
    }

    /** Task id to student id to the try that shows: the last one begun. */
    private Map<Long, Map<Long, TryShown>> lastTries(List<TaskForClass> columns) {
        return tries.shown(columns.stream().map(TaskForClass::taskId).toList()).stream()
                .collect(Collectors.groupingBy(
                        TryShown::taskId, Collectors.toMap(TryShown::studentId, each -> each, (a, b) -> b)));
    }

    private ProgressRow row(
            StudentId id, Roster.StudentName name, List<TaskForClass> columns, Map<Long, Map<Long, TryShown>> tries) {
        List<Cell> cells = columns.stream()
                .map(task -> cell(
                        task, id, tries.getOrDefault(task.taskId(), Map.of()).get(id.value())))
                .toList();
        return new ProgressRow(id.value(), name.givenName(), name.familyName(), cells);
    }

    private Cell cell(TaskForClass task, StudentId student, @Nullable TryShown done) {
        Tasks.Given given = task.given().get(student);
        int questions = given == null ? 0 : given.questions().size();
        if (done != null && done.running()) {
            return new Cell(State.NOW, null, null, done.answered(), questions, false, done.id(), done.waiting());
        }
        if (done != null) {
            boolean late =
                    given != null && done.handedInAt() != null && given.terms().isOverdueAt(done.handedInAt());
            return new Cell(
                    State.HANDED_IN,
                    done.earned(),
                    done.possible(),
                    done.answered(),
                    questions,
                    late,
                    done.id(),
                    done.waiting());
        }
        if (given == null) {
            State state = task.conflicts().contains(student) ? State.CONFLICT : State.NOT_THEIRS;
            return new Cell(state, null, null, 0, 0, false, null, 0);
        }
        return new Cell(notStarted(given.terms()), null, null, 0, questions, false, null, 0);
    }

    private State notStarted(Terms.ForStudent terms) {
        Instant now = clock.instant();
        if (!terms.isOpenAt(now)) {
            return State.NOT_OPEN;
        }
        return terms.isOverdueAt(now) ? State.LATE : State.NOT_STARTED;
    }

    private List<TaskColumn> columnsOf(List<TaskForClass> columns, Map<StudentId, ProgressRow> rows) {
        List<TaskColumn> shown = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            TaskForClass task = columns.get(i);
            int column = i;
            List<State> states = rows.values().stream()
                    .map(row -> row.cells().get(column).state())
                    .toList();
            int handedIn = (int) states.stream().filter(State.HANDED_IN::equals).count();
            int covered = (int) states.stream()
                    .filter(state -> state != State.NOT_THEIRS && state != State.CONFLICT)
                    .count();
            shown.add(new TaskColumn(
                    task.taskId(),
                    task.name(),
                    school.local(earliest(task, true)),
                    school.local(earliest(task, false)),
                    handedIn,
                    covered));
        }
        return shown;
    }

    private static @Nullable Instant earliest(TaskForClass task, boolean opens) {
        return task.given().values().stream()
                .map(given -> (opens ? given.terms().opens() : given.terms().due()).orElse(null))
                .filter(Objects::nonNull)
                .min(Instant::compareTo)
                .orElse(null);
    }

    private List<GroupRows> gathered(
            long classId, @Nullable Long arrangementId, Map<StudentId, ProgressRow> rows, int columns) {
        Set<StudentId> left = new LinkedHashSet<>(rows.keySet());
        List<GroupRows> groups = new ArrayList<>();
        for (Arrangements.GroupWithMembers group : arrangements.ofClass(classId)) {
            if (Objects.equals(group.arrangementId(), arrangementId)) {
                List<ProgressRow> members = rows.entrySet().stream()
                        .filter(row -> group.members().contains(row.getKey()))
                        .map(Map.Entry::getValue)
                        .toList();
                left.removeAll(group.members());
                groups.add(new GroupRows(
                        group.id().value(), group.name(), group.look(), members, medians(members, columns)));
            }
        }
        if (!left.isEmpty()) {
            List<ProgressRow> others = left.stream().map(rows::get).toList();
            groups.add(new GroupRows(null, "", null, others, medians(others, columns)));
        }
        return groups;
    }

    private static List<ProgressController.Median> medians(List<ProgressRow> rows, int columns) {
        List<ProgressController.Median> medians = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            int column = i;
            double[] earned = rows.stream()
                    .map(row -> row.cells().get(column).earned())
                    .filter(Objects::nonNull)
                    .mapToDouble(Integer::doubleValue)
                    .sorted()
                    .toArray();
            medians.add(new ProgressController.Median(earned.length == 0 ? null : GroupFigures.medianOf(earned)));
        }
        return medians;
    }
}
