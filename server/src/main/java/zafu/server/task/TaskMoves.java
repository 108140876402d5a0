package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.schedule.SchoolCalendar;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;

/** Moves tasks in time: a whole week, a copy of it, a series step by step. Rule 4, stagger. */
@Component
public class TaskMoves {
    private final TaskRepository tasks;
    private final TaskVersionRepository versions;
    private final TaskAdjustmentRepository adjustments;
    private final TaskClassRepository otherClasses;
    private final TaskLoader loader;
    private final TaskCopies copies;
    private final TaskSteps steps;
    private final TriesSoFar tries;
    private final ClassPermission permission;
    private final SchoolSettings school;
    private final Clock clock;

    TaskMoves(
            TaskRepository tasks,
            TaskVersionRepository versions,
            TaskAdjustmentRepository adjustments,
            TaskClassRepository otherClasses,
            TaskLoader loader,
            TaskCopies copies,
            TaskSteps steps,
            TriesSoFar tries,
            ClassPermission permission,
            SchoolSettings school,
            Clock clock) {
        this.tasks = tasks;
        this.versions = versions;
        this.adjustments = adjustments;
        this.otherClasses = otherClasses;
        this.loader = loader;
        this.copies = copies;
        this.steps = steps;
        this.tries = tries;
        this.permission = permission;
        this.school = school;
        this.clock = clock;
    }

    /**
     * What a step did.
     *
     * @param stepId by which it is taken back; absent where there was nothing to do
     * @param done names of the tasks that it touched
     * @param left names of the tasks that stay as they are, because a student has begun them
     */
    public record Moved(@Nullable Long stepId, List<String> done, List<String> left) {}

    /** Moves every task that opens (or, without that, is due) in a week by whole weeks; begun tasks stay. */
    @Transactional
    public Moved moveWeek(long classId, LocalDate monday, int weeks) {
        permission.requireChange(classId);
        Set<Long> begun = begun(classId);
        List<Task> wanted = inWeek(classId, monday);
        List<Task> moving =
                wanted.stream().filter(task -> !begun.contains(task.id)).toList();
        Map<Task, TaskSnapshot> before = steps.before(moving);
        SchoolCalendar calendar = school.calendar();
        moving.forEach(task -> shift(task, moment -> calendar.plusWeeks(moment, weeks, school.zone())));
        return new Moved(
                moving.isEmpty() ? null : steps.taken(classId, "task.moved", before),
                names(moving),
                names(wanted.stream().filter(task -> begun.contains(task.id)).toList()));
    }

    /** Copies every task of a week as a draft that many weeks later. */
    @Transactional
    public Moved copyWeek(long classId, LocalDate monday, int weeks) {
        permission.requireChange(classId);
        SchoolCalendar calendar = school.calendar();
        List<Task> made = new ArrayList<>();
        for (Task task : inWeek(classId, monday)) {
            Task copy = copies.copy(task, clock.instant());
            shift(copy, moment -> calendar.plusWeeks(moment, weeks, school.zone()));
            made.add(copy);
        }
        Long step = made.isEmpty() ? null : steps.taken(classId, "task.copied", steps.beforeMaking(made));
        return new Moved(step, names(made), List.of());
    }

    /**
     * Lets tasks open one after the other: task i on the i·step-th teaching day after the first. Due and closes follow
     * by as many teaching days as opens was moved.
     *
     * @param first when the first one opens, on the school's clocks
     * @throws Refusal where the school year ends before the last one
     */
    @Transactional
    public Moved stagger(long classId, List<Long> taskIds, LocalDateTime first, int step) {
        permission.requireChange(classId);
        List<Task> wanted = taskIds.stream().map(loader::require).toList();
        wanted.forEach(task -> task.requireOf(classId));
        requireNotBegun(classId, wanted);
        Map<Task, TaskSnapshot> before = steps.before(wanted);
        long series = tasks.lastSeries().orElse(0L) + 1;
        for (int i = 0; i < wanted.size(); i++) {
            Task task = wanted.get(i);
            task.seriesId = series;
            TaskVersion base = base(task);
            Dates dates = dates(base.opensAt, base.dueAt, base.closesAt).openingAt(opensAt(first, i, step));
            base.opensAt = dates.opens();
            base.dueAt = dates.due();
            base.closesAt = dates.closes();
            versions.save(base);
        }
        return new Moved(steps.taken(classId, "task.staggered", before), names(wanted), List.of());
    }

    /** As {@link #stagger}, for the versions of one task that somebody gets, in their order. */
    @Transactional
    public Moved staggerVersions(long taskId, List<Long> versionIds, LocalDateTime first, int step) {
        Task task = loader.require(taskId);
        loader.classesOf(task).forEach(permission::requireChange);
        requireNotBegun(task.classId, List.of(task));
        Map<Task, TaskSnapshot> before = steps.before(List.of(task));
        Map<Long, TaskVersion> byId = new LinkedHashMap<>();
        versions.findByTaskIdInAndRemovedFalseOrderByTaskIdAscPlaceAsc(List.of(taskId))
                .forEach(version -> byId.put(version.id, version));
        TaskVersion base = base(task);
        Dates baseDates = dates(base.opensAt, base.dueAt, base.closesAt);
        for (int i = 0; i < versionIds.size(); i++) {
            TaskVersion version =
                    Optional.ofNullable(byId.get(versionIds.get(i))).orElseThrow(() -> Refusal.notFound("version"));
            Dates dates = baseDates.openingAt(opensAt(first, i, step));
            version.opensAt = dates.opens();
            version.dueAt = dates.due();
            version.closesAt = dates.closes();
            if (!version.isBase()) {
                Set<Field> own = version.overridden();
                own.addAll(Set.of(Field.OPENS, Field.DUE, Field.CLOSES));
                version.override(own);
            }
            versions.save(version);
        }
        return new Moved(steps.taken(task.classId, "task.staggered", before), List.of(task.name), List.of());
    }

    private void requireNotBegun(long classId, List<Task> wanted) {
        Set<Long> begun = begun(classId);
        wanted.stream().filter(task -> begun.contains(task.id)).findFirst().ifPresent(task -> {
            throw Refusal.conflict("begun", inWords("task.is-begun-by-a-student-already-its", "name", task.name));
        });
    }

    private Instant opensAt(LocalDateTime first, int place, int step) {
        LocalDate day = school.calendar()
                .staggered(first.toLocalDate(), place, step)
                .orElseThrow(() -> Refusal.unusable(
                        "year-ends", inWords("task.the-school-year-ends-before-number", "number", (place + 1))));
        return school.moment(day.atTime(first.toLocalTime()));
    }

    private TaskVersion base(Task task) {
        return versions.findByTaskIdInAndPlace(List.of(task.id), TaskVersion.BASE)
                .get(0);
    }

    private List<Task> inWeek(long classId, LocalDate monday) {
        return tasks.ofClass(classId).stream()
                .filter(task -> task.classId == classId && task.state != TaskState.TAKEN_BACK)
                .filter(task -> dayOf(task).filter(day -> isInWeek(day, monday)).isPresent())
                .toList();
    }

    private static boolean isInWeek(LocalDate day, LocalDate monday) {
        return !day.isBefore(monday) && day.isBefore(monday.plusDays(7));
    }

    private Optional<LocalDate> dayOf(Task task) {
        TaskVersion base = base(task);
        return Stream.of(base.opensAt, base.dueAt)
                .filter(Objects::nonNull)
                .findFirst()
                .map(moment -> LocalDate.ofInstant(moment, school.zone()));
    }

    private Set<Long> begun(long classId) {
        Set<Long> begun = new TreeSet<>();
        tries.of(tasks.ofClass(classId).stream().map(task -> task.id).toList())
                .forEach(each -> begun.add(each.taskId()));
        return begun;
    }

    private static List<String> names(List<Task> of) {
        return of.stream().map(task -> task.name).toList();
    }

    /** Every date of a task, of its versions, adjustments and classes. */
    private void shift(Task task, UnaryOperator<Instant> move) {
        versions.findByTaskIdInAndRemovedFalseOrderByTaskIdAscPlaceAsc(List.of(task.id))
                .forEach(version -> {
                    version.opensAt = moved(version.opensAt, move);
                    version.dueAt = moved(version.dueAt, move);
                    version.closesAt = moved(version.closesAt, move);
                });
        adjustments.findByTaskIdInOrderByTaskIdAscPlaceAsc(List.of(task.id)).forEach(each -> {
            each.opensAt = moved(each.opensAt, move);
            each.dueAt = moved(each.dueAt, move);
            each.closesAt = moved(each.closesAt, move);
        });
        otherClasses.findByTaskIdInOrderById(List.of(task.id)).forEach(each -> {
            each.opensAt = moved(each.opensAt, move);
            each.dueAt = moved(each.dueAt, move);
            each.closesAt = moved(each.closesAt, move);
        });
    }

    private static @Nullable Instant moved(@Nullable Instant moment, UnaryOperator<Instant> move) {
        return moment == null ? null : move.apply(moment);
    }

    private Dates dates(@Nullable Instant opens, @Nullable Instant due, @Nullable Instant closes) {
        return new Dates(opens, due, closes, school);
    }
}
